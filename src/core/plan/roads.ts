/** Where something lies, degrees. */
export type Where = { readonly latitude: number; readonly longitude: number };

const EARTH_KM = 6371;
/** Roads are longer than the straight line by so much, and are driven so fast on average, in and out of town. */
const DETOUR = 1.35;
const KM_PER_MINUTE = 0.6;
/** Finding a place to stop, and carrying in. */
const STOP_MINUTES = 4;
/** Where nothing is known of two addresses: one end of a small town to the other. */
export const UNKNOWN_ROAD_MINUTES = 12;

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/**
 * Straight distance over the ground, km, by the haversine.
 * @example one degree of latitude // 111.2 km
 */
export function straightKm(a: Where, b: Where): number {
  const half = Math.sin(radians(b.latitude - a.latitude) / 2) ** 2;
  const along =
    half +
    Math.cos(radians(a.latitude)) *
      Math.cos(radians(b.latitude)) *
      Math.sin(radians(b.longitude - a.longitude) / 2) ** 2;
  return 2 * EARTH_KM * Math.asin(Math.min(1, Math.sqrt(along)));
}

/** Minutes on the road between two places, and on what that rests. */
export type Road = { readonly minutes: number; readonly by: "told" | "straight-line" | "nothing" };

/**
 * How long the road takes: as the firm says; else from the straight line, with a detour; else what a small town takes.
 * @example 5 km apart, nothing said // 5 × 1.35 / 0.6 + 4 = 15 min
 */
export function roadBetween(
  from: string,
  to: string,
  told: (from: string, to: string) => number | undefined,
  where: (place: string) => Where | undefined,
): Road {
  if (from === to) return { minutes: 0, by: "told" };
  const said = told(from, to);
  if (said !== undefined) return { minutes: said, by: "told" };
  const [a, b] = [where(from), where(to)];
  if (a && b)
    return { minutes: Math.round((straightKm(a, b) * DETOUR) / KM_PER_MINUTE + STOP_MINUTES), by: "straight-line" };
  return { minutes: UNKNOWN_ROAD_MINUTES, by: "nothing" };
}
