import { isInchMake } from "../units/inch-make.ts";
import { type Mm, mm, type Nm, toMm } from "../units/length.ts";
import { sheetMakes, THICKNESSES } from "./glass.ts";
import { type Makeup, makeupOverall } from "./makeup.ts";
import { spacersWith } from "./stack.ts";

/** What stands for ordinary glass where safety glass is called for. */
export type SafeKind = "toughened" | "laminated";
export const SAFE_KINDS = ["toughened", "laminated"] as const satisfies readonly SafeKind[];

/** Sums of makes in inches differ by less than this, mm. */
const NEAR_MM = 1e-6;

/** The laminated sheet that stands in for one of plain glass, mm: two sheets and the layer between them. */
const LAMINATED: readonly (readonly [upTo: number, mm: Mm])[] = [
  [6, 6.4],
  [8, 8.8],
  [10, 10.8],
];

/** @example laminatedFor(4) // 6.4; laminatedFor(25.4 / 8) // a quarter inch */
export const laminatedFor = (thick: Mm): Mm =>
  isInchMake(thick)
    ? toMm(THICKNESSES.in.laminated.find((t) => toMm(t) >= thick - NEAR_MM) ?? mm(thick))
    : (LAMINATED.find(([upTo]) => thick <= upTo)?.[1] ?? thick);

/** The widest spacer that is made, in the units that the panes are made in, and finds room; the narrowest where none does. */
export function spacerUpTo(room: Mm, was: Mm, paneMm: Mm): Mm {
  const all = spacersWith(paneMm);
  const made = all.filter((s) => s <= room + NEAR_MM && s <= was + NEAR_MM);
  return made.at(-1) ?? all[0] ?? was;
}

/**
 * A single sheet as safety glass: toughened of the same thickness or the next that is made, laminated of two sheets in place
 * of one.
 * @example saferSheet("toughened", 6 mm) // 6 mm; saferSheet("laminated", 4 mm) // 6.4 mm
 */
export function saferSheet(kind: SafeKind, thickness: Nm): Nm {
  if (kind === "laminated") return mm(laminatedFor(toMm(thickness)));
  const made = THICKNESSES[sheetMakes(thickness)].toughened;
  return made.find((t) => t >= thickness) ?? made.at(-1) ?? thickness;
}

/**
 * The same unit in safety glass on both faces. Toughened sheets are as thick as before; laminated ones are thicker, and the
 * cavities give, so that it is no thicker than it was wherever a spacer is made that narrow.
 * @example 4-16-4 laminated // 6.4-10-6.4: 22.8 where 24 was; 4-6-4 laminated // 6.4-6-6.4, thicker by 4.8
 */
export function saferMakeup(m: Makeup, kind: SafeKind): Makeup {
  if (kind === "toughened") return { ...m, panes: m.panes.map((p) => ({ ...p, kind })) };
  const panes = m.panes.map((p) => ({ mm: p.kind === "laminated" ? p.mm : laminatedFor(p.mm), kind }));
  const left = makeupOverall(m) - panes.reduce((sum, p) => sum + p.mm, 0);
  const cavities = m.cavities.map((c) => ({
    ...c,
    mm: spacerUpTo(left / m.cavities.length, c.mm, m.panes[0]?.mm ?? 4),
  }));
  return { ...m, panes, cavities };
}
