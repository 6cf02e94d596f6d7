import { standsOnPackers } from "../frame/held.ts";
import type { Side } from "../geometry/quad.ts";
import { straightSides } from "../geometry/sides.ts";
import { blockLength, type PackerSpot, spotsFor } from "../set/packer-places.ts";
import { readTape } from "../tape/read.ts";
import { type Mm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { opensAs } from "./hangs.ts";
import type { Reckoning } from "./reckoning.ts";
import { sidesHere } from "./sides-here.ts";
import { readyFacts } from "./step-facts.ts";
import { isUnit } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

/** How far in from a corner a packer stands, of its edge. Source: one of two schools, the house's. */
const QUARTER = 0.25;
/** A drain whose width nobody read, mm. */
const USUAL_DRAIN_MM = 12;
/** What a pane is drawn as while nobody measured it, mm. */
const UNMEASURED = { widthMm: 600, heightMm: 900 };

/** How long one packer is: by its unit's area, mm², or the house's own. */
const blockMmOf = (book: PaneBook, { house }: Pick<Reckoning, "house">, areaMm2: number): Mm =>
  isUnit(book) ? blockLength(areaMm2 / 1e6) : house.packerLengthMm;

/** Where the packers of a pane with these sides stand, by how its sash opens, clear of the drains that were found. */
function spotsOn(
  book: PaneBook,
  { house }: Pick<Reckoning, "house">,
  edgesMm: Readonly<Record<Side, Mm>>,
  blockMm: Mm,
): readonly PackerSpot[] {
  const drains = book.before.map
    .filter((i) => i.thing === "drain")
    .map(({ edge, share, width }) => {
      const read = width && readTape(width.text, width.unit);
      return { edge, atMm: share * edgesMm[edge], widthMm: read?.ok ? toMm(read.value.adjusted) : USUAL_DRAIN_MM };
    });
  return spotsFor({
    edgesMm,
    opens: opensAs(book),
    rule: { share: QUARTER, cornerMm: house.packerCornerMm, lengthMm: blockMm },
    drains,
  });
}

/** What the setting drawing shows. */
export type PackersDrawn = {
  readonly widthMm: Mm;
  readonly heightMm: Mm;
  /** How long each side is: its own, where the pane is cut to shape. */
  readonly edgesMm: Readonly<Record<Side, Mm>>;
  readonly blockMm: Mm;
  readonly spots: readonly PackerSpot[];
  /** Its places are figures: of glass that is sized, or that is here. A pane that nobody measured is drawn, and no more. */
  readonly measured: boolean;
};

/**
 * Where packers stand: of the glass as it is worked out; of the glass that is here, though nobody read its opening; or of a pane
 * that nobody measured.
 * @example bought 598 × 1048, its opening not read, fixed // below at 150 and 449, measured
 */
export function packersDrawn(book: PaneBook, r: Reckoning): PackersDrawn {
  const sides = sidesHere(r);
  const size = r.cut.ok ? r.cut.value.glass : r.stands.size;
  const box = size ? { widthMm: toMm(size.width), heightMm: toMm(size.height) } : UNMEASURED;
  const blockMm = size ? blockMmOf(book, r, box.widthMm * box.heightMm) : r.house.packerLengthMm;
  const edgesMm = sides
    ? { left: toMm(sides.left), right: toMm(sides.right), bottom: toMm(sides.bottom), top: toMm(sides.top) }
    : straightSides(box.widthMm, box.heightMm);
  const packed = !wholeOf(book) && standsOnPackers(readyFacts(book, r));
  return { ...box, edgesMm, blockMm, spots: packed ? spotsOn(book, r, edgesMm, blockMm) : [], measured: size !== null };
}
