import type { VisitPart } from "../plan/visit-part.ts";
import type { WeekVisit } from "../plan/week.ts";
import type { Day } from "../units/day.ts";

/** A visit that a pane still needs, as the plan lays it out, and what to say of it. */
export type PaneVisit = Omit<WeekVisit, "held"> & {
  readonly pane: string;
  readonly part: VisitPart;
  readonly where: string;
  /** Whoever comes stands outside above ground. */
  readonly fromLadder: boolean;
  /** Why it is not before its earliest day. */
  readonly because: Because;
};

export type Because =
  | { readonly kind: "ready" }
  | { readonly kind: "glass-promised"; readonly supplier: string; readonly day: Day }
  | { readonly kind: "glass-late"; readonly supplier: string; readonly day: Day }
  /** On no order yet: so many working days are reckoned with, which nobody promised. */
  | { readonly kind: "not-ordered"; readonly days: number }
  | { readonly kind: "follows"; readonly part: VisitPart }
  | { readonly kind: "cure"; readonly day: Day }
  | { readonly kind: "shut"; readonly day: Day };
