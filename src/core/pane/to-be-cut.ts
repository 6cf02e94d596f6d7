import type { HouseRules } from "../house/rules.ts";
import { readsWhole } from "../measure/ways.ts";
import { CAN_BE_CUT } from "../specify/glass.ts";
import type { PaneBook } from "./book.ts";
import { needsTemplate } from "./needs-template.ts";
import { oldGlassBack } from "./old-glass.ts";
import type { Reckoning } from "./reckoning.ts";
import { isHere } from "./stands.ts";
import { isUnit } from "./unit.ts";

/** A unit, chosen or not; what comes whole; a panel that is no glass; glass that goes back. */
export const isNobodysToCut = (book: PaneBook): boolean =>
  isUnit(book) || readsWhole(book.way) || book.panel !== null || oldGlassBack(book);

/** Whether it waits for glass that somebody here could cut: straight sides, no toughened, on no order that was sent. */
export const mayBeCutHere = (book: PaneBook, r: Pick<Reckoning, "chosen" | "opening" | "shaped" | "arch">): boolean =>
  !book.set &&
  !isHere(book) &&
  (book.line === null || book.line.line.state === "open") &&
  !isNobodysToCut(book) &&
  CAN_BE_CUT[r.chosen.kind] &&
  r.shaped === null &&
  !needsTemplate(book, r);

/** Somebody said that it is cut here, it still can be, and no order has it. @example said, then put on an order // false */
export const isToBeCut = (book: PaneBook, r: Pick<Reckoning, "chosen" | "opening" | "shaped" | "arch">): boolean =>
  book.cutHere && book.line === null && mayBeCutHere(book, r);

/** Off a piece of the rack two edges are cut, as a rule; of how it is laid nothing is known before it is planned with others. */
const CUTS_A_PANE = 2;

/** How long one pane is reckoned to take at the bench. @example 5 minutes a cut by house rule // 10 */
export const benchMinutes = (house: Pick<HouseRules, "minutesPerCut">): number => CUTS_A_PANE * house.minutesPerCut;
