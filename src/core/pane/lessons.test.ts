import { expect, test } from "vitest";
import { type Lesson, lessonsFor } from "./lessons.ts";

const lesson = (over: Partial<Lesson>): Lesson => ({
  lesson: "l",
  says: "warm it first",
  station: "takeout",
  system: "timber-bead",
  profile: "",
  address: "No. 9",
  pane: "other",
  ...over,
});
const PANE = { id: "me", system: "timber-bead", profile: "ovolo", address: "No. 5" } as const;

test.each([
  ["same frame elsewhere", {}, "same frame"],
  ["same frame, same house", { address: "No. 5" }, "same frame, same house"],
  ["same profile, whatever the frame", { profile: "ovolo", system: "cassette" }, "same profile"],
  ["another profile of the same frame", { profile: "lamb's tongue" }, "same frame"],
  ["another frame", { system: "cassette" }, null],
  ["its own", { pane: "me" }, null],
] as const)("%s", (_, over, like) => expect(lessonsFor([lesson(over)], PANE)[0]?.like ?? null).toBe(like));

test("what is not like it is left out whole", () =>
  expect(lessonsFor([lesson({ system: "cassette" }), lesson({}), lesson({ pane: "me" })], PANE)).toHaveLength(1));

test("the likest come first", () => {
  const all = [
    lesson({ lesson: "a" }),
    lesson({ lesson: "b", profile: "ovolo" }),
    lesson({ lesson: "c", address: "No. 5" }),
  ];
  expect(lessonsFor(all, PANE).map((l) => l.lesson.lesson)).toEqual(["b", "c", "a"]);
});
