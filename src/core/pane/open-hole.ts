import type { Kit } from "../steps/kit.ts";
import { type PaneBook, stepKey } from "./book.ts";
import { oldGlassBack } from "./old-glass.ts";
import { isRefurbished } from "./refurbishing.ts";
import { isHere } from "./stands.ts";

/** The last step of taking out was ticked, or left out with a word: the old glass is off the frame. */
export const glassIsOut = (book: Pick<PaneBook, "steps">): boolean => book.steps.has(stepKey("takeout", "bag"));

/** It was lifted out of the frame, whether or not all is swept up yet. */
export const hasLeft = (book: Pick<PaneBook, "steps">): boolean =>
  glassIsOut(book) || book.steps.get(stepKey("takeout", "lift-out"))?.state === "done";

/** What goes in is not here to be set: it is to come, to be cut, or lies opened on the bench. */
const isAwaited = (book: PaneBook): boolean =>
  oldGlassBack(book) ? isRefurbished(book) && book.before.refurbish.closed === null : !isHere(book);

/** Taking it out leaves a hole for longer than a day's work: something is brought to close it. */
export const leavesOpen = (book: PaneBook): boolean => book.set === null && isAwaited(book);

/** What closes a hole. Source: trade practice. */
export const CLOSING_KIT: Kit = {
  tools: ["board or rigid insulation, larger than the hole", "battens", "screws and driver", "wide tape"],
  uses: [],
};

/**
 * The frame stands open and nobody closed it: broken through, or its old glass is out and what goes in is not here. With the
 * new glass here, work goes on, and a board that came off for it is not missed.
 * @example taken out today, its glass due in three days, nothing screwed over it // true
 */
export function standsOpen(book: PaneBook): boolean {
  if (book.set || book.closed) return false;
  const isOut = glassIsOut(book);
  if (book.urgency === "open-hole" && !(isHere(book) && (book.uncovered || isOut))) return true;
  return isOut && isAwaited(book);
}

/** Something is screwed or taped over the hole, and comes off before anybody works on it. */
export const isCovered = (book: Pick<PaneBook, "set" | "closed">): boolean => book.closed !== null && book.set === null;

/** The same while it can be worked on: its old glass is still in, or what goes in is here. */
export const comesOff = (book: PaneBook): boolean => isCovered(book) && (!glassIsOut(book) || !isAwaited(book));
