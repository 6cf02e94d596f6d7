import type { System } from "../core/frame/systems.ts";
import type { Entry } from "../core/log/kinds.ts";
import type { Day } from "../core/units/day.ts";
import type { LengthUnit } from "../core/units/length.ts";
import { tellFirm, tellLists } from "./firm-lists.ts";
import { examined, mapped, stamped } from "./looked-into.ts";
import { NET_LOFT, tellNetLoft } from "./net-loft.ts";
import { FEN_END, openOrder, SALT_LANE, tellSuppliers } from "./orders.ts";
import { tellPlan } from "./plan.ts";
import { LOOKED_AT, SET, TAKEN_OUT } from "./steps-done.ts";
import { Story } from "./story.ts";
import { ToldPane } from "./told-pane.ts";
import { REEDED_UNIT } from "./units.ts";

/**
 * The Ottermole Row round: a made-up terrace of almshouses with a reading room and a boat store, the week after a
 * hailstorm. Told around the day it is loaded, so that what is due is due. The same day gives the same entries.
 */
export function ottermoleRow(today: Day): readonly Entry[] {
  const story = new Story(today).on(-12, 7, "Nell Harrow");
  const round = story.id();
  story.tell("round.opened", { round }, { name: "Ottermole Row, after the hail", place: "Ottermole Row almshouses" });
  tellSuppliers(story);
  tellLists(story);
  story.tell("round.weather", {}, { day: story.day(3), wet: true, lowC: 8 });
  story.tell("round.weather", {}, { day: story.day(-3), wet: false, lowC: 3 });

  const pane = (
    address: string,
    opening: string,
    light: string,
    system: System,
    unit: LengthUnit = "mm",
    side: "inside" | "outside" = "outside",
  ): ToldPane => new ToldPane(story, unit, { round, address, opening, light, system, side });

  // Everybody walks the terrace first; then each pane has its own tale.
  const walk = [
    [pane("No. 5", "back bedroom", "lower sash", "timber-putty"), tellLeaning],
    [pane("No. 8", "stair window", "", "plastic-bead-inside", "mm", "inside"), tellLate],
    [pane("No. 4", "front parlour", "upper sash", "timber-putty"), tellReadyToSet],
    [pane("Reading room", "north light", "2 of 6", "timber-putty"), tellDrying],
    [pane("Boat store", "landward casement", "", "timber-bead", "mm", "inside"), tellDropped],
    [pane("No. 2", "kitchen", "fixed light", "plastic-bead-outside"), tellUnsafe],
    [pane("No. 2", "porch", "side light", "cassette", "in", "inside"), tellCassette],
    [pane("No. 3", "box room", "lower sash", "timber-putty", "in"), tellUnreadable],
    [pane("No. 3", "box room", "upper sash", "timber-putty", "in"), tellRacked],
    [pane("Boat store", "seaward light", "", "timber-putty"), tellWrong],
    [pane("No. 11", "bathroom", "", "plastic-bead-inside", "mm", "inside"), tellNearlyDone],
    [pane("No. 7", "scullery", "", "timber-putty"), tellDone],
    [pane("No. 6", "wash-house", "door light", "timber-putty"), tellHole],
  ] as const;
  pane("No. 11", "landing", "upper sash", "timber-putty");
  const loft = NET_LOFT.map((light) => pane("Net loft", "harbour window", light, "timber-putty"));
  for (const [told, tell] of walk) tell(story, told);
  tellNetLoft(story, loft);
  story.tell("house.rule", {}, { rule: "safetySet", value: "M" });
  tellFirm(story);
  const addresses = new Set(story.entries.flatMap((e) => (e.kind === "pane.added" ? [e.payload.address] : [])));
  tellPlan(story, today, [...addresses]);
  return story.entries;
}

/** Leans, and its corners are still to be read. */
function tellLeaning(story: Story, p: ToldPane): void {
  story.on(-2, 9, "Nell Harrow");
  p.looked(["cracked", "putty-falling"], "hail", "this-week", 1);
  p.did("takeout", "sheet", "clear-below", "tape-glass", "mark");
  story.tell("takeout.marks", p.about, { insideFace: "wax cross, low right", topEdge: "arrow" });
  p.did(
    "takeout",
    "score-paint",
    "loose-putty",
    "face-putty",
    "probe",
    "sprigs",
    "lift-out",
    "bed-putty",
    "water",
    "bag",
  );
  story.tell("takeout.sprigs", p.about, { found: 9 });
  p.read({
    w: ["612", "611.5", "613"],
    h: ["904", "904.5", "903"],
    depth: "10",
    width: "18",
    sill: "1120",
    door: "1900",
  });
  p.note("measure", "Left jamb pushed out by the downpipe bracket. Look before the sash goes back.");
  story.tell("look.closed", p.about, {
    how: "rigid insulation, taped",
    since: story.day(-2),
    until: story.day(9),
    told: "at No. 5",
  });
}

