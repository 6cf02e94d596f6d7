import { curveMonotoneX, line, scaleLinear } from "d3";
import { stackLabels } from "./stack-labels.ts";

export type OddsPoint = { readonly off: number; readonly binds: number; readonly coverLost: number | null };
export type OddsMark = {
  readonly name: string;
  readonly off: number;
  readonly trouble: number;
  readonly inUse: boolean;
};

export type OddsChartInput = {
  /** Chances by what comes off, mm, in order. */
  readonly curve: readonly OddsPoint[];
  readonly marks: readonly OddsMark[];
  readonly box: { readonly width: number; readonly height: number };
  /** Ticks along the foot, in mm, with what is written at each. */
  readonly unit: "mm" | "in";
};

type Tick = { readonly at: number; readonly text: string };
export type DrawnMark = OddsMark & {
  readonly x: number;
  readonly y: number;
  /** Where its name is written: above the chart, moved apart from its neighbours. */
  readonly label: number;
};

export type OddsChart = {
  readonly binds: string;
  readonly coverLost: string | null;
  readonly x: readonly Tick[];
  readonly y: readonly Tick[];
  readonly marks: readonly DrawnMark[];
  readonly frame: { readonly left: number; readonly right: number; readonly top: number; readonly foot: number };
  /** Where the two curves' names stand, each on its own slope. */
  readonly names: { readonly binds: Place; readonly coverLost: Place | null };
};
type Place = { readonly x: number; readonly y: number };

/** Chances above this are drawn at the top: past two in five nobody asks how much. */
export const TOP_SHARE = 0.4;
const ROOM = { left: 40, right: 14, top: 30, foot: 36 };
const NAME_APART = 62;
/** The two curves' names as they are written, with the room before and after them. */
const BINDS_WIDE = 46;
const COVER_WIDE = 104;
const LINE_HIGH = 16;

/**
 * The chance that a pane binds and the chance that cover runs short against what comes off, with the schools where they
 * stand. Shown from nothing off to two millimetres past the last school, or to where cover is as good as lost.
 */
export function oddsChart(input: OddsChartInput): OddsChart {
  const lost = input.curve.find((p) => (p.coverLost ?? 0) > TOP_SHARE)?.off ?? 0;
  const last = input.curve.at(-1)?.off ?? 6;
  const reach = Math.min(last, Math.max(6, lost + 1, ...input.marks.map((m) => m.off + 1)));
  const x = scaleLinear([0, reach], [ROOM.left, input.box.width - ROOM.right]);
  const y = scaleLinear([0, TOP_SHARE], [input.box.height - ROOM.foot, ROOM.top]).clamp(true);
  const shown = input.curve.filter((p) => p.off <= reach + 1e-9);
  const path = (pick: (p: OddsPoint) => number): string =>
    line<OddsPoint>(
      (p) => round(x(p.off)),
      (p) => round(y(pick(p))),
    ).curve(curveMonotoneX)(shown) ?? "";
  const known = shown.some((p) => p.coverLost !== null);
  const slope = (points: readonly OddsPoint[], pick: (p: OddsPoint) => number): Place | null => {
    const p = points.find((q) => pick(q) <= 0.3);
    return p ? { x: x(p.off), y: y(Math.max(0.26, pick(p))) } : null;
  };
  const columns = stackLabels(
    input.marks.map((m) => x(m.off)),
    NAME_APART,
    { from: ROOM.left, to: input.box.width - ROOM.right },
  );
  const bindsAt = slope(shown, (p) => p.binds) ?? { x: x(reach / 3), y: y(0.26) };
  const coverAt = known ? (slope([...shown].reverse(), (p) => p.coverLost ?? 0) ?? { x: x(reach), y: y(0.26) }) : null;
  return {
    binds: path((p) => p.binds),
    coverLost: known ? path((p) => p.coverLost ?? 0) : null,
    x: ticksOf(reach, input.unit).map((t) => ({ at: x(t.at), text: t.text })),
    y: [0, 0.1, 0.2, 0.3, TOP_SHARE].map((share) => ({
      at: y(share),
      text: `${share === TOP_SHARE ? "≥" : ""}${Math.round(100 * share)}%`,
    })),
    marks: input.marks.map((m, i) => ({ ...m, x: x(m.off), y: y(m.trouble), label: columns[i] ?? x(m.off) })),
    frame: { left: ROOM.left, right: input.box.width - ROOM.right, top: ROOM.top, foot: input.box.height - ROOM.foot },
    names: {
      binds: bindsAt,
      // Where the two slopes stand close the lower one's name goes below the other's.
      coverLost:
        coverAt && Math.abs(coverAt.y - bindsAt.y) < LINE_HIGH && coverAt.x - COVER_WIDE < bindsAt.x + BINDS_WIDE
          ? { x: coverAt.x, y: bindsAt.y + 2 * LINE_HIGH }
          : coverAt,
    },
  };
}

const round = (v: number): number => Math.round(v * 100) / 100;

/** Whole millimetres, or sixteenths of an inch by eighths, so that a handful of ticks stand. */
function ticksOf(reach: number, unit: "mm" | "in"): readonly { readonly at: number; readonly text: string }[] {
  if (unit === "mm") {
    const step = reach > 14 ? 4 : reach > 8 ? 2 : 1;
    return Array.from({ length: Math.floor(reach / step) + 1 }, (_, i) => ({ at: i * step, text: String(i * step) }));
  }
  const eighth = 25.4 / 8;
  const words = ["0", "1/8", "1/4", "3/8", "1/2", "5/8", "3/4", "7/8"];
  return words.flatMap((text, i) => (i * eighth <= reach ? [{ at: i * eighth, text }] : []));
}
