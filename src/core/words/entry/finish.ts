import { VISIT_NAMES } from "../../finish/visit.ts";
import type { FinishPayloads } from "../../log/kinds/finish.ts";
import { onDay, type WordsOf } from "./parts.ts";

/** Lines of the logbook about finishing. */
export const FINISH_WORDS: WordsOf<FinishPayloads> = {
  "finish.painted": (p) => `Painted ${onDay(p.day)}`,
  "finish.paint-left": (p) => `Paint is left to the ${p.to}${p.note ? `: ${p.note}` : ""}`,
  "finish.visit": (p) => `Back on ${onDay(p.day)}: ${VISIT_NAMES[p.visit]}`,
};
