import { describe, expect, it } from "vitest";
import { mm, toMm } from "../units/length.ts";
import { checkIn } from "./check-in.ts";

const TOLERANCE = { small: mm(1), large: mm(2), limit: mm(1500) };
const check = (ow: number, oh: number, cw: number, ch: number) =>
  checkIn({
    ordered: { width: mm(ow), height: mm(oh) },
    came: { width: mm(cw), height: mm(ch) },
    tolerance: TOLERANCE,
  });

describe("what came against what was ordered", () => {
  it.each([
    [608, 900, 608, 900, "within"],
    [608, 900, 609, 899, "within"],
    [608, 900, 609.1, 900, "out"],
    [608, 900, 608, 898.9, "out"],
    [608, 1600, 608, 1602, "within"],
    [608, 1600, 608, 1602.1, "out"],
    [1500, 900, 1501.5, 900, "out"],
  ] as const)("ordered %d × %d, came %d × %d: %s", (ow, oh, cw, ch, verdict) =>
    expect(check(ow, oh, cw, ch).verdict).toBe(verdict),
  );
  it("says by how much, plus for too big", () => {
    const { width, height } = check(608, 900, 609.5, 898);
    expect([toMm(width.difference), toMm(height.difference)]).toEqual([1.5, -2]);
  });
  it.each([
    [698, 452, 452, 698, true],
    [698, 452, 452.5, 697, true],
    [698, 452, 460, 698, false],
    [600, 600, 600, 600, false],
  ])("%d × %d that came %d × %d: the wrong way about is %s", (ow, oh, cw, ch, swapped) =>
    expect(check(ow, oh, cw, ch).swapped).toBe(swapped),
  );
});