/** Ordered, promised for two days ago, and the hole is boarded. */
function tellLate(story: Story, p: ToldPane): void {
  story.on(-11, 10, "Bram Tolley");
  p.looked(["holed"], "hail", "open-hole", 1);
  stamped(story, p, "04 14");
  p.from("first-visit")
    .read({ w: ["548"], h: ["1196"], sill: "880", door: "1450" })
    .at({ stairs: true })
    .glass("toughened", "4");
  story.on(-9, 16, "Bram Tolley");
  const { order } = openOrder(story, FEN_END, "OR-1", [
    { pane: p, label: "No. 8, stair window", size: [544, 1192], glass: "toughened" },
  ]);
  story.tell("order.sent", { order }, { day: story.day(-9), due: story.day(-2) });
  story.on(-6, 17, "Bram Tolley");
  story.tell("look.closed", p.about, {
    how: "9 mm board, screwed",
    since: story.day(-6),
    until: story.day(-1),
    told: "Mrs Quill, No. 8",
  });
}

/** The glass is here and passed: it can be set today. */
function tellReadyToSet(story: Story, p: ToldPane): void {
  story.on(-5, 9, "Nell Harrow");
  p.looked(["cracked"], "hail", "this-week", 0)
    .wanted(5)
    .did("takeout", ...TAKEN_OUT);
  story.tell("takeout.marks", p.about, { insideFace: "wax cross", topEdge: "arrow" });
  story.tell("takeout.sprigs", p.about, { found: 8 });
  p.read({
    w: ["540.5", "540", "540"],
    h: ["781", "781", "780.5"],
    up: "949",
    down: "949.5",
    depth: "9.5",
    width: "17",
    sill: "940",
    door: "2200",
  });
  p.glass("float", "4").did("ready", "clean", "remedy", "prime", "sweep", "dry-fit");
  const { order, lines } = openOrder(story, SALT_LANE, "OR-2", [
    { pane: p, label: "No. 4, front parlour, upper sash", size: [535, 775] },
  ]);
  story.tell("order.sent", { order }, { day: story.day(-5), due: story.day(-4) });
  story.on(-4, 11, "Bram Tolley");
  story.tell("order.arrived", { order }, { day: story.day(-4) });
  story.tell(
    "order.checked",
    { order },
    {
      line: lines[0] ?? "",
      width: { text: "535", unit: "mm" },
      height: { text: "775.5", unit: "mm" },
      verdict: "accepted",
      reason: "",
    },
  );
}

/** Set, and drying until it can be painted. */
function tellDrying(story: Story, p: ToldPane): void {
  story.on(-10, 9, "Bram Tolley");
  p.looked(["cracked"], "hail", "this-week", 0).did("takeout", ...TAKEN_OUT);
  p.read({
    w: ["412", "412", "412.5"],
    h: ["507", "507", "506.5"],
    up: "653",
    down: "653.5",
    depth: "8.5",
    width: "16",
    sill: "1600",
    door: "3100",
  });
  p.glass("float", "4");
  const { order, lines } = openOrder(story, SALT_LANE, "OR-3", [
    { pane: p, label: "Reading room, north light, 2 of 6", size: [407, 502] },
  ]);
  story.tell("order.sent", { order }, { day: story.day(-10), due: story.day(-9) });
  story.on(-9, 10, "Bram Tolley");
  story.tell("order.arrived", { order }, { day: story.day(-9) });
  story.tell(
    "order.checked",
    { order },
    {
      line: lines[0] ?? "",
      width: { text: "407.5", unit: "mm" },
      height: { text: "502", unit: "mm" },
      verdict: "accepted-with-note",
      reason: "small shell chip on the foot edge, under cover",
    },
  );
  story.on(-6, 13, "Bram Tolley");
  p.did("ready", "clean", "remedy", "prime", "sweep", "dry-fit").did("set", ...SET);
  story.tell("set.done", p.about, { day: story.day(-6), compound: "linseed", sprigs: 8 });
  p.did("finish", "sight-line", "clean", "tell");
}

function tellDropped(story: Story, p: ToldPane): void {
  story.on(-1, 14, "Nell Harrow");
  p.looked(["dropped", "draught"], "packing", "can-wait", 0);
  p.read({ w: ["466", "466"], h: ["910"] });
  examined(story, p, {
    kind: "single",
    near: "whole",
    mist: "none",
    opens: "hinged",
    "head-gap": "handle-down",
    moves: "still",
    bed: "sound",
    stamp: "none",
  });
  stamped(story, p, "", "left");
  mapped(
    story,
    p,
    {
      "bottom-left": { kind: "runs", side: "bottom" },
      "bottom-right": { kind: "runs", side: "bottom" },
      "top-right": { kind: "runs", side: "top" },
      "top-left": { kind: "runs", side: "top" },
    },
    [
      { thing: "packer", edge: "bottom", share: 0.88, material: "red", thick: "3" },
      { thing: "packer", edge: "top", share: 0.12, material: "red", thick: "2" },
      { thing: "water", edge: "bottom", share: 0.2, material: "" },
    ],
  );
  p.note("look", "Handle corner 6 mm low. Glass is sound: packers first, before anyone orders glass.");
}

