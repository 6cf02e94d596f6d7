import type { Entry, Payloads } from "../log/kinds.ts";
import { WEIGHTS, type WeekWeights } from "../plan/week.ts";
import { type Day, dayOf } from "../units/day.ts";

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
export const roadKey = (from: string, to: string): string => [from, to].sort().join("\n");

/** Hears the firm's entries one by one, and says what stands of its plan. */
export function planBook() {
  const people = new Map<string, PlanPerson>();
  const away = new Map<string, Map<Day, Payloads["plan.away"]>>();
  const roads = new Map<string, number>();
  const where = new Map<string, { readonly latitude: number; readonly longitude: number }>();
  let weights = WEIGHTS;
  const late = new Map<string, number>();
  return {
    hear(e: Entry): void {
      switch (e.kind) {
        case "plan.person": {
          const { gone, ...person } = e.payload;
          if (gone) people.delete(person.name);
          else people.set(person.name, person);
          break;
        }
        case "plan.away": {
          const days = away.get(e.payload.name) ?? new Map<Day, Payloads["plan.away"]>();
          days.set(dayOf(e.payload.day), e.payload);
          away.set(e.payload.name, days);
          break;
        }
        case "plan.road":
          roads.set(roadKey(e.payload.from, e.payload.to), e.payload.minutes);
          break;
        case "plan.where":
          where.set(e.payload.place, e.payload);
          break;
        case "plan.weight":
          weights = { ...weights, [e.payload.what]: e.payload.value };
          break;
        case "plan.late":
          late.set(lateKey(e.payload.name, e.payload.day), e.payload.minutes);
          break;
      }
    },
    book: (): PlanBook => ({ people: [...people.values()], away, roads, where, weights, late }),
  };
}
