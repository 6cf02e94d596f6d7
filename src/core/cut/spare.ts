/** What lies there of one size, as far as a spare needs to know it. Lengths in one unit, whichever. */
export type SpareSheet = {
  readonly name: string;
  readonly width: number;
  readonly height: number;
  /** How many lie there; null where it is bought as needed. */
  readonly count: number | null;
};

/**
 * What another pane of this size could be cut from once the plan has taken its sheets: if one runs off, it is cut again today.
 * @param used how many of each sheet the plan takes, by its place in the list
 * @example one sheet of 900 × 1200 and the plan takes it // []
 */
export function sparesFor(
  sheets: readonly SpareSheet[],
  used: ReadonlyMap<number, number>,
  pane: { readonly width: number; readonly height: number; readonly turns: boolean },
): readonly string[] {
  const holds = (s: SpareSheet): boolean =>
    (s.width >= pane.width && s.height >= pane.height) ||
    (pane.turns && s.width >= pane.height && s.height >= pane.width);
  return sheets.flatMap((s, i) => (holds(s) && (s.count === null || s.count > (used.get(i) ?? 0)) ? [s.name] : []));
}
