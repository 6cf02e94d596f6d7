import { z } from "zod";
import { OPENING, type OpeningPlace } from "../core/measure/places.ts";
import { LengthIn, LengthUnit } from "./lengths.ts";

export const Readings = z
  .strictObject(
    Object.fromEntries(OPENING.map((p) => [p, LengthIn.optional()])) as Record<
      OpeningPlace,
      z.ZodOptional<typeof LengthIn>
    >,
  )
  .meta({
    description:
      "Rebate wall to rebate wall, seen from the side where the pane goes in. One width and one height at the least. diagonal-up is bottom left to top right, diagonal-down top left to bottom right.",
  });

export const Pair = z.strictObject({ width: LengthIn, height: LengthIn });
export const Mm = z.number();
export const Point = z.strictObject({ x: Mm, y: Mm });
export const Corners = z.strictObject({ bl: Point, br: Point, tr: Point, tl: Point });
export const SidesMm = z.strictObject({ left: Mm, right: Mm, bottom: Mm, top: Mm });
export const SideGap = z.strictObject({ least: Mm, most: Mm });
export const GapsMm = z.strictObject({ left: SideGap, right: SideGap, bottom: SideGap, top: SideGap });

/** One length for all four sides, or a length each. */
export const EachSide = z.union([
  z.strictObject({ left: LengthIn, right: LengthIn, bottom: LengthIn, top: LengthIn }),
  LengthIn,
]);
export type EachSide = z.output<typeof EachSide>;

export const Unit = LengthUnit.default("mm").meta({
  description: "What a plain number in a text means, and the unit of texts in the answer.",
});

/** Every answer says by which rule it was reckoned, and where that is from. */
export const BY = { rule: z.string(), source: z.string() } as const;
