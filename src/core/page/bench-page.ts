import type { LinesRun } from "../cut/lies.ts";
import { leastStrip } from "../cut/score.ts";
import { type Cuts, cutsOf, whoCuts } from "../firm/cut-record.ts";
import type { Firm } from "../firm/firm.ts";
import { type GlassOf, glassKey, isSameGlass } from "../house/same-glass.ts";
import type { StockPane } from "../house/stock.ts";
import type { PaneBook } from "../pane/book.ts";
import { neededBy } from "../pane/needed-by.ts";
import { beforeItsGlass, type Next } from "../pane/next.ts";
import { labelOf, orderLineOf } from "../pane/order-line.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { isHere } from "../pane/stands.ts";
import { isNobodysToCut, isToBeCut } from "../pane/to-be-cut.ts";
import type { HandTally } from "../practice/hand.ts";
import { CAN_BE_CUT, type GlassKind } from "../specify/glass.ts";
import type { Day } from "../units/day.ts";
import { type Mm, nm, toMm } from "../units/length.ts";

/** A pane that can be cut here. */
export type BenchPane = {
  readonly id: string;
  readonly where: string;
  readonly widthNm: number;
  readonly heightNm: number;
  /** Which way the lines of its pattern run in the window. */
  readonly runs: LinesRun;
  /** The day by which it is to be fitted. */
  readonly due: Day | null;
  /** Somebody said that it is cut here. */
  readonly isToBeCut: boolean;
  /** The line of an order that was not sent yet: cut here, it is taken off it. */
  readonly onOrder: { readonly order: string; readonly line: string; readonly supplier: string } | null;
};

/** Panes of one kind and thickness, with the sheets that there are for them. */
export type BenchGroup = {
  readonly id: string;
  readonly glass: GlassKind;
  readonly thicknessNm: number;
  readonly pattern: string;
  readonly tint: string;
  readonly stripNm: number;
  readonly panes: readonly BenchPane[];
  readonly stock: readonly StockPane[];
  /** What of this glass whoever looks cut here before, and how their tries on scrap of it went. */
  readonly mine: Cuts;
  /** The same of everybody else who cut it here, where people see each other by house rule; the surest hand first. */
  readonly others: readonly (Cuts & { readonly who: string })[];
  readonly tries: HandTally;
};

export type BenchPageData = {
  readonly groups: readonly BenchGroup[];
  /** Panes that may be cut here once something is settled: what, and where. */
  readonly waits: readonly { readonly id: string; readonly where: string; readonly next: Next }[];
  /** How many others the maker alone can cut. */
  readonly toughened: number;
  readonly offsetMm: Mm;
  readonly cutters: Firm["cutters"];
  readonly today: number;
};

/** What the wheel's edge stands off the straightedge where nobody measured their cutter: a default. */
const OFFSET_MM = 2.5;
type Looked = { readonly pattern: string; readonly tint: string };

/** Scrap is told apart by whole millimetres. */
export const scrapMm = (thicknessNm: number): number => Math.round(toMm(nm(thicknessNm)));

/** The panes that wait for glass and can be cut here, by what they are cut from. */
export function composeBench(
  panes: readonly { readonly book: PaneBook; readonly r: Reckoning }[],
  firm: Firm,
  today: Day,
  hand: { readonly who: string; readonly tries: (thicknessMm: Mm) => HandTally },
): BenchPageData {
  const groups = new Map<string, Omit<GlassOf, "pattern" | "tint"> & Looked & { panes: BenchPane[] }>();
  const waits: { id: string; where: string; next: Next }[] = [];
  let toughened = 0;
  for (const { book, r } of panes) {
    const open = book.line?.line.state === "open" ? book.line : null;
    if (book.set || (book.line && !open) || isHere(book) || isNobodysToCut(book)) continue;
    // On an order that is not sent it stands by the supplier's marks: here it is cut by one's own.
    const line = orderLineOf(book, r) ?? open?.line;
    if (line?.corners || line?.template) continue;
    if (!CAN_BE_CUT[r.chosen.kind]) {
      toughened++;
      continue;
    }
    // What an order would wait for, the cutter waits for.
    const next = beforeItsGlass(book, r);
    if (next || !line) {
      if (next) waits.push({ id: book.id, where: labelOf(book), next });
      continue;
    }
    const piece = {
      glass: line.glass,
      thicknessNm: line.thicknessNm,
      pattern: line.pattern,
      tint: line.looks?.tint ?? "",
    };
    const id = glassKey(piece);
    const group = groups.get(id) ?? { ...piece, panes: [] };
    group.panes.push({
      id: book.id,
      where: labelOf(book),
      widthNm: line.widthNm,
      heightNm: line.heightNm,
      runs: line.looks?.runs,
      due: neededBy(book, r, firm.calendar)?.fitBy ?? null,
      isToBeCut: isToBeCut(book, r),
      onOrder: open && { order: open.order.id, line: open.line.line, supplier: open.order.supplier },
    });
    groups.set(id, group);
  }
  return {
    groups: [...groups].map(([id, g]) => ({
      ...g,
      id,
      stripNm: leastStrip(toMm(nm(g.thicknessNm))) * 1_000_000,
      mine: cutsOf(firm.cutting, { glass: g.glass, thicknessNm: g.thicknessNm, who: hand.who }),
      tries: hand.tries(scrapMm(g.thicknessNm)),
      others:
        firm.house.peopleSeeEachOther === "yes"
          ? whoCuts(firm.cutting, { glass: g.glass, thicknessNm: g.thicknessNm }).filter((c) => c.who !== hand.who)
          : [],
      stock: firm.stock.filter((s) => isSameGlass(s, g)),
    })),
    waits,
    toughened,
    offsetMm: OFFSET_MM,
    cutters: firm.cutters,
    today,
  };
}
