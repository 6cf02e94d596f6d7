import { describe, expect, it } from "vitest";
import { BEADS, facts, type Over, out, ready } from "../../../tests/support/step-facts.ts";
import type { Station } from "../plan/stations.ts";
import { setSteps } from "../set/steps.ts";
import type { Step } from "./step.ts";
import type { StepId } from "./step-id.ts";
import { unbrokenOf } from "./unbroken.ts";

const given = (id: StepId, minutes: number): Step => ({ id, does: "", why: "", minutes });

describe("what is done without a break, and what its minutes are", () => {
  it.each<[string, Station, readonly Step[], ReturnType<typeof unbrokenOf>]>([
    [
      "12 + 3 + 20 + 4, the bag not among them",
      "takeout",
      [
        given("mark", 1),
        given("bead-lift", 12),
        given("loosen", 3),
        given("cut-free", 20),
        given("lift-out", 4),
        given("bag", 6),
      ],
      { from: "bead-lift", to: "lift-out", minutes: 39 },
    ],
    [
      "the glass out first: its frame can wait",
      "takeout",
      [given("shards", 15), given("lift-out", 4), given("face-putty", 20), given("sprigs", 5)],
      { from: "shards", to: "lift-out", minutes: 19 },
    ],
    [
      "no glass to lift: to the last that is drawn",
      "takeout",
      [given("sprigs", 5), given("shards", 15), given("bed-putty", 10)],
      { from: "sprigs", to: "shards", minutes: 20 },
    ],
    [
      "6 + 3 + 1 + 5 + 6: bed to sprigs, the face can wait",
      "set",
      [
        given("warm", 2),
        given("bed", 6),
        given("pack", 3),
        given("face-check", 1),
        given("press", 5),
        given("sprigs", 6),
        given("face", 15),
      ],
      { from: "bed", to: "sprigs", minutes: 21 },
    ],
    ["one step is no stretch", "takeout", [given("mark", 1), given("sprigs", 5), given("bag", 6)], null],
    ["no glass is touched", "ready", [given("clean", 12), given("prime", 5)], null],
    ["nothing to do", "set", [], null],
  ])("%s", (_, station, steps, is) => expect(unbrokenOf(station, steps)).toEqual(is));

  it.each<[string, readonly Step[], Station, from: StepId, to: StepId]>([
    ["putty, cracked", out(), "takeout", "sprigs", "lift-out"],
    ["plastic in gaskets", out({ system: "plastic-bead-inside" }), "takeout", "bead-lift", "lift-out"],
    ["its beads by name", out({ system: "plastic-bead-outside", beads: BEADS }), "takeout", "bead-left", "lift-out"],
    ["a cassette: the last four screws", out({ system: "cassette" }), "takeout", "cassette-last", "lift-out"],
    [
      "shattered: it is loose before its shards are drawn",
      out({ system: "plastic-bead-inside", damage: ["standing"], glassFirst: true }),
      "takeout",
      "glass-loose",
      "lift-out",
    ],
    ["a pane in front", out({ system: "in-front" }), "takeout", "front-fastenings", "lift-out"],
    ...(
      [
        ["set in putty", {}, "bed", "sprigs"],
        ["set in gaskets", { system: "plastic-bead-inside" }, "bed-bond", "wedge-back"],
        ["set in a cassette", { system: "cassette", detail: { bond: "silicone" } }, "bed-bond", "screws-round"],
        [
          "set under pinned beads",
          { system: "timber-bead", beads: BEADS, detail: { bond: "silicone" } },
          "bed-bond",
          "pins",
        ],
      ] as readonly [string, Over, StepId, StepId][]
    ).map(
      ([name, over, from, to]) =>
        [name, setSteps(facts(over)), "set", from, to] as [string, readonly Step[], Station, StepId, StepId],
    ),
  ])("%s", (_, steps, station, from, to) => expect(unbrokenOf(station, steps)).toMatchObject({ from, to }));
  it("nothing of making ready", () => expect(unbrokenOf("ready", ready())).toBeNull());
});
