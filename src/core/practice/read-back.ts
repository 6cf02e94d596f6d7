import { writeLength } from "../tape/write.ts";
import { type LengthUnit, mm, NM_PER_INCH, NM_PER_MM, type Nm } from "../units/length.ts";
import { below, type Exercise, oneOf } from "./exercise.ts";

const LINES_BY_LEVEL = [2, 3, 4, 5, 6] as const;

/** What was ordered beside what the other side repeats: is it the same? */
export const READ_BACK: Exercise = {
  name: "Read an order back",
  why: "Fifteen and fifty sound alike over a poor line: what is not read back comes wrong.",
  make: (c, level, unit) => {
    const step = unit === "mm" ? 1 : NM_PER_INCH / 16 / NM_PER_MM;
    const length = (): Nm => mm(step * Math.round((300 + below(c, 900)) / step));
    const lines = Array.from({ length: LINES_BY_LEVEL[level - 1] ?? 3 }, () => [length(), length()] as const);
    const wrong = c.uniform() < 0.15 ? null : below(c, lines.length);
    const heard = lines.map(([w, h], i) => (i === wrong ? misheard(c, w, h, step) : ([w, h] as const)));
    const text = ([w, h]: readonly [Nm, Nm], unit: LengthUnit): string =>
      `${writeLength(w, unit, { places: 0, ticks: 16 })} × ${writeLength(h, unit, { places: 0, ticks: 16 })}`;
    const options = [...lines.map((_, i) => `Line ${i + 1}`), "All of it is right"];
    // Asked of the figures themselves: what was misheard may come to the same.
    const at = lines.findIndex((l, i) => l[0] !== heard[i]?.[0] || l[1] !== heard[i]?.[1]);
    return {
      asks: "They repeat your order. Which line did they get wrong?",
      form: { kind: "choice", options },
      picture: {
        kind: "lines",
        lines: lines.map((l, i) => `${i + 1}. You ordered ${text(l, unit)}; they say ${text(heard[i] ?? l, unit)}`),
      },
      judge: ({ picks }) => ({
        right: picks[0] === (at === -1 ? lines.length : at),
        offMm: null,
        says:
          at === -1 ? "All of it is right." : `Line ${at + 1}: ${text(lines[at] ?? [mm(1), mm(1)], unit)} was ordered.`,
      }),
    };
  },
};

/** As figures are misheard: two digits about, ten or a hundred off, width and height in each other's place. */
function misheard(c: Parameters<Exercise["make"]>[0], w: Nm, h: Nm, step: number): readonly [Nm, Nm] {
  const by = mm(step * oneOf(c, [1, 10, 100, -1, -10]));
  return oneOf(c, [
    [h, w],
    [mm((w + by) / NM_PER_MM), h],
    [w, mm((h + by) / NM_PER_MM)],
  ] as const);
}
