import { describe, expect, it } from "vitest";
import { inPassing, readOnce } from "./read-once.ts";
import type { entries } from "./schema.ts";

type Row = typeof entries.$inferSelect;
const row = (over: Partial<Row> = {}): Row => ({
  seq: 1,
  id: "019e0673-4c40-7000-8000-0000000000aa",
  at: "2026-05-20T08:00:00.000Z",
  who: "Nell Harrow",
  kind: "measure.reading",
  round: null,
  pane: "019e0673-4c40-7000-8000-000000000014",
  order: null,
  payload: '{"place":"width-top","text":"600","unit":"mm"}',
  receivedAt: "2026-05-20T08:00:01.000Z",
  clock: null,
  seen: null,
  v: null,
  ...over,
});

describe("a stored row read again", () => {
  it("is the entry that was read before", () => expect(readOnce(row())).toBe(readOnce(row())));

  it.each([
    ["its payload", { payload: '{"place":"width-top","text":"601","unit":"mm"}' }, { payload: { text: "601" } }],
    ["its writer", { who: "Ines Marlow" }, { who: "Ines Marlow" }],
    ["its time", { at: "2026-05-20T09:00:00.000Z" }, { at: "2026-05-20T09:00:00.000Z" }],
    [
      "what it is about",
      { pane: "019e0673-4c40-7000-8000-000000000015" },
      { about: { pane: "019e0673-4c40-7000-8000-000000000015" } },
    ],
    ["its kind", { kind: "no.such" }, { kind: "unread" }],
    ["its version", { v: 99 }, { kind: "unread" }],
    ["what its writer had seen", { seen: "[]" }, { seen: [] }],
  ] as const)("is read anew where %s stands otherwise", (_, over, says) => {
    readOnce(row());
    expect(readOnce(row(over))).toMatchObject(says);
    expect(readOnce(row())).toMatchObject({ kind: "measure.reading", payload: { text: "600" }, who: "Nell Harrow" });
  });

  it("is not kept where a whole log passes by", () => {
    const passing = inPassing(() => readOnce(row({ id: "passes" })));
    expect(readOnce(row({ id: "passes" }))).not.toBe(passing);
    expect(readOnce(row({ id: "passes" }))).toEqual(passing);
  });

  it("is let go of when many others were read since, and read again", () => {
    const first = readOnce(row());
    for (let i = 0; i < 20_001; i++) readOnce(row({ id: `other-${i}` }));
    expect(readOnce(row())).not.toBe(first);
    expect(readOnce(row())).toEqual(first);
  });
});
