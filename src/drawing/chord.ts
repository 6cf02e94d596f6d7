import type { Xy } from "./path.ts";

/**
 * Where a line across a closed outline enters it first and leaves it last, along the line; null where it misses. `upright` lines
 * stand at x = `at`, others lie at y = `at`. In the outline's own unit.
 * @example a triangle (0, 0), (10, 0), (5, 10), upright at 2.5 // { from: 0, to: 5 }
 */
export function chordOf(
  outline: readonly Xy[],
  upright: boolean,
  at: number,
): { readonly from: number; readonly to: number } | null {
  const off = (p: Xy): number => (upright ? p.x : p.y) - at;
  const along = (p: Xy): number => (upright ? p.y : p.x);
  const met = outline.flatMap((a, i) => {
    const b = outline[(i + 1) % outline.length];
    if (!b) return [];
    const [u, v] = [off(a), off(b)];
    if (u === 0 && v === 0) return [along(a), along(b)];
    if (u * v > 0) return [];
    return [along(a) + ((along(b) - along(a)) * u) / (u - v)];
  });
  return met.length === 0 ? null : { from: Math.min(...met), to: Math.max(...met) };
}
