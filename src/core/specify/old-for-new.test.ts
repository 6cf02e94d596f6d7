import { describe, expect, it } from "vitest";
import { oldForNew } from "./old-for-new.ts";

describe("the old thickness against the new", () => {
  const given = (oldMm: number, newMm: number) => oldForNew({ widthMm: 600, heightMm: 900, oldMm, newMm, leastMm: 4 });
  // 0.54 m² × 2.5 kg for each mm.
  it.each([
    ["3 to 4", 3, 4, 1, 1.35, true],
    ["3.2, an eighth of an inch, to 4", 3.2, 4, 0.8, 1.08, true],
    ["4 as it was", 4, 4, 0, 0, false],
    ["4 measured a shade thin", 3.9, 4, 0.1, 0.135, false],
    ["6 to 6.4 laminated", 6, 6.4, 0.4, 0.54, false],
    ["6 to 4: lighter, and room gained", 6, 4, -2, -2.7, false],
  ])("%s", (_, old, now, deeper, heavier, thin) => {
    const got = given(old, now);
    expect(got.deeperMm).toBeCloseTo(deeper, 9);
    expect(got.heavierKg).toBeCloseTo(heavier, 9);
    expect(got.toKg - got.fromKg).toBeCloseTo(got.heavierKg, 9);
    expect(got.wasThin).toBe(thin);
  });
});
