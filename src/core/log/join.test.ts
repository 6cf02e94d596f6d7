import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { changed, joined } from "./join.ts";

const wants = (by: string | null, mustLock: boolean, minds = "") => ({ by, mustLock, minds });

describe("joining what two changed apart", () => {
  it.each<[string, unknown, unknown, unknown, unknown]>([
    [
      "different fields: both count",
      wants(null, false),
      wants(null, true),
      wants("2026-06-01", false),
      wants("2026-06-01", true),
    ],
    [
      "the same field: theirs, who came later",
      wants(null, false, "a"),
      wants(null, false, "b"),
      wants(null, false, "c"),
      wants(null, false, "c"),
    ],
    [
      "nothing changed by them: ours stays",
      wants(null, false),
      wants(null, true),
      wants(null, false),
      wants(null, true),
    ],
    ["lists: what each put in", ["crack"], ["crack", "fog"], ["crack", "chip"], ["crack", "fog", "chip"]],
    ["lists: what one took out stays out", ["crack", "fog"], ["fog"], ["crack", "fog", "chip"], ["fog", "chip"]],
    ["nothing before: both lists", undefined, ["left"], ["top"], ["left", "top"]],
    [
      "things of a list by what they are",
      [{ what: "blind", kept: "" }],
      [{ what: "blind", kept: "in the hall" }],
      [
        { what: "blind", kept: "" },
        { what: "screen", kept: "van" },
      ],
      [
        { what: "blind", kept: "in the hall" },
        { what: "screen", kept: "van" },
      ],
    ],
    [
      "a figure as written is one thing",
      { width: { text: "600", unit: "mm" } },
      { width: { text: "601", unit: "mm" } },
      { width: { text: "23 5/8", unit: "in" } },
      { width: { text: "23 5/8", unit: "in" } },
    ],
    [
      "corners of beads, each by itself",
      { joints: {} },
      { joints: { "top-left": { kind: "mitred" } } },
      { joints: { "top-right": { kind: "mitred" } } },
      { joints: { "top-left": { kind: "mitred" }, "top-right": { kind: "mitred" } } },
    ],
  ])("%s", (_, base, ours, theirs, stands) => expect(joined(base, ours, theirs)).toEqual(stands));

  const form = fc.record({ a: fc.nat(2), b: fc.nat(2), c: fc.record({ d: fc.nat(2), e: fc.nat(2) }) });
  it("keeps every change that only one of them made, whoever comes first", () => {
    fc.assert(
      fc.property(form, form, form, (base, x, y) => {
        const one = joined(base, x, y) as typeof base;
        const mine = new Set(changed(base, x));
        const theirs = new Set(changed(base, y));
        for (const [path, get] of [
          ["a", (f: typeof base) => f.a],
          ["b", (f: typeof base) => f.b],
          ["c.d", (f: typeof base) => f.c.d],
          ["c.e", (f: typeof base) => f.c.e],
        ] as const) {
          const stands = theirs.has(path) ? get(y) : mine.has(path) ? get(x) : get(base);
          expect(get(one)).toBe(stands);
        }
      }),
    );
  });
});
