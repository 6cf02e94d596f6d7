import { REMAKE_WHY } from "../../learn/remake.ts";
import { WENT_FACTS } from "../../learn/went.ts";
import type { LearnPayloads } from "../../log/kinds/learn.ts";
import { WHOSE_NAMES } from "../../order/had.ts";
import { asWritten } from "../../tape/as-written.ts";
import type { WordsOf } from "./parts.ts";

/** Lines of the logbook about what the firm learns from. */
export const LEARN_WORDS: WordsOf<LearnPayloads> = {
  "set.fit": (p) =>
    `How it went in: ${WENT_FACTS[p.went].name}${p.width ? `, ${asWritten(p.width)} of room in its width` : ""}${p.height ? `, ${asWritten(p.height)} in its height` : ""}`,
  "remake.kept": (p) =>
    p.gone
      ? "It did not come back after all"
      : `Came back: ${REMAKE_WHY[p.why].name}, ${WHOSE_NAMES[p.whose]}${p.note ? ` (${p.note})` : ""}`,
};
