import { expect, it } from "vitest";
import { leastSure, type Sureness } from "./sureness.ts";
import type { Circumstance } from "./ways.ts";

it.each<[string, readonly (Circumstance | null)[], Sureness]>([
  ["nothing read", [], "not-said"],
  ["all cleared", ["cleared", "cleared"], "cleared"],
  ["one on the first visit", ["cleared", "first-visit"], "first-visit"],
  ["a guess among them", ["beads-off", "guess", "cleared"], "guess"],
  ["of one nobody said", ["cleared", null], "not-said"],
  ["of one nobody said, and one is a guess: that is worse", [null, "guess"], "guess"],
  ["of none anybody said", [null, null], "not-said"],
])("%s", (_, given, is) => expect(leastSure(given)).toBe(is));
