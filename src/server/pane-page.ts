import { type Firm, withFirm } from "../core/firm/firm.ts";
import type { Entry } from "../core/log/kinds.ts";
import { composePanePage, type PanePageData, placeLabel } from "../core/page/pane-page.ts";
import { foldPane, type PaneBook } from "../core/pane/book.ts";
import { type Next, nextFor } from "../core/pane/next.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { forGuest } from "../core/people/guest-sees.ts";
import { isStation } from "../core/plan/stations.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import { nm } from "../core/units/length.ts";
import { entriesOfPane, logThrough, openingsOf } from "../db/entry-log.ts";
import { neighboursOf, paneById, placesOfRound, roundById, sameOpening, sizesOfRound } from "../db/lists.ts";
import { whoMet } from "../db/met.ts";
import { openOrders } from "../db/order-lists.ts";
import { loadFirm } from "./firm.ts";
import { log } from "./log.ts";
import { visitor } from "./people/visit.ts";
import { recordsOf } from "./supplier-records.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";
import { weatherOn } from "./weather.ts";

export type PanePageAnswer =
  | { readonly kind: "page"; readonly data: PanePageData }
  | { readonly kind: "go-to"; readonly path: string }
  | { readonly kind: "broken"; readonly data: BrokenPaneData }
  | { readonly kind: "unknown" };

/** A pane whose entries are there and cannot be worked out: its logbook still opens, and anything can be struck. */
export type BrokenPaneData = Pick<PanePageData, "pane" | "entries" | "through" | "label">;

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
        label: placeLabel(row),
      },
    };
  if (view === undefined) return { kind: "go-to", path: `/panes/${id}/${"station" in opens ? opens.station : "look"}` };
  // A guest sees one round: no order, supplier or customer of another.
  const isGuest = visitor()?.role === "guest";
  const open = isGuest ? [] : openOrders(db);
  const walk = placesOfRound(db, row.round);
  const openings = openingsOf(
    db,
    open.map((o) => o.id),
  );
  return {
    kind: "page",
    data: composePanePage(row, view, entries, {
      firmEntries: isGuest ? forGuest(firmEntries, new Set(walk.map((p) => p.address))) : firmEntries,
      through: logThrough(db),
      today: today(),
      weather: weatherOn(today(), firm),
      round: { id: row.round, name: roundById(db, row.round)?.name ?? "" },
      openOrders: open.map(({ id, supplier, reference, lines }) => ({
        id,
        supplier,
        reference,
        lines,
        opened: openings.get(id) ?? null,
      })),
      walk,
      neighbours: neighboursOf(db, row.address, id),
      earlier: sameOpening(db, row).map((pane) => ({ pane, entries: entriesOfPane(db, pane) })),
      othersHere: sizesOfRound(db, row.round, id).map((o) => ({
        label: o.label,
        width: nm(o.widthNm),
        height: nm(o.heightNm),
        unfinished: o.signedDay === null,
      })),
      records: isGuest ? [] : recordsOf(db),
      metHere: whoMet(db, row.system),
      entriesOf: (pane) => entriesOfPane(db, pane),
      broke: (err, pane) => log.error({ err, pane }, "an earlier pane could not be worked out"),
    }),
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
    return book ? nextFor(book, reckon(book, withFirm(firm, sharedFindBest)), today()) : null;
  } catch (err) {
    log.error({ err, pane: id }, "a pane could not be worked out");
    return null;
  }
}
