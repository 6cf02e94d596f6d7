import { MATERIALS } from "../size/errors.ts";
import type { Template } from "../text/template.ts";
import { nm, toMm } from "../units/length.ts";
import { cutFigures, inchFigure } from "./cut-figures.ts";
import type { By, OwnFigure } from "./own-figure.ts";
import { type OfPeople, theirTapeMore } from "./person-rule.ts";
import type { PaneSeen, SideCame } from "./seen.ts";
import { type OfSuppliers, theirsLarger } from "./supplier-rule.ts";
import { swingFigure } from "./swing-figure.ts";
import { tapeFigure } from "./tape-figure.ts";

/** Less than this between two figures is none, mm. */
const SAME_MM = 0.05;

/** What a figure is held against, with what was taken on of each person and each supplier. */
export type ByEach = By & { readonly ofPeople: OfPeople; readonly ofSuppliers: OfSuppliers };

const lessSuppliers =
  ({ house, ofSuppliers }: ByEach) =>
  (s: SideCame): SideCame => ({
    ...s,
    byMm: s.byMm - toMm(theirsLarger(house, ofSuppliers.get(s.supplier), s.sealed)?.by ?? nm(0)),
  });
const lessTapes =
  ({ house, ofPeople }: ByEach) =>
  (s: SideCame): SideCame => ({ ...s, byMm: s.byMm - theirTapeMore(house, ofPeople.get(s.who), s) });

/** All figures that the firm's panes say something of, in the order in which they are shown. */
export function ownFigures(panes: readonly PaneSeen[], by: By): readonly OwnFigure[] {
  const sides = panes.flatMap((p) => p.sides);
  return [
    tapeFigure(panes, "mm", by),
    tapeFigure(panes, "in", by),
    ...cutFigures(sides, false, by),
    ...cutFigures(sides, true, by),
    inchFigure(sides, by),
    ...MATERIALS.map((m) => swingFigure(panes, m, by)),
  ];
}

/**
 * What one person's readings say: how they scatter, and how much larger than ordered what they check comes by their tape. A
 * tape that reads short shows in the second, and the same tape read the opening: their sum is all that a size wants to know.
 * The house's word of it is the firm's own figure. What a supplier's own figure in use says of a side is not theirs.
 */
export function personFigures(panes: readonly PaneSeen[], who: string, by: ByEach): readonly OwnFigure[] {
  const theirs = panes.map((p) => ({
    ...p,
    twice: p.twice.filter((t) => t.who === who),
    sides: p.sides.filter((s) => s.who === who).map(lessSuppliers(by)),
  }));
  const own = by.ofPeople.get(who);
  const now = { ...by.house, ...Object.fromEntries([...(own ?? [])].map(([rule, f]) => [rule, f.value])) };
  const mine: By = {
    ...by,
    house: now,
    defaults: by.house,
    own: new Map([...(own ?? [])].map(([rule, f]) => [rule, f.own])),
  };
  const sides = theirs.flatMap((p) => p.sides);
  return [
    tapeFigure(theirs, "mm", mine),
    tapeFigure(theirs, "in", mine),
    ...[false, true].map((sealed) => cutFigures(sides, sealed, mine)[0]),
    inchFigure(sides, mine),
  ].map((f) => ({ ...f, who }));
}

/**
 * What one supplier sends: how much larger than ordered, and how it scatters. The house's word of it is the firm's own figure.
 * What the tape that checked a side is known to read otherwise is not theirs: a pane is made smaller for either, never for both.
 */
export function supplierFigures(panes: readonly PaneSeen[], supplier: string, by: ByEach): readonly OwnFigure[] {
  const sides = panes
    .flatMap((p) => p.sides)
    .filter((s) => s.supplier === supplier)
    .map(lessTapes(by));
  const own = [...(by.ofSuppliers.get(supplier) ?? [])];
  const theirs: By = {
    ...by,
    house: { ...by.house, ...Object.fromEntries(own.map(([rule, f]) => [rule, f.value])) },
    defaults: by.house,
    own: new Map(own.map(([rule, f]) => [rule, f.own])),
  };
  return [false, true].flatMap((sealed): readonly OwnFigure[] => {
    const [off, scatter] = cutFigures(sides, sealed, theirs);
    const what: Template = sealed ? "{units}" : "single glass";
    return [
      { ...off, supplier, says: `Larger than ordered by, ${what}` },
      { ...scatter, supplier, says: `Scattered about that by, ${what}` },
    ];
  });
}

/** Everybody who sent something that was measured. */
export const sendersIn = (panes: readonly PaneSeen[]): readonly string[] =>
  [...new Set(panes.flatMap((p) => p.sides.map((s) => s.supplier)))].sort();

/** Everybody whose tape something is known of. */
export const readersIn = (panes: readonly PaneSeen[]): readonly string[] =>
  [...new Set(panes.flatMap((p) => [...p.twice.map((t) => t.who), ...p.sides.map((s) => s.who)]))].sort();

/** Whether the firm's own figure is another than the one in use. */
export const differs = (f: Pick<OwnFigure, "own" | "now">): boolean =>
  f.own !== null && Math.abs(f.own - f.now) >= SAME_MM;

/** Whether the one in use is hardly true any more: it lies outside of where the truth lies with nine chances in ten. */
export const isClear = (f: Pick<OwnFigure, "own" | "now" | "within">): boolean =>
  differs(f) && (f.now < f.within.lo || f.now > f.within.hi);

/** What is adopted at once by a house that lets its figures follow: those that clearly say something else than the rule. */
export const toAdopt = (figures: readonly OwnFigure[]): readonly OwnFigure[] =>
  figures.filter((f) => f.sets.length > 0 && isClear(f));
