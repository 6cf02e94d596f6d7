import type { Template } from "../text/template.ts";

/** What decides how a pane travels and stands until it is set. */
export type TravelFacts = {
  readonly sealed: boolean;
  readonly coated: boolean;
  readonly patterned: boolean;
  /** Toughened: it bursts from a knock on its edge. */
  readonly toughened: boolean;
};

/**
 * How a pane travels, stands and is kept until it is set, each with its reason; only what concerns this pane.
 * @example a coated sealed unit of 18 kg // on edge, on two blocks, out of the sun, coating never bare, film, card
 * Source: trade practice; the maker's own label wins.
 */
export function travelCare(f: TravelFacts): readonly { readonly does: string; readonly why: string }[] {
  const care: (readonly [does: Template, why: Template] | false)[] = [
    [
      "On its edge, never flat, leaning a hand's breadth to the metre.",
      "A {pane} lying flat breaks at the first hole in the road.",
    ],
    f.sealed
      ? ["On two strips of timber that carry both {panes}.", "A unit standing on one {pane} pulls its own seal apart."]
      : ["On timber or carpet, card between it and the next.", "A grain of sand between two {panes} scratches both."],
    f.toughened && ["Corners guarded with card.", "A knock on the edge bursts all of it, sometimes hours later."],
    f.sealed && [
      "Dry, and out of the sun.",
      "{Panes} stacked in the sun heat up in the middle and crack; a wet edge ages the seal.",
    ],
    f.coated &&
      !f.sealed && ["Coated face up and covered; gloves.", "A bare coating keeps every finger mark and scratch."],
    f.patterned && ["Textured face away from the next {pane}.", "Raised pattern rubs."],
    [
      "Film and label stay on until it is set; both are asked for again at the end.",
      "The film saves the face from the putty knife; the label says which face goes in.",
    ],
    [
      "Keep the card it came in.",
      "It leans on the wall under the work when the old {pane} comes out: shards slide off it.",
    ],
  ];
  return care.flatMap((c) => (c ? [{ does: c[0], why: c[1] }] : []));
}
