import { benchPast } from "../firm/cut-record.ts";
import type { Firm } from "../firm/firm.ts";
import { frameOf } from "../frame/systems.ts";
import { type Pence, penceOf } from "../money/pence.ts";
import { cutCost } from "../order/cut-cost.ts";
import { leadOf } from "../order/lead.ts";
import { type PriceList, panePence, pricedName, pricedOf } from "../order/price.ts";
import { MAKES_OF, type MakesOf, makesOfLine, type SourceFacts } from "../order/sources.ts";
import type { Template } from "../text/template.ts";
import type { Day } from "../units/day.ts";
import { isInchMake } from "../units/inch-make.ts";
import { type LengthUnit, type Mm, nm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { proposedStock } from "./from-stock.ts";
import { neededBy } from "./needed-by.ts";
import { orderLineOf } from "./order-line.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnit } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

/** What became of a supplier's orders so far. */
export type SupplierRecord = {
  readonly name: string;
  readonly gone: readonly { readonly sent: Day; readonly arrived: Day; readonly of: MakesOf }[];
  readonly panes: number;
  readonly sentBack: number;
  /** Sides as measured less what was ordered, mm. */
  readonly offMm: readonly Mm[];
};

/** Their orders of one kind of thing: float that comes tomorrow says nothing of units. */
export const goneOf = (record: SupplierRecord | undefined, make: MakesOf): SupplierRecord["gone"] =>
  (record?.gone ?? []).filter((g) => g.of === make);

type Line = NonNullable<ReturnType<typeof orderLineOf>>;

/** What one line costs with a supplier before tax; null where something of it is not on their list. */
export const linePence = (line: Line, list: PriceList): Pence | null => linePriced(line, list).pence;

/** The same, with what is not on their list, as it is said. */
function linePriced(
  line: Line,
  list: PriceList,
): { readonly pence: Pence | null; readonly missing: readonly Template[] } {
  // No list of glass has the price of a frame with glass in it.
  if (line.whole) return { pence: null, missing: [] };
  const { pence, missing } = panePence(
    pricedOf({
      widthNm: line.widthNm,
      heightNm: line.heightNm,
      thicknessMm: toMm(nm(line.thicknessNm)),
      glass: line.glass,
      // A sheet of a unit says its pattern with how the unit looks.
      pattern: line.pattern || (line.makeup && line.looks?.pattern) || "",
      edges: line.edges,
      makeup: line.makeup,
      bars: line.bars,
      shaped: line.corners !== undefined,
    }),
    list,
  );
  return missing.length > 0 ? { pence: null, missing: missing.map(pricedName) } : { pence, missing };
}

/** What this pane needs of whoever makes it. */
export function needsOf(book: PaneBook, r: Pick<Reckoning, "glass">): MakesOf {
  const what = wholeOf(book);
  return makesOfLine({
    glass: r.glass.kind,
    makeup: isUnit(book) ? {} : undefined,
    whole: what ? { what } : undefined,
  });
}

/** Whether somebody wrote down what a supplier makes: an empty list says nothing. */
export const saysMakes = <T extends { readonly makes: readonly MakesOf[] }>(terms: T | undefined): terms is T =>
  terms !== undefined && terms.makes.length > 0;

/** In which makes the unit chosen is, by its first sheet; null where no unit was chosen. @example 1/8 - 3/8 - 1/8 // "in" */
export const unitsInOf = (book: Pick<PaneBook, "makeup">): LengthUnit | null => {
  const [first] = book.makeup?.panes ?? [];
  return first ? (isInchMake(first.mm) ? "in" : "mm") : null;
};

/** What where it can come from follows from; null while nothing is sized. */
export function sourceFacts(
  book: PaneBook,
  r: Reckoning,
  by: { readonly firm: Firm; readonly today: Day; readonly record: readonly SupplierRecord[] },
): SourceFacts | null {
  const line = orderLineOf(book, r);
  if (!line) return null;
  const stock = proposedStock(r.stock);
  const { firm } = by;
  const needs = needsOf(book, r);
  return {
    needs,
    unitsIn: unitsInOf(book),
    fromStock: stock
      ? {
          name: stock.pane.name,
          cuts: stock.cuts,
          bought: stock.pane.bought,
          cost: cutCost({
            sheetPence: stock.pane.costPence ?? null,
            sheetMm2: (stock.pane.widthNm / 1e6) * (stock.pane.heightNm / 1e6),
            paneMm2: toMm(stock.glass.width) * toMm(stock.glass.height),
            cuts: stock.cuts,
            minutesPerCut: r.house.minutesPerCut,
            hourPence: penceOf(r.house.hourRate),
            ...benchPast(firm.cutting, stock.pane),
          }),
        }
      : null,
    mayCut: r.glass.kind !== "toughened",
    insertPence: penceOf(r.house.insertEach),
    isDoorInsert: frameOf(book.added.system).ofDoor,
    today: by.today,
    needed: neededBy(book, r, firm.calendar)?.fitBy ?? null,
    calendar: firm.calendar,
    suppliers: firm.suppliers.map((s) => {
      const terms = firm.terms.get(s.name);
      const record = by.record.find((x) => x.name === s.name);
      return {
        name: s.name,
        // Whoever said nothing of what they make may be asked for anything, and stands behind those who said it.
        makes: saysMakes(terms) ? terms.makes : MAKES_OF,
        unsaid: !saysMakes(terms),
        unitsIn: terms?.unitsIn,
        lead: leadOf(s.leadDays, goneOf(record, needs), firm.calendar, by.today),
        ...(terms ? linePriced(line, terms) : { pence: null }),
        panes: record?.panes ?? 0,
        sentBack: record?.sentBack ?? 0,
      };
    }),
  };
}
