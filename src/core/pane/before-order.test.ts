import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { plainUnit } from "../../../tests/support/plain-unit.ts";
import { PANE, SQUARE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { heldBy, thickerText } from "./before-order.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";

/* From what was told of a pane to what holds it off an order. The rules themselves have tables of their own. */

function held(tell: (t: Teller) => unknown, system: System = "timber-bead"): readonly string[] {
  const t = new Teller().opened().added(PANE, system);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return heldBy(book, reckon(book, { house: HOUSE_DEFAULTS, calendar })).map((c) => c.id);
}
const read =
  (more: Parameters<Teller["read"]>[0] = {}) =>
  (t: Teller) =>
    t.read({ ...SQUARE, ...more });
const overruled = (width: string, height: string) => (t: Teller) =>
  t.tell("size.overruled", {
    width: { text: width, unit: "mm" },
    height: { text: height, unit: "mm" },
    reason: "tried",
  });
const glass = (kind: "float" | "toughened") => (t: Teller) =>
  t.tell("specify.glass", { kind, thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
const opening = (t: Teller) => t.tell("size.basis", { basis: "opening" });
const shape = (by: "square" | "upright") => (t: Teller) => t.tell("measure.shape", { shape: by });
const oldPane =
  (packed: string, more: Parameters<Teller["read"]>[0] = {}) =>
  (t: Teller) => {
    t.tell("measure.way", { way: "old-unit" });
    t.read({ "old-width": "596", "old-height": "896", "old-packed": packed, ...more });
  };
const unit =
  (mm: number, uprights = 0, given = "") =>
  (t: Teller) => {
    t.tell("specify.makeup", { makeup: plainUnit({ cavityMm: mm - 8, spacer: "warm edge, grey" }) });
    t.tell("measure.bars", {
      uprights,
      crosses: 0,
      width: { text: "20", unit: "mm" },
      colour: "white",
      kind: "flat",
      spacing: given === "" ? "even" : "given",
      given,
    });
  };
const all =
  (...tells: readonly ((t: Teller) => unknown)[]) =>
  (t: Teller): void => {
    for (const tell of tells) tell(t);
  };

describe("what holds a pane off its order", () => {
  it.each<[string, (t: Teller) => unknown, string, boolean, System?]>([
    ["called square, and 600 × 900", all(read(), shape("square")), "not-square", true],
    ["called upright", all(read(), shape("upright")), "not-square", false],
    [
      "the order states the opening, and the size was overruled",
      all(read(), opening, overruled("590", "890")),
      "twice",
      true,
    ],
    ["it states the glass", all(read(), overruled("590", "890")), "twice", false],
    ["it states the opening, and the size is as worked out", all(read(), opening), "twice", false],
    [
      "toughened, larger than its opening",
      all(read(), overruled("602", "890"), glass("toughened")),
      "cut-toughened",
      true,
    ],
    ["float, larger than its opening", all(read(), overruled("602", "890"), glass("float")), "cut-toughened", false],
    ["toughened that goes in", all(read(), overruled("590", "890"), glass("toughened")), "cut-toughened", false],
    ["larger than its opening", all(read(), overruled("602", "890")), "too-large", true],
    ["a copy stood on packers of 25", oldPane("25"), "packers-thick", true],
    ["on packers of 5", oldPane("5"), "packers-thick", false],
    [
      "packers of 25 read, and the opening is what counts",
      all(read(), (t) => t.read({ "old-packed": "25" })),
      "packers-thick",
      false,
    ],
    [
      "a copy as large as the opening that was read",
      oldPane("3", { "width-top": "597", "height-left": "897" }),
      "too-large",
      false,
    ],
    ["a copy that falls through it", oldPane("3", { "width-top": "700", "height-left": "997" }), "copy-small", true],
    [
      "a unit 4 thicker than was read",
      all(read({ "unit-thickness": "24" }), unit(28)),
      "thickness-off",
      true,
      "plastic-bead-inside",
    ],
    ["a unit as thick", all(read({ "unit-thickness": "24" }), unit(24)), "thickness-off", false, "plastic-bead-inside"],
    [
      "bars that do not make up the glass",
      all(read({ "unit-thickness": "24" }), unit(24, 1, "280, 310")),
      "bars-fault",
      true,
      "plastic-bead-inside",
    ],
    [
      "bars in even spaces",
      all(read({ "unit-thickness": "24" }), unit(24, 1)),
      "bars-fault",
      false,
      "plastic-bead-inside",
    ],
  ])("%s", (_, tell, id, is, system) => expect(held(tell, system).includes(id)).toBe(is));

  it("says by how much a unit is thicker or thinner than what was read, in whole tenths", () => {
    expect(thickerText(null)).toBeNull();
    expect(thickerText(4)).toContain("4 mm thicker");
    expect(thickerText(-3.97)).toContain("4 mm thinner");
    expect(thickerText(0.25)).toContain("0.3 mm thicker");
  });
});

describe("a sash that is routed for a unit", () => {
  const says = (readings: Parameters<Teller["read"]>[0]): string | null => {
    const t = new Teller().opened().added(PANE, "timber-putty");
    t.tell("look.option", { option: "double", reason: "warmer" });
    t.read({ ...SQUARE, ...readings });
    unit(24)(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    return heldBy(book, reckon(book, { house: HOUSE_DEFAULTS, calendar })).find((c) => c.id === "timber")?.says ?? null;
  };
  const SASH = { "rebate-depth": "10", "rebate-width": "18", "member-face": "48" } as const;
  // Across it wants 2 + 24 + 1 + 10 = 37; of 40 three stay, of 70 thirty-three; below it wants 17, and 48 less 17 is 31.
  it("holds where too little upstand stays", () =>
    expect(says({ ...SASH, "timber-thickness": "40" })).toContain("keep 3 mm of timber"));
  it("where nothing would stay, nothing is kept", () =>
    expect(says({ ...SASH, "timber-thickness": "30" })).toContain("keep 0 mm of timber"));
  it("and where its upstand holds and its face does not: by the thinnest web", () =>
    expect(says({ ...SASH, "timber-thickness": "70", "member-face": "19" })).toContain("keep 2 mm of timber"));
  it("not before a unit was chosen, nor of a frame that nobody routs", () => {
    const t = new Teller().opened().added(PANE, "timber-putty");
    t.tell("look.option", { option: "double", reason: "warmer" });
    t.read({ ...SQUARE, ...SASH, "timber-thickness": "30" });
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    expect(heldBy(book, reckon(book, { house: HOUSE_DEFAULTS, calendar })).map((c) => c.id)).not.toContain("timber");
    expect(
      held((p) => unit(24)(p.read({ ...SQUARE, ...SASH, "timber-thickness": "30" })), "plastic-bead-inside"),
    ).not.toContain("timber");
  });
  it("not where enough of both stays", () => expect(says({ ...SASH, "timber-thickness": "70" })).toBeNull());
});
