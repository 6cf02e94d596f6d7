/** So far ahead of one's own clock another's is still followed. */
const FOLLOWED_MS = 86_400_000;

/**
 * The time for a new entry: now, but never before what its writer has already seen, so that what follows sorts after
 * what it answers even when a phone's clock is slow. Both are ISO times in UTC.
 * @example stampAfter("2026-05-20T09:00:00.500Z", "2026-05-20T08:59:00.000Z") // 2026-05-20T09:00:00.501Z
 */
export function stampAfter(seen: string | undefined, now: string): string {
  if (seen === undefined || seen < now) return now;
  // A clock that ran a day ahead, or a year, drags nobody else's along with it.
  if (Date.parse(seen) - Date.parse(now) > FOLLOWED_MS) return now;
  return new Date(Date.parse(seen) + 1).toISOString();
}
