import type { Rout } from "../size/rout.ts";
import { bedOf, type Through } from "../size/through.ts";
import { writeLength } from "../tape/write.ts";
import type { Template } from "../text/template.ts";
import { type LengthUnit, mm, type Nm } from "../units/length.ts";

/** Whether bed, glass and bead find room, and what would cure it. */
export function throughWords(t: Through, unit: LengthUnit, front: "bead" | "putty"): Template {
  const text = (length: Nm): string => writeLength(length, unit, { places: 1, ticks: 32 });
  const bead = front === "bead" ? "{bead}" : "{putty}";
  if (t.cures === null)
    return t.spare === 0
      ? `Bed, glass and ${bead} fill the {rebate}: flush.`
      : `${text(t.spare)} to spare through the thickness: the ${bead} would stand back by that, unless the bed is ${t.bedToFlush ? `${text(t.bedToFlush)}${madeUp(t.bedToFlush, text)}` : "thicker"}.`;
  const cures = [
    t.cures.slimmerBead ? `a ${bead} of ${text(t.cures.slimmerBead)}` : null,
    t.cures.thinnerGlass ? `glass of ${text(t.cures.thinnerGlass)}` : null,
    t.cures.thinnerBed ? `a bed of ${text(t.cures.thinnerBed)}` : null,
    `a {rebate} ${text(t.cures.widerRebate)} wide`,
  ].filter((c) => c !== null);
  return `The ${bead} would stand ${text(t.proud)} proud. Any one cures it: ${cures.join(", ")}.`;
}

/** Of what strips such a bed is made up. */
function madeUp(bed: Nm, text: (length: Nm) => string): string {
  const made = bedOf(bed);
  if (!made || made.pieces.length === 0) return "";
  const [first, ...rest] = made.pieces.map(text);
  return rest.length === 0 ? `: tape of ${first}` : `: tape of ${first} on packing of ${rest.join(" and ")}`;
}

/** Less than this nobody routs: half a mark of the tape. */
const WORTH = mm(0.5);

/** What a unit costs the sash, in a line. @example "rout 9 mm wider, 11 mm stays" */
export function routLine(r: Rout, unit: LengthUnit): string {
  const text = (length: Nm): string => writeLength(length, unit, { places: 1, ticks: 32 });
  const work = r.width.by >= WORTH ? `rout ${text(r.width.by)} wider` : "wide enough";
  return r.holds ? `${work}, ${text(r.upstandLeft)} stays` : `${work}: too little timber stays`;
}

export function routWords(r: Rout, unit: LengthUnit): Template {
  const text = (length: Nm): string => writeLength(length, unit, { places: 1, ticks: 32 });
  const cut = [
    r.width.by >= WORTH ? `${text(r.width.by)} wider` : null,
    r.depth.by >= WORTH ? `${text(r.depth.by)} deeper` : null,
  ].filter((c) => c !== null);
  const work = cut.length === 0 ? "No routing is needed." : `Rout the {rebate} ${cut.join(" and ")}.`;
  if (r.upstandLeft <= 0) return `${work} Nothing would be left of the upstand: this sash cannot take it.`;
  const left = `${text(r.upstandLeft)} of upstand is left`;
  const webs = r.webs.map((w) => (w.left <= 0 ? "no web" : `${text(w.left)} of web`));
  const all = [left, ...new Set(webs)].join(", ");
  return r.holds
    ? `${work} ${all}. Look at the joints and at the new mass on the balances.`
    : `${work} Too little timber stays: ${all}. A slimmer unit, or a new sash.`;
}
