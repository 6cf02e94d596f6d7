import type { SignoffPayloads } from "../../log/kinds/signoff.ts";
import { inspectionLook } from "../../signoff/inspection.ts";
import { onDay, type WordsOf } from "./parts.ts";

/** Lines of the logbook about signing off. */
export const SIGNOFF_WORDS: WordsOf<SignoffPayloads> = {
  "signoff.snag": (p) =>
    `${p.done ? "Put right" : "To put right"}: ${p.says}${p.due && !p.done ? `, by ${onDay(p.due)}` : ""}`,
  "signoff.check": (p) => `${p.good ? "Good" : "Not good"}: ${inspectionLook(p.item)}${p.note ? ` (${p.note})` : ""}`,
  "signoff.signed": (p) => `Signed off ${onDay(p.day)}${p.told ? "; customer told" : ""}`,
};
