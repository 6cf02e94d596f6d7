import type { Firm } from "../firm/firm.ts";
import { type OptionKind, optionName, optionsFor } from "../look/options.ts";
import { NO_MONEY, type Pence, penceOf } from "../money/pence.ts";
import type { QuotedPane } from "../order/quote.ts";
import { proposedSource } from "../order/sources.ts";
import type { PaneBook } from "../pane/book.ts";
import { glassPence } from "../pane/glass-price.ts";
import { oldGlassBack } from "../pane/old-glass.ts";
import { optionsFacts } from "../pane/options-facts.ts";
import { labelOf, orderLineOf } from "../pane/order-line.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { isRefurbished } from "../pane/refurbishing.ts";
import { type SupplierRecord, sourceFacts } from "../pane/source-facts.ts";
import { stepsAt } from "../pane/steps-at.ts";
import { takesNight } from "../pane/takes-night.ts";
import { isUnitOpen } from "../pane/unit.ts";
import { wholeOf } from "../pane/whole-here.ts";
import { STATION_NAMES, type Station } from "../plan/stations.ts";
import { effortOf } from "../steps/step.ts";
import { bagsFor } from "../takeout/disposal.ts";
import type { Day } from "../units/day.ts";
import type { LengthUnit } from "../units/length.ts";
import { type Dialect, say } from "../words/dialect.ts";
import { fittedText } from "../words/fitted.ts";
import { glassText, panelText } from "../words/glass.ts";
import { oldBackText } from "../words/old-back.ts";

const WORKED: readonly Station[] = ["takeout", "ready", "set", "finish"];

/** What goes into glass that goes back: beads, sealant and tape of one that is opened, else nothing. */
const backPence = (book: PaneBook, r: Reckoning): Pence =>
  isRefurbished(book) ? penceOf(r.house.refurbishKit) : NO_MONEY;

/** What is quoted: what was chosen, or what it comes to by how it was read. */
const chosenHere = (book: PaneBook): OptionKind => wholeOf(book) ?? book.before.option?.option ?? "glass";

/** The glass in a customer's words: never more than is known of it. */
function quotedGlass(
  book: PaneBook,
  line: ReturnType<typeof orderLineOf>,
  by: { readonly dialect: Dialect; readonly unit: LengthUnit },
): string {
  if (line === null || oldGlassBack(book)) return say(oldBackText(book), by.dialect);
  if (isUnitOpen(book)) return say("{unit}, its make still to be chosen", by.dialect);
  if (book.panel) return panelText(book.panel, by.unit);
  return [glassText(line, by), line.pattern].filter(Boolean).join(", ");
}

const afterColon = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;

/** One pane as it is quoted; null while it is not sized, unless the old glass goes back. */
export function quotedPane(
  book: PaneBook,
  r: Reckoning,
  by: {
    readonly firm: Firm;
    readonly today: Day;
    readonly record: readonly SupplierRecord[];
    readonly dialect: Dialect;
    readonly unit: LengthUnit;
  },
): QuotedPane | null {
  const line = orderLineOf(book, r);
  const isBack = oldGlassBack(book);
  const options = optionsFacts(book, r);
  // Glass that goes back is bought of nobody, and need not be sized.
  if (!line && !isBack) return null;
  const facts = isBack ? null : sourceFacts(book, r, by);
  const best = facts ? proposedSource(facts) : undefined;
  const minutes = WORKED.flatMap((station) => {
    // A price is the same whoever looks at it: by the firm's minutes, and nobody's own.
    const steps = stepsAt(station, book, r, null);
    return steps.length === 0 ? [] : [{ station: STATION_NAMES[station], minutes: effortOf(steps).minutes }];
  });
  return {
    pane: book.id,
    where: labelOf(book),
    glass: quotedGlass(book, line, by),
    fitted: afterColon(fittedText(book, r, by)),
    glassPence: isBack ? backPence(book, r) : glassPence(book, r, best),
    minutes,
    materialsPence: wholeOf(book) ? NO_MONEY : penceOf(r.house.materialsEach),
    paints: r.compound.leastDays !== null,
    takesNight: takesNight(book, r),
    upstairs: (book.building.storey ?? 0) > 0,
    bags: r.massKg === null ? 1 : bagsFor(r.massKg),
    others: optionsFor(options, r.house)
      .filter((o) => o.possible && o.kind !== chosenHere(book))
      .map((o) => ({ says: say(optionName(o.kind, options), by.dialect), pence: o.pence })),
  };
}
