import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Makeup } from "../specify/makeup.ts";
import { usualLeadDays } from "./usual-lead.ts";

const float = { glass: "float" } as const;
const unit = { ...float, makeup: { panes: [], cavities: [], coatings: [], spacer: "" } as unknown as Makeup };
const sash = { ...float, whole: { what: "sash", family: "", over: "outside", safety: null } } as const;

describe("working days of an order whose supplier nobody knows", () => {
  it.each([
    ["nothing on it", [], 1],
    ["float", [float], 1],
    ["toughened, made to order", [{ glass: "toughened" }], 8],
    ["a unit", [unit], 8],
    ["a sash", [sash], 20],
    ["float, and a sash", [float, sash], 20],
    ["a unit between two sheets", [float, unit, float], 8],
  ] as const)("%s", (_, lines, days) => expect(usualLeadDays(lines, HOUSE_DEFAULTS)).toBe(days));
});
