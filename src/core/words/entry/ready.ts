import type { ReadyPayloads } from "../../log/kinds/ready.ts";
import { DRY_FIT_FACTS } from "../../ready/dry-fit.ts";
import { FATE_NAMES, HARDWARE_NAMES } from "../../ready/hardware.ts";
import type { WordsOf } from "./parts.ts";

/** Lines of the logbook about making ready. */
export const READY_WORDS: WordsOf<ReadyPayloads> = {
  "ready.dry-fit": (p) => `Tried dry: ${DRY_FIT_FACTS[p.fit].name}${p.note ? `, ${p.note}` : ""}`,
  "ready.hardware": (p) => `${HARDWARE_NAMES[p.what]}: ${FATE_NAMES[p.fate]}`,
  "ready.drains": (p) =>
    `Drains: ${p.clear} of ${p.found} clear${p.sleeved ? `, ${p.sleeved} sleeved` : ""}${p.note ? `, ${p.note}` : ""}`,
};
