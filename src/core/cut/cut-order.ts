import type { CutNode } from "./cutting.ts";

export type Place = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

/** One cut on the bench. Places are from the sheet's datum corner, at its left foot. */
export type Cut = {
  readonly n: number;
  /** What lies on the bench and is cut, from edge to edge. */
  readonly of: Place;
  /** `across`: it runs upright, so far from the left edge of what lies there; `up`: it runs level, so far from its foot. */
  readonly runs: "across" | "up";
  readonly at: number;
  readonly long: number;
};

/**
 * The cuts of a sheet in an order in which it can be broken out: the whole before its parts, each part finished before the next
 * is taken up. A cut takes one part off the rest.
 */
export function cutOrder(root: CutNode): readonly Cut[] {
  const cuts: Cut[] = [];
  const go = (node: CutNode, x: number, y: number): void => {
    if (node.kind === "piece" || node.kind === "left") return;
    const across = node.kind === "across";
    let from = 0;
    node.parts.forEach((part, i) => {
      const along = across ? part.width : part.height;
      if (i < node.parts.length - 1)
        cuts.push({
          n: cuts.length + 1,
          of: across
            ? { x: x + from, y, width: node.width - from, height: node.height }
            : { x, y: y + from, width: node.width, height: node.height - from },
          runs: node.kind,
          at: along,
          long: across ? node.height : node.width,
        });
      go(part, across ? x + from : x, across ? y : y + from);
      from += along;
    });
  };
  go(root, 0, 0);
  return cuts;
}

/** Where every piece and every left-over lies. */
export function placesOf(root: CutNode): readonly { readonly place: Place; readonly node: CutNode }[] {
  const places: { place: Place; node: CutNode }[] = [];
  const go = (node: CutNode, x: number, y: number): void => {
    if (node.kind === "piece" || node.kind === "left") {
      places.push({ place: { x, y, width: node.width, height: node.height }, node });
      return;
    }
    let from = 0;
    for (const part of node.parts) {
      if (node.kind === "across") go(part, x + from, y);
      else go(part, x, y + from);
      from += node.kind === "across" ? part.width : part.height;
    }
  };
  go(root, 0, 0);
  return places;
}
