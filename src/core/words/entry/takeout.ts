import { DETAILS, type DetailName } from "../../frame/detail.ts";
import type { TakeoutPayloads } from "../../log/kinds/takeout.ts";
import { BEAD_SCHOOL_FACTS, CORNERS } from "../../takeout/beads.ts";
import { COUNTED_NAMES } from "../../takeout/counts.ts";
import { WASTE_NAMES } from "../../takeout/disposal.ts";
import { FRONT_FACTS } from "../../takeout/front-steps.ts";
import { THING_FACTS } from "../../takeout/how-it-was.ts";
import { asWritten } from "../../tape/as-written.ts";
import { counted } from "../../text/counted.ts";
import type { Template } from "../../text/template.ts";
import { dayOf } from "../../units/day.ts";
import { sayDay } from "../days.ts";
import type { WordsOf } from "./parts.ts";

/** Lines of the logbook about taking out. */
export const TAKEOUT_WORDS: WordsOf<TakeoutPayloads> = {
  "takeout.marks": (p) => `Marked: inside face ${p.insideFace || "–"}, top edge ${p.topEdge || "–"}`,
  "takeout.sprigs": (p) => `{Sprigs} found: ${p.found}`,
  "takeout.profile": (p) => `Frame profile: ${p.profile || "not known"}`,
  "takeout.broken": (p) => `{Beads} broken: ${p.beads.join(", ") || "none"}`,
  "waste.out": (p) => `Away: ${counted(p.bags, "bag")} of ${WASTE_NAMES[p.waste]}${p.where ? `, ${p.where}` : ""}`,
  "hands.booked": (p) =>
    `Second person ${sayDay(dayOf(p.day))} from ${p.from}, ${p.hours} h${p.helper ? `: ${p.helper}` : ""}`,
  "takeout.detail": (p) =>
    (Object.entries(p) as [DetailName, string | undefined][])
      .flatMap(([n, v]) =>
        v === undefined ? [] : [`${DETAILS[n].name} ${(DETAILS[n].of as Readonly<Record<string, string>>)[v] ?? v}`],
      )
      .join(", "),
  "takeout.front": (p) =>
    `In front: ${p.front.map((f): Template => `${FRONT_FACTS[f.what].name}${f.fate === "thrown" ? " (thrown out)" : f.kept ? ` (${f.kept})` : ""}`).join(", ") || "nothing"}`,
  "takeout.joints": (p) =>
    `{Bead} corners: ${
      CORNERS.flatMap((c) => {
        const j = p.joints[c];
        return j
          ? [
              `${c.replace("-", " ")} ${j.kind === "mitred" ? "mitred" : `${j.side} ${j.kind === "runs" ? "runs through" : "laps over"}`}`,
            ]
          : [];
      }).join(", ") || "none marked"
    }; ${BEAD_SCHOOL_FACTS[p.school].name}`,
  "takeout.map": (p) =>
    `On the map: ${THING_FACTS[p.thing].name}, ${p.edge}${p.thickness ? `, ${asWritten(p.thickness)}` : ""}${p.material ? `, ${p.material}` : ""}`,
  "takeout.map-off": () => "Taken off the map",
  "takeout.counted": (p) => `${p.count} ${COUNTED_NAMES[p.what]} ${p.way}`,
};
