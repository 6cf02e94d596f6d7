import type { TakenTwice } from "../firm/taken-twice.ts";

/**
 * A sheet that two people took, as whoever is concerned is told of it.
 * @example "Bram took “A1” off the rack at 10:02 and Nell at 10:40, neither knowing of the other: one was there."
 */
export function takenTwiceText({ sheet, first, again }: TakenTwice): string {
  const sameDay = first.at.slice(0, 10) === again.at.slice(0, 10);
  const time = (at: string): string => (sameDay ? at.slice(11, 16) : `${at.slice(11, 16)} on ${at.slice(0, 10)}`);
  const both =
    first.who === again.who
      ? `${first.who} took “${sheet}” off the rack at ${time(first.at)} and again at ${time(again.at)}`
      : `${first.who} took “${sheet}” off the rack at ${time(first.at)} and ${again.who} at ${time(again.at)}, neither knowing of the other`;
  return `${both}: one was there.`;
}
