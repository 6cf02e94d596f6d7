import { withFirm } from "../core/firm/firm.ts";
import { frameOf, type System } from "../core/frame/systems.ts";
import { type MadeYear, madeYears } from "../core/learn/made-years.ts";
import type { MadeIn } from "../core/learn/seen.ts";
import { seenOnPane } from "../core/learn/seen-on-pane.ts";
import type { FirmDetails } from "../core/log/kinds/firm.ts";
import { CAUSE_WORDS, type Cause } from "../core/look/damage.ts";
import { type Repair, repairOf } from "../core/page/window-page.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import { plainName } from "../core/window/opening-key.ts";
import { say } from "../core/words/dialect.ts";
import type { Prefs } from "../core/words/prefs.ts";
import { entriesOfPane } from "../db/entry-log.ts";
import { allWindows } from "../db/window-rows.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";

/** One opening of a property, with all that was ever done to it, the newest first. */
export type PropertyOpening = {
  readonly opening: string;
  readonly light: string;
  /** Null while nobody said how its glass is held. */
  readonly system: System | null;
  readonly repairs: readonly Repair[];
};

export type Property = {
  readonly address: string;
  readonly firm: FirmDetails;
  readonly openings: readonly PropertyOpening[];
  /** What failed, the commonest first. */
  readonly causes: readonly { readonly cause: Cause; readonly panes: number }[];
  /** Units by the year in their spacer. */
  readonly years: readonly MadeYear[];
};

/** A property holds so many openings at most on one paper. */
const MOST_PANES = 300;

/** All that is known of the windows at an address, as people write it; null where nothing is. */
export function propertyFile(address: string, prefs: Prefs): Property | null {
  const db = theDatabase();
  const key = plainName(address);
  const rows = key === "" ? [] : allWindows(db, `${key}|`).slice(0, MOST_PANES);
  const [first] = rows;
  if (!first) return null;
  const { firm } = loadFirm(db);
  const by = withFirm(firm, sharedFindBest);
  const openings = new Map<string, PropertyOpening>();
  const causes = new Map<Cause, number>();
  const made: MadeIn[] = [];
  for (const row of rows) {
    const book = foldPane(row.id, entriesOfPane(db, row.id));
    if (!book) continue;
    const { made: year } = seenOnPane(book);
    if (year) made.push(year);
    if (book.cause) causes.set(book.cause, (causes.get(book.cause) ?? 0) + 1);
    const repair = repairOf(book, reckon(book, by), { round: row.roundName, beadsOut: [], prefs });
    const before = openings.get(row.place);
    openings.set(row.place, {
      opening: row.opening,
      light: row.light,
      system: book.added.unsaid ? null : book.added.system,
      repairs: [repair, ...(before?.repairs ?? [])],
    });
  }
  return {
    address: first.address,
    firm: firm.details,
    openings: [...openings.values()],
    years: madeYears(made),
    causes: [...causes].map(([cause, panes]) => ({ cause, panes })).sort((a, b) => b.panes - a.panes),
  };
}

/** The same for another program: names for what a word stands for, lengths in nanometres, days as `yyyy-mm-dd`. */
export const propertyJson = ({ firm: _, ...of }: Property): object => ({
  ...of,
  openings: of.openings.map((o) => ({
    ...o,
    frame: o.system && say(frameOf(o.system).name, "a"),
    repairs: o.repairs.map(({ pane, day, state, cause, fitted, size, setIn, materials, who, back }) => ({
      pane,
      day,
      state,
      cause,
      causeInWords: cause && say(CAUSE_WORDS[cause].name, "a"),
      fitted,
      widthNm: size?.width ?? null,
      heightNm: size?.height ?? null,
      setIn,
      materials,
      who,
      cameBack: back,
    })),
  })),
});