/** Low and beside the door: ordinary glass will not do. */
function tellUnsafe(story: Story, p: ToldPane): void {
  story.on(-3, 9, "Bram Tolley");
  p.looked(["cracked"], "impact", "this-week", 0).wanted(9);
  p.from("beads-off").read({
    unitT: "24",
    paneT: "4",
    w: ["480", "480", "480.5"],
    h: ["1010", "1010", "1010"],
    up: "1118",
    down: "1118.5",
    sill: "640",
    door: "210",
  });
}

function tellCassette(story: Story, p: ToldPane): void {
  story.on(-1, 16, "Bram Tolley");
  p.looked(["misted"], "water", "can-wait", 0);
  examined(story, p, { kind: "sealed", near: "whole", far: "whole", mist: "stays", water: "stands", close: "nothing" });
}

/** A mark that nobody can read stays as it was written. */
function tellUnreadable(story: Story, p: ToldPane): void {
  story.on(-1, 9, "Nell Harrow");
  p.looked(["cracked"], "hail", "this-week", 1);
  p.read({ w: ["23 11/16", "23 5/8", "23 1?/16"], h: ["35 1/2", "35 1/2"], depth: "3/8", width: "11/16" });
  p.note("measure", "Pencil smudged on the third width. Read it again from the ladder.");
}

/** So far out of square that a square pane binds unless more comes off. */
function tellRacked(story: Story, p: ToldPane): void {
  story.on(-1, 11, "Nell Harrow");
  p.looked(["holed", "rattling"], "twist", "today", 1);
  p.read({
    w: ["23 3/4", "23 11/16-", "23 11/16"],
    h: ["35 7/16", "35 1/2", "35 1/2+"],
    up: "42 15/16",
    down: "42 5/16",
    depth: "9/32",
    width: "11/16",
    sill: "44",
    door: "7'",
  });
}

/** Came with its width and height the wrong way about, and went back. */
function tellWrong(story: Story, p: ToldPane): void {
  story.on(-7, 9, "Bram Tolley");
  p.looked(["gone"], "hail", "open-hole", 0).did(
    "takeout",
    "sheet",
    "mark",
    "score-paint",
    "face-putty",
    "probe",
    "sprigs",
    "shards",
    "bed-putty",
    "water",
    "bag",
  );
  story.tell("look.closed", p.about, {
    how: "rigid insulation, taped",
    since: story.day(-7),
    until: story.day(2),
    told: "harbour steward",
  });
  p.read({
    w: ["702", "701.5", "702"],
    h: ["455", "455", "455.5"],
    up: "836.5",
    down: "836",
    depth: "11",
    width: "19",
    sill: "1310",
    door: "2600",
  });
  p.glass("float", "4");
  const { order, lines } = openOrder(story, SALT_LANE, "OR-4", [
    { pane: p, label: "Boat store, seaward light", size: [698, 452] },
  ]);
  story.tell("order.sent", { order }, { day: story.day(-7), due: story.day(-6) });
  story.on(-6, 10, "Nell Harrow");
  story.tell("order.arrived", { order }, { day: story.day(-6) });
  story.tell(
    "order.checked",
    { order },
    {
      line: lines[0] ?? "",
      width: { text: "452", unit: "mm" },
      height: { text: "698", unit: "mm" },
      verdict: "sent-back",
      reason: "width and height the wrong way about",
    },
  );
}

function tellNearlyDone(story: Story, p: ToldPane): void {
  story.on(-8, 9, "Bram Tolley");
  p.looked(["misted"], "water", "can-wait", 1);
  stamped(story, p, "04 14");
  p.read({ w: ["602"], h: ["740"], unitT: "24", sill: "1250", door: "2100" });
  story.tell("specify.makeup", p.about, { makeup: REEDED_UNIT });
  story.on(-2, 15, "Bram Tolley");
  story.tell("set.done", p.about, { day: story.day(-2), compound: "gasket", sprigs: null });
  p.did("finish", "clean", "tell");
}

function tellDone(story: Story, p: ToldPane): void {
  story.on(-11, 13, "Nell Harrow");
  p.looked(["cracked"], "hail", "this-week", 0).did("takeout", ...TAKEN_OUT);
  p.read({
    w: ["380", "380", "380"],
    h: ["380", "380.5", "380"],
    up: "537.5",
    down: "537.5",
    depth: "9",
    width: "16",
    sill: "1500",
    door: "1200",
  });
  p.glass("float", "4")
    .did("ready", "clean", "remedy", "prime-label", "sweep", "dry-fit")
    .did("set", ...SET);
  story.tell("set.done", p.about, { day: story.day(-11), compound: "acrylic", sprigs: 8 });
  story.on(-5, 10, "Nell Harrow");
  p.did("finish", "sight-line", "clean", "tell", "paint");
  story.tell("finish.painted", p.about, { day: story.day(-5) });
  for (const item of LOOKED_AT) story.tell("signoff.check", p.about, { item, good: true, note: "" });
  story.tell("signoff.signed", p.about, { day: story.day(-5), told: true });
}

/** Open this morning, and nobody has closed it yet. */
function tellHole(story: Story, p: ToldPane): void {
  story.on(0, 7, "Bram Tolley");
  p.looked(["standing", "holed"], "impact", "open-hole", 0);
}
