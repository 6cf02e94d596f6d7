import type { Chance } from "../chance/seeded.ts";
import type { Cut, Place } from "../cut/cut-order.ts";
import type { System } from "../frame/systems.ts";
import type { Quad, Side } from "../geometry/quad.ts";
import type { OpeningReadings } from "../measure/figure.ts";
import type { OpeningPlace } from "../measure/places.ts";
import type { Packers, SimulatorFacts } from "../set/simulate.ts";
import type { Joints } from "../takeout/beads.ts";
import type { Template } from "../text/template.ts";
import type { Day } from "../units/day.ts";
import type { LengthUnit, Mm, Nm } from "../units/length.ts";

/** What is drawn beside the question. */
export type Picture =
  | {
      readonly kind: "tape";
      readonly unit: LengthUnit;
      readonly at: Nm;
      readonly from: Nm;
      readonly to: Nm;
      readonly tick: Nm;
    }
  | { readonly kind: "opening"; readonly quad: Quad; readonly readings: OpeningReadings; readonly unit: LengthUnit }
  | { readonly kind: "section"; readonly system: System; readonly held: "glass" | "unit"; readonly mirrored: boolean }
  | { readonly kind: "beads"; readonly joints: Joints; readonly width: Mm; readonly height: Mm }
  | { readonly kind: "days"; readonly from: Day; readonly days: readonly PracticeDay[]; readonly set: Day }
  | { readonly kind: "bench"; readonly sheet: Sized; readonly pane: Sized; readonly unit: LengthUnit }
  /** What lies on the bench, and its scores, numbered as they stand here. */
  | { readonly kind: "cuts"; readonly of: Place; readonly cuts: readonly Cut[] }
  | { readonly kind: "sash"; readonly widthMm: Mm; readonly heightMm: Mm; readonly dropMm: Mm }
  | { readonly kind: "lines"; readonly lines: readonly Template[] }
  /** What is drawn is what is worked on: the form draws it. */
  | { readonly kind: "none" };

type Sized = { readonly width: Mm; readonly height: Mm };
export type PracticeDay = {
  readonly day: Day;
  readonly off: boolean;
  readonly wet: boolean;
  readonly lowC: number | null;
};

/** What is asked for, and in what form. */
export type Asks =
  | { readonly kind: "choice"; readonly options: readonly Template[] }
  | { readonly kind: "length"; readonly names: readonly string[]; readonly unit: LengthUnit }
  | { readonly kind: "order"; readonly sides: readonly Side[] }
  | { readonly kind: "place"; readonly places: readonly OpeningPlace[] }
  | { readonly kind: "day"; readonly days: readonly Day[] }
  /** Packers that go in and out of a sash that moves with them, before the clock is down. */
  | { readonly kind: "packers"; readonly facts: SimulatorFacts; readonly start: Packers; readonly seconds: number };

/** Lengths as typed, in the order asked; or what was picked, by its place in what was offered. */
export type Answer = { readonly texts: readonly string[]; readonly picks: readonly number[] };

export type Judged = {
  readonly right: boolean;
  /** How far off, mm; null where the answer is no length. */
  readonly offMm: Mm | null;
  /** What is right, with its sum. */
  readonly says: Template;
  /** The pane that was ordered, as it lies in the opening that was drawn. */
  readonly laid?: Quad;
};

/** One made-up case, and how an answer to it is judged. */
export type Made = {
  readonly asks: Template;
  readonly form: Asks;
  readonly picture: Picture;
  /** `seconds` is how long it took, where there is a clock. */
  readonly judge: (answer: Answer, seconds?: number) => Judged;
};

export type Exercise = {
  readonly name: Template;
  /** Why it is worth a minute. */
  readonly why: Template;
  /** Makes a case: the same chance, level and unit make the same one. Levels go from 1 to 5, and grow harder. */
  readonly make: (chance: Chance, level: number, unit: LengthUnit) => Made;
};

export const MOST_LEVEL = 5;

export const below = (c: Chance, n: number): number => Math.floor(c.uniform() * n);
export const oneOf = <T>(c: Chance, items: readonly T[]): T => items[below(c, items.length)] as T;
export const between = (c: Chance, lo: number, hi: number): number => lo + c.uniform() * (hi - lo);

/** So many of a list, in a made-up order, the one that must be among them included. */
export function someOf<T>(c: Chance, items: readonly T[], count: number, must: T): readonly T[] {
  const rest = items.filter((x) => x !== must);
  const out: T[] = [must];
  while (out.length < count && rest.length > 0) out.push(...rest.splice(below(c, rest.length), 1));
  for (let i = out.length - 1; i > 0; i--) {
    const k = below(c, i + 1);
    [out[i], out[k]] = [out[k] as T, out[i] as T];
  }
  return out;
}

/** Made anew until it will do: a case whose right answer is not one clear one is no exercise. */
export function until<T>(make: () => T | null): T {
  for (let i = 0; i < 400; i++) {
    const made = make();
    if (made !== null) return made;
  }
  throw new Error("no such case in four hundred");
}
