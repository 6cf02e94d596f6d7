import { describe, expect, it } from "vitest";
import { mm } from "../units/length.ts";
import { bowSetback, coverOf, leastOf } from "./lay.ts";

const gaps = {
  left: { least: 1, most: 2 },
  right: { least: 1, most: 3.5 },
  bottom: { least: 0, most: 1 },
  top: { least: 2, most: 4 },
};

describe("what the frame covers of the glass", () => {
  it("is the rebate less the widest gap, side by side", () =>
    expect(coverOf(gaps, { left: mm(9), right: mm(9), bottom: mm(10), top: mm(8) })).toEqual({
      left: 7,
      right: 5.5,
      bottom: 9,
      top: 4,
    }));
  it.each([
    ["enough", 4, true],
    ["to the hair", 4.0001, true],
    ["too little", 4.1, false],
  ])("the least counts: %s", (_, needed, enough) =>
    expect(leastOf({ left: 7, right: 5.5, bottom: 9, top: 4 }, needed)).toEqual({ side: "top", length: 4, enough }),
  );
  it.each([
    ["inward both ways", { width: -3, height: -1 }, { left: 1.5, right: 1.5, bottom: 0.5, top: 0.5 }],
    ["outward takes nothing", { width: 3, height: 1 }, { left: 0, right: 0, bottom: 0, top: 0 }],
    ["nobody read the middle", { width: null, height: null }, { left: 0, right: 0, bottom: 0, top: 0 }],
  ])("a bow sets the glass back by half of itself: %s", (_, bow, back) => expect(bowSetback({ bow })).toEqual(back));
});
