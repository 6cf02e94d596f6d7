import { describe, expect, it } from "vitest";
import type { Because } from "../pane/pane-visit.ts";
import { dayOf } from "../units/day.ts";
import { becauseWords, degreesText } from "./plan.ts";

const day = dayOf("2026-05-26");

describe("why a visit is not before its earliest day", () => {
  it.each<[Because, string]>([
    [{ kind: "ready" }, "nothing waits but hands"],
    [{ kind: "glass-promised", supplier: "Fen End", day }, "glass from Fen End, promised Tue 26 May"],
    [{ kind: "glass-late", supplier: "Fen End", day }, "glass from Fen End is late: it was promised Tue 26 May"],
    [{ kind: "not-ordered", days: 1 }, "not ordered yet; one working day is a guess"],
    [{ kind: "not-ordered", days: 8 }, "not ordered yet; 8 working days are a guess"],
    [{ kind: "follows", part: "fit" }, "after the visit to fit"],
    [{ kind: "cure", day }, "it cures until Tue 26 May"],
    [{ kind: "shut", day }, "it stays shut until Tue 26 May"],
  ])("%o", (because, says) => expect(becauseWords(because)).toBe(says));
});

describe("degrees of a day", () => {
  it.each([
    [11, 19, "mm", "11 to 19 °C"],
    [11, 19, "in", "52 to 66 °F"],
    [-4, 3, "in", "25 to 37 °F"],
    [null, 3, "mm", null],
  ] as const)("%s to %s, in %s", (lowC, highC, unit, says) => expect(degreesText({ lowC, highC }, unit)).toBe(says));
});
