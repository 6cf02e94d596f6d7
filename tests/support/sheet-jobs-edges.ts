import { NO_BARS, NOTHING_FOUND } from "../../src/core/measure/found.ts";
import { came, done, location, look, mm, ordered, type SheetJob, state, unit } from "./sheet-tells.ts";
import { ORDER, ORDER_LINE, SQUARE } from "./told.ts";

/* Jobs that stand at the edge of a rule, or where somebody did what few do. */

export const EDGE_JOBS: readonly SheetJob[] = [
  {
    name: "set in linseed, a painter's day agreed, wanted by a day",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "impact");
      t.read(SQUARE);
      t.read({ "rebate-depth": "11", "rebate-width": "19" });
      t.tell("look.wants", { by: "2026-05-30", mustLock: true, minds: "date" });
      ordered(t);
      came(t, "597", "897");
      t.tell("set.done", { day: "2026-05-18", compound: "linseed", sprigs: 14 });
      t.tell("finish.visit", { day: "2026-05-29", visit: "paint" });
      done(t, "finish", ["sight-line", "sill-clean", "clean"]);
    },
  },
  {
    name: "set in silicone yesterday, told of the day before, still shut",
    system: "timber-bead",
    tell: (t) => {
      look(t, "cracked", "impact", { opens: "hinged" });
      t.read(SQUARE);
      t.read({ "rebate-depth": "12", "rebate-width": "20", "bead-width": "10" });
      t.tell("plan.told", { part: "fit", day: "2026-05-18", says: "in the morning" });
      ordered(t);
      came(t, "597", "897");
      t.tell("set.done", { day: "2026-05-19", compound: "silicone", sprigs: null });
      done(t, "finish", ["surplus", "unmask"]);
    },
  },
  {
    name: "drains on the map of a plastic frame, one read, one not, one in a side",
    system: "plastic-bead-inside",
    tell: (t) => {
      look(t, "misted", "water", { kind: "sealed", opens: "hinged" });
      t.tell("measure.way", { way: "old-unit" });
      t.read({ "old-width": "598", "old-height": "890", "unit-thickness": "24" });
      t.tell("measure.sits", { sits: "easy" });
      state(t, "beads-off");
      for (const [item, edge, share, width] of [
        ["d1", "bottom", 0.25, mm("30")],
        ["d2", "bottom", 0.9, null],
        ["d3", "left", 0.5, null],
      ] as const)
        t.tell("takeout.map", { item, thing: "drain", edge, share, thickness: null, width, material: "" });
      t.tell("ready.drains", { found: 3, clear: 3, sleeved: 1, note: "" });
      t.tell("measure.coating", { coated: "no", face: null, how: "paper" });
    },
  },
  {
    name: "a unit chosen thicker than was read, and stood by",
    system: "plastic-bead-outside",
    tell: (t) => {
      look(t, "misted", "water", { kind: "sealed", opens: "fixed" });
      t.read({ ...SQUARE, "rebate-depth": "16", "unit-thickness": "24" });
      state(t, "beads-off");
      t.tell("measure.bars", NO_BARS);
      t.tell("specify.makeup", unit([4, 4], [20], { spacer: "warm edge, black" }));
      location(t, { noDoorMm: 3000 });
      t.read({ "sill-height": "1000" });
      t.tell("order.stood-by", { ids: ["thickness"], reason: "wider beads are here" });
    },
  },
  {
    name: "too little timber stays where a pane in putty goes double",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "wish");
      t.tell("look.option", { option: "double", reason: "" });
      t.read(SQUARE);
      t.read({ "rebate-depth": "10", "rebate-width": "16", "timber-thickness": "34", "member-face": "42" });
      state(t, "cleared");
      t.tell("specify.makeup", unit([4, 4], [12]));
    },
  },
  {
    name: "a reading that strays and was stood by, one that was read again",
    system: "timber-bead",
    tell: (t) => {
      look(t, "cracked", "impact");
      t.read({ ...SQUARE, "width-middle": "625", "rebate-depth": "12" });
      t.tell("measure.stood-by", { place: "width-middle", text: "625" });
      t.tell("measure.again", { place: "height-left", ...mm("901") });
      state(t, "cleared");
    },
  },
  {
    name: "read back, asked, promised anew, and theirs comes larger",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "nail");
      t.read(SQUARE);
      t.read({ "rebate-depth": "11", "rebate-width": "19" });
      t.tell("look.wants", { by: "2026-06-02", mustLock: false, minds: "" });
      ordered(t, { widthNm: 597_000_000, heightNm: 897_000_000, theirsLargerNm: { width: 1_000_000, height: 0 } });
      t.tell("order.read-back", { line: ORDER_LINE.line, figures: ["width", "height"] }, { order: ORDER });
      t.tell("order.asked", { question: "q1", line: ORDER_LINE.line, asks: "arrissed?" }, { order: ORDER });
      t.tell("order.answered", { question: "q1", answer: "yes" }, { order: ORDER });
      t.tell("order.promised", { due: "2026-05-25", note: "their van" }, { order: ORDER });
    },
  },
  {
    name: "by its opening on the order, the cutter takes off",
    system: "timber-bead",
    tell: (t) => {
      look(t, "gone", "impact");
      t.read(SQUARE);
      t.read({ "rebate-depth": "12" });
      state(t, "cleared");
      t.tell("size.basis", { basis: "opening" });
      t.tell("look.closed", { how: "boarded", since: "2026-05-18", until: "2026-05-27", told: "the owner" });
      ordered(
        t,
        {
          widthNm: 597_000_000,
          heightNm: 897_000_000,
          basis: "opening",
          allowanceNm: { width: 3_000_000, height: 3_000_000 },
        },
        "2026-05-26",
      );
    },
  },
  {
    name: "corners of beads that cannot all be so, of glass that is to be cut here",
    system: "pinned-stop",
    tell: (t) => {
      look(t, "cracked", "impact");
      t.read({ "width-middle": "560", "height-middle": "850", "rebate-depth": "10", "rebate-width": "14" });
      t.read({ "bead-width": "8" });
      state(t, "cleared");
      t.tell("look.wants", { by: "2026-05-28", mustLock: false, minds: "" });
      t.tell("order.cut-here", { here: true });
      t.tell("takeout.joints", {
        school: "longest",
        joints: {
          "bottom-left": { kind: "runs", side: "bottom" },
          "bottom-right": { kind: "runs", side: "right" },
          "top-right": { kind: "runs", side: "top" },
          "top-left": { kind: "runs", side: "left" },
        },
      });
      done(t, "takeout", ["sheet", "tape-glass"]);
      t.tell("specify.bed", { compound: "tape" });
    },
  },
  {
    name: "an arched head with no template yet, and its curve read",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "impact");
      t.tell("measure.shape", { shape: "arched" });
      t.read({ "width-bottom": "600", "width-middle": "601" });
      t.read({ "height-left": "500", "height-right": "501", "height-middle": "700", "rebate-depth": "12" });
      state(t, "cleared");
    },
  },
  {
    name: "metal and nobody said what holds it; hung, with scales",
    system: "metal-frame",
    tell: (t) => {
      look(t, "cracked", "impact");
      t.tell("measure.found", { ...NOTHING_FOUND, hinge: "hung" });
      t.read(SQUARE);
      t.read({ "rebate-depth": "8" });
      t.tell("specify.sash", { position: "lower", sashKg: 14 });
      t.tell("specify.glass", { kind: "toughened", thickness: mm("6"), edges: "arrissed", pattern: "" });
      t.tell("look.earlier", { found: ["silicone-over"] });
    },
  },
];
