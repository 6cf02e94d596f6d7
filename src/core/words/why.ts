import { largestAt, largestRectangle } from "../geometry/largest.ts";
import type { Placed } from "../geometry/placing.ts";
import { SIDES, type Side } from "../geometry/quad.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { bowSetback } from "../size/lay.ts";
import { writeLength } from "../tape/write.ts";
import type { Template } from "../text/template.ts";
import { floorTo, gridUnit, type LengthUnit, type Mm, mm, type Nm, nm, takeNm } from "../units/length.ts";
import { percent } from "./percent.ts";
import { PLACE_NAMES } from "./places.ts";

/** One sum behind a result: what it is, the sum with its numbers, the rule and where that is from. */
export type Sum = { readonly of: string; readonly sum: Template; readonly rule: Template; readonly source: string };

/** The sums that made the size, its gaps, its cover and its odds, in the reader's unit. */
export function whySize(r: Reckoning, unit: LengthUnit, leastGapMm: Mm): readonly Sum[] {
  if (!r.cut.ok) return [];
  const cut = r.cut.value;
  const text = (length: Nm): string => writeLength(length, unit, { places: 1, ticks: 32 });
  const exact = (length: Nm): string => writeLength(length, gridUnit(r.rule.grid), { places: 1, ticks: 32 });
  const axis = (dimension: "width" | "height"): Sum => ({
    of: `Glass ${dimension}`,
    sum: cut.overruled
      ? `${exact(cut.glass[dimension])}: overruled; the sum gave ${exact(cut.reckoned[dimension])}`
      : `${text(cut.governs[dimension].length)} (${PLACE_NAMES[cut.governs[dimension].place]}) − ${text(cut.deduction[dimension])} = ${text(cut.reckoned[dimension])}, down to ${exact(cut.glass[dimension])}`,
    rule: `smallest reading less the deduction, rounded down to ${r.rule.grid}`,
    source: cut.deduction.source,
  });
  const sums: Sum[] = [axis("width"), axis("height")];
  sums.push({
    of: "Edge gap",
    sum: `(${text(cut.governs.width.length)} − ${text(cut.glass.width)}) / 2 = ${text(cut.edgeGap.width)} wide; (${text(cut.governs.height.length)} − ${text(cut.glass.height)}) / 2 = ${text(cut.edgeGap.height)} high`,
    rule: "half of what is left, when the {pane} is centred",
    source: "plane geometry",
  });
  if (cut.opening.ok) sums.push(...whyLying(r, cut.opening.value, unit));
  if (r.best && r.rule.school === "best-odds") sums.push(whyOdds(r, text));
  if (cut.opening.ok) sums.push(whyLargest(r, cut.opening.value, leastGapMm, text));
  return sums;
}

/** The largest true rectangles that leave the least gap on every side: held to the sill, most even, most glass. */
function whyLargest(r: Reckoning, lying: Opening, leastGapMm: Mm, text: (length: Nm) => string): Sum {
  const { quad } = lying.figure;
  const bow = bowSetback(lying.figure);
  const free = Object.fromEntries(SIDES.map((s) => [s, leastGapMm + (bow[s] ?? 0)])) as Record<Side, number>;
  const size = (p: Placed | undefined): string =>
    p ? `${text(floorTo(mm(p.width), r.rule.grid))} × ${text(floorTo(mm(p.height), r.rule.grid))}` : "none";
  const turned = (p: Placed | undefined): string => (p ? `, turned ${((p.turn * 180) / Math.PI).toFixed(2)}°` : "");
  const even = largestRectangle(quad, free, "even");
  const most = largestRectangle(quad, free, "area");
  return {
    of: "Largest true rectangles",
    sum: `held to the {sill} ${size(largestAt(quad, 0, free))}; most even ${size(even)}${turned(even)}; most glass ${size(most)}${turned(most)}`,
    rule: `${text(mm(leastGapMm))} left on every side, half of an inward bow more, down to ${r.rule.grid}`,
    source: "plane geometry",
  };
}

type Opening = Extract<Extract<Reckoning["cut"], { ok: true }>["value"]["opening"], { ok: true }>["value"];

