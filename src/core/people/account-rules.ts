/** Below this a password can be tried out. */
export const LEAST_PASSWORD = 12;
export const MOST_PASSWORD = 200;
const COMMON = ["password", "glazier", "plainpane", "qwerty", "letmein", "123456789", "welcome"];

/**
 * What is wrong with a password; null where nothing is. Length counts, and not which signs stand in it.
 * @example passwordFault("short", "Nell") // { kind: "short", least: 12 }
 */
export function passwordFault(
  typed: string,
  name: string,
): { readonly kind: "short"; readonly least: number } | { readonly kind: "guessed" } | null {
  if ([...typed].length < LEAST_PASSWORD) return { kind: "short", least: LEAST_PASSWORD };
  const bare = typed.toLowerCase().replace(/[^a-z0-9]/g, "");
  const own = name.toLowerCase().replace(/[^a-z0-9]/g, "");
  const left = [...COMMON, ...(own.length > 2 ? [own] : [])].reduce((text, word) => text.replaceAll(word, ""), bare);
  const kinds = new Set(typed).size;
  return left.length < 4 || kinds < 5 ? { kind: "guessed" } : null;
}

/** A PIN unlocks a tablet that was signed in before, and nothing else. */
export const PIN = /^\d{4,8}$/;
/** After so many wrong PINs none is taken for so long. */
export const WRONG_PINS = 5;
export const PIN_WAIT_MS = 15 * 60_000;

/**
 * Whether a PIN is one that everybody tries first: one digit over and over, or a run.
 * @example pinGuessed("1234") // true
 */
export function pinGuessed(pin: string): boolean {
  const steps = [...pin].slice(1).map((d, i) => Number(d) - Number(pin[i]));
  return new Set(steps).size === 1 && [-1, 0, 1].includes(steps[0] ?? 0);
}
