import { describe, expect, it } from "vitest";
import type { Moves } from "../pane/hangs.ts";
import { dayOf } from "../units/day.ts";
import { curesText } from "./shut.ts";

describe("why it waits for its seal", () => {
  it.each<[Moves, string]>([
    ["fixed", "Its seal cures until Fri 22 May, and nothing leans on it"],
    ["leaf", "Its seal cures and the door is shut softly until Fri 22 May"],
    ["hinged", "Its seal cures and it stays shut until Fri 22 May"],
    ["not-said", "Its seal cures and it stays shut until Fri 22 May"],
  ])("%s", (moves, says) => expect(curesText(moves, dayOf("2026-05-22"))).toBe(says));
});
