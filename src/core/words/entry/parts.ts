import type { Written } from "../../tape/written.ts";
import type { Template } from "../../text/template.ts";
import { dayOf } from "../../units/day.ts";
import type { LengthUnit } from "../../units/length.ts";
import { sayDay } from "../days.ts";

/** One line of the logbook for each kind of entry. */
export type WordsOf<Payloads> = {
  readonly [K in keyof Payloads]: (payload: Payloads[K], unit: LengthUnit) => Template;
};

/** As written, with its unit unless the text has one. */
export const asWritten = (w: Written): string =>
  /[a-z"'″′”’]/i.test(w.text) || w.text.includes("/") ? w.text : `${w.text} ${w.unit}`;
export const onDay = (text: string): string => sayDay(dayOf(text));
export const list = (words: readonly Template[]): Template => (words.length === 0 ? "nothing" : words.join(", "));
