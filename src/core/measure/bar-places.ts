import { fail, ok, type Result } from "../result.ts";
import { readTape } from "../tape/read.ts";
import { type LengthUnit, type Mm, toMm } from "../units/length.ts";
import { type Bars, evenSpaces } from "./found.ts";

/** Middles of the bars on the glass, mm: uprights from its left edge, crosses from its foot. */
export type BarPlaces = {
  readonly uprights: readonly number[];
  readonly crosses: readonly number[];
  readonly widthMm: Mm;
};

export type BarsError =
  | { readonly kind: "unreadable"; readonly text: string }
  | { readonly kind: "count"; readonly given: number; readonly wanted: number }
  | { readonly kind: "sum"; readonly axis: "width" | "height"; readonly off: number }
  | { readonly kind: "no-room"; readonly axis: "width" | "height" };

/** A bar's width until it is read, mm. Source: most are 18 to 20. */
export const USUAL_BAR_MM = 18;
/** Given spaces may miss the glass by so much: a tape's line a space. */
const SUM_WITHIN_MM = 2;

/**
 * Where the bars stand on a glass of this size: evenly spread, or by the clear spaces as given, left to right and then
 * bottom to top, which with the bars must make up the glass.
 * @example 600 × 800, two uprights of 20, even // middles at 196.67 and 403.33
 * @example 600 wide, one upright of 20, given 280 and 300 // 290 from the left
 */
export function barPlaces(
  bars: Bars,
  glass: { readonly widthMm: Mm; readonly heightMm: Mm },
): Result<BarPlaces, BarsError> {
  const read = bars.width && readTape(bars.width.text, bars.width.unit);
  const bar = read?.ok ? toMm(read.value.adjusted) : USUAL_BAR_MM;
  if (bars.uprights > 0 && evenSpaces(glass.widthMm, bars.uprights, bar) <= 0)
    return fail({ kind: "no-room", axis: "width" });
  if (bars.crosses > 0 && evenSpaces(glass.heightMm, bars.crosses, bar) <= 0)
    return fail({ kind: "no-room", axis: "height" });
  if (bars.spacing === "even" || bars.given.trim() === "") {
    const even = (across: number, n: number) =>
      Array.from({ length: n }, (_, i) => (i + 1) * evenSpaces(across, n, bar) + (i + 0.5) * bar);
    return ok({
      uprights: even(glass.widthMm, bars.uprights),
      crosses: even(glass.heightMm, bars.crosses),
      widthMm: bar,
    });
  }
  return given(bars, glass, bar);
}

function given(
  bars: Bars,
  glass: { readonly widthMm: Mm; readonly heightMm: Mm },
  bar: number,
): Result<BarPlaces, BarsError> {
  const unit: LengthUnit = bars.width?.unit ?? "mm";
  const spaces: number[] = [];
  for (const text of bars.given.split(/[,;]\s*|\s{2,}|\s·\s/).filter((t) => t.trim() !== "")) {
    const length = readTape(text.trim(), unit);
    if (!length.ok) return fail({ kind: "unreadable", text: text.trim() });
    spaces.push(toMm(length.value.adjusted));
  }
  const axes = [
    { axis: "width" as const, n: bars.uprights, across: glass.widthMm },
    { axis: "height" as const, n: bars.crosses, across: glass.heightMm },
  ];
  const wanted = axes.reduce((sum, a) => sum + (a.n > 0 ? a.n + 1 : 0), 0);
  if (spaces.length !== wanted) return fail({ kind: "count", given: spaces.length, wanted });
  const places: Record<"width" | "height", number[]> = { width: [], height: [] };
  let from = 0;
  for (const { axis, n, across } of axes) {
    if (n === 0) continue;
    const own = spaces.slice(from, from + n + 1);
    from += n + 1;
    const off = own.reduce((s, x) => s + x, 0) + n * bar - across;
    if (Math.abs(off) > SUM_WITHIN_MM + 1e-9) return fail({ kind: "sum", axis, off });
    let at = 0;
    for (const space of own.slice(0, n)) {
      places[axis].push(at + space + bar / 2);
      at += space + bar;
    }
  }
  return ok({ uprights: places.width, crosses: places.height, widthMm: bar });
}
