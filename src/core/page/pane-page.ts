import type { Entry } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";
import type { Cause } from "../look/damage.ts";
import type { OtherPane } from "../pane/before-order.ts";
import { foldPane } from "../pane/book.ts";
import { type EarlierPane, earlierPane } from "../pane/earlier-pane.ts";
import { subjectsIn } from "../pane/shared.ts";
import type { SupplierRecord } from "../pane/source-facts.ts";
import type { Station } from "../plan/stations.ts";
import { rowOf } from "../round/lights.ts";
import type { WeatherHere } from "../set/weather-against.ts";
import type { Makeup } from "../specify/makeup.ts";

export type PaneView = Station | "logbook";

export type OpenOrder = {
  readonly id: string;
  readonly supplier: string;
  readonly reference: string;
  readonly lines: number;
  /** The entry that opened it. */
  readonly opened: Entry | null;
};

/** Where a pane is, as lists name it. */
export type PanePlace = {
  readonly id: string;
  readonly address: string;
  readonly opening: string;
  readonly light: string;
};

/** All that one pane's page shows. It is sent as JSON, or made on the device that keeps the round. */
export type PanePageData = {
  readonly pane: string;
  readonly view: PaneView;
  readonly entries: readonly Entry[];
  readonly firmEntries: readonly Entry[];
  /** The newest place of the server's log that is in it. */
  readonly through: number;
  readonly today: number;
  /** Today's weather, where somebody entered it or it is told; null without a signal. */
  readonly weather: WeatherHere | null;
  readonly round: { readonly id: string; readonly name: string };
  readonly label: string;
  readonly before: string | null;
  readonly after: string | null;
  readonly openOrders: readonly OpenOrder[];
  /** Other panes of the same opening, numbered like this one, and what was answered of each. */
  readonly alike: readonly { readonly id: string; readonly light: string; readonly said: readonly string[] }[];
  /** Why other panes at this address failed. */
  readonly causesHere: readonly { readonly pane: string; readonly label: string; readonly cause: Cause }[];
  /** Earlier panes in this very opening, the newest first. */
  readonly doneBefore: readonly EarlierPane[];
  /** Sizes of other panes of the round on orders. */
  readonly othersHere: readonly OtherPane[];
  /** Other panes of the round, as their tags name them. */
  readonly tagsHere: readonly { readonly id: string; readonly label: string }[];
  readonly records: readonly SupplierRecord[];
  /** Who has done a step on a frame of this system before, anywhere; null where that is not known. */
  readonly metHere: readonly string[] | null;
  /** What units at this address are made of. */
  readonly makeupsHere: readonly { readonly pane: string; readonly label: string; readonly makeup: Makeup }[];
};

/** What of it follows from where the pane is among others, and from what is known of them. */
export type Among = Pick<
  PanePageData,
  "firmEntries" | "through" | "today" | "weather" | "round" | "openOrders" | "othersHere" | "records" | "metHere"
> & {
  /** The round's panes in the order of the walk, this one too. */
  readonly walk: readonly PanePlace[];
  /** Panes at the same address with what is known of them, the newest told first. */
  readonly neighbours: readonly {
    readonly pane: string;
    readonly label: string;
    readonly cause: Cause | null;
    readonly makeup: Makeup | null;
  }[];
  /** Entries of earlier panes in this opening, by pane, the newest first. */
  readonly earlier: readonly { readonly pane: string; readonly entries: readonly Entry[] }[];
  /** All that was written of another pane of the walk. */
  readonly entriesOf: (pane: string) => readonly Entry[];
  /** Told of an earlier pane that cannot be worked out: it is left out. */
  readonly broke: (error: unknown, pane: string) => void;
};

/** @example "No. 5, back bedroom, lower sash" */
export const placeLabel = (p: PanePlace): string => [p.address, p.opening, p.light].filter(Boolean).join(", ");

/** One pane's page, of its own entries and what is around it. */
export function composePanePage(
  place: PanePlace,
  view: PaneView,
  entries: readonly Entry[],
  { walk, neighbours, earlier, entriesOf, broke, ...rest }: Among,
): PanePageData {
  const at = walk.findIndex((p) => p.id === place.id);
  const others = walk.filter((p) => p.id !== place.id);
  return {
    ...rest,
    pane: place.id,
    view,
    entries,
    label: placeLabel(place),
    before: walk[at - 1]?.id ?? null,
    after: walk[at + 1]?.id ?? null,
    alike: others
      .filter((p) => p.address === place.address && p.opening === place.opening && rowOf(p.light) !== null)
      .map(({ id, light }) => ({ id, light, said: subjectsIn(readLog(entriesOf(id)).standing, id) })),
    causesHere: neighbours.flatMap(({ pane, label, cause }) => (cause ? [{ pane, label, cause }] : [])),
    makeupsHere: neighbours.flatMap(({ pane, label, makeup }) => (makeup ? [{ pane, label, makeup }] : [])),
    doneBefore: earlier.flatMap((e) => beforeOf(e.pane, e.entries, broke)),
    tagsHere: others.map((p) => ({ id: p.id, label: placeLabel(p) })),
  };
}

function beforeOf(
  id: string,
  entries: readonly Entry[],
  broke: (error: unknown, pane: string) => void,
): readonly EarlierPane[] {
  try {
    const book = foldPane(id, entries);
    return book ? [earlierPane(book)] : [];
  } catch (error) {
    broke(error, id);
    return [];
  }
}
