import { describe, expect, it } from "vitest";
import { layText } from "./lay-text.ts";

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
