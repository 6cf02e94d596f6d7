import type { Reckoning } from "../pane/reckoning.ts";
import { writeLength } from "../tape/write.ts";
import type { Template } from "../text/template.ts";
import { type LengthUnit, type Mm, mm, toMm } from "../units/length.ts";

/** A lean that matters by itself. */
const LEANS_MM = 3;

/** Less than this beyond the cover is too little for gap, tape and cutter, mm: a gap of 2 and as much again for what is off. */
const ROOM_BESIDE_COVER_MM = 4;

/** The shallowest side and the cover it owes, where that is what no size can keep, mm. Where it leans as well, that is what is eased. */
export function tooShallow(r: Reckoning): { readonly deepMm: Mm; readonly coverMm: Mm } | null {
  const { depths, leastCover } = r.odds;
  const lying = r.cut.ok && r.cut.value.opening.ok ? r.cut.value.opening.value : null;
  if (!depths || !lying || lying.figure.lean >= LEANS_MM) return null;
  const deepMm = Math.min(...Object.values(depths).map(toMm));
  const coverMm = toMm(leastCover);
  return deepMm - coverMm < ROOM_BESIDE_COVER_MM ? { deepMm, coverMm } : null;
}

/** A depth that nobody read is too doubtful to order by. @example guessedText(6) // "What it rests on is a guess, doubtful by 6 mm: …" */
export const guessedText = (doubtMm: Mm): Template =>
  `What it rests on is a guess, doubtful by ${Number(doubtMm.toFixed(1))} mm: no size from it is likely to go in and be covered. Read the {rebate} itself, with the {beads} or the {putty} off.`;

/**
 * Why no rectangle is to be ordered, and what to do: one sentence for the ticket, the order and whoever asks by a program.
 * @example 14 deep, 12 to be covered // "The rebate is 14 mm deep and 12 mm of the pane must be covered: no size is likely to keep it. …"
 */
export function declinedText(r: Reckoning, unit: LengthUnit): Template {
  const text = (lengthMm: Mm): string => writeLength(mm(lengthMm), unit, { places: 1, ticks: 32 });
  const shallow = tooShallow(r);
  if (shallow)
    return `The {rebate} is ${text(shallow.deepMm)} deep and ${text(shallow.coverMm)} of the {pane} must be covered: no size is likely to keep it. Read the depth again, ${r.canEase ? "deepen it, " : ""}or say that less cover will do.`;
  if (r.opening.guessed) return `${guessedText(r.opening.guessed.doubt)} No size stands until then.`;
  if (!r.canEase)
    return "No true rectangle is likely to do here, and this frame cannot be eased: read it again, or cut it to shape. No size stands until then.";
  return r.eased === null
    ? "No true rectangle is likely to do here: ease the {rebate}, or cut it to shape."
    : "No true rectangle is likely to do here: ease the {rebate}, cut it to shape, or read it again. No size stands until then.";
}
