import type { CuttingDone } from "../../contract/cutting-job.ts";
import { placesOf } from "../../core/cut/cut-order.ts";
import { type CutSheet, type CuttingCase, usable } from "../../core/cut/cutting.ts";
import { OFFCUT_KEPT } from "../../core/cut/offcut-kept.ts";
import { sparesFor } from "../../core/cut/spare.ts";
import type { StockPane } from "../../core/house/stock.ts";
import type { BenchGroup } from "../../core/page/bench-page.ts";
import { addDays, type Day } from "../../core/units/day.ts";

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
export function sparesOf(stock: BenchGroup["stock"], plan: Planned, of: CutSheet): readonly string[] {
  const pieces = placesOf(of.root).flatMap(({ node }) => (node.kind === "piece" ? (plan.panes[node.piece] ?? []) : []));
  const largest = pieces.toSorted((a, b) => b.widthNm * b.heightNm - a.widthNm * a.heightNm)[0];
  if (!largest) return [];
  const used = new Map<number, number>();
  for (const s of plan.done.sheets) used.set(s.sheet, (used.get(s.sheet) ?? 0) + 1);
  return sparesFor(
    stock.map((s) => ({ name: s.name, width: s.widthNm, height: s.heightNm, count: s.bought ? null : (s.count ?? 1) })),
    used,
    { width: largest.widthNm, height: largest.heightNm, turns: largest.turns },
  );
}

export function planSays(done: CuttingDone, of: number): string {
  const n = done.sheets.length;
  const placed = `${of - done.unplaced.length} of ${of} panes from ${n} ${n === 1 ? "sheet" : "sheets"}`;
  return done.proved
    ? `${placed}; nothing cheaper is possible.`
    : `${placed}; perhaps it can be done with less, nobody has proved that it cannot.`;
}

/** The group's stock and panes as a case: what is due sooner goes first, off-cuts before sheets. */
export function caseOf(group: BenchGroup, panes: BenchGroup["panes"], today: Day): CuttingCase {
  const far = addDays(today, 365);
  const sheetOf = (s: StockPane) => ({
    id: s.name,
    width: s.widthNm,
    height: s.heightNm,
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
      width: p.widthNm,
      height: p.heightNm,
      turns: p.turns,
      due: Math.max(0, (p.due ?? far) - today),
    })),
    strip: group.stripNm,
    keep: OFFCUT_KEPT,
  };
}
