import { describe, expect, it } from "vitest";
import { facts, finishing, type Over } from "../../../tests/support/step-facts.ts";
import { finishMethods } from "./methods.ts";

describe("cards on how it is finished", () => {
  it.each<[string, Over, readonly string[]]>([
    ["putty in timber", {}, ["line", "mask", "colour"]],
    ["timber came away", { detail: { lost: "some" } }, ["line", "mask", "filler", "colour"]],
    ["compound in metal", { system: "metal-frame", bed: "putty" }, ["line", "mask"]],
    ["a stop in silicone", { system: "pinned-stop" }, ["surplus", "colour"]],
    ["an insert: plastic is not painted", { system: "cassette" }, ["surplus"]],
    ["a wedge gasket", { system: "plastic-bead-inside" }, []],
    ["tape in plastic", { system: "plastic-bead-outside" }, []],
  ])("%s", (_, over, ids) => expect(finishMethods(finishing(facts(over))).map((m) => m.id)).toEqual(ids));
  it("each says how, and no card is without a step", () => {
    for (const m of finishMethods(finishing(facts({ detail: { lost: "some" } }))))
      expect(m.steps.length).toBeGreaterThan(0);
  });
});
