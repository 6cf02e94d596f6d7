import type { Entry } from "../core/log/kinds.ts";
import type { Cause } from "../core/look/damage.ts";
import { type BeforeHere, beforeHere } from "../core/pane/before-here.ts";
import type { OtherPane } from "../core/pane/before-order.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import type { SupplierRecord } from "../core/pane/source-facts.ts";
import { nextFor } from "../core/pane/standing.ts";
import { isStation, type Station } from "../core/plan/stations.ts";
import { withFirm } from "../core/round/book.ts";
import type { Makeup } from "../core/specify/makeup.ts";
import { nm } from "../core/units/length.ts";
import { entriesOfPane, logEnd } from "../db/entry-log.ts";
import { listOrders, newestAt, paneById, panesOfRound, roundById, sameOpening, sizesOfRound } from "../db/lists.ts";
import { serverFindBest } from "./find-best.ts";
import { loadFirm } from "./firm.ts";
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
  | { readonly kind: "unknown" };

const NUMBERED = /row \d+, column \d+$/;

/** All that one pane's page shows. Without a view it opens where the pane stands. */
export function panePage(id: string, view: string | undefined): PanePageAnswer {
  const db = theDatabase();
  const row = paneById(db, id);
  const entries = row ? entriesOfPane(db, id) : [];
  const book = foldPane(id, entries);
  if (!row || !book) return { kind: "unknown" };
  const { entries: firmEntries, firm } = loadFirm(db);
  if (view === undefined) {
    const r = reckon(book, withFirm(firm, serverFindBest));
    return { kind: "go-to", path: `/panes/${id}/${nextFor(book, r, today()).station}` };
  }
  if (!isStation(view) && view !== "logbook") return { kind: "unknown" };
  const panes = panesOfRound(db, row.round);
  const walk = panes.map((p) => p.id);
  const at = walk.indexOf(id);
  const round = roundById(db, row.round);
  return {
    kind: "page",
    data: {
      pane: id,
      view,
      entries,
      firmEntries,
      through: logEnd(db).through,
      today: today(),
      round: { id: row.round, name: round?.name ?? "" },
      label: [row.address, row.opening, row.light].filter(Boolean).join(", "),
      before: walk[at - 1] ?? null,
      after: walk[at + 1] ?? null,
      openOrders: listOrders(db)
        .filter((o) => o.stage === "open")
        .map(({ id, supplier, reference, lines }) => ({ id, supplier, reference, lines })),
      alike: panes
        .filter((p) => p.id !== id && p.address === row.address && p.opening === row.opening && NUMBERED.test(p.light))
        .map(({ id, light }) => ({ id, light })),
      causesHere: newestAt(db, "look.cause", row.address, id).map(({ pane, label, payload }) => ({
        pane,
        label,
        cause: payload.cause,
      })),
      doneBefore: sameOpening(db, row)
        .map((p) => foldPane(p, entriesOfPane(db, p)))
        .flatMap((b) => (b ? [beforeHere(b)] : [])),
      othersHere: sizesOfRound(db, row.round, id).map((o) => ({
        label: o.label,
        width: nm(o.widthNm),
        height: nm(o.heightNm),
      })),
      tagsHere: panes
        .filter((p) => p.id !== id)
        .map((p) => ({ id: p.id, label: [p.address, p.opening, p.light].filter(Boolean).join(", ") })),
      records: recordsOf(db),
      makeupsHere: newestAt(db, "specify.makeup", row.address, id).flatMap(({ pane, label, payload }) =>
        payload.makeup ? [{ pane, label, makeup: payload.makeup }] : [],
      ),
    },
  };
}
