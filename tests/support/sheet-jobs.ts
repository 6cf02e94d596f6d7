import type { System } from "../../src/core/frame/systems.ts";
import type { LengthUnit } from "../../src/core/units/length.ts";
import { LEANING, ORDER, ORDER_LINE, PANE, type Teller } from "./told.ts";

/* Jobs as a round brings them, each from another frame, way of measuring, unit and hour of its life. */

export type SheetJob = {
  readonly name: string;
  readonly system: System;
  readonly unit?: LengthUnit;
  readonly tell: (t: Teller) => void;
};

const mm = (text: string) => ({ text, unit: "mm" as const });
const look = (t: Teller, damage: string, cause: string, all: Readonly<Record<string, string>> = {}) => {
  t.tell("look.damage", { damage: [damage] } as never);
  t.tell("look.cause", { cause } as never);
  for (const [question, answer] of Object.entries(all)) t.tell("look.answer", { question, answer } as never);
};
const state = (t: Teller, of: "guess" | "first-visit" | "beads-off" | "cleared") =>
  void t.tell("measure.circumstance", { state: of });
const location = (
  t: Teller,
  of: Partial<Record<"inDoor" | "wetRoom" | "stairs" | "walkway", boolean>> & { readonly noDoorMm?: number },
) => void t.tell("specify.location", { inDoor: false, wetRoom: false, stairs: false, walkway: false, ...of });
const unit = (panes: readonly number[], cavities: readonly number[], more: object = {}) => ({
  makeup: {
    panes: panes.map((x) => ({ mm: x, kind: "float" as const })),
    cavities: cavities.map((x) => ({ mm: x, gas: "air" as const, fill: 1 })),
    coatings: [],
    spacer: "",
    ...more,
  },
});
const ordered = (t: Teller, line: object = {}, due = "2026-05-18") => {
  t.tell("order.opened", { supplier: "Fen End", reference: "R 7" }, { order: ORDER });
  t.tell("order.line", { ...ORDER_LINE, ...line } as never, { order: ORDER, pane: PANE });
  t.tell("order.sent", { day: "2026-05-11", due }, { order: ORDER });
};
const came = (t: Teller, width: string, height: string, verdict: "accepted" | "sent-back" = "accepted") => {
  t.tell("order.arrived", { day: "2026-05-18" }, { order: ORDER });
  t.tell(
    "order.checked",
    { line: ORDER_LINE.line, width: mm(width), height: mm(height), verdict, reason: "" },
    { order: ORDER },
  );
};
const done = (t: Teller, station: "takeout" | "ready" | "set" | "finish", steps: readonly string[]) => {
  for (const step of steps) t.tell("step.marked", { station, step, state: "done", reason: "" });
};

