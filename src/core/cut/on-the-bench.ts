import type { Place } from "./cut-order.ts";
import type { CutNode } from "./cutting.ts";

/** Something that lies loose on the bench: a piece, a left-over, or a part with pieces in it that are not cut yet. */
export type Loose =
  | { readonly kind: "piece"; readonly place: Place; readonly piece: number }
  | { readonly kind: "left"; readonly place: Place }
  | { readonly kind: "uncut"; readonly place: Place; readonly pieces: readonly number[] };

const piecesIn = (n: CutNode): readonly number[] =>
  n.kind === "piece" ? [n.piece] : n.kind === "left" ? [] : n.parts.flatMap(piecesIn);

/**
 * What lies loose after so many of a sheet's cuts, in the order of `cutOrder`. All of it together is the sheet.
 * @example before the first cut // the whole sheet, uncut
 * @example after the last // every piece and every left-over by itself
 */
export function looseAfter(root: CutNode, done: number): readonly Loose[] {
  let toGo = done;
  const apart = (node: CutNode, x: number, y: number): readonly Loose[] => {
    const place = { x, y, width: node.width, height: node.height };
    if (node.kind === "piece") return [{ kind: "piece", place, piece: node.piece }];
    if (node.kind === "left") return [{ kind: "left", place }];
    const across = node.kind === "across";
    const out: Loose[] = [];
    let from = 0;
    for (const [i, part] of node.parts.entries()) {
      const isLast = i === node.parts.length - 1;
      if (!isLast && toGo === 0) {
        const rest = across
          ? { x: x + from, y, width: node.width - from, height: node.height }
          : { x, y: y + from, width: node.width, height: node.height - from };
        return [...out, { kind: "uncut", place: rest, pieces: node.parts.slice(i).flatMap(piecesIn) }];
      }
      if (!isLast) toGo -= 1;
      out.push(...apart(part, across ? x + from : x, across ? y : y + from));
      from += across ? part.width : part.height;
    }
    return out;
  };
  return apart(root, 0, 0);
}
