import { frameOf } from "../frame/systems.ts";
import type { HouseRules } from "../house/rules.ts";
import type { Readings, ReckonedOpening } from "../measure/reckoned.ts";
import type { Result } from "../result.ts";
import { type Best, chancesOf, type OddsInput } from "../size/best.ts";
import type { Cut, CutError } from "../size/cut.ts";
import { type ErrorsOf, errorRules, errorsFor, type SizeErrors } from "../size/errors.ts";
import type { Depths } from "../size/lay.ts";
import type { Chances } from "../size/odds-line.ts";
import type { School } from "../size/school.ts";
import { type Mm, mm, nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { tapeUnit } from "./size-grid.ts";
import { isUnit } from "./unit.ts";

/**
 * The room an old pane had it had in this opening, lean and bow and all, and through every season that it stood there: all of
 * them are in its play already, and are not counted against its copy once more.
 */
const AS_IT_STOOD: Pick<SizeErrors, "unread" | "perMetre"> = {
  unread: { leanMmPerM: 0, taperMm: 0, bowMm: 0 },
  perMetre: { lo: 0, hi: 0 },
};

/** What the odds of a pane are reckoned from: its opening, its depths, and all that may be off here. */
export function oddsFor(
  book: PaneBook,
  house: HouseRules,
  pane: Pick<OddsInput, "figure" | "grid"> & {
    readonly readings: Readings;
    readonly opening: ReckonedOpening;
    /** It is cut to the opening's own outline: what nobody read of that is not drawn. */
    readonly follows: boolean;
  },
): OddsInput {
  const sealed = isUnit(book);
  const by: ErrorsOf = {
    material: frameOf(book.added.system).material,
    tape: tapeUnit(book),
    sealedUnit: sealed,
  };
  const usual = errorsFor(house, by);
  const { copied } = pane.opening;
  const errors =
    copied && copied.fit !== "opening-read"
      ? { ...usual, ...AS_IT_STOOD }
      : pane.follows
        ? { ...usual, unread: AS_IT_STOOD.unread }
        : usual;
  const leastCover = pane.readings.lip ?? mm(sealed ? house.unitCoverMm : house.leastCoverMm);
  const guess = pane.opening.guessed ? pane.readings["cover-guess"] : undefined;
  return {
    readings: pane.opening.readings,
    figure: pane.figure,
    grid: pane.grid,
    depths: depthsOf(pane.readings),
    leastCover,
    // What mostly comes larger is ordered so much smaller, so that the least gap is left.
    leastOff: mm(Math.max(0, 2 * house.leastGapMm + (errors.cutting.off ?? 0))),
    bindShare: house.bindShare,
    mostOff: guess === undefined ? undefined : nm(Math.max(0, 2 * (guess - leastCover))),
    rules: errorRules(by),
    errors: pane.opening.guessed
      ? { ...errors, tape: Math.hypot(errors.tape, spreadOf(pane.opening.guessed.doubt)) }
      : errors,
  };
}

/**
 * "It may be off by so much" is a limit, and anywhere within it is as likely: the spread of that is the limit over √3.
 * @example off by 6 mm at most // a spread of 3.5 mm
 */
const spreadOf = (limitMm: Mm): number => limitMm / Math.sqrt(3);

/** Each side's own depth, or that of the rebate all round; undefined until all four are known. */
function depthsOf(r: Readings): Depths | undefined {
  const all = r["rebate-depth"];
  const [left, right, bottom, top] = [
    r["depth-left"] ?? all,
    r["depth-right"] ?? all,
    r["depth-bottom"] ?? all,
    r["depth-top"] ?? all,
  ];
  if (left === undefined || right === undefined || bottom === undefined || top === undefined) return undefined;
  return { left, right, bottom, top };
}

/** Chances of the pane as it is worked out; null where nothing can be told of them. */
export function workedChances(pane: {
  readonly worked: Result<Cut, CutError>;
  readonly best: Best | null;
  readonly odds: OddsInput;
  readonly school: School;
  readonly overruled: boolean;
  readonly opening: ReckonedOpening;
}): Chances | null {
  if (!pane.worked.ok) return null;
  const { copied } = pane.opening;
  if (copied) {
    if (copied.fit === "usual" || copied.fit === "none") return null;
  } else if (pane.best && pane.school === "best-odds" && !pane.overruled) return pane.best.chances;
  return chancesOf(pane.odds, pane.worked.value.glass);
}
