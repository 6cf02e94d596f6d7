import { describe, expect, it } from "vitest";
import { dayOf } from "../units/day.ts";
import type { LengthUnit } from "../units/length.ts";
import { springText } from "./spring.ts";

describe("why it waits for warmth", () => {
  const given = { visit: "v", leastC: 8, warmestC: 6, runsOut: null };
  it.each<[Parameters<typeof springText>[0], LengthUnit, string]>([
    [given, "mm", "Wants 8 °C or more all day; the mildest day that is told goes down to 6 °C."],
    // 8 × 9/5 + 32 = 46.4, 6 × 9/5 + 32 = 42.8.
    [given, "in", "Wants 46 °F or more all day; the mildest day that is told goes down to 43 °F."],
    [
      { ...given, runsOut: dayOf("2026-12-02") },
      "mm",
      "Wants 8 °C or more all day; the mildest day that is told goes down to 6 °C. After Wed 2 Dec it does no good: warm the place, or bring the sash in.",
    ],
  ])("%#", (s, unit, says) => expect(springText(s, unit)).toBe(says));
});
