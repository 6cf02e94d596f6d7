import { rectangle } from "./path.ts";

/** A pane with its bars, to scale in a box. Middles of the bars from the left and from the foot; all in mm but the box. */
export function barLines(of: {
  readonly width: number;
  readonly height: number;
  readonly uprights: readonly number[];
  readonly crosses: readonly number[];
  readonly bar: number;
  readonly box: { readonly width: number; readonly height: number };
}): { readonly pane: string; readonly bars: readonly string[] } {
  const scale = Math.min(of.box.width / Math.max(of.width, 1), of.box.height / Math.max(of.height, 1));
  const [w, h] = [of.width * scale, of.height * scale];
  const [left, top] = [(of.box.width - w) / 2, (of.box.height - h) / 2];
  const thick = Math.max(1, of.bar * scale);
  return {
    pane: rectangle(left, top, w, h),
    bars: [
      ...of.uprights.map((x) => rectangle(left + x * scale - thick / 2, top, thick, h)),
      ...of.crosses.map((y) => rectangle(left, top + h - y * scale - thick / 2, w, thick)),
    ],
  };
}
