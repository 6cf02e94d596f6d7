import { writeLength } from "../core/tape/write.ts";
import { type LengthUnit, NM_PER_INCH, NM_PER_MM, type Nm, nm } from "../core/units/length.ts";

export type TapeMark = { readonly x: number; readonly long: number; readonly text: string | null };
export type TapePicture = { readonly marks: readonly TapeMark[]; readonly at: number };

/** How long each mark is, by what it divides: the longest carry their figure. */
const METRIC = [
  { every: 10 * NM_PER_MM, long: 46, text: true },
  { every: 5 * NM_PER_MM, long: 32, text: false },
  { every: NM_PER_MM, long: 20, text: false },
] as const;
const INCH = [
  { every: NM_PER_INCH, long: 58, text: true },
  { every: NM_PER_INCH / 2, long: 44, text: false },
  { every: NM_PER_INCH / 4, long: 34, text: false },
  { every: NM_PER_INCH / 8, long: 26, text: false },
  { every: NM_PER_INCH / 16, long: 19, text: false },
] as const;
const FINE = { every: NM_PER_INCH / 32, long: 12, text: false } as const;

/**
 * A piece of tape as the eye sees it, over a width in the drawing's unit: its marks, and where the edge stands. An inch tape
 * has its thirty-seconds only where they are asked for.
 */
export function tapePicture(tape: {
  readonly unit: LengthUnit;
  readonly at: Nm;
  readonly from: Nm;
  readonly to: Nm;
  readonly tick: Nm;
  readonly width: number;
}): TapePicture {
  const x = (n: number): number => ((n - tape.from) / (tape.to - tape.from)) * tape.width;
  const kinds = tape.unit === "mm" ? METRIC : tape.tick < NM_PER_INCH / 16 - 1 ? [...INCH, FINE] : INCH;
  const finest = kinds.at(-1)?.every ?? NM_PER_MM;
  const marks: TapeMark[] = [];
  for (let n = Math.ceil(tape.from / finest) * finest; n <= tape.to; n += finest) {
    const kind = kinds.find((k) => Math.abs(n / k.every - Math.round(n / k.every)) < 1e-6);
    if (!kind) continue;
    marks.push({
      x: x(n),
      long: kind.long,
      text: kind.text
        ? writeLength(nm(Math.round(n)), tape.unit, { places: 0, ticks: 16 }).replace(/ (mm|in)$/, "")
        : null,
    });
  }
  return { marks, at: x(tape.at) };
}
