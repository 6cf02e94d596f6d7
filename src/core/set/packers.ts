import { mm, type Nm, nm } from "../units/length.ts";

export type PackerStack = { readonly pieces: readonly Nm[]; readonly sum: Nm };

/** A gap beyond this is no gap for packers: it wants a block cut for it. */
export const MOST_GAP = mm(100);
/** Thinner than this nobody makes a packer. */
export const LEAST_PACKER = mm(0.1);
/** Pieces that are laid on one another in looking, all together: a box of odd sizes makes more stacks than anybody would try. */
const MOST_LAID = 4_000_000;

/**
 * Packers that make up a gap: their sum within [gap − tolerance, gap]; the fewest first, then the larger sum, then the
 * thicker pieces; as many of each as it takes. Undefined when the box cannot do it, or the gap is over 100 mm; no pieces
 * when the gap is within the tolerance of nothing. A piece thinner than 0.1 mm is no packer.
 * @example packerStack(mm(5), [mm(1), mm(2), mm(3)], mm(0.5)) // 3 + 2
 * @example packerStack(mm(25), [mm(5), mm(3)], mm(0.5)) // 5 + 5 + 5 + 5 + 5
 */
export function packerStack(gap: Nm, box: readonly Nm[], tolerance: Nm): PackerStack | undefined {
  if (gap < 0 || gap > MOST_GAP) return undefined;
  if (gap <= tolerance) return { pieces: [], sum: nm(0) };
  const sizes = [...new Set(box)].filter((p) => p >= LEAST_PACKER).sort((a, b) => b - a);
  const seen = new Set<number>();
  let stacks = new Map<number, readonly Nm[]>([[0, []]]);
  let laid = 0;
  for (let count = 1; stacks.size > 0; count++) {
    laid += stacks.size * sizes.length * count;
    if (laid > MOST_LAID) return undefined;
    stacks = oneMore(stacks, sizes, gap, seen);
    const sum = Math.max(...[...stacks.keys()].filter((k) => k >= gap - tolerance));
    const pieces = stacks.get(sum);
    if (pieces) return { pieces, sum: nm(sum) };
    for (const known of stacks.keys()) seen.add(known);
  }
  return undefined;
}

/** All sums with one piece more that no fewer pieces make, each by its thickest pieces, these from thick to thin. */
function oneMore(
  stacks: ReadonlyMap<number, readonly Nm[]>,
  sizes: readonly Nm[],
  room: number,
  seen: ReadonlySet<number>,
): Map<number, readonly Nm[]> {
  const out = new Map<number, readonly Nm[]>();
  for (const [sum, pieces] of stacks)
    for (const piece of sizes) {
      const more = sum + piece;
      if (more > room || seen.has(more)) continue;
      const longer = withOne(pieces, piece);
      const known = out.get(more);
      if (!known || thicker(longer, known) > 0) out.set(more, longer);
    }
  return out;
}

/** Pieces from thick to thin, with one more in its place. */
function withOne(pieces: readonly Nm[], piece: Nm): readonly Nm[] {
  const at = pieces.findIndex((p) => p < piece);
  return at < 0 ? [...pieces, piece] : [...pieces.slice(0, at), piece, ...pieces.slice(at)];
}

function thicker(a: readonly Nm[], b: readonly Nm[]): number {
  const i = a.findIndex((p, k) => p !== b[k]);
  return i < 0 ? 0 : (a[i] ?? 0) - (b[i] ?? 0);
}
