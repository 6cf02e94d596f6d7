import { describe, expect, it } from "vitest";
import type { z } from "zod";
import { PANE, uuid } from "../../tests/support/told.ts";
import { KINDS, type Kind, type Payloads } from "../core/log/kinds.ts";
import { broughtUp, versionOf } from "../core/log/version.ts";
import { batchBroughtUp, EntryBatch, type PAYLOADS } from "./entry.ts";
import { readStored } from "./stored-entry.ts";

type Fixed<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends readonly (infer U)[]
    ? readonly Fixed<U>[]
    : { readonly [K in keyof T]: Fixed<T[K]> };

/** Kinds whose type allows something that their schema refuses. The other way is held where the schemas are written. */
type Looser = { [K in Kind]: Payloads[K] extends Fixed<z.output<(typeof PAYLOADS)[K]>> ? never : K }[Kind];
/** The compiler refuses this line as soon as there is one. */
const looser: [Looser] extends [never] ? "none" : Looser = "none";

const reading = (over: object) => ({
  id: uuid(1),
  at: "2026-05-20T08:00:00.000Z",
  who: "Nell",
  about: { pane: PANE },
  kind: "measure.reading",
  payload: { place: "width-top", text: "612", unit: "mm" },
  ...over,
});

describe("schema and type of an entry", () => {
  it("allow the same, both ways", () => expect(looser).toBe("none"));
  it.each(Object.keys(KINDS) as Kind[])("%s is of a version, and is brought up from the first", (kind) => {
    expect(versionOf(kind)).toBeGreaterThanOrEqual(1);
    if (versionOf(kind) === 1) expect(broughtUp(kind, 1, { as: "it was" })).toEqual({ payload: { as: "it was" } });
  });
});

describe("what an older or a newer version wrote", () => {
  const steps = [
    (was: unknown) => ({ ...(was as object), unit: "mm" }),
    (was: unknown) => ({ ...(was as object), sure: "cleared" }),
  ];
  it.each<[number, unknown, unknown]>([
    [1, { text: "612" }, { payload: { text: "612", unit: "mm", sure: "cleared" } }],
    [2, { text: "612", unit: "in" }, { payload: { text: "612", unit: "in", sure: "cleared" } }],
    [3, { text: "612" }, { payload: { text: "612" } }],
    [4, { text: "612" }, null],
  ])("version %i of three", (from, was, up) => expect(broughtUp("measure.reading", from, was, steps)).toEqual(up));
  it("stays as it was where a step cannot take it", () =>
    expect(
      broughtUp("measure.reading", 1, null, [
        () => {
          throw new Error("no");
        },
      ]),
    ).toEqual({ payload: null }));
  it("is refused where a newer page sends it, and says what to do", () => {
    const sent = EntryBatch.safeParse({ entries: [reading({ v: 2 })] });
    expect(sent.error?.issues.map((i) => i.message).join()).toMatch(/newer version/);
  });
  it("is set aside where it is stored", () =>
    expect(readStored({ ...reading({}), payload: "{}", v: 9 })).toMatchObject({
      kind: "unread",
      payload: { why: "a newer version wrote it" },
    }));
  it.each([null, 7, "x", {}, { entries: 3 }, { entries: [null, 4, { kind: "__proto__" }] }])(
    "nonsense goes through as it came: %j",
    (raw) => expect(batchBroughtUp(raw)).toEqual(raw),
  );
  it("keeps what its writer had seen, and what their clock said", () => {
    const stored = readStored({
      ...reading({}),
      payload: JSON.stringify(reading({}).payload),
      seen: JSON.stringify([uuid(7)]),
      clock: "2026-05-20T09:00:00.000Z",
    });
    expect(stored).toMatchObject({ seen: [uuid(7)], clock: "2026-05-20T09:00:00.000Z" });
  });
});
