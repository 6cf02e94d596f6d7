import type { Payloads } from "../log/kinds.ts";
import type { Cut } from "../size/cut.ts";
import { massOf } from "../specify/glass.ts";
import { looksText } from "../specify/looks.ts";
import { makeupMass } from "../specify/makeup.ts";
import { paneMass } from "../specify/mass.ts";
import { PANEL_MAKE_NAMES } from "../specify/panel.ts";
import { withUnit } from "../tape/as-written.ts";
import { type Nm, nm, takeNm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { needsTemplate } from "./needs-template.ts";
import { shareOfRound } from "./own-shape.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnit, USUAL_SHEETS } from "./unit.ts";
import { wholeHere, wholeOf } from "./whole-here.ts";

/** Where a pane is, as it is written on its label. @example "No. 5, back bedroom, lower sash" */
export const labelOf = (book: PaneBook): string =>
  [book.added.address, book.added.opening, book.added.light].filter(Boolean).join(", ");

/** What the cutter takes off the opening to come to the glass: opening less glass, rounding and all. */
export const allowanceOf = (cut: Cut): { readonly width: Nm; readonly height: Nm } => ({
  width: takeNm(cut.governs.width.length, cut.glass.width),
  height: takeNm(cut.governs.height.length, cut.glass.height),
});

/** What one line weighs, kg: a unit by its sheets, the cavity weighs nothing; of what is made whole the glass alone, as is usual; a shaped one by its corners. */
export const lineMass = (
  line: Pick<Payloads["order.line"], "widthNm" | "heightNm" | "thicknessNm" | "makeup" | "whole" | "corners">,
): number =>
  (line.makeup
    ? makeupMass(line.makeup, toMm(nm(line.widthNm)), toMm(nm(line.heightNm)))
    : line.whole
      ? paneMass(toMm(nm(line.widthNm)), toMm(nm(line.heightNm)), USUAL_SHEETS)
      : massOf(nm(line.widthNm), nm(line.heightNm), nm(line.thicknessNm))) *
  (line.corners ? shareOfRound(line.corners) : 1);

/** The size an order line states, and what the cutter still takes off it. */
export function statedSize(line: Pick<Payloads["order.line"], "widthNm" | "heightNm" | "basis" | "allowanceNm">) {
  const allowance = line.basis === "opening" ? line.allowanceNm : undefined;
  return {
    basis: allowance ? ("opening" as const) : ("glass" as const),
    width: nm(line.widthNm + (allowance?.width ?? 0)),
    height: nm(line.heightNm + (allowance?.height ?? 0)),
    allowance: { width: nm(allowance?.width ?? 0), height: nm(allowance?.height ?? 0) },
  };
}

/** What else whoever makes it must know: a panel of two sheets, an insert's door, what was said under parts. */
function noteOf(book: PaneBook, r: Reckoning): string {
  const door = book.readings["door-thickness"];
  return [
    needsTemplate(book, r) && wholeOf(book) === null
      ? `${book.shape === "raked" ? "a raking side" : "not of straight sides"}: cut to the template that comes with it`
      : "",
    book.glass?.offcut ? "an off-cut will do" : "",
    book.panel ? `solid panel, ${PANEL_MAKE_NAMES[book.panel.make]}` : "",
    wholeOf(book) === "insert" && door ? `for a door ${withUnit(door)} thick` : "",
    book.parts?.note ?? "",
  ]
    .filter(Boolean)
    .join("; ")
    .slice(0, 200);
}

/** What would go on an order for a pane by the readings and choices of now, whatever is on order already. */
export function orderLineOf(book: PaneBook, r: Reckoning): Omit<Payloads["order.line"], "line"> | null {
  const whole = wholeHere(book, r);
  return r.worked.ok
    ? {
        widthNm: r.worked.value.glass.width,
        heightNm: r.worked.value.glass.height,
        thicknessNm: r.chosen.thickness,
        glass: r.chosen.kind,
        edges: r.chosen.edges,
        pattern: r.chosen.pattern ?? "",
        label: labelOf(book),
        grid: r.rule.grid,
        ...(book.makeup ? { makeup: book.makeup } : {}),
        ...(book.looks && looksText(book.looks) ? { looks: book.looks } : {}),
        ...(isUnit(book) && book.bars ? { bars: book.bars } : {}),
        ...(book.parts && book.parts.parts.length > 0 ? { parts: book.parts.parts } : {}),
        ...(noteOf(book, r) ? { note: noteOf(book, r) } : {}),
        ...(whole ? { whole } : {}),
        ...(needsTemplate(book, r) && whole === null ? { template: true as const } : {}),
        ...(r.shaped ? { corners: r.shaped.corners } : {}),
        ...(book.basis === "opening" && !r.shaped
          ? { basis: "opening" as const, allowanceNm: allowanceOf(r.worked.value) }
          : {}),
      }
    : null;
}
