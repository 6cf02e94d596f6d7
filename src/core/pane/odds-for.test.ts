import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Sits } from "../measure/ways.ts";
import { foldPane } from "./book.ts";
import { isSealed } from "./odds-for.ts";
import { readingsOf } from "./readings-of.ts";
import { reckon } from "./reckoning.ts";

/** Chance that a pane of 548 × 1012 binds, copied from one that sat so in a timber sash; other readings beside it. */
function binds(sits: Sits, more: Parameters<Teller["read"]>[0] = {}): number {
  const t = new Teller().added(PANE, "timber-putty");
  t.tell("measure.way", { way: "old-unit" });
  t.tell("measure.sits", { sits });
  t.read({ "old-width": "548", "old-height": "1012", "old-thickness": "4", ...more });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return reckon(book, { house: HOUSE_DEFAULTS, calendar }).chances?.binds ?? Number.NaN;
}

describe("whether a sealed unit goes in: its cover is another, and it comes less true", () => {
  const sealed = (system: System, tell: (t: Teller) => void): boolean => {
    const t = new Teller().added(PANE, system);
    tell(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    return isSealed(book, readingsOf(book).readings);
  };
  it.each<[string, System, (t: Teller) => void, boolean]>([
    ["a putty sash", "timber-putty", () => undefined, false],
    [
      "the same, found to hold a unit",
      "timber-putty",
      (t) => t.tell("look.answer", { question: "kind", answer: "sealed" }),
      true,
    ],
    ["the same, to get one", "timber-putty", (t) => t.tell("look.option", { option: "double", reason: "" }), true],
    [
      "the same, and the old sheet read",
      "timber-putty",
      (t) => {
        t.tell("look.option", { option: "double", reason: "" });
        t.read({ "old-thickness": "3" });
      },
      true,
    ],
    ["a plastic sash", "plastic-bead-inside", () => undefined, true],
    [
      "the same, found to hold one sheet",
      "plastic-bead-inside",
      (t) => t.tell("look.answer", { question: "kind", answer: "single" }),
      false,
    ],
    ["the same, with 4 mm read", "plastic-bead-inside", (t) => t.read({ "old-thickness": "4" }), false],
    ["20 mm by caliper, in timber beads", "timber-bead", (t) => t.read({ "unit-thickness": "20" }), true],
  ])("%s", (_, system, tell, is) => expect(sealed(system, tell)).toBe(is));
});

describe("a copy of a pane that sat there", () => {
  it.each([
    // It left 2 mm in all: the tape is off by about half, a cutter by one, and the timber moves by half a millimetre.
    ["easy", {}, 0.2, 0.4],
    // 5 mm in all: nothing reaches that.
    ["loose", {}, 0, 0.01],
    ["packed", { "old-packed": "4" }, 0, 0.001],
    // No room at all: it binds unless it comes smaller, in both ways.
    ["tight", {}, 0.8, 1],
  ] as const)("%s %o", (sits, more, least, most) => {
    const chance = binds(sits, more);
    expect(chance).toBeGreaterThanOrEqual(least);
    expect(chance).toBeLessThanOrEqual(most);
  });

  it("how far its opening leans is in the room that it had, and is not drawn again", () => {
    // The same figures read at the rebate, with no diagonal: lean is not known, and costs room.
    const read = binds("easy", { "width-middle": "550", "height-middle": "1014" });
    expect(read).toBeGreaterThan(binds("easy") + 0.2);
  });
});
