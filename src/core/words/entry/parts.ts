import type { Template } from "../../text/template.ts";
import { dayOf } from "../../units/day.ts";
import type { LengthUnit } from "../../units/length.ts";
import { sayDay } from "../days.ts";

/** One line of the logbook for each kind of entry. */
export type WordsOf<Payloads> = {
  readonly [K in keyof Payloads]: (payload: Payloads[K], unit: LengthUnit) => Template;
};

export const onDay = (text: string): string => sayDay(dayOf(text));
export const list = (words: readonly Template[]): Template => (words.length === 0 ? "nothing" : words.join(", "));
