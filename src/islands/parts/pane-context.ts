import { createContext, useContext } from "react";
import type { EntryOf, Kind, Payloads } from "../../core/log/kinds.ts";
import type { Cause } from "../../core/look/damage.ts";
import type { Place } from "../../core/measure/places.ts";
import type { BeforeHere } from "../../core/pane/before-here.ts";
import type { OtherPane } from "../../core/pane/before-order.ts";
import type { PaneBook } from "../../core/pane/book.ts";
import type { Reckoning } from "../../core/pane/reckoning.ts";
import type { SupplierRecord } from "../../core/pane/source-facts.ts";
import type { Firm } from "../../core/round/book.ts";
import type { Makeup } from "../../core/specify/makeup.ts";
import type { Day } from "../../core/units/day.ts";
import type { Prefs } from "../../core/words/prefs.ts";

/** What every station of one pane's page reads, and the ways it writes. */
export type PaneScreen = {
  readonly book: PaneBook;
  readonly reckoning: Reckoning;
  readonly firm: Firm;
  readonly today: Day;
  readonly prefs: Prefs;
  /** Fills the {words} of a sentence in the reader's dialect. */
  readonly say: (sentence: string) => string;
  readonly write: <K extends Kind>(kind: K, payload: Payloads[K]) => EntryOf<K>;
  readonly writeFirm: <K extends Kind>(kind: K, payload: Payloads[K]) => void;
  readonly writeOrder: <K extends Kind>(order: string, kind: K, payload: Payloads[K], pane?: boolean) => void;
  /** Keeps what is typed for a place, or the text given: an entry is written where it says something new. */
  readonly keep: (place: Place, text?: string) => void;
  /** Other panes of the same opening, numbered by row and column. */
  readonly alike: readonly { readonly id: string; readonly light: string }[];
  /** Why other panes at this address failed. */
  readonly causesHere: readonly { readonly pane: string; readonly label: string; readonly cause: Cause }[];
  /** Earlier panes in this very opening, the newest first. */
  readonly doneBefore: readonly BeforeHere[];
  /** Sizes of other panes of the round on orders. */
  readonly othersHere: readonly OtherPane[];
  /** Other panes of the round, as their tags name them. */
  readonly tagsHere: readonly { readonly id: string; readonly label: string }[];
  /** What became of each supplier's orders. */
  readonly records: readonly SupplierRecord[];
  /** What units at this address are made of. */
  readonly makeupsHere: readonly { readonly pane: string; readonly label: string; readonly makeup: Makeup }[];
  readonly writePane: <K extends Kind>(pane: string, kind: K, payload: Payloads[K]) => void;
};

export const PaneContext = createContext<PaneScreen | null>(null);

export function usePane(): PaneScreen {
  const screen = useContext(PaneContext);
  if (!screen) throw new Error("a station stands outside its pane's page");
  return screen;
}
