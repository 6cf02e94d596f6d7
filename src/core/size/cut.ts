import { type Figure, type FigureError, figureOf, governing, type OpeningReadings } from "../measure/figure.ts";
import type { OpeningPlace } from "../measure/places.ts";
import { fail, ok, type Result } from "../result.ts";
import { floorTo, type Grid, gridUnit, type Nm, nm, takeNm } from "../units/length.ts";
import { type Depths, type Hold, type Lying, layIn } from "./lay.ts";
import { type Deduction, deductionOf, type School } from "./school.ts";

export type CutInput = {
  readonly readings: OpeningReadings;
  readonly school: School;
  /** What comes off each dimension, both sides together, when the school is the user's own. */
  readonly off?: Nm | undefined;
  /** The height's own figure, where it is another. */
  readonly offHeight?: Nm | undefined;
  /** School `next-size-down`: the stock pane that goes in as it is sold. */
  readonly stock?: { readonly width: Nm; readonly height: Nm } | undefined;
  readonly hold?: Hold | undefined;
  readonly oldPane?: { readonly width: Nm; readonly height: Nm } | undefined;
  readonly grid: Grid;
  /** The opening these readings make, where it has been worked out already. */
  readonly figure?: Result<Figure, FigureError> | undefined;
  readonly depths?: Depths | undefined;
  /** A sealed unit: the book gives it its own clearance. */
  readonly sealed?: boolean | undefined;
  /** A pane's own size, ordered as it was read: nothing comes off it, whatever the school. */
  readonly copied?: { readonly width: Nm; readonly height: Nm } | undefined;
  /** School `best-odds`: the deduction with the least trouble, where it can be told. */
  readonly best?: Deduction | undefined;
  readonly leastCover: Nm;
  /** A size that a person put in the place of the sum. */
  readonly overrule?: { readonly width: Nm; readonly height: Nm } | undefined;
};

export type CutError =
  | { readonly kind: "needs-width" | "needs-height" | "needs-old-pane" | "needs-own-figure" | "no-stock-size" }
  | { readonly kind: "nothing-left"; readonly axis: "width" | "height" };

export type Cut = {
  readonly governs: Readonly<Record<"width" | "height", { readonly place: OpeningPlace; readonly length: Nm }>>;
  readonly deduction: Deduction;
  /** Before the grid. */
  readonly reckoned: { readonly width: Nm; readonly height: Nm };
  /** Width and height to cut, on the grid. */
  readonly glass: { readonly width: Nm; readonly height: Nm };
  readonly overruled: boolean;
  /** Half of the governing reading less the glass: glass edge to rebate wall on each side, when centred. */
  readonly edgeGap: { readonly width: Nm; readonly height: Nm };
  readonly opening: Result<Lying, FigureError>;
};

/**
 * The size to cut: the smallest reading of each axis, less what the school takes off, rounded down to the cutter's
 * grid; then laid in the opening as it is, to see whether a square pane goes in and how much the rebate covers.
 * @example cutSize(612/611.5/613 by 904/904.5/903, easy, "1 mm") // 608 × 900
 */
export function cutSize(input: CutInput): Result<Cut, CutError> {
  const width = governing(input.readings, "width");
  const height = governing(input.readings, "height");
  if (!width) return fail({ kind: "needs-width" });
  if (!height) return fail({ kind: "needs-height" });
  const deduction = chooseDeduction(input, width.length, height.length);
  if (!deduction.ok) return deduction;
  const reckoned = {
    width: takeNm(width.length, deduction.value.width),
    height: takeNm(height.length, deduction.value.height),
  };
  const glass = input.overrule ??
    (input.school === "next-size-down" && !input.copied ? input.stock : undefined) ?? {
      width: floorTo(reckoned.width, input.grid),
      height: floorTo(reckoned.height, input.grid),
    };
  if (glass.width <= 0) return fail({ kind: "nothing-left", axis: "width" });
  if (glass.height <= 0) return fail({ kind: "nothing-left", axis: "height" });
  return ok({
    governs: { width, height },
    deduction: deduction.value,
    reckoned,
    glass,
    overruled: input.overrule !== undefined,
    edgeGap: { width: half(takeNm(width.length, glass.width)), height: half(takeNm(height.length, glass.height)) },
    opening: layOf(input, glass),
  });
}

function chooseDeduction(input: CutInput, width: Nm, height: Nm): Result<Deduction, CutError> {
  if (input.copied)
    return ok({
      width: takeNm(width, input.copied.width),
      height: takeNm(height, input.copied.height),
      source: "copied as it was read: nothing comes off it",
    });
  if (input.school === "own")
    return input.off === undefined
      ? fail({ kind: "needs-own-figure" })
      : ok({ width: input.off, height: input.offHeight ?? input.off, source: "the figure you gave" });
  if (input.school === "next-size-down")
    return input.stock === undefined
      ? fail({ kind: "no-stock-size" })
      : ok({
          width: takeNm(width, input.stock.width),
          height: takeNm(height, input.stock.height),
          source: "the stock list, as sold",
        });
  if (input.school === "like-for-like")
    return input.oldPane === undefined
      ? fail({ kind: "needs-old-pane" })
      : ok({
          width: takeNm(width, input.oldPane.width),
          height: takeNm(height, input.oldPane.height),
          source: "the old pane, edge to edge",
        });
  if (input.school === "best-odds")
    return input.best ? ok(input.best) : ok(deductionOf({ school: "easy", unit: gridUnit(input.grid), width, height }));
  return ok(
    deductionOf({ school: input.school, unit: gridUnit(input.grid), width, height, sealed: input.sealed ?? false }),
  );
}

function layOf(input: CutInput, glass: { readonly width: Nm; readonly height: Nm }): Result<Lying, FigureError> {
  const found = input.figure ?? figureOf(input.readings);
  if (!found.ok) return found;
  const lying = layIn(found.value, glass, input.depths, input.leastCover, input.hold);
  return lying ? ok(lying) : fail({ kind: "no-such-figure", worst: "diagonal-up" });
}

const half = (length: Nm): Nm => nm(Math.round(length / 2));
