import type { GlassKind } from "../specify/glass.ts";

/** Pieces of one glass that one person cut on the firm's own bench: those that came out right, and those that ran off. */
export type CutTally = {
  /** Null where the sheet's kind was not kept with it. */
  readonly glass: GlassKind | null;
  readonly thicknessNm: number | null;
  readonly who: string;
  readonly cutWell: number;
  readonly spoilt: number;
};

export type Cuts = Pick<CutTally, "cutWell" | "spoilt">;

type Which = { readonly glass?: GlassKind; readonly thicknessNm?: number; readonly who?: string };

const isOf = (t: CutTally, which: Which): boolean =>
  (which.glass === undefined || t.glass === which.glass) &&
  (which.thicknessNm === undefined || t.thicknessNm === which.thicknessNm) &&
  (which.who === undefined || t.who === which.who);

/** One more sheet cut up, added to its person's tally of its glass. */
export function tallied(record: readonly CutTally[], more: CutTally): readonly CutTally[] {
  const same = (t: CutTally): boolean =>
    t.glass === more.glass && t.thicknessNm === more.thicknessNm && t.who === more.who;
  const was = record.find(same);
  return was
    ? record.map((t) => (same(t) ? { ...t, cutWell: t.cutWell + more.cutWell, spoilt: t.spoilt + more.spoilt } : t))
    : [...record, more];
}

/**
 * What the record says of a glass, of a thickness, of a person, or of any of them together.
 * @example 10 and 2 of 4 mm float by Nell, 5 and 0 of 6 mm by Bram; of 4 mm // { cutWell: 10, spoilt: 2 }
 */
export const cutsOf = (record: readonly CutTally[], which: Which = {}): Cuts =>
  record
    .filter((t) => isOf(t, which))
    .reduce<Cuts>((sum, t) => ({ cutWell: sum.cutWell + t.cutWell, spoilt: sum.spoilt + t.spoilt }), {
      cutWell: 0,
      spoilt: 0,
    });

/** What the bench's past says of a glass: its own pieces, and those of every other glass beside them. */
export function benchPast(
  record: readonly CutTally[],
  glass: { readonly glass: GlassKind; readonly thicknessNm: number },
): Cuts & { readonly others: Cuts } {
  const [own, all] = [cutsOf(record, { glass: glass.glass, thicknessNm: glass.thicknessNm }), cutsOf(record)];
  return { ...own, others: { cutWell: all.cutWell - own.cutWell, spoilt: all.spoilt - own.spoilt } };
}

/** From so many pieces on a hand is named: fewer say nothing of it. */
const ENOUGH_TO_NAME = 10;

/**
 * Who cut this glass here, the surest hand first: by the share that ran off, the trade's one in twenty counted with it as if
 * there were twenty more, so that ten without a fault are not surer than a hundred with one. Fewer than ten pieces are not named.
 * @example Nell 40 and 0, Bram 12 and 3 // Nell, Bram
 */
export function whoCuts(
  record: readonly CutTally[],
  glass: { readonly glass: GlassKind; readonly thicknessNm: number },
): readonly (Cuts & { readonly who: string })[] {
  const share = (c: Cuts): number => (1 + c.spoilt) / (20 + c.cutWell + c.spoilt);
  return [...new Set(record.map((t) => t.who))]
    .map((who) => ({ who, ...cutsOf(record, { ...glass, who }) }))
    .filter((c) => c.cutWell + c.spoilt >= ENOUGH_TO_NAME)
    .sort((a, b) => share(a) - share(b) || b.cutWell - a.cutWell || a.who.localeCompare(b.who));
}
