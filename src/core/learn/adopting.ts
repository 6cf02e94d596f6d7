import { isHouseRule } from "../house/rules.ts";
import type { Payloads } from "../log/kinds.ts";
import type { OwnFigure } from "./own-figure.ts";
import { PERSON_RULES, type PersonRule } from "./person-rule.ts";
import { SUPPLIER_RULES, type SupplierRule } from "./supplier-rule.ts";

/** What is written where a figure is taken on, or given back to the house. */
export type Adopting =
  | { readonly kind: "house.rule"; readonly payload: Payloads["house.rule"] }
  | { readonly kind: "person.figure"; readonly payload: Payloads["person.figure"] }
  | { readonly kind: "supplier.figure"; readonly payload: Payloads["supplier.figure"] };

const isPersons = (rule: string): rule is PersonRule => PERSON_RULES.some((p) => p === rule);
const isSuppliers = (rule: string): rule is SupplierRule => SUPPLIER_RULES.some((p) => p === rule);

type Whose = Pick<OwnFigure, "sets" | "who" | "supplier" | "from">;

/** Takes a figure on: as the firm's rule, or as one person's or one supplier's own. @example off-single of Nell's tape // person.figure, cutOffMm */
export const adopting = (f: Whose): readonly Adopting[] =>
  f.sets.flatMap(({ rule, own }): readonly Adopting[] =>
    f.who === null && f.supplier === null
      ? [{ kind: "house.rule", payload: { rule, value: own, own: f.from } }]
      : ofOne(f, rule, own, {}),
  );

/** Gives it back: the house's word stands again. */
export const givingBack = (f: Whose): readonly Adopting[] =>
  f.sets.flatMap(({ rule, house }): readonly Adopting[] =>
    f.who === null && f.supplier === null
      ? isHouseRule(rule)
        ? [{ kind: "house.rule", payload: { rule, value: house } }]
        : []
      : ofOne(f, rule, house, { gone: true }),
  );

function ofOne(f: Whose, rule: string, value: number, more: { readonly gone?: true }): readonly Adopting[] {
  if (f.who !== null && isPersons(rule))
    return [{ kind: "person.figure", payload: { person: f.who, rule, value, own: f.from, ...more } }];
  if (f.supplier !== null && isSuppliers(rule))
    return [{ kind: "supplier.figure", payload: { supplier: f.supplier, rule, value, own: f.from, ...more } }];
  return [];
}
