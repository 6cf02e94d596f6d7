import { type Day, day, readDay } from "../core/units/day.ts";

/** The civil day where the server stands, or the one it was told to keep (for tests and pictures). */
export function today(): Day {
  const told = readDay(process.env["PLAIN_PANE_TODAY"] ?? "");
  if (told.ok) return told.value;
  const now = new Date();
  return day(Math.floor(Date.UTC(now.getFullYear(), now.getMonth(), now.getDate()) / 86_400_000));
}
