import type { Place } from "../measure/places.ts";
import { massOf } from "../specify/glass.ts";
import { sashTimber, TIMBER_DENSITY } from "../specify/sash-mass.ts";
import { mm, type Nm, nm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { readingsOf } from "./readings-of.ts";
import type { Reckoning } from "./reckoning.ts";

/** How thick old sheet is taken to be until somebody reads it, mm. */
export const OLD_GLASS_MM = 3;

export type OldGlass = {
  readonly kg: number;
  /** Its thickness was read; else it is taken as `OLD_GLASS_MM`. */
  readonly isRead: boolean;
};

/**
 * What the old glass weighs, of the size that fits the sash as it is today: a rebate that is still to be routed held a smaller
 * pane than is planned for it. Null until a size is worked out.
 * @example 600 × 900 of 4 mm // 5.4 kg
 */
export function oldGlass(book: PaneBook, r: Reckoning): OldGlass | null {
  if (!r.cut.ok) return null;
  const read = r.readings["old-thickness"];
  const { width, height } = r.cut.value.glass;
  return {
    kg: massOf(asItIs(r, width), asItIs(r, height), read ?? mm(OLD_GLASS_MM)),
    isRead: read !== undefined && book.readings["old-thickness"]?.read.ok === true,
  };
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
  const old = oldGlass(book, r);
  if (face === null || thickMm === null || depth === null || width === null) return null;
  if (old === null || !r.cut.ok) return null;
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
  return timber.ok ? old.kg + timber.value.kg : null;
}

/** A width or height of the plan as it is before the router. */
const asItIs = (r: Reckoning, planned: Nm): Nm => nm(planned - 2 * (r.planned?.by ?? 0));