function whyLying(r: Reckoning, lying: Opening, unit: LengthUnit): readonly Sum[] {
  const text = (length: Mm): string => writeLength(mm(Math.abs(length)), unit, { places: 1, ticks: 32 });
  const out: Sum[] = [
    {
      of: "To spare",
      sum: `${text(lying.spare)}${lying.spare < 0 ? " too big" : ""} at the tightest, turned ${((lying.placed.turn * 180) / Math.PI).toFixed(2)}°; ${text(lying.spareAtSill)}${lying.spareAtSill < 0 ? " too big" : ""} held to the {sill}; binds first at the ${lying.bindsFirst}`,
      rule: "the best smallest gap of the four sides, over every turn up to 5° and every place",
      source: "the four-sided figure nearest to the readings, by least squares",
    },
  ];
  const { depths } = r.odds;
  if (lying.leastCover && depths) {
    const { side } = lying.leastCover;
    out.push({
      of: "Least cover",
      sum: `${writeLength(depths[side], unit, { places: 1, ticks: 32 })} deep − ${text(lying.gaps[side].most)} gap = ${text(lying.leastCover.length)}, at the ${side}; ${writeLength(r.odds.leastCover, unit, { places: 1, ticks: 32 })} is needed`,
      rule: "{rebate} depth less the largest gap on that side",
      source: r.readings.lip === undefined ? "house rule" : "the lip as read",
    });
  }
  return out;
}

function whyOdds(r: Reckoning, text: (length: Nm) => string): Sum {
  const best = r.best;
  if (!best) throw new Error("asked for odds that nobody reckoned");
  const { errors } = r.odds;
  const c = best.chances;
  const cover = c.coverLost === null ? "" : `, ${percent(c.coverLost)} lose cover`;
  return {
    of: "Best odds",
    sum: `${percent(c.binds)} bind${cover}; tape ±${text(mm(errors.tape))} spread, cutter ${errors.cutting.kind === "within" ? "within" : "spread"} ${text(mm(errors.cutting.mm))}${offWords(errors.cutting.off ?? 0, text)}${ownWords(r)}, frame ${errors.perMetre.lo} to +${errors.perMetre.hi} mm a metre, costs ${errors.costs.binds} to ${errors.costs.coverLost}`,
    rule: "the deduction with the least expected cost, width and height each from 0 to 20 mm",
    source:
      best.from === "figure"
        ? "512 even draws of the whole figure"
        : "512 even draws of each dimension: no corner read",
  };
}

/** @example offWords(1.2) // ", what comes is mostly 1.2 larger" */
const offWords = (off: Mm, text: (length: Nm) => string): string =>
  off === 0 ? "" : `, what comes is mostly ${text(mm(Math.abs(off)))} ${off > 0 ? "larger" : "smaller"}`;

/** Of the rules about tape, cutter and movement that were used, those that are the firm's own figures, said as such. */
function ownWords(r: Pick<Reckoning, "own" | "odds">): string {
  const own = (r.odds.rules ?? []).flatMap((rule) => r.own.get(rule) ?? []);
  return own.length === 0
    ? ""
    : ` (your own, from ${own
        .map((o) => `${o.seen} ${o.of}`)
        .filter(unique)
        .join(" and ")})`;
}
const unique = (text: string, at: number, all: readonly string[]): boolean => all.indexOf(text) === at;

/** Glass is never above the smallest opening less the least gap on both sides. */
export function tooTight(r: Reckoning, leastGapMm: Mm): "width" | "height" | null {
  if (!r.cut.ok || r.opening.copied !== null || r.shaped) return null;
  const { governs, glass } = r.cut.value;
  const least = nm(Math.round(2 * leastGapMm * 1e6));
  if (takeNm(governs.width.length, glass.width) < least) return "width";
  return takeNm(governs.height.length, glass.height) < least ? "height" : null;
}

/** Millimetres in words for a gap rule. @example gapText(0.5) // "0.5 mm" */
export const gapText = (length: Mm, unit: LengthUnit): string =>
  writeLength(mm(length), unit, { places: 1, ticks: 64 });
