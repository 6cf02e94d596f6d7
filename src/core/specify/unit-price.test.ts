import { describe, expect, it } from "vitest";
import { areaOfM2 } from "../money/parts.ts";
import { pence } from "../money/pence.ts";
import type { Makeup } from "./makeup.ts";
import { unitPence } from "./unit-price.ts";

const BY = { perM2: pence(12_000), leastCharge: pence(3_500) };
const unit = (over: Partial<Makeup> = {}, kind: Makeup["panes"][number]["kind"] = "float"): Makeup => ({
  panes: [
    { mm: 4, kind },
    { mm: 4, kind },
  ],
  cavities: [{ mm: 16, gas: "air", fill: 1 }],
  coatings: [],
  spacer: "",
  ...over,
});
const COATED = { coatings: [{ face: 3, emissivity: 0.05 }] };
const ARGON = { cavities: [{ mm: 16, gas: "argon" as const, fill: 0.9 }] };

describe("a unit by the house's own figures, half a square metre at 120", () => {
  it.each<[string, Makeup, number, number]>([
    ["plain", unit(), 0.5, 6000],
    ["coated: a tenth more", unit(COATED), 0.5, 6600],
    ["coated, with argon", unit({ ...COATED, ...ARGON }), 0.5, 6960],
    ["toughened, plain", unit({}, "toughened"), 0.5, 8100],
    ["laminated, coated, with argon", unit({ ...COATED, ...ARGON }, "laminated"), 0.5, 9060],
    [
      "three sheets, whatever is in them",
      unit({ ...COATED, panes: [...unit().panes, { mm: 4, kind: "float" }], cavities: [...ARGON.cavities] }),
      0.5,
      9300,
    ],
    ["small: the least charge, and its extra", unit(COATED), 0.1, 3850],
  ])("%s", (_, makeup, area, costs) => expect(unitPence(makeup, areaOfM2(area), BY)).toBe(costs));
});
