import type { OrderLine } from "../pane/order-book.ts";
import { GLASS_NAMES, massOf } from "../specify/glass.ts";
import { writeNumber } from "../tape/write.ts";
import { gridUnit, type LengthUnit, nm } from "../units/length.ts";
import { type Dialect, say } from "./dialect.ts";
import { VERDICT_WORDS } from "./entry.ts";
import { edgesText, massText, sizeText } from "./ticket.ts";

/** One line of an order as it is read out, printed and sent. */
export type OrderLineWords = {
  readonly width: string;
  readonly height: string;
  /** The cutter's own size, when the reader's unit is another. */
  readonly cutterSize: string | null;
  readonly glass: string;
  readonly edges: string;
  readonly massKg: number;
  readonly mass: string;
  readonly label: string;
  readonly came: string | null;
};

export function orderLineWords(
  line: OrderLine,
  by: { readonly unit: LengthUnit; readonly dialect: Dialect },
): OrderLineWords {
  const [width, height, thickness] = [nm(line.widthNm), nm(line.heightNm), nm(line.thicknessNm)];
  const cutter = gridUnit(line.grid);
  const massKg = massOf(width, height, thickness);
  const check = line.check?.payload;
  return {
    width: sizeText(width, by.unit),
    height: sizeText(height, by.unit),
    cutterSize: cutter === by.unit ? null : `${writeNumber(width, cutter)} × ${writeNumber(height, cutter)} ${cutter}`,
    glass: [`${writeNumber(thickness, "mm")} mm ${say(GLASS_NAMES[line.glass], by.dialect)}`, line.pattern]
      .filter(Boolean)
      .join(", "),
    edges: edgesText(line.edges),
    massKg,
    mass: massText(massKg, by.unit),
    label: line.label,
    came: check ? `${check.width.text} × ${check.height.text}, ${VERDICT_WORDS[check.verdict]}` : null,
  };
}

/** What the lines weigh together. */
export const massTogether = (lines: readonly OrderLineWords[], unit: LengthUnit): string =>
  massText(
    lines.reduce((kg, l) => kg + l.massKg, 0),
    unit,
  );
