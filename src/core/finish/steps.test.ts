import { describe, expect, it } from "vitest";
import { facts, finishing, type Over } from "../../../tests/support/step-facts.ts";
import type { StepId } from "../steps/step-id.ts";
import { finishSteps } from "./steps.ts";

const BEADS = { system: "plastic-bead-inside" } as const;

describe("from where the last looks are taken", () => {
  it.each<[string, Over, StepId, string, readonly string[]]>([
    ["both faces", BEADS, "clean", "Clean both faces last of all;", []],
    [
      "from the room alone, upstairs",
      { ...BEADS, detail: { reach: "inside" } },
      "clean",
      "Clean the room face last of all, the other as far as your arm goes without leaning out;",
      [],
    ],
    [
      "from outside alone, beads in timber that are painted after",
      { system: "timber-bead", bed: "silicone", detail: { reach: "outside" } },
      "clean",
      "Clean the outer face, the other as far as your arm goes without leaning out;",
      [],
    ],
    [
      "the sash lies on a bench",
      { ...BEADS, detail: { reach: "inside", where: "bench" } },
      "clean",
      "Clean both faces last of all;",
      [],
    ],
    [
      "the old glass has no film",
      { ...BEADS, oldGlassBack: true },
      "clean",
      "last of all; a look in slanting light.",
      [],
    ],
    ["a slope of putty", {}, "sight-line", "from both sides.", ["from indoors", "from outdoors"]],
    [
      "nobody is at home",
      { detail: { reach: "outside" } },
      "sight-line",
      "nobody gets in: look through the glass",
      ["from outdoors"],
    ],
    [
      "nobody is at home, and it is on the bench",
      { detail: { reach: "outside", where: "bench" } },
      "sight-line",
      "from both sides.",
      ["from indoors", "from outdoors"],
    ],
  ])("%s", (_, over, id, does, photos) => {
    const step = finishSteps(finishing(facts(over))).find((s) => s.id === id);
    expect(step?.does).toContain(does);
    expect(step?.photos ?? []).toEqual(photos);
  });
});
