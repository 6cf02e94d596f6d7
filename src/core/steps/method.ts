import type { Template } from "../text/template.ts";

/** A small skill: how, why, and what spoils it, with the schools side by side. Source of all: trade practice; labels win. */
export type Method = {
  readonly id: string;
  readonly name: Template;
  readonly steps: readonly Template[];
  readonly schools: readonly { readonly way: Template; readonly why: Template }[];
  /** Time that it can be worked, minutes. */
  readonly workMinutes?: number;
};

/** One with when it belongs. */
export type MethodWhen<F> = Method & { readonly when: (f: F) => boolean };

/** The cards of a list that belong to what is known of a pane. */
export const methodsOf =
  <F>(all: readonly MethodWhen<F>[]) =>
  (f: F): readonly Method[] =>
    all.filter((m) => m.when(f));
