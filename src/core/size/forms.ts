export type GlassMm = { readonly width: number; readonly height: number };

/**
 * What a draw of chance holds, in this order: the errors of eight readings, in spreads (the six outer ones, then the two
 * middle ones); how far the width and the height are cut off their order (−1..1 evenly, or in spreads); and the shares of
 * their movements, from 0 to 1, which are one and the same unless they are drawn apart.
 */
export const DRAWN = 12;
export const ERRORS = 8;
export const [CUT_WIDTH, CUT_HEIGHT, MOVED_WIDTH, MOVED_HEIGHT] = [8, 9, 10, 11] as const;

/** Draws of chance, a column for each of the twelve. */
export type Draws = { readonly count: number; readonly columns: readonly Float64Array[] };

/** The first so many of some draws. */
export const some = (draws: Draws, count: number): Draws =>
  count >= draws.count ? draws : { count, columns: draws.columns.map((c) => c.subarray(0, count)) };

/** Linear in a draw and in the size ordered: constant, twelve of the draw, then mm of width and of height taken off. */
export type Form = Float64Array;
export const [OFF_WIDTH, OFF_HEIGHT] = [DRAWN + 1, DRAWN + 2] as const;
export const FORM = DRAWN + 3;

/**
 * The opening about one size of glass. A draw binds when any of the gaps is nil or less, and is bare when any of the covers
 * is less than nil, or when it goes in but any of the `held` is less than nil: then every way of laying it that lets it go
 * in leaves too little cover. Covers are null while no depth is known.
 */
export type Forms = {
  readonly base: GlassMm;
  readonly cutting: "within" | "spread";
  readonly gaps: readonly Form[];
  readonly covers: readonly Form[] | null;
  readonly held: readonly Form[];
};

/** What comes off the base, each way. */
export const offOf = (base: GlassMm, glass: GlassMm): GlassMm => ({
  width: base.width - glass.width,
  height: base.height - glass.height,
});

/** What a form adds when so much comes off the base. */
export const addedBy = (form: Form, off: GlassMm): number =>
  (form[OFF_WIDTH] as number) * off.width + (form[OFF_HEIGHT] as number) * off.height;

/** How far out draws go: spreads of what is normal, and whether the cutter's error is one of them. */
export type Far = { readonly spreads: number; readonly cutting: Forms["cutting"] };

/**
 * The forms that can ever fall to nil: for sizes so much off the base (what lies between them too), those that stay above
 * in every draw are left out, and those that stay above another form. Draws past so many spreads are left to luck: past
 * four, one in thirty thousand.
 */
export function pruned(forms: readonly Form[], offs: readonly GlassMm[], far: Far): readonly Form[] {
  const lowest = (f: Form): number => {
    const below = lowestOf(f, far);
    let least = Number.POSITIVE_INFINITY;
    for (const off of offs) least = Math.min(least, addedBy(f, off) + below);
    return least;
  };
  const scored = forms.map((form) => ({ form, lowest: lowest(form) })).filter((f) => f.lowest <= 0);
  scored.sort((a, b) => a.lowest - b.lowest);
  const kept: Form[] = [];
  const rest = new Float64Array(FORM);
  for (const { form } of scored) {
    const above = kept.slice(0, COMPARED).some((k) => {
      for (let i = 0; i < FORM; i++) rest[i] = (form[i] as number) - (k[i] as number);
      return lowest(rest) >= 0;
    });
    if (!above) kept.push(form);
  }
  return kept;
}

/** A form is set against so many of the lowest: more finds hardly more. */
const COMPARED = 8;

/** The lowest a form can be in any draw, with nothing taken off. */
function lowestOf(form: Form, far: Far): number {
  let squares = 0;
  for (let k = 1; k <= ERRORS; k++) squares += (form[k] as number) ** 2;
  const [w, h] = [Math.abs(form[1 + CUT_WIDTH] as number), Math.abs(form[1 + CUT_HEIGHT] as number)];
  if (far.cutting === "spread") squares += w * w + h * h;
  const cut = far.cutting === "within" ? w + h : 0;
  const moved = Math.min(0, form[1 + MOVED_WIDTH] as number) + Math.min(0, form[1 + MOVED_HEIGHT] as number);
  return (form[0] as number) - far.spreads * Math.sqrt(squares) - cut + moved;
}
