import { counted, panesText } from "../text/counted.ts";
import type { Template } from "../text/template.ts";

/** What a plan of cuts came to, as far as words want to know it. */
export type CutPlanFacts = {
  readonly sheets: number;
  readonly placed: number;
  readonly of: number;
  readonly bound: number;
  readonly proved: boolean;
  /** What one sheet costs, where all that could be cut are of one kind; null where they differ. */
  readonly each: number | null;
};

/**
 * How good a plan is: so many sheets, and whether fewer are possible. Where sheets differ it is a question of cost.
 * @example 4 sheets of one kind, proved // "12 of 12 {panes} from 4 sheets: fewer than 4 is impossible."
 */
export function cutPlanSays(f: CutPlanFacts): Template {
  const from = `${f.placed} of ${panesText(f.of)} from ${counted(f.sheets, "sheet")}`;
  if (f.each === null || f.each <= 0)
    return f.proved
      ? `${from}: nothing cheaper is possible.`
      : `${from}: perhaps it can be done for less, nobody has proved that it cannot.`;
  const fewest = Math.ceil(f.bound / f.each - 1e-9);
  if (f.proved || fewest >= f.sheets)
    return f.sheets > 1 ? `${from}: fewer than ${f.sheets} is impossible.` : `${from}: it cannot be fewer.`;
  return `${from}: perhaps ${fewest} would do, nobody has proved that it cannot.`;
}
