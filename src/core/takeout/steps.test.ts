import { describe, expect, it } from "vitest";
import { finishSteps } from "../finish/steps.ts";
import { cautionsAt, type Hazards } from "../look/cautions.ts";
import { SYSTEMS } from "../look/systems.ts";
import { readySteps } from "../ready/steps.ts";
import { setSteps } from "../set/steps.ts";
import { inspectionOf } from "../signoff/inspection.ts";
import { type StepFacts, takeoutSteps } from "./steps.ts";

const facts = (over: Partial<StepFacts> = {}): StepFacts => ({
  system: "timber-putty",
  damage: ["cracked"],
  storey: 0,
  ...over,
});
const ids = (over: Partial<StepFacts> = {}) => takeoutSteps(facts(over)).map((s) => s.id);

describe("taking a putty-glazed pane out", () => {
  it("goes from sheet to sweeping, marks before anything moves, sprigs before the lift", () => {
    const all = ids();
    for (const [a, b] of [
      ["sheet", "tape-glass"],
      ["tape-glass", "mark"],
      ["mark", "score-paint"],
      ["face-putty", "sprigs"],
      ["sprigs", "lift-out"],
      ["lift-out", "bed-putty"],
    ])
      expect(all.indexOf(a as string)).toBeLessThan(all.indexOf(b as string));
    expect(all.at(-1)).toBe("bag");
  });
  it.each([
    ["upstairs", { storey: 1 }, ["clear-below"], []],
    ["on the ground", { storey: 0 }, [], ["clear-below"]],
    ["glass gone", { damage: ["gone"] }, ["shards"], ["tape-glass", "lift-out"]],
    ["holed", { damage: ["holed"] }, ["tape-glass", "lift-out", "shards"], []],
    ["dry putty", { damage: ["putty-falling"] }, ["loose-putty"], ["shards"]],
    ["cracked", {}, ["lift-out"], ["shards", "loose-putty"]],
  ] as const)("%s", (_, over, has, hasNot) => {
    const all = ids(over as Partial<StepFacts>);
    expect(all).toEqual(expect.arrayContaining([...has]));
    for (const id of hasNot) expect(all).not.toContain(id);
  });
  it("claims nothing for systems that are not worked out", () => {
    for (const system of SYSTEMS.filter((s) => s !== "timber-putty")) {
      const f = facts({ system });
      expect([takeoutSteps(f), readySteps(f, true), setSteps(f), finishSteps(f)].flat()).toEqual([]);
    }
  });
});

describe("making ready, setting and finishing", () => {
  it("primes for linseed, mends rot first, tries the pane dry last", () => {
    expect(readySteps(facts(), true).map((s) => s.id)).toEqual(["clean", "prime", "dry-fit"]);
    expect(readySteps(facts({ damage: ["rotten"] }), true).map((s) => s.id)).toEqual([
      "clean",
      "mend",
      "prime",
      "dry-fit",
    ]);
    expect(readySteps(facts(), false).map((s) => s.id)).toContain("prime-label");
  });
  it("beds before it presses, sprigs before the face putty", () => {
    const all = setSteps(facts()).map((s) => s.id);
    for (const [a, b] of [
      ["bed", "press"],
      ["pack", "press"],
      ["face-check", "press"],
      ["press", "sprigs"],
      ["sprigs", "face"],
    ])
      expect(all.indexOf(a as string)).toBeLessThan(all.indexOf(b as string));
  });
  it("every step has its reason, and ids are never used twice at a station", () => {
    for (const steps of [
      takeoutSteps(facts({ storey: 2, damage: ["holed", "putty-falling"] })),
      readySteps(facts({ damage: ["rotten"] }), true),
      setSteps(facts()),
      finishSteps(facts()),
    ]) {
      expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
      for (const s of steps) expect([s.id, s.why.length > 10]).toEqual([s.id, true]);
    }
  });
  it("looks at putty lines only where there is putty", () => {
    expect(inspectionOf("timber-putty").map((i) => i.id)).toContain("sight-line");
    expect(inspectionOf("cassette").map((i) => i.id)).not.toContain("sight-line");
    expect(inspectionOf("cassette").map((i) => i.id)).toEqual(expect.arrayContaining(["still", "opens", "told"]));
  });
});

describe("cautions stand where the hazard is", () => {
  const h = (over: Partial<Hazards> = {}): Hazards => ({
    damage: ["cracked"],
    buildingYear: 2005,
    leadYear: 1992,
    storey: 0,
    massKg: 5,
    oneLiftsKg: 20,
    twoLiftKg: 50,
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
    ["measure", { storey: 1 }, ["ladder"], []],
    ["set", { massKg: 20 }, [], ["heavy", "too-heavy"]],
    ["set", { massKg: 20.1 }, ["heavy"], ["too-heavy"]],
    ["set", { massKg: 50.1 }, ["too-heavy"], ["heavy"]],
    ["set", { massKg: null }, ["oil"], ["heavy"]],
    ["order", { storey: 3, massKg: 60 }, [], ["ladder", "too-heavy"]],
  ] as const)("%s, %j", (station, over, has, hasNot) => {
    const found = cautionsAt(station, h(over as Partial<Hazards>)).map((c) => c.id);
    expect(found).toEqual(expect.arrayContaining([...has]));
    for (const id of hasNot) expect(found).not.toContain(id);
  });
});
