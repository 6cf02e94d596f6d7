import { type Firm, withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { byPane } from "../log/by-pane.ts";
import type { Entry } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";
import { foldBefore } from "../pane/before-book.ts";
import { foldPane, type PaneBook } from "../pane/book.ts";
import { foldOrder, type OrderBook, orderStage, standingLines } from "../pane/order-book.ts";
import { type Reckoning, reckon } from "../pane/reckoning.ts";
import type { SupplierRecord } from "../pane/source-facts.ts";
import { boardFacts } from "../round/board-facts.ts";
import { brokenRow, type RoundRow, rowOf } from "../round/row.ts";
import { rememberBest } from "../size/best.ts";
import { type Day, day } from "../units/day.ts";
import { nm } from "../units/length.ts";
import { openingKey } from "../window/opening-key.ts";
import { composePanePage, type OpenOrder, type PanePageData, type PanePlace, type PaneView } from "./pane-page.ts";
import { type KitFor, kitOfRound, type RoundKit } from "./round-kit.ts";
import { composeRoundHead, type RoundHeadData, type RoundLinesData, type RoundName } from "./round-page.ts";

/** What a device keeps of the firm's log, to show pages without a signal. */
export type Kept = {
  /** The firm's own entries, those of the kept rounds' panes, and of the orders they are on. */
  readonly entries: readonly Entry[];
  /** The newest place of the server's log that is in it. */
  readonly through: number;
  readonly today: number;
  /** What became of each supplier's orders, as the server knew it. */
  readonly records: readonly SupplierRecord[];
  /** What opened the orders that any pane can still be put on. */
  readonly openings: readonly Entry[];
};

/** One pane as it is found in what is kept. */
type KeptPane = PanePlace & {
  readonly round: string;
  readonly addedAt: string;
  readonly entries: readonly Entry[];
  readonly book: PaneBook;
};

/** What is kept, sorted once for any page that is asked of it. */
export type KeptLog = {
  readonly kept: Kept;
  readonly firm: Firm;
  readonly firmEntries: readonly Entry[];
  readonly rounds: readonly RoundName[];
  readonly panes: readonly KeptPane[];
  readonly orders: readonly OrderBook[];
};

/** Sorts what is kept. What cannot be folded is left out: its entries stay. */
export function readKept(kept: Kept): KeptLog {
  const entries = [...new Map(kept.entries.map((e) => [e.id, e])).values()];
  const firmEntries = entries.filter((e) => e.about.pane === undefined && e.about.order === undefined);
  const entriesFor = byPane(entries);
  const ids = new Set(entries.flatMap((e) => (e.kind === "pane.added" ? (e.about.pane ?? []) : [])));
  const panes = [...ids].flatMap((id) => keptPane(id, entriesFor(id)) ?? []);
  const opened = readLog(firmEntries).standing.filter((e) => e.kind === "round.opened");
  return {
    kept: { ...kept, entries },
    firm: foldFirm(firmEntries),
    firmEntries,
    rounds: [...new Map(opened.map((e) => [e.about.round ?? "", e])).entries()]
      .map(([id, e]) => ({ id, name: e.payload.name, place: e.payload.place }))
      .toReversed(),
    panes: panes.sort((a, b) => (a.addedAt < b.addedAt || (a.addedAt === b.addedAt && a.id < b.id) ? -1 : 1)),
    orders: ordersIn(entries, kept.openings),
  };
}

function keptPane(id: string, entries: readonly Entry[]): KeptPane | null {
  try {
    const book = foldPane(id, entries);
    if (!book) return null;
    const { address, opening, light, round } = book.added;
    const own = book.log.all.filter((e) => e.about.pane === id);
    return { id, address, opening, light, round, addedAt: own[0]?.at ?? "", entries, book };
  } catch {
    return null;
  }
}

function ordersIn(entries: readonly Entry[], openings: readonly Entry[]): readonly OrderBook[] {
  const log = readLog([...openings, ...entries.filter((e) => e.about.order !== undefined || e.kind === "struck")]);
  const ids = new Set(log.all.flatMap((e) => e.about.order ?? []));
  return [...ids].flatMap((id) => foldOrder(id, log) ?? []);
}

/** Orders that were not sent yet, the newest first. */
export const openOrdersIn = ({ orders, kept }: KeptLog): readonly OpenOrder[] =>
  orders
    .filter((o) => orderStage(o) === "open")
    .sort((a, b) => (a.openedAt > b.openedAt || (a.openedAt === b.openedAt && a.id < b.id) ? -1 : 1))
    .map((o) => ({
      id: o.id,
      supplier: o.supplier,
      reference: o.reference,
      lines: standingLines(o).length,
      opened:
        [...kept.openings, ...kept.entries].find((e) => e.kind === "order.opened" && e.about.order === o.id) ?? null,
    }));

/** One pane's page; null where the pane is not kept. */
export function panePageFrom(log: KeptLog, id: string, view: PaneView): PanePageData | null {
  const pane = log.panes.find((p) => p.id === id);
  if (!pane) return null;
  const walk = log.panes.filter((p) => p.round === pane.round);
  const newest = (p: KeptPane): string => p.book.log.all.at(-1)?.at ?? "";
  return composePanePage(pane, view, pane.entries, {
    firmEntries: log.firmEntries,
    through: log.kept.through,
    today: log.kept.today,
    weather: null,
    round: { id: pane.round, name: log.rounds.find((r) => r.id === pane.round)?.name ?? "" },
    openOrders: openOrdersIn(log),
    metHere: null,
    walk,
    neighbours: log.panes
      .filter((p) => p.address === pane.address && p.id !== id && (p.book.cause || p.book.makeup))
      .sort((a, b) => (newest(a) > newest(b) ? -1 : 1))
      .map((p) => ({
        pane: p.id,
        label: [p.opening, p.light].filter(Boolean).join(", "),
        cause: p.book.cause,
        makeup: p.book.makeup,
      })),
    earlier: log.panes
      .filter((p) => p.id !== id && openingKey(p) === openingKey(pane) && p.addedAt < pane.addedAt)
      .toReversed()
      .slice(0, 3)
      .map((p) => ({ pane: p.id, entries: p.entries })),
    othersHere: walk
      .filter((p) => p.id !== id)
      .flatMap((p) =>
        p.book.orders
          .flatMap((o) => standingLines(o))
          .filter((l) => l.pane === p.id)
          .map((l) => ({
            label: l.label,
            width: nm(l.widthNm),
            height: nm(l.heightNm),
            unfinished: p.book.signed === null,
          })),
      ),
    records: log.kept.records,
    entriesOf: (other) => walk.find((p) => p.id === other)?.entries ?? [],
    broke: () => undefined,
  });
}

/** What stands over a round's lines; null where the round is not kept. */
export function roundHeadFrom(log: KeptLog, id: string | null): RoundHeadData | null {
  const round = log.rounds.find((r) => r.id === id) ?? log.rounds.find((r) => log.panes.some((p) => p.round === r.id));
  const chosen = round ?? log.rounds[0];
  if (!chosen) return null;
  return composeRoundHead(
    chosen,
    log.rounds.filter((r) => r.id !== chosen.id),
    log.panes.filter((p) => p.round === chosen.id).map((p) => ({ ...p, facts: boardFacts(p.book) })),
    log.firm,
    day(log.kept.today),
  );
}

/** Lines that were made before: of the same entries, the same firm and the same day they are the same. */
export type LinesBefore = {
  readonly read: (pane: string, what: string) => Promise<RoundRow | undefined>;
  readonly keep: (pane: string, what: string, row: RoundRow) => Promise<void>;
};
const NOTHING_BEFORE: LinesBefore = { read: async () => undefined, keep: async () => undefined };

/**
 * A round's lines, a pane at a time: each takes as long as its best size does, so whoever asks lets others in between.
 * @param made told how many are made, after each
 */
export async function roundLinesFrom(
  log: KeptLog,
  id: string,
  made: (count: number, many: number) => void | Promise<void>,
  before: LinesBefore = NOTHING_BEFORE,
): Promise<RoundLinesData> {
  const panes = log.panes.filter((p) => p.round === id);
  const by = withFirm(log.firm, rememberBest(panes.length + 20));
  const rows: RoundRow[] = [];
  const firmKey = log.firmEntries.at(-1)?.id ?? "";
  for (const p of panes) {
    const version = `${p.entries.length} ${p.entries.reduce((a, e) => (e.id > a ? e.id : a), "")} ${log.firmEntries.length} ${firmKey} ${log.kept.today}`;
    const there = await before.read(p.id, version);
    const row = there ?? lineOf(p, by, day(log.kept.today));
    rows.push(row);
    if (there) continue;
    await before.keep(p.id, version, row);
    await made(rows.length, panes.length);
  }
  return {
    rows,
    panes: panes.length,
    firmEntries: log.firmEntries,
    openOrders: openOrdersIn(log).map(({ id, supplier, reference }) => ({ id, supplier, reference })),
    today: log.kept.today,
  };
}

function lineOf(p: KeptPane, by: ReturnType<typeof withFirm>, today: Day): RoundRow {
  try {
    return rowOf(p.book, reckon(p.book, by), today);
  } catch {
    return brokenRow({ ...p, system: p.book.added.system });
  }
}

/** What to have in the van for a day's work on a round; null where the round is not kept. */
export function kitFrom(log: KeptLog, id: string, wants: KitFor): RoundKit | null {
  const round = log.rounds.find((r) => r.id === id);
  if (!round) return null;
  const by = withFirm(log.firm, rememberBest(100));
  const books = log.panes
    .filter((p) => p.round === id)
    .map(({ book }): { book: PaneBook; r: Reckoning } => ({ book, r: reckon(book, by) }));
  return kitOfRound(
    {
      round: { id, name: round.name },
      books,
      firm: log.firm,
      entries: log.firmEntries,
      through: log.kept.through,
      today: day(log.kept.today),
    },
    wants,
  );
}

/** What one order's page shows; null where the order is not kept. */
export function orderPageFrom(log: KeptLog, id: string) {
  const order = log.orders.find((o) => o.id === id);
  if (!order) return null;
  return {
    id,
    entries: [...log.kept.openings, ...log.kept.entries].filter(
      (e, i, all) => e.about.order === id && all.findIndex((x) => x.id === e.id) === i,
    ),
    firmEntries: log.firmEntries,
    through: log.kept.through,
    today: log.kept.today,
    photos: Object.fromEntries(
      order.lines.map((l) => [
        l.pane,
        foldBefore(
          log.panes.find((p) => p.id === l.pane)?.book.log.standing.filter((e) => e.about.pane === l.pane) ?? [],
        )
          .photos.filter((p) => p.of === "neighbour")
          .map((p) => p.photo),
      ]),
    ),
  };
}
