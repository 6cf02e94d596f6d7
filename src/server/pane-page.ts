import type { Entry } from "../core/log/kinds.ts";
import type { Cause } from "../core/look/damage.ts";
import { type BeforeHere, beforeHere } from "../core/pane/before-here.ts";
import type { OtherPane } from "../core/pane/before-order.ts";
import { foldPane, type PaneBook } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import type { SupplierRecord } from "../core/pane/source-facts.ts";
import { type Next, nextFor } from "../core/pane/standing.ts";
import { isStation, type Station } from "../core/plan/stations.ts";
import { type Firm, withFirm } from "../core/round/book.ts";
import type { Makeup } from "../core/specify/makeup.ts";
import { nm } from "../core/units/length.ts";
import { entriesOfPane, logThrough, openingsOf } from "../db/entry-log.ts";
import { neighboursOf, openOrders, paneById, panesOfRound, roundById, sameOpening, sizesOfRound } from "../db/lists.ts";
import { serverFindBest } from "./find-best.ts";
import { loadFirm } from "./firm.ts";
import { log } from "./log.ts";
import { recordsOf } from "./supplier-records.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

export type PaneView = Station | "logbook";

export type OpenOrder = {
  readonly id: string;
  readonly supplier: string;
  readonly reference: string;
  readonly lines: number;
};

export type PanePageData = {
  readonly pane: string;
  readonly view: PaneView;
  readonly entries: readonly Entry[];
  readonly firmEntries: readonly Entry[];
  readonly through: number;
  readonly today: number;
  readonly round: { readonly id: string; readonly name: string };
  readonly label: string;
  readonly before: string | null;
  readonly after: string | null;
  readonly openOrders: readonly OpenOrder[];
  /** Other panes of the same opening, numbered like this one. */
  readonly alike: readonly { readonly id: string; readonly light: string }[];
  /** Why other panes at this address failed. */
  readonly causesHere: readonly { readonly pane: string; readonly label: string; readonly cause: Cause }[];
  /** Earlier panes in this very opening, the newest first. */
  readonly doneBefore: readonly BeforeHere[];
  /** Sizes of other panes of the round on orders. */
  readonly othersHere: readonly OtherPane[];
  /** Other panes of the round, as their tags name them. */
  readonly tagsHere: readonly { readonly id: string; readonly label: string }[];
  readonly records: readonly SupplierRecord[];
  /** What units at this address are made of. */
  readonly makeupsHere: readonly { readonly pane: string; readonly label: string; readonly makeup: Makeup }[];
};

export type PanePageAnswer =
  | { readonly kind: "page"; readonly data: PanePageData }
  | { readonly kind: "go-to"; readonly path: string }
  | { readonly kind: "broken"; readonly data: BrokenPaneData }
  | { readonly kind: "unknown" };

/** A pane whose entries are there and cannot be worked out: its logbook still opens, and anything can be struck. */
export type BrokenPaneData = Pick<PanePageData, "pane" | "entries" | "through" | "label">;

const NUMBERED = /row \d+, column \d+$/;

/** All that one pane's page shows. Without a view it opens where the pane stands. */
export function panePage(id: string, view: string | undefined, bare = false): PanePageAnswer {
  const db = theDatabase();
  const row = paneById(db, id);
  if (!row) return { kind: "unknown" };
  if (view !== undefined && !isStation(view) && view !== "logbook") return { kind: "unknown" };
  const entries = entriesOfPane(db, id);
  const { entries: firmEntries, firm } = loadFirm(db);
  const opens = bare ? null : view === undefined ? nextOf(id, entries, firm) : foldsTo(id, entries);
  if (opens === null)
    return {
      kind: "broken",
      data: {
        pane: id,
        entries,
        through: logThrough(db),
        label: [row.address, row.opening, row.light].filter(Boolean).join(", "),
      },
    };
  if (view === undefined) return { kind: "go-to", path: `/panes/${id}/${"station" in opens ? opens.station : "look"}` };
  const panes = panesOfRound(db, row.round);
  const walk = panes.map((p) => p.id);
  const at = walk.indexOf(id);
  const round = roundById(db, row.round);
  const neighbours = neighboursOf(db, row.address, id);
  const open = openOrders(db);
  const openings = openingsOf(
    db,
    open.map((o) => o.id),
  );
  return {
    kind: "page",
    data: {
      pane: id,
      view,
      entries,
      firmEntries,
      through: logThrough(db),
      today: today(),
      round: { id: row.round, name: round?.name ?? "" },
      label: [row.address, row.opening, row.light].filter(Boolean).join(", "),
      before: walk[at - 1] ?? null,
      after: walk[at + 1] ?? null,
      openOrders: open.map(({ id, supplier, reference, lines }) => ({
        id,
        supplier,
        reference,
        lines,
        opened: openings.get(id) ?? null,
      })),
      alike: panes
        .filter((p) => p.id !== id && p.address === row.address && p.opening === row.opening && NUMBERED.test(p.light))
        .map(({ id, light }) => ({ id, light })),
      causesHere: neighbours.flatMap(({ pane, label, cause }) => (cause ? [{ pane, label, cause }] : [])),
      doneBefore: sameOpening(db, row).flatMap((p) => beforeOf(p, entriesOfPane(db, p))),
      othersHere: sizesOfRound(db, row.round, id).map((o) => ({
        label: o.label,
        width: nm(o.widthNm),
        height: nm(o.heightNm),
      })),
      tagsHere: panes
        .filter((p) => p.id !== id)
        .map((p) => ({ id: p.id, label: [p.address, p.opening, p.light].filter(Boolean).join(", ") })),
      records: recordsOf(db),
      makeupsHere: neighbours.flatMap(({ pane, label, makeup }) => (makeup ? [{ pane, label, makeup }] : [])),
    },
  };
}

/** The pane's book; null where its entries cannot be folded. What breaks while it is drawn is caught where pages are made. */
function foldsTo(id: string, entries: readonly Entry[]): PaneBook | null {
  try {
    return foldPane(id, entries) ?? null;
  } catch (err) {
    log.error({ err, pane: id }, "a pane could not be folded");
    return null;
  }
}

/** What to do next with a pane; null where what is stored of it cannot be worked out. */
function nextOf(id: string, entries: readonly Entry[], firm: Firm): Next | null {
  try {
    const book = foldPane(id, entries);
    return book ? nextFor(book, reckon(book, withFirm(firm, serverFindBest)), today()) : null;
  } catch (err) {
    log.error({ err, pane: id }, "a pane could not be worked out");
    return null;
  }
}

/** An earlier pane of the opening; nothing where it cannot be worked out. */
function beforeOf(id: string, entries: readonly Entry[]): readonly BeforeHere[] {
  try {
    const book = foldPane(id, entries);
    return book ? [beforeHere(book)] : [];
  } catch (err) {
    log.error({ err, pane: id }, "an earlier pane could not be worked out");
    return [];
  }
}
