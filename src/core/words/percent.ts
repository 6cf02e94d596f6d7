/**
 * A chance as people say it.
 * @example percent(0.0042) // "0.4%"
 * @example percent(0.3) // "30%"
 * @example percent(0.0002) // "under 0.1%"
 */
export const percent = (share: number): string =>
  share > 0 && share < 0.0005 ? "under 0.1%" : `${(100 * share).toFixed(share < 0.095 ? 1 : 0)}%`;
