import { expect, it } from "vitest";
import { mm } from "../units/length.ts";
import { cameSize } from "./came-size.ts";

const TOLERANCE = { small: mm(1), large: mm(2), limit: mm(1500) };
const whole = (over: "outside" | "hole", what: "sash" | "window" = "sash") =>
  ({ what, family: "", over, safety: null }) as const;

it.each<[string, Parameters<typeof cameSize>[0]["whole"], number, number, boolean, boolean, boolean, boolean]>([
  ["as ordered", undefined, 382, 517, true, false, false, false],
  ["within a millimetre", undefined, 383, 516, true, false, false, false],
  ["too wide", undefined, 384, 517, false, true, false, false],
  ["too low", undefined, 382, 515, false, false, true, false],
  ["the wrong way about: it may be turned", undefined, 517, 382, false, true, true, true],
  ["a sash the wrong way about hangs wrong", whole("outside"), 517, 382, false, true, true, false],
  ["a window smaller than its hole by 5 mm a side", whole("hole", "window"), 372, 507, true, false, false, false],
  ["a window as wide as its hole", whole("hole", "window"), 382, 507, false, true, false, false],
])("%s", (_, made, w, h, fits, wide, high, turns) => {
  const got = cameSize(
    { widthNm: mm(382), heightNm: mm(517), whole: made },
    { width: mm(w), height: mm(h) },
    TOLERANCE,
    "mm",
  );
  expect([got.fits, got.off.width, got.off.height, got.turns]).toEqual([fits, wide, high, turns]);
});
