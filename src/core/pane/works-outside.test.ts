import { describe, expect, it } from "vitest";
import { USUAL_DETAIL } from "../frame/detail.ts";
import { isHeldByRain, worksOutside } from "./works-outside.ts";

const given = (
  system: "timber-putty" | "plastic-bead-inside" | "plastic-bead-inside-bonded",
  side: "inside" | "outside",
  more = {},
) => ({
  system,
  side,
  detail: { ...USUAL_DETAIL, ...more },
});
const putty = (more = {}) => given("timber-putty", "outside", more);
const WET = [{ wet: true as const }];
const DRY = [{}];
const PRIMER = [{ driesHours: 16 }];

describe("whether somebody stands outside to work on it", () => {
  it.each([
    ["face putty", putty(), true],
    ["the sash on a bench", putty({ where: "bench" }), false],
    ["only the room side can be reached", putty({ reach: "inside" }), false],
    ["beads and gaskets in the room", given("plastic-bead-inside", "inside", { bond: "gasket" }), false],
    [
      "beads in the room, its bond cut from outside",
      given("plastic-bead-inside-bonded", "inside", { bond: "tape" }),
      true,
    ],
  ] as const)("%s", (_, facts, outside) => expect(worksOutside(facts)).toBe(outside));
});

describe("whether rain holds what is done", () => {
  it.each([
    ["putty opened outside", WET, putty(), true],
    ["primer outside", PRIMER, putty(), true],
    ["nothing wet outside", DRY, putty(), false],
    ["putty where no weather reaches", WET, putty({ weather: "sheltered" }), false],
    ["putty on the bench", WET, putty({ where: "bench" }), false],
    [
      "paint among other things, wherever they are worked from",
      [{}, { dryDay: true as const }, {}],
      putty({ where: "bench" }),
      true,
    ],
    ["paint, wherever it is worked from", [{ dryDay: true as const }], putty({ where: "bench" }), true],
    ["an opened unit that dries on the bench", [{ driesHours: 24, unitPart: "seal" as const }], putty(), false],
    [
      "tape from the room, the old bond cut from outside",
      WET,
      given("plastic-bead-inside-bonded", "inside", { bond: "tape" }),
      false,
    ],
    [
      "paint outside, though bedded from the room",
      [{ dryDay: true as const }],
      given("plastic-bead-inside-bonded", "inside"),
      true,
    ],
    ["a bead of sealant in the room", WET, given("plastic-bead-inside", "inside", { bond: "gasket" }), false],
  ] as const)("%s", (_, steps, facts, held) => expect(isHeldByRain(steps, facts)).toBe(held));
});
