import type { RefurbishPayloads } from "../../log/kinds/refurbish.ts";
import { filledOf } from "../../refurbish/beads-and-seal.ts";
import { CLEANER_FACTS } from "../../refurbish/cleaners.ts";
import { dayOf } from "../../units/day.ts";
import { sayDay } from "../days.ts";
import { list, type WordsOf } from "./parts.ts";

/** Lines of the logbook about refurbishing a sealed unit. */
export const REFURBISH_WORDS: WordsOf<RefurbishPayloads> = {
  "refurbish.cleaned": (p) => `Cleaned with ${CLEANER_FACTS[p.cleaner].name}: ${p.result}`,
  "refurbish.gaps": (p) =>
    `Spacer in from the edge, mm: ${Object.entries(p)
      .map(([side, mm]) => `${side} ${mm ?? "not read"}`)
      .join(", ")}`,
  "refurbish.panes": (p) => `{Panes} of the {unit}: A ${p.a || "not said"}, B ${p.b || "not said"}`,
  "refurbish.unit": (p) =>
    `Opened {unit}: ${list(
      [
        p.spacerMm !== null && `spacer ${p.spacerMm} mm`,
        p.boreMm2 !== null && `bore ${p.boreMm2} mm²`,
        p.channelMm !== null && `channel ${p.channelMm} mm`,
        p.keyLegMm !== null && `keys ${p.keyLegMm} mm`,
        p.filledSides !== null && `${filledOf(p.filledSides)} filled`,
      ].filter((said) => said !== false),
    )}`,
  "refurbish.weighed": (p) => `Beads weigh ${p.grams} g after ${p.minutes} min`,
  "refurbish.closed": (p) => `Resealed ${sayDay(dayOf(p.day))}, no gas; look again ${sayDay(dayOf(p.lookAgain))}`,
};
