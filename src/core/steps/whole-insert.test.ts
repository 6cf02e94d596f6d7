import { describe, expect, it } from "vitest";
import { facts } from "../../../tests/support/step-facts.ts";
import { readySteps } from "../ready/steps.ts";
import { setSteps } from "../set/steps.ts";

const INSERT = { system: "cassette", sealed: true, whole: "insert", waterStood: true } as const;
const said = (steps: ReturnType<typeof setSteps>) => steps.map((s) => `${s.does} ${s.why}`).join("\n");

describe("a door's insert, frame and glass in one", () => {
  it.each([
    ["made ready", readySteps(facts(INSERT)), /edge of the hole/],
    ["set", setSteps(facts(INSERT)), /outer half with its glass in the hole/],
  ])("%s: nothing is packed, no unit is stood, no leg or groove is cleaned", (_, steps, says) => {
    expect(said(steps)).toMatch(says);
    expect(said(steps)).not.toMatch(/\{packers?\}|\{unit\}|\bleg\b|groove|the pane/i);
    expect(steps.map((s) => s.id)).not.toContain("drains");
  });

  it("is held by the same screws, in the same order, as new glass in the old halves", () => {
    const ids = (over: object) => setSteps(facts({ ...INSERT, ...over })).map((s) => s.id);
    expect(ids({})).toEqual(ids({ whole: null }));
  });

  it.each([
    ["silicone", /bead round the back of the outer half's flange/, "bed-bond"],
    ["tape", /tape on the back of the outer half's flange/, "tape-lay"],
  ] as const)("on %s it is laid on the flange", (bond, says, id) => {
    const f = facts({ ...INSERT, bed: bond, detail: { bond } });
    const step = [...readySteps(f), ...setSteps(f)].find((s) => s.id === id);
    expect(step?.does).toMatch(says);
  });

  it("asks whether it goes in dry, and not which face of its glass is which", () => {
    const f = facts(INSERT);
    expect(readySteps(f).find((s) => s.id === "dry-fit")?.asks).toBe("dry-fit");
    expect(setSteps(f).find((s) => s.id === "face-check")?.asks).toBeUndefined();
  });
});
