import { expect, test } from "vitest";
import type { Joint } from "./beads.ts";
import { jointText, nextJoint } from "./next-joint.ts";

test("tap by tap round a corner and back to where nobody said", () => {
  const said: string[] = [];
  let now: Joint | undefined;
  for (let i = 0; i < 6; i++) {
    now = nextJoint(now, "top-left") ?? undefined;
    said.push(jointText(now));
  }
  expect(said).toEqual([
    "mitred",
    "left runs through",
    "top runs through",
    "left laps over",
    "top laps over",
    "not said",
  ]);
});

test.each([
  ["bottom-right", "right runs through"],
  ["bottom-left", "left runs through"],
  ["top-right", "right runs through"],
] as const)("after mitred, %s says %s", (corner, says) => {
  expect(jointText(nextJoint({ kind: "mitred" }, corner) ?? undefined)).toBe(says);
});
