import type { Moves } from "../pane/hangs.ts";
import type { Day } from "../units/day.ts";
import { sayDay } from "./days.ts";

/**
 * Why it is not signed off before its seal has cured: what stays shut, a door that people go through, or what never opens.
 * @example curesText("leaf", dayOf("2026-05-22")) // "Its seal cures and the door is shut softly until Fri 22 May"
 */
export function curesText(moves: Moves, until: Day): string {
  const day = sayDay(until);
  if (moves === "fixed") return `Its seal cures until ${day}, and nothing leans on it`;
  return `Its seal cures and ${moves === "leaf" ? "the door is shut softly" : "it stays shut"} until ${day}`;
}
