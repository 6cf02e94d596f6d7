import { rectangle } from "./path.ts";

/** A pane with its bars, to scale in a box. Middles of the bars from the left and from the foot; all in mm but the box. */
export function barLines(pane: {
  readonly width: number;
  readonly height: number;
  readonly uprights: readonly number[];
  readonly crosses: readonly number[];
  readonly bar: number;
  readonly box: { readonly width: number; readonly height: number };
}): { readonly pane: string; readonly bars: readonly string[] } {
  const scale = Math.min(pane.box.width / Math.max(pane.width, 1), pane.box.height / Math.max(pane.height, 1));
  const [w, h] = [pane.width * scale, pane.height * scale];
  const [left, top] = [(pane.box.width - w) / 2, (pane.box.height - h) / 2];
  const thick = Math.max(1, pane.bar * scale);
  return {
    pane: rectangle(left, top, w, h),
    bars: [
      ...pane.uprights.map((x) => rectangle(left + x * scale - thick / 2, top, thick, h)),
      ...pane.crosses.map((y) => rectangle(left, top + h - y * scale - thick / 2, w, thick)),
    ],
  };
}
