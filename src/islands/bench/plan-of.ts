import type { CuttingDone } from "../../contract/cutting-job.ts";
import { placesOf } from "../../core/cut/cut-order.ts";
import { type CutSheet, type CuttingCase, usable } from "../../core/cut/cutting.ts";
import { type LinesRun, linesUpright, waysToLie } from "../../core/cut/lies.ts";
import { OFFCUT_KEPT } from "../../core/cut/offcut-kept.ts";
import { sparesFor } from "../../core/cut/spare.ts";
import type { StockPane } from "../../core/house/stock.ts";
import type { BenchGroup } from "../../core/page/bench-page.ts";
import type { GlassKind } from "../../core/specify/glass.ts";
import { addDays, type Day } from "../../core/units/day.ts";
import type { CutPlanFacts } from "../../core/words/cut-plan.ts";

/** A plan of the bench, and what it was made for. */
export type Planned = {
  readonly case: CuttingCase;
  readonly panes: BenchGroup["panes"];
  readonly done: CuttingDone;
};

/** What an off-cut counts where the firm named no price: less than any sheet, so that it is taken first. */
const OFF_CUT_PENCE = 1;
const SHEET_PENCE = 1000;

/** What the largest piece of a sheet could be cut from again, once the plan has taken its sheets. */
export function sparesOf(
  { glass, stock }: Pick<BenchGroup, "glass" | "stock">,
  plan: Planned,
  sheet: CutSheet,
): readonly string[] {
  const pieces = placesOf(sheet.root).flatMap(({ node }) =>
    node.kind === "piece" ? (plan.panes[node.piece] ?? []) : [],
  );
  const largest = pieces.toSorted((a, b) => b.widthNm * b.heightNm - a.widthNm * a.heightNm)[0];
  if (!largest) return [];
  const used = new Map<number, number>();
  for (const s of plan.done.sheets) used.set(s.sheet, (used.get(s.sheet) ?? 0) + 1);
  return sparesFor(
    stock.map((s) => ({ name: s.name, ...asItLies(glass, s), count: s.bought ? null : (s.count ?? 1) })),
    used,
    { ...asItLies(glass, largest), turns: turnsOf(glass, largest, stock) },
  );
}

type Listed = { readonly widthNm: number; readonly heightNm: number; readonly runs?: LinesRun };

/** A sheet or a pane as it lies on the bench: the lines of a pattern upright. */
const asItLies = (glass: GlassKind, piece: Listed) =>
  linesUpright({ width: piece.widthNm, height: piece.heightNm }, glass === "patterned" ? piece.runs : undefined);

/** What is left of a sheet, as the sheet itself is listed. */
export const asListed = (glass: GlassKind, sheet: Pick<Listed, "runs"> | undefined, left: Omit<Listed, "runs">) => {
  const { width, height } = asItLies(glass, { ...left, runs: sheet?.runs });
  return { widthNm: width, heightNm: height };
};

/** Whether it may lie either way on any of these sheets. */
const turnsOf = (glass: GlassKind, pane: Listed, stock: BenchGroup["stock"]): boolean =>
  stock.every((s) => waysToLie(glass, pane.runs, s.runs).length > 1) && (stock.length > 0 || glass !== "patterned");

/** Whether the sheet must lie one way: its pattern has lines. */
export const liesUpright = (glass: GlassKind, sheet: Pick<Listed, "runs"> | undefined): boolean =>
  glass === "patterned" && sheet?.runs !== "neither";

/** What a plan came to, for words. */
export function planFacts({ case: c, panes, done }: Planned): CutPlanFacts {
  const kinds = c.sheets.filter((s) => s.count !== 0);
  return {
    sheets: done.sheets.length,
    placed: panes.length - done.unplaced.length,
    of: panes.length,
    bound: done.bound,
    proved: done.proved,
    each: kinds.length === 1 ? (kinds[0]?.cost ?? null) : null,
  };
}

/** The group's stock and panes as a case: what is due sooner goes first, off-cuts before sheets. */
export function caseOf(group: BenchGroup, panes: BenchGroup["panes"], today: Day): CuttingCase {
  const far = addDays(today, 365);
  const sheetOf = (s: StockPane) => ({
    id: s.name,
    ...asItLies(group.glass, s),
    count: s.bought ? null : (s.count ?? 1),
    cost:
      s.costPence ??
      (s.bought ? SHEET_PENCE : OFF_CUT_PENCE * Math.max(1, Math.round((s.widthNm * s.heightNm) / 1e16))),
    trim: s.trimNm ?? 0,
  });
  return {
    sheets: group.stock.map(sheetOf).map((s) => (usable(s).width > 0 && usable(s).height > 0 ? s : { ...s, trim: 0 })),
    pieces: panes.map((p) => ({
      id: p.id,
      ...asItLies(group.glass, p),
      turns: turnsOf(group.glass, p, group.stock),
      due: Math.max(0, (p.due ?? far) - today),
    })),
    strip: group.stripNm,
    keep: OFFCUT_KEPT,
  };
}
