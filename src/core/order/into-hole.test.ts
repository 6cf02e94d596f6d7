import { expect, it } from "vitest";
import { inches, mm } from "../units/length.ts";
import { intoHoleSentence } from "../words/check-in.ts";
import { intoHole } from "./into-hole.ts";

const HOLE = { width: mm(900), height: mm(1500) };
const came = (width: number, height: number) =>
  intoHole({ hole: HOLE, came: { width: mm(width), height: mm(height) } });

it.each<[string, number, number, boolean, RegExp]>([
  ["5 mm on each side", 890, 1490, true, /^It goes in, with 5 mm on each side and 5 mm above and below\.$/],
  ["3 mm on each side is the least", 894, 1494, true, /with 3 mm on each side/],
  ["12 mm the most", 876, 1476, true, /with 12 mm on each side/],
  [
    "as large as the hole",
    900,
    1500,
    false,
    /^Too large: width leaves nothing on each side, height leaves nothing on each side\. At least 3 mm a side is wanted\./,
  ],
  ["larger than the hole", 904, 1490, false, /^Too large: width is 4 mm larger than the hole\. At least/],
  ["two on each side", 896, 1490, false, /^Too large: width leaves 2 mm on each side\. At least 3 mm a side is wanted/],
  [
    "too small to be sealed",
    890,
    1470,
    false,
    /^Too small: height leaves 15 mm on each side\. At most 12 mm a side can be sealed/,
  ],
  ["the wrong way about", 1490, 890, false, /^Width and height are the wrong way about/],
])("%s", (_, w, h, fits, says) => {
  const is = came(w, h);
  expect(is.fits).toBe(fits);
  expect(intoHoleSentence(is, "mm")).toMatch(says);
});

it("says it in inches: 35 into 35 1/2 leaves 1/4 each side", () => {
  const is = intoHole({
    hole: { width: inches(35, 1, 2), height: inches(59, 1, 4) },
    came: { width: inches(35), height: inches(58, 3, 4) },
  });
  expect(intoHoleSentence(is, "in")).toBe('It goes in, with 1/4" on each side and 1/4" above and below.');
});
