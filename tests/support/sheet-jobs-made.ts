import { location, look, mm, type SheetJob, state, unit } from "./sheet-tells.ts";

/* Jobs in plastic, metal and doors that are looked at, read and specified. */

export const MADE_JOBS: readonly SheetJob[] = [
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
    name: "compression mouldings in a steel door, kept, one face in reach",
    system: "compression-moulding",
    tell: (t) => {
      look(t, "misted", "unknown", { kind: "sealed", opens: "fixed" });
      t.tell("takeout.detail", { reach: "outside", flex: "brittle", keep: "destroy" });
      t.read({ "width-middle": "400", "height-middle": "1500", "rebate-depth": "12", "unit-thickness": "20" });
      location(t, { inDoor: true, walkway: true });
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
      t.tell("refurbish.unit", { spacerMm: 12, boreMm2: 40, channelMm: 5, filledSides: 2, keyLegMm: 30 });
      t.tell("refurbish.weighed", { grams: 120, minutes: 20 });
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
