import type { Kind, Payloads } from "../log/kinds.ts";
import type { Carried } from "../pane/carried.ts";
import type { Template } from "../text/template.ts";
import type { LengthUnit } from "../units/length.ts";
import { type Dialect, say } from "./dialect.ts";
import { FINISH_WORDS } from "./entry/finish.ts";
import { FIRM_WORDS } from "./entry/firm.ts";
import { LEARN_WORDS } from "./entry/learn.ts";
import { LOOK_WORDS } from "./entry/look.ts";
import { MEASURE_WORDS } from "./entry/measure.ts";
import { ORDER_WORDS } from "./entry/order.ts";
import { PANE_WORDS } from "./entry/pane.ts";
import type { WordsOf } from "./entry/parts.ts";
import { PLAN_WORDS } from "./entry/plan.ts";
import { READY_WORDS } from "./entry/ready.ts";
import { REFURBISH_WORDS } from "./entry/refurbish.ts";
import { SET_WORDS } from "./entry/set.ts";
import { SIGNOFF_WORDS } from "./entry/signoff.ts";
import { SIZE_WORDS } from "./entry/size.ts";
import { SPECIFY_WORDS } from "./entry/specify.ts";
import { TAKEOUT_WORDS } from "./entry/takeout.ts";

const WORDS: WordsOf<Payloads> = {
  ...FIRM_WORDS,
  ...PANE_WORDS,
  ...LOOK_WORDS,
  ...TAKEOUT_WORDS,
  ...MEASURE_WORDS,
  ...SIZE_WORDS,
  ...SPECIFY_WORDS,
  ...ORDER_WORDS,
  ...READY_WORDS,
  ...REFURBISH_WORDS,
  ...SET_WORDS,
  ...FINISH_WORDS,
  ...SIGNOFF_WORDS,
  ...LEARN_WORDS,
  ...PLAN_WORDS,
};

/** What an entry says, as one line of the logbook. Readings stand as they were written. */
export const entryWords = (e: Carried, by: { readonly unit: LengthUnit; readonly dialect: Dialect }): string =>
  say(sentence(e, by.unit), by.dialect);

function sentence<K extends Kind>(e: { readonly kind: K; readonly payload: Payloads[K] }, unit: LengthUnit): Template {
  if (!Object.hasOwn(WORDS, e.kind)) return `Something that this version has no words for (${e.kind})`;
  return WORDS[e.kind](e.payload, unit);
}
