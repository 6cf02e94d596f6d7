import { describe, expect, it } from "vitest";
import { facts, finishing } from "../../../tests/support/step-facts.ts";
import type { SashGain } from "../specify/sash-gain.ts";
import { inUnit } from "../words/in-unit.ts";
import { finishSteps } from "./steps.ts";

/* A sash that slides up and down with glass of another weight: half of what it gains on each cord, before it is latched. */

const READ = { kg: 3.69, sheetsMm: [3], isRead: true };
const step = (gains: SashGain | null) =>
  finishSteps(finishing(facts({ hinge: "hung" }), { gains })).find((s) => s.id === "rebalance");

describe("the weights of a sash with other glass", () => {
  it.each([
    [
      4.46,
      "mm",
      "Hang 2.23 kg more on each cord, or set each spring to lift so much more: with its new glass the sash weighs 4.5 kg more. Left half open it must stay.",
    ],
    [
      4.46,
      "in",
      "Hang 4.9 lb more on each cord, or set each spring to lift so much more: with its new glass the sash weighs 9.9 lb more. Left half open it must stay.",
    ],
    [
      -2.7,
      "mm",
      "Take 1.35 kg off each cord, or set each spring to lift so much less: with its new glass the sash weighs 2.7 kg less. Left half open it must stay.",
    ],
  ] as const)("%s kg, told in %s", (kg, unit, does) =>
    expect(inUnit(step({ kg, old: READ })?.does ?? "", unit)).toBe(does),
  );

  it("says what of it nobody read", () => {
    expect(step({ kg: 4, old: { ...READ, isRead: false } })?.why).toContain("taken as 3 mm of glass: nobody read it");
    expect(step({ kg: 4, old: READ })?.why).toBe(
      "A sash that is heavier than its weights drops on hands, and one that is lighter flies up.",
    );
  });

  it("is none where it hangs as before", () => expect(step(null)).toBeUndefined());

  it("comes before it is latched for its days", () => {
    const ids = finishSteps(finishing(facts({ hinge: "hung", bed: "silicone" }), { gains: { kg: 4, old: READ } })).map(
      (s) => s.id,
    );
    expect(ids.indexOf("rebalance")).toBeGreaterThanOrEqual(0);
    expect(ids.indexOf("rebalance")).toBeLessThan(ids.indexOf("latch-shut"));
  });
});
