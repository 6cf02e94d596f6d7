import { describe, expect, it } from "vitest";
import { HAND_FACTS, HAND_SKILLS, type HandTally, handTally } from "./hand.ts";

describe("tries by hand", () => {
  const given = (line: string): HandTally => handTally([...line].map((c) => ({ right: c === "o" })));
  it.each<[string, HandTally]>([
    ["", { tries: 0, good: 0, of: 0, inRow: 0 }],
    ["o", { tries: 1, good: 1, of: 1, inRow: 1 }],
    ["oxoo", { tries: 4, good: 3, of: 4, inRow: 2 }],
    ["ooox", { tries: 4, good: 3, of: 4, inRow: 0 }],
    // Of the last ten, two not: the two before them count no more.
    ["xxooooooxxoo", { tries: 12, good: 8, of: 10, inRow: 2 }],
  ])("%j", (line, tally) => expect(given(line)).toEqual(tally));
  it.each(HAND_SKILLS)("%s says how, and what good is", (skill) => {
    const f = HAND_FACTS[skill];
    expect([f.how.endsWith("."), f.good !== f.not, f.name.length > 5]).toEqual([true, true, true]);
  });
});
