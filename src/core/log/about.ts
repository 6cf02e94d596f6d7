import type { About, Entry, Kind } from "./kinds.ts";

/** What each kind of entry must be about. A strike is about whatever its target was. */
export const ABOUT: { readonly [K in Kind]: readonly (keyof About)[] } = {
  "round.opened": ["round"],
  "round.weather": [],
  "round.day-off": [],
  "house.rule": [],
  "supplier.added": [],
  "stock.pane": [],
  "stock.insert": [],
  "pane.added": ["pane"],
  "pane.corrected": ["pane"],
  "note.written": ["pane"],
  "step.marked": ["pane"],
  "look.damage": ["pane"],
  "look.cause": ["pane"],
  "look.urgency": ["pane"],
  "look.building": ["pane"],
  "look.closed": ["pane"],
  "look.opened": ["pane"],
  "takeout.marks": ["pane"],
  "takeout.sprigs": ["pane"],
  "measure.reading": ["pane"],
  "measure.again": ["pane"],
  "measure.stood-by": ["pane"],
  "measure.way": ["pane"],
  "measure.circumstance": ["pane"],
  "measure.shape": ["pane"],
  "measure.sits": ["pane"],
  "measure.bars": ["pane"],
  "measure.coating": ["pane"],
  "measure.found": ["pane"],
  "size.rule": ["pane"],
  "size.overruled": ["pane"],
  "size.overrule-dropped": ["pane"],
  "size.shaped": ["pane"],
  "size.shaped-dropped": ["pane"],
  "size.basis": ["pane"],
  "size.risk-taken": ["pane"],
  "specify.glass": ["pane"],
  "specify.location": ["pane"],
  "order.opened": ["order"],
  "order.line": ["order", "pane"],
  "order.line-dropped": ["order"],
  "order.sent": ["order"],
  "order.arrived": ["order"],
  "order.checked": ["order"],
  "set.done": ["pane"],
  "finish.painted": ["pane"],
  "signoff.check": ["pane"],
  "signoff.signed": ["pane"],
  struck: [],
};

export type AboutError = { readonly kind: "about-missing"; readonly entry: string; readonly needs: keyof About };

/** What an entry should be about and is not. @example an order.line without a pane // needs "pane" */
export function aboutMissing(e: Entry): AboutError | null {
  const needs = ABOUT[e.kind].find((k) => e.about[k] === undefined);
  return needs === undefined ? null : { kind: "about-missing", entry: e.id, needs };
}
