/** A clock that is off by less than this is left alone: the way to the server and back takes as long. */
const LEAST_OFF_MS = 2000;
const KEY = "pp-clock";

let off: number | null = null;

/** How far this device's clock is behind the server's, ms; known from the last time they spoke. */
function offBy(): number {
  off ??= Number(stored()) || 0;
  return off;
}

const stored = (): string | null => {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
};

/**
 * The time for a new entry, corrected by what the server's clock said, and what this device's own clock says where that is
 * another: so a phone an hour wrong neither wins nor loses by it.
 */
export function deviceTime(at: number = Date.now()): { readonly now: string; readonly clock: string | null } {
  const wall = new Date(at).toISOString();
  const by = offBy();
  return by === 0 ? { now: wall, clock: null } : { now: new Date(at + by).toISOString(), clock: wall };
}

/** Hears what the server's clock said, halfway between asking and hearing. Both in ms. */
export function hearServerClock(said: string | null, asked: number, heard: number): void {
  const server = said === null ? Number.NaN : Date.parse(said);
  if (Number.isNaN(server)) return;
  const by = server - (asked + heard) / 2;
  // A slow answer says little: half of its way is not known.
  if (heard - asked > LEAST_OFF_MS) return;
  off = Math.abs(by) < LEAST_OFF_MS ? 0 : Math.round(by);
  try {
    localStorage.setItem(KEY, String(off));
  } catch {
    // It is known for as long as the page is open.
  }
}
