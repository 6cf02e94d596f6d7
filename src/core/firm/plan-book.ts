import type { Payloads } from "../log/kinds.ts";
import type { WeekWeights } from "../plan/week.ts";
import type { Day } from "../units/day.ts";

export type PlanPerson = Omit<Payloads["plan.person"], "gone">;

/** What the firm said of its people, its roads and what it weighs a week by. */
export type PlanBook = {
  readonly people: readonly PlanPerson[];
  /** Days away, by name; those worked after all are false. */
  readonly away: ReadonlyMap<string, ReadonlyMap<Day, Payloads["plan.away"]>>;
  readonly roads: ReadonlyMap<string, number>;
  readonly where: ReadonlyMap<string, { readonly latitude: number; readonly longitude: number }>;
  readonly weights: WeekWeights;
  /** Minutes late, by name and day. */
  readonly late: ReadonlyMap<string, number>;
};

export const lateKey = (name: string, day: string): string => `${name}\n${day}`;
