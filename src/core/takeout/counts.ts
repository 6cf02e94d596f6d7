import type { Template } from "../text/template.ts";

/** Small parts that are counted out and must be counted back. */
export const COUNTED = ["sprigs", "screws", "plugs", "nails", "scraps", "clips"] as const;
export type Counted = (typeof COUNTED)[number];

export const COUNTED_NAMES: Readonly<Record<Counted, Template>> = {
  sprigs: "{sprigs}",
  screws: "screws",
  plugs: "plugs",
  nails: "nails and pins",
  scraps: "scraps of liner",
  clips: "clips or pegs",
};

export type Count = { readonly out: number | null; readonly back: number | null };
export type Counts = Readonly<Partial<Record<Counted, Count>>>;

/**
 * Where more came out than went back: what somebody must say a word about. Old sprigs and nails stay out: new ones go in.
 * @example { screws: { out: 12, back: 11 } } // screws, 1 missing
 */
export function missing(counts: Counts): readonly { readonly what: Counted; readonly by: number }[] {
  return (Object.entries(counts) as [Counted, Count][]).flatMap(([what, { out, back }]) =>
    what !== "sprigs" && what !== "nails" && out !== null && back !== null && back < out
      ? [{ what, by: out - back }]
      : [],
  );
}

/**
 * Whether two counts that must be one are. Under each plug is a screw: fewer screws out than plugs means one still holds.
 * @example plugs 12, screws 11 // 1 more to find
 */
export function screwsStillIn(counts: Counts): number | null {
  const [plugs, screws] = [counts.plugs?.out ?? null, counts.screws?.out ?? null];
  return plugs === null || screws === null ? null : Math.max(0, plugs - screws);
}
