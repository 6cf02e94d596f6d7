export type GlassMm = { readonly width: number; readonly height: number };

/**
 * What a draw of chance holds, in this order: the errors of eight readings, in spreads (the six outer ones, then the two
 * middle ones); how far the width and the height are cut off their order (−1..1 evenly, or in spreads); and the share of
 * the movement, from 0 to 1.
 */
export const DRAWN = 11;
export const ERRORS = 8;
export const [CUT_WIDTH, CUT_HEIGHT, SHARE] = [8, 9, 10] as const;

/** Draws of chance, a column for each of the eleven. */
export type Draws = { readonly count: number; readonly columns: readonly Float64Array[] };

/** The first so many of some draws. */
export const some = (draws: Draws, count: number): Draws =>
  count >= draws.count ? draws : { count, columns: draws.columns.map((c) => c.subarray(0, count)) };

/** Linear in a draw and in the size ordered: constant, eleven of the draw, then mm of width and of height taken off. */
export type Form = Float64Array;
export const [OFF_WIDTH, OFF_HEIGHT] = [DRAWN + 1, DRAWN + 2] as const;
export const FORM = DRAWN + 3;

/**
 * The opening about one size of glass. A draw binds when any of the gaps is nil or less, and loses cover when any of the
 * covers is less than nil; null while no depth is known.
 */
export type Forms = { readonly base: GlassMm; readonly gaps: readonly Form[]; readonly covers: readonly Form[] | null };

/** What comes off the base, each way. */
export const offOf = (base: GlassMm, glass: GlassMm): GlassMm => ({
  width: base.width - glass.width,
  height: base.height - glass.height,
});

/** What a form adds when so much comes off the base. */
export const addedBy = (form: Form, off: GlassMm): number =>
  (form[OFF_WIDTH] as number) * off.width + (form[OFF_HEIGHT] as number) * off.height;

/**
 * The forms that can ever fall to nil: for sizes so much off the base (what lies between them too), those that stay above
 * in every draw are left out, and those that stay above another form. Draws past so many spreads are left to luck: past
 * four, one in thirty thousand.
 */
export function pruned(forms: readonly Form[], offs: readonly GlassMm[], spreads: number): readonly Form[] {
  const lowest = (f: Form): number => {
    const below = lowestOf(f, spreads);
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
const COMPARED = 6;
/** The lowest a form can be in any draw, with nothing taken off. Cutting is taken as a spread, whichever it is. */
function lowestOf(form: Form, spreads: number): number {
  let squares = 0;
  for (let k = 1; k <= SHARE; k++) squares += (form[k] as number) ** 2;
  return (form[0] as number) - spreads * Math.sqrt(squares) + Math.min(0, form[1 + SHARE] as number);
}
