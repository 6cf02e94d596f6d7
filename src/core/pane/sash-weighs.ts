import type { Place } from "../measure/places.ts";
import type { Cut } from "../size/cut.ts";
import { paneMass } from "../specify/mass.ts";
import { OLD_GLASS_MM, type OldGlass, type SashGain, sashGain } from "../specify/sash-gain.ts";
import { sashTimber, TIMBER_DENSITY } from "../specify/sash-mass.ts";
import { type Nm, nm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { stackChosen, stacksOf } from "./candidates.ts";
import { isConversion } from "./conversion.ts";
import { hingeOf } from "./hangs.ts";
import { oldGlassBack } from "./old-glass.ts";
import { readingsOf } from "./readings-of.ts";
import type { Reckoning } from "./reckoning.ts";
import { USUAL_SHEETS, wasUnit } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

/**
 * What the old glass weighs, of the size that fits the sash as it is today: a rebate that is still to be routed held a smaller
 * pane than is planned for it. Null until a size is worked out.
 * @example 600 × 900 of 4 mm // 5.4 kg
 * @example the same of a unit read as 20 mm, 4-12-4 // 10.8 kg
 */
export const oldGlass = (book: PaneBook, r: Reckoning): OldGlass | null =>
  r.cut.ok ? glassThatWas(book, r, r.cut.value) : null;

function glassThatWas(book: PaneBook, r: Reckoning, cut: Cut): OldGlass {
  const { width, height } = cut.glass;
  const { sheetsMm, isRead } = oldSheets(book, r);
  return { kg: paneMass(toMm(asItIs(r, width)), toMm(asItIs(r, height)), sheetsMm), sheetsMm, isRead };
}

function oldSheets(book: PaneBook, r: Reckoning): Pick<OldGlass, "sheetsMm" | "isRead"> {
  if (!wasUnit(book)) {
    const read = book.readings["old-thickness"]?.read;
    return read?.ok
      ? { sheetsMm: [toMm(read.value.adjusted)], isRead: true }
      : { sheetsMm: [OLD_GLASS_MM], isRead: false };
  }
  const stacks = stacksOf(book, r);
  const stack = stackChosen(book.makeup, stacks) ?? stacks[0];
  return stack ? { sheetsMm: stack.panes.map(toMm), isRead: true } : { sheetsMm: USUAL_SHEETS, isRead: false };
}

/**
 * What the sash weighs today by its timber and its old glass, kg, where member and rebate were read: stiles and rails alike, of
 * softwood. Null until then.
 */
export function sashByTimber(book: PaneBook, r: Reckoning): number | null {
  const { readings } = readingsOf(book);
  const at = (place: Place): number | null => {
    const read = readings[place];
    return read === undefined ? null : toMm(read);
  };
  const [face, thickMm, depth, width] = [
    at("member-face"),
    at("timber-thickness"),
    at("rebate-depth"),
    at("rebate-width"),
  ];
  if (face === null || thickMm === null || depth === null || width === null || !r.cut.ok) return null;
  // Sight size is the opening less the rebate's depth on both sides; the members stand outside of it.
  const out = 2 * (face - depth);
  const { governs } = r.cut.value;
  const timber = sashTimber({
    outsideMm: {
      width: toMm(asItIs(r, governs.width.length)) + out,
      height: toMm(asItIs(r, governs.height.length)) + out,
    },
    stileMm: face,
    topRailMm: face,
    bottomRailMm: face,
    thickMm,
    rebateMm: { depth, width },
    density: TIMBER_DENSITY.softwood,
  });
  return timber.ok ? glassThatWas(book, r, r.cut.value).kg + timber.value.kg : null;
}

/** What hangs on the cords of a sash that slides up and down is another weight with its new glass; null where nothing moves. */
export function gainOf(book: PaneBook, r: Reckoning): SashGain | null {
  if (hingeOf(book) !== "hung" || book.sash?.position === "fixed" || oldGlassBack(book) || wholeOf(book)) return null;
  const old = oldGlass(book, r);
  // A usual thickness weighs nothing by itself; that two sheets are heavier than one is sure.
  if (old === null || r.massKg === null || !(old.isRead || isConversion(book))) return null;
  return sashGain(r.massKg, old);
}

/** A width or height of the plan as it is before the router. */
const asItIs = (r: Reckoning, planned: Nm): Nm => nm(planned - 2 * (r.planned?.by ?? 0));
