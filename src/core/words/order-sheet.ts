import type { OrderLine } from "../pane/order-book.ts";
import { lineMass, statedSize } from "../pane/order-line.ts";
import { looksText, PART_NAMES } from "../specify/looks.ts";
import { WHOLE_SIZE_WORDS } from "../specify/whole.ts";
import { writeNumber } from "../tape/write.ts";
import { gridUnit, type LengthUnit, nm } from "../units/length.ts";
import { type Dialect, say } from "./dialect.ts";
import { VERDICT_WORDS } from "./entry/order.ts";
import { barsOnOrder } from "./found.ts";
import { glassText } from "./glass.ts";
import { massText } from "./mass.ts";
import { sizeText } from "./size-text.ts";
import { sizeTold } from "./size-told.ts";
import { edgesText, shapedText } from "./ticket.ts";

/** One line of an order as it is read out, printed and sent. */
export type OrderLineWords = {
  /** The size as it is stated: the glass, or the opening where the cutter takes the allowance off. */
  readonly width: string;
  readonly height: string;
  /** The cutter's own size, when the reader's unit is another. */
  readonly cutterSize: string | null;
  readonly basis: string;
  /** Corner points, where it is cut to shape. */
  readonly shape: string | null;
  readonly glass: string;
  readonly edges: string;
  /** What comes with it, and what else whoever makes it must know; empty where nothing. */
  readonly extra: string;
  readonly massKg: number;
  readonly mass: string;
  readonly label: string;
  readonly came: string | null;
};

export function orderLineWords(
  line: OrderLine,
  by: { readonly unit: LengthUnit; readonly dialect: Dialect },
): OrderLineWords {
  const [width, height] = [nm(line.widthNm), nm(line.heightNm)];
  const stated = statedSize(line);
  const cutter = gridUnit(line.grid);
  const massKg = lineMass(line);
  const check = line.check?.payload;
  return {
    width: sizeText(stated.width, by.unit),
    height: sizeText(stated.height, by.unit),
    basis: basisOf(line, by.unit),
    shape: line.corners ? shapedText(line.corners) : null,
    cutterSize:
      cutter === by.unit && stated.basis === "glass"
        ? null
        : `${writeNumber(width, cutter)} × ${writeNumber(height, cutter)} ${cutter}`,
    glass: [
      glassText(line, { ...by, cutter }),
      line.pattern,
      line.looks && looksText(line.looks),
      line.bars && barsOnOrder(line.bars, cutter),
    ]
      .filter(Boolean)
      .join(", "),
    extra: extraText(line, by.dialect),
    // A unit's edges are inside its seal, and what comes whole has none to see.
    edges: line.whole || line.makeup ? "" : edgesText(line.edges),
    massKg,
    mass: `${line.whole ? "its glass " : ""}${massText(massKg, by.unit)}`,
    label: line.label,
    came: check ? `${sizeTold(check.width, check.height, by.unit)}, ${VERDICT_WORDS[check.verdict]}` : null,
  };
}

/** What comes with it, and what else its maker must know. @example "with glazing tape; for a door 44.5 mm thick" */
export const extraText = (line: Pick<OrderLine, "parts" | "note">, dialect: Dialect): string =>
  say(
    [line.parts?.length ? `with ${line.parts.map((p) => PART_NAMES[p]).join(", ")}` : "", line.note ?? ""]
      .filter(Boolean)
      .join("; "),
    dialect,
  );

/** Who takes the allowance off, said so that it is done once. @example "opening size: take off 3.5 and 4 mm, once" */
export const basisText = (stated: ReturnType<typeof statedSize>, unit: LengthUnit): string =>
  stated.basis === "glass"
    ? "glass size: take nothing more off"
    : `opening size: take off ${writeNumber(stated.allowance.width, unit, { places: 1, ticks: 32 })} and ${writeNumber(stated.allowance.height, unit, { places: 1, ticks: 32 })} ${unit}, once`;

/** The same of a line, whose size may be that of a door's insert. */
export const basisOf = (
  line: Pick<OrderLine, "widthNm" | "heightNm" | "basis" | "allowanceNm" | "whole">,
  unit: LengthUnit,
): string => (line.whole ? WHOLE_SIZE_WORDS[line.whole.what][line.whole.over] : basisText(statedSize(line), unit));

/** What the lines weigh together. */
export const massTogether = (lines: readonly OrderLineWords[], unit: LengthUnit): string =>
  massText(
    lines.reduce((kg, l) => kg + l.massKg, 0),
    unit,
  );
