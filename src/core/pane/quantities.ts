import { facePutty, sprigged, standsOnPackers } from "../frame/held.ts";
import { straightSides } from "../geometry/sides.ts";
import type { HouseRules } from "../house/rules.ts";
import type { Corner } from "../log/kinds/size.ts";
import { readsWhole } from "../measure/ways.ts";
import { ok, type Result } from "../result.ts";
import { type PackerStack, packerStack } from "../set/packers.ts";
import { alongShare, type Putty, type PuttyError, puttyFor } from "../set/putty.ts";
import { type SprigPlan, sprigPlan } from "../set/sprigs.ts";
import type { Cut } from "../size/cut.ts";
import { mm, type Nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { likeOf } from "./frame-here.ts";
import { sidesOf, wayRoundShare } from "./own-sides.ts";

/** What the firm's box of packers holds. */
export const PACKER_BOX: readonly Nm[] = [mm(1), mm(1.5), mm(2), mm(3), mm(4), mm(5), mm(6)];

/** What holds a pane of its size. */
export type Quantities = {
  /** Bed, slope outside and edge of a frame that is struck off to the sight line: in putty, or in whatever it is set in instead. */
  readonly putty: Result<Putty, PuttyError> | null;
  readonly sprigs: SprigPlan | null;
  readonly packers: { readonly gap: Nm; readonly stack: PackerStack | undefined } | null;
};

type Of = {
  readonly book: PaneBook;
  readonly size: Cut | null;
  /** The corners that it is cut to, where it is cut to a shape. */
  readonly corners: readonly Corner[] | null;
  readonly thickness: Nm;
  readonly depth: Nm | undefined;
  readonly rebateWidth: Nm | undefined;
  readonly house: HouseRules;
};

/** Putty, sprigs and packers of a pane as it stands; of a shaped one along its own sides. */
export function quantitiesOf({ book, size, corners, thickness, depth, rebateWidth, house }: Of): Quantities {
  if (!size || readsWhole(book.way)) return { putty: null, sprigs: null, packers: null };
  const like = likeOf(book);
  const isSprigged = sprigged(like);
  const { width, height } = size.glass;
  const rule = { corner: mm(house.sprigCornerMm), pitch: mm(house.sprigPitchMm) };
  const putty =
    facePutty(like) && depth !== undefined && rebateWidth !== undefined
      ? puttyFor({
          tight: { width: size.governs.width.length, height: size.governs.height.length },
          glass: size.glass,
          thickness,
          rebateDepth: depth,
          rebateWidth,
          bed: mm(house.bedMm),
          nose: mm(house.noseMm),
          edgeFillShare: house.edgeFillShare,
          density: house.puttyDensity,
          waste: house.waste,
        })
      : null;
  return {
    putty: putty?.ok && corners ? ok(alongShare(putty.value, wayRoundShare(corners))) : putty,
    sprigs: isSprigged ? sprigPlan(corners ? sidesOf(corners) : straightSides(width, height), rule) : null,
    packers: standsOnPackers(book.added)
      ? {
          gap: size.edgeGap.height,
          stack: packerStack(size.edgeGap.height, PACKER_BOX, mm(house.packerToleranceMm)),
        }
      : null,
  };
}
