import type { Template } from "../text/template.ts";
import { addNm, type Mm, mm, type Nm, takeNm, toMm } from "../units/length.ts";
import type { Readings } from "./reckoned.ts";

/** The bed of tape or sealant between upstand and glass, until it is read: about 1/16 in. */
export const USUAL_BED: Nm = mm(1.5);
/** How far apart two ways of reading one thickness may be: two pencil lines, half a millimetre each. */
export const PENCIL_MM = 1;

/** Thinner than this nothing is sealed: two panes of 3 and a spacer of 6. */
export const THINNEST_UNIT: Nm = mm(11);

/** How a thickness was read: by caliper, by marks on a slip of wood, or over the edge of the old unit with a tape. */
export type ThicknessBy = "caliper" | "slip" | "edge";
/** How far each may be off, mm: overall, and one pane. */
export const THICKNESS_ERRORS: Readonly<Record<ThicknessBy, { readonly overallMm: Mm; readonly paneMm: Mm }>> = {
  caliper: { overallMm: 0.5, paneMm: 0.2 },
  slip: { overallMm: 1, paneMm: 0.6 },
  edge: { overallMm: 1, paneMm: 0.6 },
};
/** In words, after "by". */
export const THICKNESS_BY: Readonly<Record<ThicknessBy, Template>> = {
  caliper: "caliper",
  slip: "slip of wood",
  edge: "the old {unit}'s edge",
};

/** How thick the glass is, and by which way it is known. */
export type Thickness = {
  readonly overall: Nm | null;
  readonly by: ThicknessBy | null;
  /** By the slip of wood: far mark less the bed. */
  readonly bySlip: Nm | null;
  /** Panes as read: the nearer first. */
  readonly panes: readonly Nm[];
  readonly bed: { readonly length: Nm; readonly read: boolean };
  /** From the mark at the stop's face: the room between upstand and stop. */
  readonly room: Nm | null;
  readonly conflicts: readonly Conflict[];
};

export type Conflict =
  | { readonly kind: "overall-differs"; readonly caliper: Nm; readonly slip: Nm; readonly by: number }
  | { readonly kind: "pane-differs"; readonly caliper: Nm; readonly slip: Nm; readonly by: number }
  | { readonly kind: "marks-out-of-order" }
  | { readonly kind: "pane-thicker-than-whole" }
  | { readonly kind: "bed-thicker-than-mark" };

/**
 * Thickness by caliper and by a slip of wood stood on the upstand and marked at the stop's face and at the faces of the
 * glass. The far mark holds the bed under the glass once, and it is taken off once; the pane is the difference of two
 * marks, in which the bed cancels. Where neither was used, an old pane read over its edge says it, if it is as thick as a unit.
 * @example marks at 25.5 and 21.5, bed 1.5 // overall 24, pane 4
 */
export function thicknessFrom(r: Readings): Thickness {
  const bed = { length: r["bed-under"] ?? USUAL_BED, read: r["bed-under"] !== undefined };
  const [far, near, caliper] = [r["slip-far"], r["slip-near"], r["unit-thickness"]];
  const conflicts: Conflict[] = [];
  const bySlip = far === undefined || far <= bed.length ? null : takeNm(far, bed.length);
  if (far !== undefined && far <= bed.length) conflicts.push({ kind: "bed-thicker-than-mark" });
  const slipPane = far !== undefined && near !== undefined && far > near ? takeNm(far, near) : null;
  if (far !== undefined && near !== undefined && far <= near) conflicts.push({ kind: "marks-out-of-order" });
  // A sheet's thickness over its edge is its own; that of a unit is what stood there.
  const old = r["old-thickness"];
  const edge = old !== undefined && old >= THINNEST_UNIT ? old : undefined;
  const overall = caliper ?? bySlip ?? edge;
  if (caliper !== undefined && bySlip !== null && Math.abs(toMm(takeNm(caliper, bySlip))) > PENCIL_MM)
    conflicts.push({ kind: "overall-differs", caliper, slip: bySlip, by: toMm(takeNm(caliper, bySlip)) });
  const calPane = r["pane-thickness"];
  if (calPane !== undefined && slipPane !== null && Math.abs(toMm(takeNm(calPane, slipPane))) > PENCIL_MM)
    conflicts.push({ kind: "pane-differs", caliper: calPane, slip: slipPane, by: toMm(takeNm(calPane, slipPane)) });
  const panes = [calPane ?? slipPane, r["pane-thickness-far"]].flatMap((p) => p ?? []);
  if (
    overall !== null &&
    overall !== undefined &&
    panes.length > 0 &&
    panes.reduce<Nm>((s, p) => addNm(s, p), mm(0)) >= overall
  )
    conflicts.push({ kind: "pane-thicker-than-whole" });
  return {
    overall: overall ?? null,
    by: caliper !== undefined ? "caliper" : bySlip !== null ? "slip" : edge !== undefined ? "edge" : null,
    bySlip,
    panes,
    bed,
    room: r["slip-stop"] ?? null,
    conflicts,
  };
}
