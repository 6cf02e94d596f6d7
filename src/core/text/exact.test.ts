import { describe, expect, it } from "vitest";
import { inUnit } from "../words/in-unit.ts";
import { cutDown, exactly } from "./exact.ts";

describe("figures that somebody cuts by", () => {
  it.each([
    // 7.475 mm is 9.4 thirty-seconds; as a rule of thumb it would be 5/16, a sixteenth of an inch too deep for the plan.
    [`Rout it ${exactly(7.475)} deeper`, "Rout it 7.5 mm deeper", "Rout it 9/32 in deeper"],
    [`${exactly(4.7625)} wider`, "4.8 mm wider", "3/16 in wider"],
    [
      `bottom up to ${exactly(1)}, top up to ${exactly(2.35)}`,
      "bottom up to 1 mm, top up to 2.4 mm",
      "bottom up to 1/32 in, top up to 3/32 in",
    ],
    // 603 is 23.740 in, 849 is 33.425 in.
    [`Cut ${cutDown(603, 849)}`, "Cut 603 × 849 mm", "Cut 23\u00a023/32 × 33\u00a013/32 in"],
    [`Cut ${cutDown(603.25, 849.3125)}`, "Cut 603.2 × 849.3 mm", "Cut 23\u00a03/4 × 33\u00a07/16 in"],
    ["225 to 300 mm at most", "225 to 300 mm at most", "8\u00a07/8 to 11\u00a03/4 in at most"],
  ])("%s", (sentence, mm, inches) => {
    expect(inUnit(sentence, "mm")).toBe(mm);
    expect(inUnit(sentence, "in")).toBe(inches);
  });

  it("a cut is never told larger than it is, and never two marks smaller", () => {
    for (let n = 100; n < 130; n += 0.137) {
      const [whole, part] = inUnit(cutDown(n), "in").replace(" in", "").split("\u00a0");
      const [over, under] = (part ?? "0/1").split("/").map(Number);
      const toldMm = (Number(whole) + (over ?? 0) / (under ?? 1)) * 25.4;
      expect(toldMm).toBeLessThanOrEqual(n + 0.001);
      expect(n - toldMm).toBeLessThan(25.4 / 32 + 0.001);
    }
  });
});
