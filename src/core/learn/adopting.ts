import { isHouseRule } from "../house/rules.ts";
import type { Payloads } from "../log/kinds.ts";
import type { OwnFigure } from "./own-figures.ts";
import { PERSON_RULES, type PersonRule } from "./person-rule.ts";

/** What is written where a figure is taken on, or given back to the house. */
export type Adopting =
  | { readonly kind: "house.rule"; readonly payload: Payloads["house.rule"] }
  | { readonly kind: "person.figure"; readonly payload: Payloads["person.figure"] };

const isPersons = (rule: string): rule is PersonRule => PERSON_RULES.some((p) => p === rule);

/** Takes a figure on: as the firm's rule, or as one person's own. @example off-single of Nell's tape // person.figure, cutOffMm */
export const adopting = (f: Pick<OwnFigure, "sets" | "who" | "from">): readonly Adopting[] =>
  f.sets.flatMap(({ rule, own }): readonly Adopting[] =>
    f.who === null
      ? [{ kind: "house.rule", payload: { rule, value: own, own: f.from } }]
      : isPersons(rule)
        ? [{ kind: "person.figure", payload: { person: f.who, rule, value: own, own: f.from } }]
        : [],
  );

/** Gives it back: the house's word stands again. */
export const givingBack = (f: Pick<OwnFigure, "sets" | "who" | "from">): readonly Adopting[] =>
  f.sets.flatMap(({ rule, house }): readonly Adopting[] =>
    f.who === null
      ? isHouseRule(rule)
        ? [{ kind: "house.rule", payload: { rule, value: house } }]
        : []
      : isPersons(rule)
        ? [{ kind: "person.figure", payload: { person: f.who, rule, value: house, own: f.from, gone: true } }]
        : [],
  );
