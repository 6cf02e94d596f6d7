/** @example minutesText(75) // "75 min" @example minutesText(150) // "2 h 30 min" */
export const minutesText = (minutes: number): string =>
  minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60 ? `${minutes % 60} min` : ""}`.trim();

/** As a whole number of minutes, never nothing. @example wholeMinutes(0.4) // 1 */
export const wholeMinutes = (minutes: number): number => Math.max(1, Math.round(minutes));

/** A step's name, of what its times are kept under. @example stepName("face-putty/hard") // "face putty, hard" */
export const stepName = (timedAs: string): string => timedAs.replaceAll("-", " ").replaceAll("/", ", ");

/** Where a time lies with nine chances in ten. @example betweenText({ lo: 9.4, hi: 18.8 }) // "between 9 and 19 min" */
export const betweenText = (within: { readonly lo: number; readonly hi: number }): string => {
  const [lo, hi] = [wholeMinutes(within.lo), wholeMinutes(within.hi)];
  return lo === hi ? minutesText(lo) : `between ${lo} and ${minutesText(hi)}`;
};
