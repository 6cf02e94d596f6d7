import { expect, it } from "vitest";
import { weekBroughtUp } from "./older-week.ts";

it.each([
  ["one", { id: "a", skill: "lead" }, { id: "a", skills: ["lead"] }],
  ["none", { id: "a", skill: null }, { id: "a", skills: [] }],
  ["as it is sent today", { id: "a", skills: ["lead", "height"] }, { id: "a", skills: ["lead", "height"] }],
  ["both: left to be refused", { id: "a", skill: "x", skills: [] }, { id: "a", skill: "x", skills: [] }],
  ["no visit at all", 7, 7],
] as const)("a visit of an older week: %s", (_, sent, read) => {
  expect(weekBroughtUp({ week: { days: [], visits: [sent] }, seed: 2 })).toEqual({
    week: { days: [], visits: [read] },
    seed: 2,
  });
});

it.each([null, 3, [], {}, { week: null }, { week: { visits: "x" } }])("what is no week is left as it is: %j", (raw) =>
  expect(weekBroughtUp(raw)).toBe(raw),
);
