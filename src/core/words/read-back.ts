import type { OrderLine } from "../pane/order-book.ts";
import { statedSize } from "../pane/order-line.ts";
import { looksText } from "../specify/looks.ts";
import { writeNumber } from "../tape/write.ts";
import type { LengthUnit } from "../units/length.ts";
import type { Dialect } from "./dialect.ts";
import { barsText } from "./found.ts";
import { glassText } from "./glass.ts";
import { basisOf, extraText } from "./order-sheet.ts";
import { edgesText, shapedText } from "./ticket.ts";

/** One thing to be said on the telephone, and ticked once the other side has repeated it. */
export type Figure = { readonly id: string; readonly name: string; readonly says: string; readonly big: boolean };

/**
 * A line as it is read out to a supplier, in their unit: each figure by itself, width before height.
 * @example 608 × 900 of 4 mm float // how many: 1; width: 608 mm; height: 900 mm; glass: 4 mm clear float; edges: arrissed
 */
export function readBackOf(line: OrderLine, unit: LengthUnit, dialect: Dialect): readonly Figure[] {
  const stated = statedSize(line);
  const size = (nm: typeof stated.width): string =>
    `${writeNumber(nm, unit, { places: 1, ticks: 32 })}${unit === "mm" ? " mm" : " in"}`;
  const extra = extraText(line, dialect);
  const all: (Figure | null)[] = [
    { id: "count", name: "how many", says: "1 off", big: false },
    { id: "width", name: "width", says: size(stated.width), big: true },
    { id: "height", name: "height", says: size(stated.height), big: true },
    { id: "basis", name: "which size", says: basisOf(line, unit), big: false },
    { id: "glass", name: "glass", says: glassText(line, { dialect, unit }), big: false },
    line.pattern ? { id: "pattern", name: "pattern", says: line.pattern, big: false } : null,
    line.bars ? { id: "bars", name: "bars", says: barsText(line.bars, unit).replace("Bars: ", ""), big: false } : null,
    line.whole || line.makeup ? null : { id: "edges", name: "edges", says: edgesText(line.edges), big: false },
    line.corners ? { id: "shape", name: "shape", says: shapedText(line.corners), big: false } : null,
    line.looks ? { id: "looks", name: "looks", says: looksText(line.looks), big: false } : null,
    extra ? { id: "more", name: "and", says: extra, big: false } : null,
    { id: "label", name: "label", says: line.label, big: false },
  ];
  return all.filter((f) => f !== null);
}

/** Whether the other side repeated all of it. */
export const isReadBack = (line: OrderLine, unit: LengthUnit, dialect: Dialect): boolean =>
  readBackOf(line, unit, dialect).every((f) => line.readBack.includes(f.id));
