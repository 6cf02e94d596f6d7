import { describe, expect, it } from "vitest";
import { mm } from "../units/length.ts";
import { cameFaults } from "./came-faults.ts";

const TOLERANCE = { small: mm(1), large: mm(2), limit: mm(1500) };
const line = (widthMm: number, heightMm: number, thicknessMm: number, makeup?: unknown) => ({
  widthNm: mm(widthMm),
  heightNm: mm(heightMm),
  thicknessNm: mm(thicknessMm),
  ...(makeup ? { makeup } : {}),
});
const thick = (came: number, value: number) =>
  `It is ${came} mm thick, and ${value} mm was ordered: what holds it in the frame was chosen for that.`;
const SQUARE = "Out of square by";

/* A sheet may be 0.3 mm off its thickness, a unit 1.5 mm; the diagonals by what the longer side may be off. */
describe("what came beside what was ordered, its thickness and its diagonals", () => {
  it.each([
    ["4 mm, 4.3 came", line(455, 339, 4), { thickness: 4.3 }, []],
    ["4 mm, 4.4 came", line(455, 339, 4), { thickness: 4.4 }, [thick(4.4, 4)]],
    ["4 mm, 3 came", line(455, 339, 4), { thickness: 3 }, [thick(3, 4)]],
    ["a unit of 24, 25.5 came", line(455, 339, 24, {}), { thickness: 25.5 }, []],
    ["a unit of 24, 28 came", line(455, 339, 24, {}), { thickness: 28 }, [thick(28, 24)]],
    ["small, diagonals 1 apart", line(455, 339, 4), { up: 567, down: 568 }, []],
    [
      "small, diagonals 1.5 apart",
      line(455, 339, 4),
      { up: 567, down: 568.5 },
      [`${SQUARE} 1.5 mm over the diagonals.`],
    ],
    ["long side 1 600, diagonals 2 apart", line(400, 1600, 4), { up: 1649, down: 1651 }, []],
    ["one diagonal alone says nothing", line(455, 339, 4), { up: 567 }, []],
    ["nothing measured", line(455, 339, 4), {}, []],
    [
      "both",
      line(455, 339, 4),
      { thickness: 6, up: 560, down: 570 },
      [thick(6, 4), `${SQUARE} 10.0 mm over the diagonals.`],
    ],
  ] as const)("%s", (_, ordered, came: { thickness?: number; up?: number; down?: number }, faults) => {
    const given = (n: number | undefined) => (n === undefined ? null : mm(n));
    expect(
      cameFaults(ordered, TOLERANCE, { thickness: given(came.thickness), up: given(came.up), down: given(came.down) }),
    ).toEqual(faults);
  });
});
