import { HOUSE_DEFAULTS, type HouseRules } from "../../src/core/house/rules.ts";
import type { OwnFigure } from "../../src/core/learn/own-figure.ts";
import { type ByEach, ownFigures } from "../../src/core/learn/own-figures.ts";
import { NOTHING_SEEN, type PaneSeen } from "../../src/core/learn/seen.ts";
import { pence } from "../../src/core/money/pence.ts";
import type { MakesOf } from "../../src/core/order/sources.ts";
import { dayOf } from "../../src/core/units/day.ts";

export const TODAY = dayOf("2026-05-20");
export const side = (byMm: number, more: Partial<PaneSeen["sides"][number]> = {}): PaneSeen => ({
  ...NOTHING_SEEN,
  sides: [{ supplier: "Salt Lane", sealed: false, who: "Nell", tape: "mm", day: "2026-05-01", byMm, ...more }],
});
export const came = (day: string, back = false, supplier = "Salt Lane", make: MakesOf = "single"): PaneSeen => ({
  ...NOTHING_SEEN,
  came: [{ supplier, day, back, make }],
  back: back ? [{ line: "l", day, supplier, said: "", why: null, whose: null, pence: pence(1200) }] : [],
});
export const BY: ByEach = {
  house: HOUSE_DEFAULTS,
  own: new Map(),
  defaults: HOUSE_DEFAULTS,
  today: TODAY,
  ofPeople: new Map(),
  ofSuppliers: new Map(),
};
export const figures = (panes: readonly PaneSeen[], house: HouseRules = HOUSE_DEFAULTS) =>
  ownFigures(panes, { ...BY, house });
export const one = (id: string, panes: readonly PaneSeen[], house?: HouseRules): OwnFigure => {
  const found = figures(panes, house).find((f) => f.id === id);
  if (!found) throw new Error(id);
  return found;
};
export const many = (n: number, given: (i: number) => PaneSeen): readonly PaneSeen[] =>
  Array.from({ length: n }, (_, i) => given(i));
