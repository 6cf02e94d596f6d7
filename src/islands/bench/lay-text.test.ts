import { describe, expect, it } from "vitest";
import { guideText, layText } from "./lay-text.ts";

describe("a length as it is laid out by hand", () => {
  it.each([
    [596_940_000, "mm", "596.5"],
    [597_000_000, "mm", "597"],
    [598_499_999, "mm", "598"],
    // 607 mm are 23.898 in: 23 7/8, and not 23 29/32, which is 607.2.
    [607_000_000, "in", "23 7/8"],
    [596_900_000, "in", "23 1/2"],
    [12_000_000, "in", "15/32"],
  ] as const)("%d nm in %s: %s", (nm, unit, text) => {
    expect(layText(nm, unit)).toBe(text);
  });
});

describe("where the straightedge lies for it", () => {
  it.each([
    [608_000_000, 2_500_000, "mm", "605.5"],
    [608_000_000, -2_500_000, "mm", "610.5"],
    [608_000_000, 2_400_000, "mm", "605.5"],
    [608_000_000, -2_400_000, "mm", "610.5"],
    // Laid out at 596.5: 2.4 less is 594.1.
    [596_940_000, 2_400_000, "mm", "594"],
    // 23 1/2 less 3/32 (2.4 mm is 0.0945 in).
    [596_900_000, 2_400_000, "in", "23 13/32"],
  ] as const)("a score at %d, %d off, in %s: %s", (score, off, unit, text) => {
    expect(guideText(score, off, unit)).toBe(text);
  });
});
