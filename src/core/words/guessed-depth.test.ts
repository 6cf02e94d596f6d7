import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { foldPane } from "../pane/book.ts";
import { nextFor } from "../pane/next.ts";
import { reckon } from "../pane/reckoning.ts";
import { dayOf } from "../units/day.ts";
import { declinedText } from "./declined.ts";
import { verdictOf } from "./verdict.ts";

/** Read through standing glass, its depth told by whoever looked. */
const seen = (guess: string, doubt: string, system: System = "plastic-bead-inside") => {
  const t = new Teller().opened().added(PANE, system);
  t.tell("measure.way", { way: "through-glass" });
  t.tell("look.damage", { damage: ["misted"] });
  return t.read({ "sight-width": "520", "sight-height": "980", "cover-guess": guess, "cover-doubt": doubt });
};
const now = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, withFirm(foldFirm(t.entries))) };
};

describe("a depth that nobody read", () => {
  // Off by 3 a side at most is 6 across, anywhere within: a spread of 6 / √3.
  it("is as doubtful as a limit is: its spread is the limit over √3", () => {
    const { r } = now(seen("20", "3"));
    expect(r.odds.errors.tape).toBeCloseTo(Math.hypot(0.5, 6 / Math.sqrt(3)), 9);
  });

  it("too doubtful to order by, says what to read, and not to ease what cannot be eased", () => {
    const { book, r } = now(seen("14", "10"));
    expect(r.poor).toBe(true);
    const text = declinedText(r, "mm");
    expect(text).toContain("a guess, doubtful by 20 mm");
    expect(text).toContain("Read the {rebate} itself");
    const verdict = verdictOf(r, { unit: "mm", dialect: "a", leastCoverMm: 12 });
    expect(verdict.says).toContain("Read the rebate itself");
    expect(`${verdict.says}${verdict.more}`).not.toMatch(/ease/i);
    expect(nextFor(book, r, dayOf("2026-05-20"))).toEqual({ station: "measure", kind: "read-cleared" });
  });
});

describe("where no rectangle will do", () => {
  // 26 mm out of square, 9 deep: nothing true lies in it and is covered.
  const leaning = (system: System) =>
    new Teller().opened().added(PANE, system).read({
      "width-top": "600",
      "width-middle": "600",
      "width-bottom": "600",
      "height-left": "900",
      "height-middle": "900",
      "height-right": "900",
      "diagonal-up": "1060",
      "diagonal-down": "1103",
      "rebate-depth": "16",
    });
  it.each([
    ["timber-putty", /ease the {rebate}/, true],
    ["plastic-bead-inside", /cannot be eased/, false],
    ["metal-frame", /cannot be eased/, false],
  ] as const)("%s", (system, says, canEase) => {
    const { r } = now(leaning(system));
    expect(r.poor).toBe(true);
    expect(declinedText(r, "mm")).toMatch(says);
    expect(r.canEase).toBe(canEase);
    if (!canEase) expect(r.eased).toBeNull();
  });
});
