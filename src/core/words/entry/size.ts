import type { SizePayloads } from "../../log/kinds/size.ts";
import { CIRCUMSTANCE_FACTS } from "../../measure/ways.ts";
import { SCHOOL_FACTS } from "../../size/school.ts";
import { asWritten } from "../../tape/as-written.ts";
import type { WordsOf } from "./parts.ts";

/** Lines of the logbook about sizing. */
export const SIZE_WORDS: WordsOf<SizePayloads> = {
  "size.rule": (p) =>
    `Takes off: ${SCHOOL_FACTS[p.school].name}${p.off ? ` ${asWritten(p.off)}` : ""}, cut to ${p.grid}`,
  "size.overruled": (p) => `Size overruled: ${asWritten(p.width)} × ${asWritten(p.height)}, because ${p.reason}`,
  "size.overrule-dropped": () => "Back to the size as reckoned",
  "size.shaped": (p) => `Cut to shape by its corners, because ${p.reason}`,
  "size.shaped-dropped": () => "Back to a true rectangle",
  "size.basis": (p) =>
    p.basis === "glass"
      ? "The order states the glass size"
      : "The order states the opening size: the cutter takes the allowance off",
  "size.risk-taken": (p) =>
    `Ordered from ${p.state === "not-said" ? "readings whose state was not said" : CIRCUMSTANCE_FACTS[p.state].name}, at a risk that was accepted${p.reason ? `: ${p.reason}` : ""}`,
};
