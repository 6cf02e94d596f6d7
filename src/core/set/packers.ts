import { type Nm, nm } from "../units/length.ts";

export type PackerStack = { readonly pieces: readonly Nm[]; readonly sum: Nm };

const MOST_PIECES = 4;

/**
 * Packers that make up a gap: their sum within [gap − tolerance, gap]; the fewest first, then the larger sum, then the
 * thicker pieces. Undefined when the box cannot do it; no pieces when the gap is within the tolerance of nothing.
 * @example packerStack(mm(5), [mm(1), mm(2), mm(3)], mm(0.5)) // 3 + 2
 */
export function packerStack(gap: Nm, box: readonly Nm[], tolerance: Nm): PackerStack | undefined {
  if (gap < 0) return undefined;
  if (gap <= tolerance) return { pieces: [], sum: nm(0) };
  const sizes = [...new Set(box)].filter((p) => p > 0).sort((a, b) => b - a);
  for (let count = 1; count <= MOST_PIECES; count++) {
    const stacks = stacksOf(sizes, count, gap).filter((s) => s.sum >= gap - tolerance);
    const best = stacks.sort((a, b) => b.sum - a.sum || thicker(b.pieces, a.pieces))[0];
    if (best) return best;
  }
  return undefined;
}

function stacksOf(sizes: readonly Nm[], count: number, room: number, from = 0): PackerStack[] {
  if (count === 0) return [{ pieces: [], sum: nm(0) }];
  return sizes.slice(from).flatMap((piece, i) =>
    piece > room
      ? []
      : stacksOf(sizes, count - 1, room - piece, from + i).map((s) => ({
          pieces: [piece, ...s.pieces],
          sum: nm(piece + s.sum),
        })),
  );
}

function thicker(a: readonly Nm[], b: readonly Nm[]): number {
  const i = a.findIndex((p, k) => p !== b[k]);
  return i < 0 ? 0 : (a[i] ?? 0) - (b[i] ?? 0);
}

/**
 * Middle of the packer nearest each end of an edge, from its own corner: at a share of the edge, but its near end never
 * closer to the corner than the rule.
 * @example packerPlace(mm(600), { share: 0.25, corner: mm(75), length: mm(30) }) // 150 mm
 */
export const packerPlace = (edge: Nm, rule: { readonly share: number; readonly corner: Nm; readonly length: Nm }): Nm =>
  nm(Math.round(Math.max(edge * rule.share, rule.corner + rule.length / 2)));
