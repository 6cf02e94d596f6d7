import { rectangle, type Xy } from "./path.ts";
import { stackLabels } from "./stack-labels.ts";

/** A slip of wood stood on the upstand beside a unit, in mm; nulls are not yet read. */
export type SlipInput = {
  readonly bed: number;
  readonly far: number | null;
  readonly near: number | null;
  readonly stop: number | null;
  readonly box: { readonly width: number; readonly height: number };
};

export type SlipMark = {
  readonly name: "near" | "far" | "stop";
  readonly x: number;
  readonly label: number;
  readonly known: boolean;
};

export type SlipDrawing = {
  readonly upstand: string;
  readonly bed: string;
  readonly panes: readonly string[];
  readonly spacer: string;
  readonly slip: string;
  readonly stop: string;
  readonly marks: readonly SlipMark[];
  readonly scaleBar: { readonly from: Xy; readonly to: Xy };
};

const LABEL_APART = 64;
const USUAL = { unit: 20, pane: 4, stop: 12 };

/**
 * Lying on its side, upstand on the left: bed, far pane, cavity, near pane, stop; and the slip of wood along them with its
 * marks. To scale.
 */
export function slipOfWood(input: SlipInput): SlipDrawing {
  const far = input.far ?? input.bed + USUAL.unit;
  const near = input.near !== null && input.near < far ? input.near : Math.max(input.bed + 1, far - USUAL.pane);
  const pane = far - near;
  const stop = input.stop !== null && input.stop > far ? input.stop : far + USUAL.stop;
  const left = 34;
  const scale = (input.box.width - left - 40) / Math.max(stop + 6, 1);
  const x = (mm: number): number => left + mm * scale;
  const box = (a: number, b: number, y: number, h: number): string =>
    rectangle(x(a), y, Math.max(0, (b - a) * scale), h);
  const [top, tall] = [20, 52];
  const at = stackLabels([x(near), x(far), x(stop)], LABEL_APART, { from: left, to: input.box.width });
  return {
    upstand: rectangle(left - 26, top - 8, 26, tall + 40),
    bed: box(0, input.bed, top, tall),
    panes: [box(input.bed, Math.min(input.bed + pane, near), top, tall), box(near, far, top, tall)],
    spacer: box(Math.min(input.bed + pane, near), near, top + tall - 14, 14),
    stop: box(far, stop, top + 8, tall - 8),
    slip: box(0, stop + 6, top + tall + 6, 14),
    marks: [
      { name: "near", x: x(near), label: at[0] ?? x(near), known: input.near !== null },
      { name: "far", x: x(far), label: at[1] ?? x(far), known: input.far !== null },
      { name: "stop", x: x(stop), label: at[2] ?? x(stop), known: input.stop !== null },
    ],
    scaleBar: { from: { x: left, y: input.box.height - 6 }, to: { x: x(10), y: input.box.height - 6 } },
  };
}
