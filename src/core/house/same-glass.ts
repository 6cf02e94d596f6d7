import type { GlassKind } from "../specify/glass.ts";

/** What a sheet must have in common with a pane that is cut from it. */
export type GlassOf = {
  readonly glass: GlassKind;
  readonly thicknessNm: number;
  readonly pattern?: string | undefined;
  readonly tint?: string | undefined;
};

/** Names are typed by several hands: case and spaces tell nothing apart. */
const asName = (name: string | undefined): string => (name ?? "").trim().replace(/\s+/g, " ").toLowerCase();

/**
 * One name for all glass that may be cut for another of it: kind, thickness, pattern and tint.
 * @example 4 mm patterned, "Reeded " // the same as 4 mm patterned, "reeded"; not as "stippled", nor as one in bronze
 */
export const glassKey = (of: GlassOf): string =>
  [of.glass, of.thicknessNm / 1e6, asName(of.pattern), asName(of.tint)].join(" ").trimEnd();

/** Whether a pane of the one may be cut from the other. */
export const isSameGlass = (a: GlassOf, b: GlassOf): boolean => glassKey(a) === glassKey(b);
