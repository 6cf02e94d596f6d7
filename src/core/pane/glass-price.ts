import { areaNm2, byArea, greaterOf, partsOf, rounded } from "../money/parts.ts";
import { NO_MONEY, type Pence, penceOf } from "../money/pence.ts";
import type { Source } from "../order/sources.ts";
import { unitPence } from "../specify/unit-price.ts";
import type { Whole } from "../specify/whole.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnit } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

/** What each is reckoned at until somebody priced it, by the house's own figures; nothing is set in anything on site. */
const WHOLE_EACH: Readonly<Record<Whole, "insertEach" | "sashEach" | "windowEach">> = {
  insert: "insertEach",
  sash: "sashEach",
  window: "windowEach",
};

/** What this pane's glass is reckoned at: what was agreed, the proposed source's price, or the house's by area. */
export function glassPence(book: PaneBook, r: Reckoning, best: Source | undefined): Pence {
  if (best?.pence !== null && best?.pence !== undefined) return best.pence;
  if (!r.cut.ok) return NO_MONEY;
  const whole = wholeOf(book);
  if (whole) return penceOf(r.house[WHOLE_EACH[whole]]);
  const area = areaNm2(r.cut.value.glass.width, r.cut.value.glass.height);
  const leastCharge = penceOf(r.house.leastCharge);
  const perM2 = penceOf(isUnit(book) ? r.house.unitPerM2 : r.house.glassPerM2);
  if (isUnit(book) && book.makeup) return unitPence(book.makeup, area, { perM2, leastCharge });
  return rounded(greaterOf(byArea(perM2, area), partsOf(leastCharge)));
}
