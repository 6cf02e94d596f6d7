/**
 * A time of day as it is read off a clock.
 * @example clock(545) // "9:05"
 */
export const clock = (minutes: number): string =>
  `${Math.floor(minutes / 60)}:${String(Math.round(minutes % 60)).padStart(2, "0")}`;

/**
 * How long something takes, as it is said.
 * @example lasts(80) // "1 h 20"
 */
export function lasts(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")}`;
}