export const SHEET_JOBS: readonly SheetJob[] = [
  {
    name: "leaning sash in putty, eight readings, cleared",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "impact", { kind: "single", near: "cracked", opens: "hung", bed: "dry-falling" });
      t.read({ ...LEANING, "rebate-depth": "11", "rebate-width": "19" });
      state(t, "cleared");
      location(t, { noDoorMm: 2500 });
      t.read({ "sill-height": "750" });
      t.tell("specify.bed", { compound: "linseed" });
      t.tell("specify.exposure", { exposure: "town" });
    },
  },
  {
    name: "two readings on the first visit, glass still in",
    system: "timber-putty",
    tell: (t) => {
      look(t, "putty-falling", "water");
      t.read({ "width-middle": "455", "height-middle": "620" });
      state(t, "first-visit");
      t.tell("look.building", { year: 1931, storey: 2 });
    },
  },
  {
    name: "through standing glass by the cover guessed, steel",
    system: "metal-frame",
    tell: (t) => {
      look(t, "cracked", "heat", { crack: "from-edge", close: "blind" });
      t.tell("measure.way", { way: "through-glass" });
      t.read({ "sight-width": "402", "sight-height": "611", "rebate-depth": "9" });
    },
  },
  {
    name: "old unit copied in inches, packed by an eighth, plastic sash hinged right",
    system: "plastic-bead-inside",
    unit: "in",
    tell: (t) => {
      look(t, "misted", "water", { kind: "sealed", opens: "hinge-right", water: "stands" });
      t.tell("measure.way", { way: "old-unit" });
      t.read({ "old-width": "19 11/16", "old-height": "38 1/2", "old-packed": "1/8" }, "in");
      t.read({ "unit-thickness": "7/8", "rebate-depth": "11/16" }, "in");
      t.tell("measure.sits", { sits: "packed" });
      t.tell("specify.makeup", unit([3.175, 3.175], [15.875]));
      t.tell("measure.bars", {
        uprights: 1,
        crosses: 2,
        width: { text: "11/16", unit: "in" },
        colour: "white",
        kind: "flat",
        spacing: "even",
        given: "",
      });
      t.tell("measure.coating", { coated: "yes", face: 2, how: "two flames differ" });
    },
  },
  {
    name: "old pane was tight, and a heavier one is wanted",
    system: "timber-bead",
    tell: (t) => {
      look(t, "cracked", "twist");
      t.tell("measure.way", { way: "old-unit" });
      t.read({ "old-width": "512", "old-height": "874", "old-thickness": "4" });
      t.tell("measure.sits", { sits: "tight" });
      t.tell("specify.glass", {
        kind: "laminated",
        thickness: mm("6.4"),
        edges: "polished",
        pattern: "",
      });
      location(t, { inDoor: true });
      t.read({ "sill-height": "300" });
    },
  },
  {
    name: "bathroom beside a bath, patterned, texture to the room",
    system: "timber-bead",
    tell: (t) => {
      look(t, "holed", "impact");
      t.read({ "width-top": "498", "width-bottom": "497", "height-left": "701", "height-right": "702" });
      t.read({ "rebate-depth": "12", "rebate-width": "22", "bead-width": "14", "sill-height": "640" });
      state(t, "beads-off");
      location(t, { wetRoom: true });
      t.tell("specify.glass", { kind: "patterned", thickness: mm("4"), edges: "arrissed", pattern: "reeded" });
      t.tell("specify.looks", {
        tint: "",
        runs: "up",
        texture: "room",
        mark: "",
        markAt: "bottom-right",
      });
      t.tell("specify.bed", { compound: "silicone" });
    },
  },
  {
    name: "single to double in putty, routed, laminated inside",
    system: "timber-putty",
    tell: (t) => {
      look(t, "looks", "wish");
      t.tell("look.option", { option: "double", reason: "they asked for it" });
      t.read({ "width-top": "600", "width-bottom": "600", "height-left": "900", "height-right": "900" });
      t.read({ "rebate-depth": "9", "rebate-width": "16", "timber-thickness": "45", "member-face": "48" });
      t.tell("specify.makeup", unit([4, 4], [10], { coatings: [{ face: 3, emissivity: 0.04 }] }));
      t.tell("specify.sash", { position: "lower", sashKg: 6.5 });
      state(t, "cleared");
    },
  },
  {
    name: "shop front light of a big sash, hinged left, heavy, upstairs",
    system: "plastic-bead-inside",
    tell: (t) => {
      look(t, "standing", "break-in", { kind: "sealed", opens: "hinge-left" });
      t.read({ "width-middle": "1180", "height-middle": "2040", "rebate-depth": "16", "unit-thickness": "28" });
      t.tell("look.building", { year: 2004, storey: 1 });
      t.tell("specify.makeup", unit([6, 6], [16], { spacer: "warm edge, black" }));
      t.tell("specify.hinges", { sashKg: 70, ratedKg: 100, apartMm: 1900 });
      t.tell("specify.exposure", { exposure: "coast" });
      state(t, "beads-off");
    },
  },
  {
    name: "door insert by its outside, on the firm's list",
    system: "cassette",
    tell: (t) => {
      look(t, "cracked", "impact", { kind: "sealed" });
      t.tell("measure.way", { way: "insert-outside" });
      t.read({ "insert-outside-width": "459", "insert-outside-height": "913", "door-thickness": "44" });
      t.tell("specify.insert", { safety: true });
      t.tell("takeout.counted", { what: "screws", way: "out", count: 14 });
    },
  },
  {
    name: "cassette whose glass alone is changed, held by screws alone",
    system: "cassette",
    tell: (t) => {
      look(t, "misted", "water", { kind: "sealed" });
      t.read({ "width-middle": "520", "height-middle": "610", "rebate-depth": "14", "unit-thickness": "24" });
      t.tell("takeout.detail", { halves: "loose", where: "bench" });
    },
  },
  {
    name: "new sash over the old one",
    system: "plastic-no-bead",
    tell: (t) => {
      look(t, "cracked", "shock");
      t.tell("look.opens", { opens: false });
      t.tell("look.option", { option: "sash", reason: "it cannot be opened" });
      t.tell("measure.way", { way: "sash-outside" });
      t.read({ "sash-outside-width": "640", "sash-outside-height": "980" });
    },
  },
  {
    name: "whole window from the hole in the wall",
    system: "timber-putty",
    tell: (t) => {
      look(t, "rotten", "water");
      t.tell("look.condition", { member: "bottom", state: "not-worth", fault: "rot", note: "through" });
      t.tell("look.option", { option: "window", reason: "" });
      t.tell("measure.way", { way: "window-hole" });
      t.read({ "window-hole-width": "1210", "window-hole-height": "1050" });
    },
  },
  {
    name: "rotten foot, jointed anew, putty, child's room on a stair",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "twist", { bed: "rotten", opens: "hinge-left", "head-gap": "handle-down" });
      t.tell("look.condition", { member: "bottom", state: "mend", fault: "rot", note: "" });
      t.tell("look.condition", { member: "left", state: "mend", fault: "joint", note: "" });
      t.tell("look.earlier", { found: ["odd-packers", "drilled-bead"] } as never);
      t.read({ "width-middle": "610", "height-middle": "905", "rebate-depth": "8", "rebate-width": "15" });
      t.read({ "head-gap-hinge": "3", "head-gap-handle": "8", "sill-height": "500" });
      location(t, { stairs: true });
      t.tell("ready.dry-fit", { fit: "tight", note: "at the foot" });
    },
  },
  {
    name: "out of square beyond a rectangle: cut to its shape",
    system: "timber-putty",
    tell: (t) => {
      look(t, "gone", "hail");
      t.read({ "width-top": "600", "width-bottom": "606", "height-left": "900", "height-right": "893" });
      t.read({ "diagonal-up": "1074", "diagonal-down": "1092", "rebate-depth": "6", "rebate-width": "14" });
      state(t, "cleared");
      t.tell("size.shaped", {
        corners: [
          { x: 0, y: 0 },
          { x: 602_000_000, y: 0 },
          { x: 594_000_000, y: 889_000_000 },
          { x: -3_000_000, y: 896_000_000 },
        ],
        reason: "no rectangle covers",
      });
    },
  },
  {
    name: "readings that contradict each other",
    system: "timber-bead",
    tell: (t) => {
      t.read({ "width-top": "612", "width-middle": "637.4", "width-bottom": "613" });
      t.read({ "height-left": "904", "height-middle": "94", "height-right": "903", "rebate-depth": "10" });
    },
  },
  {
    name: "own deduction, sizes overruled by hand",
    system: "timber-bead",
    tell: (t) => {
      look(t, "cracked", "nail");
      t.read({ "width-middle": "700", "height-middle": "1100", "rebate-depth": "13", "rebate-width": "20" });
      t.tell("size.rule", { school: "own", off: mm("4"), offHeight: mm("6"), grid: "0.5 mm", hold: "sill" });
      t.tell("size.overruled", { width: mm("694"), height: mm("1092"), reason: "as its twin" });
      t.tell("size.basis", { basis: "opening" });
      t.tell("size.risk-taken", { state: "guess", reason: "boarded, nobody can wait" });
    },
  },
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
        { day: "2026-05-12", pence: 2650, due: "2026-05-29", theirs: "A 1", how: "telephone" },
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
    name: "compression mouldings in a steel door, kept, one face in reach",
    system: "compression-moulding",
    tell: (t) => {
      look(t, "misted", "unknown", { kind: "sealed", opens: "fixed" });
      t.tell("takeout.detail", { reach: "outside", flex: "brittle", keep: "destroy" } as never);
      t.read({ "width-middle": "400", "height-middle": "1500", "rebate-depth": "12", "unit-thickness": "20" });
      location(t, { inDoor: true, walkway: true });
    },
  },
  {
    name: "pinned stop with nails from behind, quarter inch glass",
    system: "pinned-stop",
    unit: "in",
    tell: (t) => {
      look(t, "cracked", "heat", { kind: "sealed", close: "heater" });
      t.tell("takeout.detail", { fixing: "behind-nails" });
      t.read({ "width-middle": "30", "height-middle": "42 1/4", "rebate-depth": "1/2", "unit-thickness": "3/4" }, "in");
      t.tell("takeout.joints", {
        joints: { "bottom-left": "left", "top-left": "mitre" } as never,
        school: "long-first" as never,
      });
    },
  },
  {
    name: "a pane in front of the old one, patterned panel two thin",
    system: "in-front",
    tell: (t) => {
      look(t, "wrong-glass", "wish");
      t.read({ "width-middle": "350", "height-middle": "550", "rebate-depth": "10", "rebate-width": "12" });
      t.tell("specify.panel", { panel: { make: "two-thin", mm: 4, lineMm: 120, neighbourMm: 122 } });
      t.tell("specify.match", { answer: "will-show", note: "" });
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
    name: "a hung upper sash, balance, laminated against noise, in inches",
    system: "timber-putty",
    unit: "in",
    tell: (t) => {
      look(t, "cracked", "impact", { opens: "hung" });
      t.read(
        { "width-top": "27 1/2", "width-bottom": "27 9/16", "height-left": "22", "height-right": "22 1/16" },
        "in",
      );
      t.read({ "rebate-depth": "3/8", "rebate-width": "5/8" }, "in");
      t.tell("specify.sash", { position: "upper", sashKg: 9 });
      t.tell("specify.glass", {
        kind: "laminated",
        thickness: { text: "1/4", unit: "in" },
        edges: "arrissed",
        pattern: "",
      });
      t.tell("specify.sun", { partShade: true, darkFrame: true });
    },
  },
  {
    name: "misted unit dried and closed again",
    system: "plastic-bead-inside",
    tell: (t) => {
      look(t, "misted", "water", { kind: "sealed", mist: "stays" });
      t.tell("look.option", { option: "refurbish", reason: "" });
      t.read({ "old-width": "500", "old-height": "800", "unit-thickness": "20" });
      t.tell("refurbish.gaps", { left: 5, right: 5, top: 6, bottom: null });
      t.tell("refurbish.unit", { spacerMm: 12, boreMm2: 40, channelMm: 5, filledSides: 2, keyLegMm: 30 } as never);
      t.tell("refurbish.weighed", { grams: 120, minutes: 20 });
    },
  },
  {
    name: "no one knows yet how it is held",
    system: "timber-putty",
    tell: (t) => {
      t.tell("look.urgency", { urgency: "today" });
      t.tell("look.special", { special: ["fire"], licensed: "" });
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
    name: "open hole, nothing closed, nobody has been",
    system: "timber-putty",
    tell: (t) => {
      look(t, "gone", "impact");
      t.tell("look.urgency", { urgency: "open-hole" });
      t.tell("look.building", { year: 1965, storey: 0 });
    },
  },
  {
    name: "twisted opening read on both faces, sides of unlike depth",
    system: "timber-bead",
    tell: (t) => {
      look(t, "cracked", "twist", { opens: "hinge-right", "head-gap": "hinge-down" });
      t.read(LEANING);
      t.read({
        "back-width-top": "614",
        "back-width-bottom": "612",
        "back-height-left": "902",
        "back-height-right": "905",
      } as never);
      t.read({ "depth-left": "9", "depth-right": "12", "depth-bottom": "14", "depth-top": "10", "rebate-width": "21" });
      t.read({ lip: "4", "bed-under": "3", "bead-width": "12", "bead-sanded": "0.5" } as never);
      t.read({ "slip-stop": "1", "slip-far": "2", "slip-near": "1.5" } as never);
      state(t, "beads-off");
    },
  },
  {
    name: "own deduction greater than the opening",
    system: "timber-bead",
    tell: (t) => {
      t.read({ "width-middle": "60", "height-middle": "40", "rebate-depth": "8" });
      t.tell("size.rule", { school: "own", off: mm("80"), grid: "1 mm" });
    },
  },
  {
    name: "old pane rattled: copied loose, in inches",
    system: "timber-putty",
    unit: "in",
    tell: (t) => {
      look(t, "rattling", "packing", { moves: "rattles", kind: "single" });
      t.tell("measure.way", { way: "old-unit" });
      t.read({ "old-width": "21 7/16", "old-height": "33", "old-thickness": "1/8", "rebate-depth": "7/16" }, "in");
      t.tell("measure.sits", { sits: "loose" });
      t.tell("specify.glass", {
        kind: "float",
        thickness: { text: "1/8", unit: "in" },
        edges: "arrissed",
        pattern: "",
        offcut: true,
      });
    },
  },
  {
    name: "insert read inside, door too thick for the list",
    system: "cassette",
    unit: "in",
    tell: (t) => {
      look(t, "cracked", "break-in", { kind: "sealed" });
      t.tell("measure.way", { way: "insert-inside" });
      t.read({ "insert-inside-width": "16", "insert-inside-height": "33 15/16", "door-thickness": "2" }, "in");
    },
  },
  {
    name: "storm pane off, blind within, upstairs, painted before lead was banned",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "heat", { close: "blind", crack: "from-edge", stamp: "none" });
      t.tell("look.building", { year: 1924, storey: 1 });
      t.tell("takeout.front", {
        front: [
          { what: "storm-pane", fate: "back", kept: "in the hall" },
          { what: "blind", fate: "thrown", kept: "" },
        ],
      });
      t.tell("takeout.detail", { old: "hard", paint: "thick", lost: "some", reach: "inside" });
      t.read({ "width-middle": "700", "height-middle": "1000", "rebate-depth": "10", "rebate-width": "17" });
      t.tell("specify.sun", { partShade: true, darkFrame: true });
      t.tell("specify.sash", { position: "lower", sashKg: 12 });
      t.tell("hands.booked", { day: "2026-05-22", from: "09:00", hours: 2, helper: "Osric" });
    },
  },
  {
    name: "toughened by a stair, shaped hole of two sides raking, to be made",
    system: "metal-frame",
    tell: (t) => {
      look(t, "standing", "impact");
      t.tell("takeout.detail", { metal: "beads" });
      t.read({ "width-top": "900", "width-bottom": "902", "height-left": "1200", "height-right": "1201" });
      t.read({ "diagonal-up": "1501", "diagonal-down": "1502", "rebate-depth": "18", "unit-thickness": "6" });
      location(t, { stairs: true });
      t.tell("specify.glass", { kind: "toughened", thickness: mm("6"), edges: "polished", pattern: "" });
      t.tell("specify.looks", {
        tint: "grey",
        runs: "neither",
        texture: "not-said",
        mark: "stamp",
        markAt: "top-left",
      });
      state(t, "cleared");
    },
  },
  {
    name: "three sheets, coated twice, in a turning plastic sash, ordered and in the van",
    system: "plastic-bead-inside",
    tell: (t) => {
      look(t, "misted", "water", { kind: "sealed", opens: "bottom-hung" });
      t.read({ ...LEANING, "rebate-depth": "18", "unit-thickness": "36" });
      state(t, "cleared");
      t.tell("measure.bars", {
        uprights: 0,
        crosses: 0,
        width: null,
        colour: "white",
        kind: "flat",
        spacing: "even",
        given: "",
      });
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
    name: "plastic without beads, sash down on the bench, its unit copied tight",
    system: "plastic-no-bead",
    tell: (t) => {
      look(t, "misted", "water", { kind: "sealed", opens: "slides" });
      t.tell("takeout.detail", { where: "bench" });
      t.tell("measure.way", { way: "old-unit" });
      t.read({ "old-width": "455", "old-height": "903", "unit-thickness": "14", "rebate-depth": "15" });
      t.tell("measure.sits", { sits: "easy" });
      t.tell("specify.makeup", unit([3, 3], [8], { spacer: "aluminium, silver" }));
      t.tell("takeout.counted", { what: "screws", way: "out", count: 8 });
      t.tell("takeout.counted", { what: "screws", way: "back", count: 7 });
    },
  },
  {
    name: "bonded bead in the room, void filled, brittle beads cut away",
    system: "plastic-bead-inside-bonded",
    tell: (t) => {
      look(t, "cracked", "shock", { kind: "sealed", opens: "hinge-left", near: "whole", far: "cracked" });
      t.tell("takeout.detail", { void: "filled", keep: "destroy", flex: "brittle", bond: "silicone" });
      t.tell("takeout.broken", { beads: ["left", "top"] });
      t.read({ "width-top": "540", "width-middle": "540.5", "width-bottom": "541" });
      t.read({ "height-left": "1010", "height-middle": "1010", "height-right": "1009.5" });
      t.read({ "rebate-depth": "20", "unit-thickness": "28", "diagonal-up": "1145", "diagonal-down": "1146" });
      t.tell("specify.bed", { compound: "silicone" });
      t.tell(
        "specify.makeup",
        unit([4, 6], [18], {
          panes: [
            { mm: 4, kind: "toughened" },
            { mm: 6, kind: "laminated" },
          ],
        }),
      );
      t.tell("size.rule", { school: "by-the-book", off: null, grid: "0.5 mm", hold: "turned" });
      t.tell("set.facing", { sign: "label", seen: "this side out" });
    },
  },
];
