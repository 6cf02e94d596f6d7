import { describe, expect, it } from "vitest";
import { facts, finishing, type Over } from "../../../tests/support/step-facts.ts";
import { dayOf } from "../units/day.ts";
import { messagesFor } from "../words/messages.ts";
import { finishSteps } from "./steps.ts";

const says = (over: Over, id: string): string | undefined =>
  finishSteps(finishing({ ...facts(over) })).find((s) => s.id === id)?.does;

describe("what is wet and moves is left in peace", () => {
  it.each<[string, Over, RegExp, RegExp]>([
    [
      "a hinged sash stays shut",
      { system: "timber-bead", detail: { bond: "silicone" }, hinge: "left" },
      /^Latch the sash and mark it: do not open for \d+ hours/,
      /how long it stays shut/,
    ],
    [
      "a door is shut softly: people go through it",
      { system: "cassette", hinge: "left" },
      /^Mark the door: shut it softly, and never slam it, for \d+ hours/,
      /how long it is shut softly and nothing leans on it/,
    ],
  ])("%s", (_, over, latch, tell) => {
    expect(says(over, "latch-shut")).toMatch(latch);
    expect(says(over, "tell")).toMatch(tell);
  });
  it("a side light beside the door does not move at all", () => {
    expect(says({ system: "cassette", hinge: "fixed" }, "latch-shut")).toBeUndefined();
    expect(says({ system: "cassette", hinge: "fixed" }, "tell")).toContain("nothing may lean on it");
  });
  it("the customer is told the same", () => {
    const given = { where: "No. 2, porch", due: dayOf("2026-05-22"), slots: [] };
    expect(messagesFor({ ...given, state: "softly" }).text).toContain("please shut the door softly");
    expect(messagesFor({ ...given, state: "shut" }).text).toContain("leave it shut");
  });
});
