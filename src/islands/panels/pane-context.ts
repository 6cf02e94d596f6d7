import { createContext, useContext } from "react";
import type { Firm } from "../../core/firm/firm.ts";
import type { EntryOf, Kind, Payloads } from "../../core/log/kinds.ts";
import type { Place } from "../../core/measure/places.ts";
import type { PanePageData } from "../../core/page/pane-page.ts";
import type { PaneBook } from "../../core/pane/book.ts";
import type { Next } from "../../core/pane/next.ts";
import type { Reckoning } from "../../core/pane/reckoning.ts";
import type { Day } from "../../core/units/day.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import type { Say } from "../ui/say.ts";

/** What every station of one pane's page reads, and the ways it writes. */
export type PaneScreen = Pick<
  PanePageData,
  "alike" | "causesHere" | "doneBefore" | "othersHere" | "tagsHere" | "records" | "makeupsHere" | "metHere" | "weather"
> & {
  readonly book: PaneBook;
  readonly reckoning: Reckoning;
  /** What to do next with it: worked out once, read wherever it is said. */
  readonly next: Next;
  readonly firm: Firm;
  readonly today: Day;
  readonly prefs: Prefs;
  readonly say: Say;
  readonly write: <K extends Kind>(kind: K, payload: Payloads[K]) => EntryOf<K>;
  readonly writeFirm: <K extends Kind>(kind: K, payload: Payloads[K]) => void;
  /** What was taken from the rack for this pane alone lies there again. */
  readonly backOnRack: () => void;
  readonly writeOrder: <K extends Kind>(order: string, kind: K, payload: Payloads[K], pane?: boolean) => void;
  /** Keeps what is typed for a place, or the text given: an entry is written where it says something new. */
  readonly keep: (place: Place, text?: string) => void;
  readonly writePane: <K extends Kind>(pane: string, kind: K, payload: Payloads[K]) => void;
};

export const PaneContext = createContext<PaneScreen | null>(null);

export function usePane(): PaneScreen {
  const screen = useContext(PaneContext);
  if (!screen) throw new Error("a station stands outside its pane's page");
  return screen;
}
