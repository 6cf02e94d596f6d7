import { location, look, mm, type SheetJob, state, unit } from "./sheet-tells.ts";
import { LEANING } from "./told.ts";

/* Jobs in timber that are looked at, read and specified. */

export const TIMBER_JOBS: readonly SheetJob[] = [
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
      t.tell("look.earlier", { found: ["wrong-diagonal", "screws-through"] });
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
    name: "pinned stop with nails from behind, quarter inch glass",
    system: "pinned-stop",
    unit: "in",
    tell: (t) => {
      look(t, "cracked", "heat", { kind: "sealed", close: "heater" });
      t.tell("takeout.detail", { fixing: "behind-nails" });
      t.read({ "width-middle": "30", "height-middle": "42 1/4", "rebate-depth": "1/2", "unit-thickness": "3/4" }, "in");
      t.tell("takeout.joints", {
        joints: { "bottom-left": { kind: "runs", side: "left" }, "top-left": { kind: "mitred" } },
        school: "longest",
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
    name: "no one knows yet how it is held",
    system: "timber-putty",
    tell: (t) => {
      t.tell("look.urgency", { urgency: "today" });
      t.tell("look.special", { special: ["fire"], licensed: "" });
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
      });
      t.read({ "depth-left": "9", "depth-right": "12", "depth-bottom": "14", "depth-top": "10", "rebate-width": "21" });
      t.read({ lip: "4", "bed-under": "3", "bead-width": "12", "bead-sanded": "0.5" });
      t.read({ "slip-stop": "1", "slip-far": "2", "slip-near": "1.5" });
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
    name: "an arched head: the rectangle round it, and a template",
    system: "timber-putty",
    tell: (t) => {
      look(t, "cracked", "impact", { opens: "fixed" });
      t.read({ "width-middle": "640", "height-middle": "1180", "rebate-depth": "12", "rebate-width": "18" });
      state(t, "cleared");
      t.tell("measure.shape", { shape: "odd" });
    },
  },
];
