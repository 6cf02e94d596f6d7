import type { Chance } from "../chance/seeded.ts";
import { bestTurn, centred, cornersOf, gapsOf, layTurn } from "../geometry/placing.ts";
import { distance, middle } from "../geometry/point.ts";
import { type Quad, SIDES } from "../geometry/quad.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { figureOf, governing, type OpeningReadings } from "../measure/figure.ts";
import { OPENING, type OpeningPlace } from "../measure/places.ts";
import { bestDeduction, findBest } from "../size/best.ts";
import { errorsFor } from "../size/errors.ts";
import { readTape } from "../tape/read.ts";
import { writeLength } from "../tape/write.ts";
import { type LengthUnit, type Mm, mm, NM_PER_INCH, NM_PER_MM, nm, takeNm, toMm } from "../units/length.ts";
import { between, type Exercise, until } from "./exercise.ts";

const DEPTH_MM = 10;
const LEAST_COVER_MM = 3;
/** Lean, mm a metre, by level. */
const LEANS = [2, 4, 6, 8, 10] as const;
/** Over this chance of trouble there is no clear size to be asked for. */
const CLEAR = 0.1;

const FLAT = { left: 0, right: 0, bottom: 0, top: 0 };

/** An opening whose truth is known, read eight times: order a pane for it, and see it bind or rattle. */
export const LEANING_OPENING: Exercise = {
  name: "Size a leaning opening",
  why: "The smallest width and height are not enough: a {pane} goes in by its corners.",
  make: (c, level, unit) => {
    const { quad, readings } = until(() => tried(c, LEANS[level - 1] ?? 4, unit));
    const best = bestFor(readings, unit);
    const text = (length: Mm): string => writeLength(mm(length), unit, { places: 1, ticks: 32 });
    return {
      asks: `{Rebate} ${text(DEPTH_MM)} deep, timber, {putty}. Which {pane} do you order?`,
      form: { kind: "length", names: ["width", "height"], unit },
      picture: { kind: "opening", quad, readings, unit },
      judge: ({ texts }) => {
        const asked = best ? `Best odds: ${text(toMm(best.width))} × ${text(toMm(best.height))}.` : "";
        const [w, h] = texts.map((t) => readTape(t, unit));
        if (!w?.ok || !h?.ok) return { right: false, offMm: null, says: asked };
        const pane = { width: toMm(w.value.adjusted), height: toMm(h.value.adjusted) };
        return { ...fits(quad, pane, text), says: `${fits(quad, pane, text).says} ${asked}` };
      },
    };
  },
};

/** What becomes of a pane in the opening as it truly is, on the day. */
function fits(
  quad: Quad,
  pane: { readonly width: Mm; readonly height: Mm },
  text: (mm: Mm) => string,
): { readonly right: boolean; readonly offMm: Mm; readonly says: string; readonly laid?: Quad } {
  const { gap } = bestTurn(quad, pane, FLAT);
  const placed = centred(quad, { ...pane, turn: layTurn(quad, pane, FLAT) }, FLAT);
  const laid = placed && { laid: cornersOf(placed) };
  if (gap <= 0)
    return { right: false, offMm: -2 * gap, says: `It binds: ${text(-2 * gap)} too big at its best turn.`, ...laid };
  if (!placed) return { right: false, offMm: 0, says: "It falls through." };
  const gaps = gapsOf(quad, placed, FLAT);
  const widest = Math.max(...SIDES.map((s) => gaps[s].most));
  const cover = DEPTH_MM - widest;
  if (cover < LEAST_COVER_MM)
    return {
      right: false,
      offMm: LEAST_COVER_MM - cover,
      says: `It goes in, and covers only ${text(Math.max(0, cover))} where ${text(LEAST_COVER_MM)} is wanted: it rattles and leaks.`,
      ...laid,
    };
  return {
    right: true,
    offMm: 0,
    says: `It goes in with ${text(gap)} at the tightest, and covers ${text(cover)} at the least.`,
    ...laid,
  };
}

function bestFor(readings: OpeningReadings, unit: LengthUnit) {
  const depth = mm(DEPTH_MM);
  const best = findBest({
    readings,
    figure: figureOf(readings),
    grid: unit === "mm" ? "1 mm" : "1/16 in",
    depths: { left: depth, right: depth, bottom: depth, top: depth },
    leastCover: mm(LEAST_COVER_MM),
    errors: errorsFor(HOUSE_DEFAULTS, { material: "timber", tape: unit, sealedUnit: false }),
  });
  const [w, h] = [governing(readings, "width"), governing(readings, "height")];
  if (!best || !w || !h) return null;
  const off = bestDeduction(best);
  return {
    width: takeNm(w.length, off.width),
    height: takeNm(h.length, off.height),
    trouble: best.chances.trouble,
  };
}

function tried(
  c: Chance,
  leanMmPerM: number,
  unit: LengthUnit,
): { readonly quad: Quad; readonly readings: OpeningReadings } | null {
  const [w, h] = [between(c, 350, 900), between(c, 450, 1200)];
  const lean = ((c.uniform() < 0.5 ? -1 : 1) * leanMmPerM * h) / 1000;
  const taper = c.normal();
  const quad: Quad = {
    bl: { x: 0, y: 0 },
    br: { x: w, y: 0 },
    tr: { x: w + lean + taper, y: h + taper / 2 },
    tl: { x: lean, y: h },
  };
  const readings = readOff(c, quad, unit);
  const best = bestFor(readings, unit);
  if (!best || best.trouble > CLEAR) return null;
  return fits(quad, { width: toMm(best.width), height: toMm(best.height) }, String).right ? { quad, readings } : null;
}

/** The eight readings of a tape held by somebody careful. */
function readOff(c: Chance, q: Quad, unit: LengthUnit): OpeningReadings {
  const true_: Readonly<Record<OpeningPlace, number>> = {
    "width-top": distance(q.tl, q.tr),
    "width-middle": distance(middle(q.bl, q.tl), middle(q.br, q.tr)),
    "width-bottom": distance(q.bl, q.br),
    "height-left": distance(q.bl, q.tl),
    "height-middle": distance(middle(q.bl, q.br), middle(q.tl, q.tr)),
    "height-right": distance(q.br, q.tr),
    "diagonal-up": distance(q.bl, q.tr),
    "diagonal-down": distance(q.tl, q.br),
  };
  const step = unit === "mm" ? NM_PER_MM / 2 : NM_PER_INCH / 32;
  return Object.fromEntries(
    OPENING.map((p) => [p, nm(Math.round(((true_[p] + 0.3 * c.normal()) * NM_PER_MM) / step) * step)]),
  );
}
