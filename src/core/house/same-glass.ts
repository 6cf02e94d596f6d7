import type { GlassKind } from "../specify/glass.ts";

/** What a sheet must have in common with a pane that is cut from it. */
export type GlassOf = {
  readonly glass: GlassKind;
  readonly thicknessNm: number;
  readonly pattern?: string | undefined;
  readonly tint?: string | undefined;
};

/** Names are typed by several hands: case, spaces, hyphens, and that it is glass tell nothing apart. */
const asName = (name: string | undefined): string =>
  (name ?? "")
    .toLowerCase()
    .split(/[\s-]+/)
    .filter((word) => word !== "" && !SAYS_NOTHING.has(word))
    .join(" ");
const SAYS_NOTHING = new Set(["glass", "pattern", "patterned", "tint", "tinted"]);

/**
 * Names by which a firm knows its patterns, or its tints, each once as it was first written: what is typed is offered them, so
 * that one thing has one name.
 * @example sheets of "Reeded", "reeded glass" and "stippled" // Reeded, stippled
 */
export function namesKnown(stock: readonly GlassOf[], kind: "pattern" | "tint"): readonly string[] {
  const known = new Map<string, string>();
  for (const s of stock) {
    const name = s[kind]?.trim() ?? "";
    if (asName(name) !== "" && !known.has(asName(name))) known.set(asName(name), name);
  }
  return [...known.values()].sort((a, b) => a.localeCompare(b, "en"));
}

/**
 * One name for all glass that may be cut for another of it: kind, thickness, pattern and tint.
 * @example 4 mm patterned, "Reeded " // the same as 4 mm patterned, "reeded"; not as "stippled", nor as one in bronze
 */
export const glassKey = (glass: GlassOf): string =>
  [glass.glass, glass.thicknessNm / 1e6, asName(glass.pattern), asName(glass.tint)].join(" ").trimEnd();

/** Whether a pane of the one may be cut from the other. */
export const isSameGlass = (a: GlassOf, b: GlassOf): boolean => glassKey(a) === glassKey(b);
