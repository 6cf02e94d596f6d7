import type { MeasurePayloads } from "../../log/kinds/measure.ts";
import { CIRCUMSTANCE_FACTS, SHAPE_NAMES, WAY_FACTS } from "../../measure/ways.ts";
import { asWritten } from "../../tape/as-written.ts";
import { barsText, coatingText, foundText } from "../found.ts";
import { PLACE_NAMES } from "../places.ts";
import type { WordsOf } from "./parts.ts";

/** Lines of the logbook about measuring. */
export const MEASURE_WORDS: WordsOf<MeasurePayloads> = {
  "measure.reading": (p) =>
    p.text.trim() === ""
      ? `${PLACE_NAMES[p.place]}: taken out`
      : `${PLACE_NAMES[p.place]}: ${asWritten(p)}${p.copied ? ", copied from a like {pane}" : ""}`,
  "measure.again": (p) => `Read again, ${PLACE_NAMES[p.place]}: ${asWritten(p)}`,
  "measure.stood-by": (p) => `${PLACE_NAMES[p.place]}: ${p.text} is right, read again`,
  "measure.way": (p) => `Measured ${WAY_FACTS[p.way].name}`,
  "measure.circumstance": (p) => `Measured from: ${CIRCUMSTANCE_FACTS[p.state].name}`,
  "measure.shape": (p) => `By eye: ${SHAPE_NAMES[p.shape]}`,
  "measure.template": (p) =>
    p.taken ? "Its template is taken, face and top marked" : "Its template is to be taken anew",
  "measure.sits": (p) => `The old {pane} sat ${p.sits}`,
  "measure.bars": (p) => barsText(p),
  "measure.coating": (p) => coatingText(p),
  "measure.found": (p) => foundText(p),
};
