import { rectangle } from "./path.ts";

/** A pane with evenly spaced bars, to scale in a box. All sizes in mm but the box's. */
export function barLines(of: {
  readonly width: number;
  readonly height: number;
  readonly uprights: number;
  readonly crosses: number;
  readonly bar: number;
  readonly box: { readonly width: number; readonly height: number };
}): { readonly pane: string; readonly bars: readonly string[] } {
  const scale = Math.min(of.box.width / Math.max(of.width, 1), of.box.height / Math.max(of.height, 1));
  const [w, h] = [of.width * scale, of.height * scale];
  const [left, top] = [(of.box.width - w) / 2, (of.box.height - h) / 2];
  const thick = Math.max(1, of.bar * scale);
  const at = (i: number, count: number, length: number): number =>
    ((length - count * thick) / (count + 1)) * (i + 1) + i * thick;
  return {
    pane: rectangle(left, top, w, h),
    bars: [
      ...Array.from({ length: of.uprights }, (_, i) => rectangle(left + at(i, of.uprights, w), top, thick, h)),
      ...Array.from({ length: of.crosses }, (_, i) => rectangle(left, top + at(i, of.crosses, h), w, thick)),
    ],
  };
}
