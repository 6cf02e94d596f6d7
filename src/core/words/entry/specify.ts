import { compoundById } from "../../bed/compounds.ts";
import type { SpecifyPayloads } from "../../log/kinds/specify.ts";
import { GLASS_NAMES } from "../../specify/glass.ts";
import { looksText, PART_NAMES } from "../../specify/looks.ts";
import { makeupText } from "../../specify/makeup.ts";
import { PANEL_MAKE_NAMES, panelThickness } from "../../specify/panel.ts";
import { EXPOSURE_NAMES } from "../../specify/wind.ts";
import { asWritten } from "../../tape/as-written.ts";
import { writeLength } from "../../tape/write.ts";
import { type LengthUnit, mm } from "../../units/length.ts";
import { list, type WordsOf } from "./parts.ts";

/** Lines of the logbook about specifying. */
export const SPECIFY_WORDS: WordsOf<SpecifyPayloads> = {
  "specify.glass": (p) =>
    `Glass: ${asWritten(p.thickness)} ${GLASS_NAMES[p.kind]}, ${p.edges}${p.pattern ? `, ${p.pattern}` : ""}`,
  "specify.makeup": (p) => (p.makeup ? `{Unit}: ${makeupText(p.makeup)}` : "Single glass again"),
  "specify.looks": (p) => `Looks: ${looksText(p) || "plain"}`,
  "specify.panel": (p) =>
    p.panel ? `Solid panel: ${PANEL_MAKE_NAMES[p.panel.make]}, ${panelThickness(p.panel)} mm` : "Not a solid panel",
  "specify.hinges": (p) =>
    `Hinges: sash ${p.sashKg ?? "not weighed"}${p.sashKg === null ? "" : " kg"}, rated ${p.ratedKg === null ? "not read" : `${p.ratedKg} kg`}`,
  "specify.bed": (p) => `To be set in ${compoundById(p.compound)?.name ?? p.compound}`,
  "specify.sun": (p) =>
    `Sun: ${[p.partShade ? "part in shade" : "", p.darkFrame ? "dark frame" : ""].filter(Boolean).join(", ") || "all over, light frame"}`,
  "specify.parts": (p) =>
    `To come with it: ${p.parts.map((p) => PART_NAMES[p]).join(", ") || "nothing"}${p.note ? `; ${p.note}` : ""}`,
  "specify.insert": (p) => `Made whole, with ${p.safety ? "safety" : "ordinary"} glass in it`,
  "specify.exposure": (p) => `Stands to the wind: ${EXPOSURE_NAMES[p.exposure]}`,
  "specify.sash": (p) => `Sash: ${p.position}${p.sashKg === null ? "" : `, ${p.sashKg} kg with its old glass`}`,
  "specify.match": (p) => `Beside its neighbours: ${p.answer.replace("-", " ")}${p.note ? `, ${p.note}` : ""}`,
  "specify.location": (p, unit) => `Place: ${list(placeWords(p, unit))}`,
};

function placeWords(p: SpecifyPayloads["specify.location"], unit: LengthUnit): readonly string[] {
  return [
    p.inDoor ? "in a door" : "",
    p.wetRoom ? "wet room" : "",
    p.stairs ? "stairs" : "",
    p.walkway ? "walkway beside it" : "",
    p.noDoorMm ? `no door within ${writeLength(mm(p.noDoorMm), unit, { places: 0, ticks: 16 })}` : "",
  ].filter(Boolean);
}
