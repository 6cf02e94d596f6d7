import { OUTER } from "../measure/figure.ts";
import type { OpeningPlace } from "../measure/places.ts";
import {
  CUT_HEIGHT,
  CUT_WIDTH,
  FORM,
  type Form,
  type Forms,
  type GlassMm,
  MOVED_HEIGHT,
  MOVED_WIDTH,
  OFF_HEIGHT,
  OFF_WIDTH,
} from "./forms.ts";
import type { Line } from "./odds-line.ts";

/** One dimension with the places its readings were taken at, so that a place always has the same draw. */
export type PlacedLine = Line & { readonly places: readonly OpeningPlace[] };

/**
 * The two dimensions each by itself, as forms: for an opening whose corners nobody read, so that its lean is not in it.
 * What `chancesOnBoth` reckons exactly, drawn instead, because a size must be chosen between two keys.
 */
export function formsOfLines(width: PlacedLine, height: PlacedLine, base: GlassMm): Forms {
  const gaps = [...gapsOf(width, base.width, "width"), ...gapsOf(height, base.height, "height")];
  const rest = { base, cutting: width.cutting.kind, gaps, held: [] };
  if (width.depth === null || height.depth === null) return { ...rest, covers: null };
  const covers = [
    ...coversOf(width, base.width, "width", width.depth),
    ...coversOf(height, base.height, "height", height.depth),
  ];
  return { ...rest, covers };
}

const column = (place: OpeningPlace): number =>
  place === "width-middle" ? 6 : place === "height-middle" ? 7 : (OUTER as readonly OpeningPlace[]).indexOf(place);

/** True size less glass, at each place: binding when any is nil or less. Halved, as the gap on each side. */
function gapsOf(line: PlacedLine, glass: number, axis: "width" | "height"): readonly Form[] {
  return line.places.map((place, i) => {
    const form = new Float64Array(FORM);
    form[0] = ((line.readings[i] ?? 0) + line.movement.lo - glass) / 2;
    form[1 + column(place)] = -line.tape / 2;
    form[1 + (axis === "width" ? CUT_WIDTH : CUT_HEIGHT)] = -line.cutting.mm / 2;
    form[1 + (axis === "width" ? MOVED_WIDTH : MOVED_HEIGHT)] = (line.movement.hi - line.movement.lo) / 2;
    form[axis === "width" ? OFF_WIDTH : OFF_HEIGHT] = 0.5;
    return form;
  });
}

/** Rebate depth less that gap; less the whole of it when the pane is pushed to one side. */
function coversOf(line: PlacedLine, glass: number, axis: "width" | "height", depth: number): readonly Form[] {
  const share = line.lies === "centred" ? 1 : 2;
  return gapsOf(line, glass, axis).map((gap) => {
    const cover = gap.map((v) => -share * v);
    cover[0] = depth - line.leastCover + (cover[0] ?? 0);
    return cover;
  });
}
