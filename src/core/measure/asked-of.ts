import { DIAGONALS, HEIGHTS, OPENING, type OpeningPlace, WIDTHS } from "./places.ts";
import type { Shape } from "./ways.ts";

/** What is read of an opening, in turn, by the shape that it has by eye: what tells nothing of it is not asked. */
const ASKED_OF: Readonly<Record<Shape, readonly OpeningPlace[]>> = {
  upright: OPENING,
  square: OPENING,
  lying: OPENING,
  // Four straight sides and how they lean: half way along a side there is nothing more to know.
  raked: ["width-top", "width-bottom", "height-left", "height-right", ...DIAGONALS],
  // Under the head's crown there is no width.
  arched: ["width-middle", "width-bottom", ...HEIGHTS, ...DIAGONALS],
  // The rectangle round it: the greatest of each.
  odd: [...WIDTHS, ...HEIGHTS],
};

/** @example askedOf("arched") // neither a width under the head, nor corners that are none */
export const askedOf = (shape: Shape | null): readonly OpeningPlace[] => (shape === null ? OPENING : ASKED_OF[shape]);
