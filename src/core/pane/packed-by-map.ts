import type { Side } from "../geometry/quad.ts";
import { readTape } from "../tape/read.ts";
import { type Nm, nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";

/**
 * How thick the packers of the old pane were, at its foot and at its head, as they were put on the map when it came out: half of
 * both together, the foot's own where none stood at the head; undefined where none at its foot was measured.
 * @example two at the foot, 3 and 4 mm // 3.5 mm
 * @example 4 mm at the foot and 2 mm at the head // 3 mm: it had 6 in all
 */
export function packedByMap({ before }: Pick<PaneBook, "before">): Nm | undefined {
  const at = (side: Side): number | undefined => {
    const read = before.map.flatMap(({ thing, edge, thickness }) => {
      if (thing !== "packer" || edge !== side || !thickness) return [];
      const found = readTape(thickness.text, thickness.unit);
      return found.ok && found.value.adjusted > 0 ? [found.value.adjusted] : [];
    });
    return read.length === 0 ? undefined : read.reduce<number>((s, t) => s + t, 0) / read.length;
  };
  const foot = at("bottom");
  return foot === undefined ? undefined : nm(Math.round((foot + (at("top") ?? foot)) / 2));
}
