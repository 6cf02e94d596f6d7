import { describe, expect, it } from "vitest";
import { broughtUp } from "../log/version.ts";
import { lineWithInsert, lineWithWhole } from "./line-up.ts";

const OVER = "complete insert, size over its frame outside to outside";
const SEEN = "complete insert, size is the opening seen in it";

describe("a line of an insert, as it was written when only its note said so", () => {
  it.each([
    [
      `Tern Quay; ${OVER}; for a door 44.5 mm thick`,
      { family: "Tern Quay", over: "outside", safety: null },
      "for a door 44.5 mm thick",
    ],
    [SEEN, { family: "", over: "inside", safety: null }, undefined],
    [
      `${OVER}; for a door 1 3/4 in thick; ring first`,
      { family: "", over: "outside", safety: null },
      "for a door 1 3/4 in thick; ring first",
    ],
  ])("%s", (note, said, left) => {
    const up = broughtUp("order.line", 1, { glass: "float", note })?.payload;
    expect(up).toEqual({ glass: "float", whole: { what: "insert", ...said }, ...(left ? { note: left } : {}) });
  });

  it.each([
    ["a sheet of glass", { glass: "float", note: "an off-cut will do" }],
    ["a line without a note", { glass: "float" }],
    ["one that says it already", { insert: { family: "", over: "outside", safety: true }, note: OVER }],
    ["nothing", null],
    ["a word", "x"],
  ])("%s stays as it is", (_, line) => expect(lineWithInsert(line)).toBe(line));
});

describe("a line of what is made whole, as it was written when that was always an insert", () => {
  it("is an insert", () => {
    const insert = { family: "Tern Quay", over: "outside", safety: true };
    expect(broughtUp("order.line", 2, { glass: "float", insert })?.payload).toEqual({
      glass: "float",
      whole: { what: "insert", ...insert },
    });
  });
  it.each([
    ["a sheet of glass", { glass: "float" }],
    ["one that says it already", { whole: { what: "sash", family: "", over: "outside", safety: true } }],
    ["nothing", null],
  ])("%s stays as it is", (_, line) => expect(lineWithWhole(line)).toBe(line));
});
