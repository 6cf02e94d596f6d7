import { NO_BARS, NOTHING_FOUND } from "../../src/core/measure/found.ts";
import { pence } from "../../src/core/money/pence.ts";
import { came, done, location, look, mm, ordered, type SheetJob, state, unit } from "./sheet-tells.ts";
import { LEANING, ORDER, ORDER_LINE } from "./told.ts";

/* Jobs of which something is ordered, has come, was cut or is set. */

export const JOBS_UNDER_WAY: readonly SheetJob[] = [
  {
    name: "an order under way, one side longer than worked out, readings moved since",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "impact");
      t.read(LEANING);
      t.read({ "rebate-depth": "11", "rebate-width": "19" });
      ordered(t, {}, "2026-05-28");
      t.tell(
        "order.acknowledged",
        { day: "2026-05-12", pence: pence(2650), due: "2026-05-29", theirs: "A 1", how: "telephone" },
        { order: ORDER },
      );
      t.read({ "width-top": "609", "width-bottom": "610", "width-middle": "609" });
      t.tell("look.closed", { how: "boarded", since: "2026-05-05", until: "2026-05-19", told: "the owner" });
    },
  },
  {
    name: "accepted a little small, taken out, ready, waiting for its primer",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "impact", { opens: "fixed" });
      t.read(LEANING);
      t.read({ "rebate-depth": "11", "rebate-width": "19" });
      ordered(t);
      came(t, "607.5", "899.5");
      t.tell("takeout.marks", { insideFace: "dot", topEdge: "arrow" });
      t.tell("takeout.sprigs", { found: 14 });
      done(t, "takeout", ["sheet", "mark", "score-paint", "face-putty", "sprigs", "lift-out", "bed-putty", "bag"]);
      t.tell("ready.dry-fit", { fit: "free", note: "" });
      done(t, "ready", ["clean", "sweep", "dry-fit", "prime"]);
    },
  },
  {
    name: "came too big and was sent back",
    system: "timber-bead",
    tell: (t) => {
      look(t, "cracked", "impact");
      t.read({ "width-middle": "612", "height-middle": "904", "rebate-depth": "10" });
      ordered(t);
      came(t, "611", "904", "sent-back");
      t.tell(
        "order.outcome",
        { line: ORDER_LINE.line, outcome: "remake", due: "2026-05-26", note: "their saw" },
        { order: ORDER },
      );
    },
  },
  {
    name: "set in putty a fortnight ago, painted, signed off",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "impact");
      t.read(LEANING);
      t.read({ "rebate-depth": "11", "rebate-width": "19" });
      ordered(t);
      came(t, "608", "900");
      t.tell("set.done", { day: "2026-05-04", compound: "linseed", sprigs: 14 });
      t.tell("set.material", { what: "linseed putty", batch: "L 22", expiry: "2027-01-01" });
      t.tell("finish.painted", { day: "2026-05-18" });
      t.tell("signoff.check", { item: "sight-line", good: true, note: "" });
      t.tell("signoff.snag", { snag: "s1", says: "a run in the paint", due: "2026-06-01", done: false });
      t.tell("signoff.signed", { day: "2026-05-19", told: true });
    },
  },
  {
    name: "unit set with beads and gasket, latched until its silicone cures",
    system: "plastic-bead-outside",
    tell: (t) => {
      look(t, "misted", "water", { kind: "sealed", opens: "top-hung" });
      t.read({ "width-middle": "612", "height-middle": "904", "rebate-depth": "15", "unit-thickness": "24" });
      t.tell("specify.bed", { compound: "tape-and-sealant" });
      ordered(t, { thicknessNm: 24_000_000, ...unit([4, 4], [16]) });
      came(t, "608", "900");
      t.tell("takeout.map", {
        item: "p1",
        thing: "packer",
        edge: "bottom",
        share: 0.2,
        thickness: mm("5"),
        width: mm("28"),
        material: "blue",
      });
      t.tell("takeout.broken", { beads: ["left"] });
      t.tell("ready.drains", { found: 2, clear: 1, sleeved: 0, note: "one is painted shut" });
      t.tell("set.done", { day: "2026-05-20", compound: "tape-and-sealant", sprigs: null });
    },
  },
  {
    name: "glass cut down from a sheet on the rack",
    system: "timber-putty",
    tell: (t) => {
      look(t, "gone", "hail");
      t.read({ "width-middle": "500", "height-middle": "700", "rebate-depth": "10", "rebate-width": "16" });
      t.tell("order.had", { from: "rack", width: mm("497"), height: mm("696"), cuts: 2, note: "Rack A" });
    },
  },
  {
    name: "boarded until next week, order late, no word from them",
    system: "timber-bead",
    tell: (t) => {
      look(t, "gone", "break-in", { opens: "fixed" });
      t.tell("look.urgency", { urgency: "open-hole" });
      t.tell("look.closed", { how: "boarded", since: "2026-05-14", until: "2026-05-27", told: "the tenant" });
      t.tell("look.wants", { by: "2026-05-26", mustLock: true, minds: "noise" });
      t.read({ "width-middle": "820", "height-middle": "1150", "rebate-depth": "14", "rebate-width": "24" });
      state(t, "cleared");
      t.tell("specify.glass", { kind: "laminated", thickness: mm("6.4"), edges: "as cut", pattern: "" });
      location(t, { walkway: true, noDoorMm: 3000 });
      t.read({ "sill-height": "900" });
      ordered(t, { glass: "laminated", thicknessNm: 6_400_000 }, "2026-05-18");
    },
  },
  {
    name: "three sheets, coated twice, in a turning plastic sash, ordered and in the van",
    system: "plastic-bead-inside",
    tell: (t) => {
      look(t, "misted", "water", { kind: "sealed", opens: "bottom-hung" });
      t.read({ ...LEANING, "rebate-depth": "18", "unit-thickness": "36" });
      state(t, "cleared");
      t.tell("measure.bars", NO_BARS);
      t.tell("measure.coating", { coated: "no", face: null, how: "" });
      t.tell(
        "specify.makeup",
        unit([4, 4, 4], [12, 12], {
          spacer: "warm edge, grey",
          coatings: [
            { face: 2, emissivity: 0.05 },
            { face: 5, emissivity: 0.05 },
          ],
        }),
      );
      t.tell("specify.parts", { parts: ["packers", "gasket"], note: "black gasket" });
      t.tell("order.stood-by", { ids: ["safety"], reason: "high up" });
      ordered(t, { thicknessNm: 36_000_000, ...unit([4, 4, 4], [12, 12]) }, "2026-05-20");
      t.tell("order.arrived", { day: "2026-05-20" }, { order: ORDER });
    },
  },
  {
    name: "set in linseed last month, nobody painted, the window past",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "nail");
      t.read(LEANING);
      t.read({ "rebate-depth": "11", "rebate-width": "19" });
      ordered(t);
      came(t, "608", "900");
      done(t, "takeout", ["sheet", "tape-glass"]);
      t.tell("step.marked", { station: "takeout", step: "mark", state: "skipped", reason: "no marks wanted" });
      t.tell("set.done", { day: "2026-04-10", compound: "linseed", sprigs: 14 });
      t.tell("finish.visit", { day: "2026-05-29", visit: "paint" });
    },
  },
  {
    name: "a hung sash goes double, leaning, ordered by the plan in inches, routed and not read yet",
    system: "timber-putty",
    unit: "in",
    tell: (t) => {
      look(t, "cracked", "wish");
      t.tell("look.option", { option: "double", reason: "she wants it warm" });
      t.tell("measure.found", { ...NOTHING_FOUND, hinge: "hung" });
      const inches = {
        "width-top": "23 3/8",
        "width-middle": "23 5/16",
        "width-bottom": "23 7/16",
        "height-left": "33 1/16",
        "height-middle": "33",
        "height-right": "33 1/8",
        "diagonal-up": "40 7/16",
        "diagonal-down": "40 19/32",
        "rebate-depth": "3/8",
        "rebate-width": "15/16",
        "timber-thickness": "1 3/4",
        "member-face": "2",
      };
      t.read(inches, "in");
      state(t, "cleared");
      const slim = unit([3.175, 3.175], [9.525]);
      t.tell("specify.makeup", slim);
      t.tell("specify.bed", { compound: "silicone" });
      t.tell("specify.sash", { position: "lower", sashKg: null });
      ordered(t, { ...slim, widthNm: 603_000_000, heightNm: 849_000_000, thicknessNm: 15_875_000 }, "2026-06-01");
      done(t, "ready", ["clean", "rout"]);
    },
  },
  {
    name: "a storm pane shattered, copied, out of the rack and cut down",
    system: "in-front",
    tell: (t) => {
      look(t, "standing", "impact");
      t.tell("measure.way", { way: "old-unit" });
      t.tell("measure.sits", { sits: "easy" });
      t.read({ "old-width": "748", "old-height": "1136", "sill-height": "900" });
      location(t, { noDoorMm: 300 });
      state(t, "beads-off");
      t.tell("specify.glass", { kind: "float", thickness: mm("4"), edges: "arrissed", pattern: "" });
      t.tell("order.had", {
        from: "rack",
        width: mm("748"),
        height: mm("1136"),
        thickness: mm("4"),
        cuts: 2,
        note: "760 × 1150 mm",
      });
    },
  },
];
