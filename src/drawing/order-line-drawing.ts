import { barPlaces } from "../core/measure/bar-places.ts";
import type { OrderLine } from "../core/pane/order-book.ts";
import { nm, toMm } from "../core/units/length.ts";
import type { OrderLineWords } from "../core/words/order-sheet.ts";
import { type LineDrawing, lineDrawing } from "./line-drawing.ts";

/** The pane of a line as its maker reads it: measures as they are stated, bars, pattern, mark, coated face, which side is up. */
export function orderLineDrawing(l: OrderLine, words: OrderLineWords, box: number): LineDrawing {
  const size = { widthMm: toMm(nm(l.widthNm)), heightMm: toMm(nm(l.heightNm)) };
  const bars = l.bars && barPlaces(l.bars, size);
  const coated = l.makeup?.coatings.map((c) => c.face) ?? [];
  return lineDrawing({
    ...size,
    corners: l.corners?.map((c) => ({ x: toMm(nm(c.x)), y: toMm(nm(c.y)) })),
    uprights: bars?.ok ? bars.value.uprights : [],
    crosses: bars?.ok ? bars.value.crosses : [],
    runs: l.looks?.runs ?? "not-said",
    mark: l.looks?.mark ? { says: l.looks.mark, at: l.looks.markAt } : null,
    widthSays: words.width,
    heightSays: words.height,
    says: ["top", ...(coated.length > 0 ? [`coated: face ${coated.join(", ")}, 1 is outside`] : [])],
    box,
  });
}
