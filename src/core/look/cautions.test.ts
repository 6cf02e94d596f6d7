import { describe, expect, it } from "vitest";
import { cautionsAt, cautionsOf, type Hazards } from "./cautions.ts";

describe("cautions stand where the hazard is", () => {
  const h = (over: Partial<Hazards> = {}): Hazards => ({
    damage: ["cracked"],
    buildingYear: 2005,
    leadYear: 1992,
    storey: 0,
    massKg: 5,
    oneLiftsKg: 20,
    twoLiftKg: 50,
    lead: "not-tested",
    ruleSet: "M",
    toughened: false,
    special: [],
    oldPutty: true,
    ...over,
  });
  it.each([
    ["look", {}, ["broken-glass"], ["lead", "ladder"]],
    ["look", { damage: ["misted"] }, [], ["broken-glass"]],
    ["look", { damage: [] }, ["broken-glass"], []],
    ["takeout", { buildingYear: 1991 }, ["lead"], ["asbestos"]],
    ["takeout", { buildingYear: 1992 }, [], ["lead"]],
    ["takeout", { buildingYear: null }, ["lead", "asbestos"], []],
    ["takeout", { buildingYear: 1984 }, ["asbestos"], []],
    ["takeout", { buildingYear: 1984, oldPutty: false }, [], ["asbestos"]],
    ["measure", { storey: 1 }, ["ladder"], []],
    ["set", { massKg: 20 }, [], ["heavy", "too-heavy"]],
    ["set", { massKg: 20.1 }, ["heavy"], ["too-heavy"]],
    ["set", { massKg: 50.1 }, ["too-heavy"], ["heavy"]],
    ["set", { massKg: null }, [], ["heavy", "oil"]],
    ["set", { oil: true }, ["oil"], []],
    ["takeout", { buildingYear: 1950, lead: "none" }, ["asbestos"], ["lead"]],
    ["takeout", { buildingYear: 2005, lead: "found" }, ["lead"], []],
    ["takeout", { toughened: true }, ["toughened-burst"], ["toughened-edge"]],
    ["order", { storey: 3, massKg: 60 }, [], ["ladder", "too-heavy"]],
  ] as const)("%s, %j", (station, over, has, hasNot) => {
    const found = cautionsAt(station, h(over as Partial<Hazards>)).map((c) => c.id);
    expect(found).toEqual(expect.arrayContaining([...has]));
    for (const id of hasNot) expect(found).not.toContain(id);
  });
  it("a step's own are said at the step, and not a second time where they stand at the head", () => {
    const at = (station: "takeout" | "ready") =>
      cautionsOf(["lead", "knives", "toughened-edge"], station, h({ buildingYear: 1950 })).map((c) => c.id);
    expect(at("takeout")).toEqual(["knives"]);
    expect(cautionsOf(["toughened-edge"], "takeout", h({ toughened: true })).map((c) => c.id)).toEqual([
      "toughened-edge",
    ]);
  });
  it("each rule set has its own source for lead", () => {
    const source = (ruleSet: "M" | "F") =>
      cautionsAt("look", h({ buildingYear: null, ruleSet })).find((c) => c.id === "lead")?.source;
    expect(source("M")).toContain("1992");
    expect(source("F")).toContain("1978");
  });
});
