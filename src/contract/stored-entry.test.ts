import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PANE, Teller, uuid } from "../../tests/support/told.ts";
import { withFirm } from "../core/firm/firm.ts";
import { foldFirm } from "../core/firm/fold-firm.ts";
import type { Entry } from "../core/log/kinds.ts";
import { foldPane } from "../core/pane/book.ts";
import { nextFor } from "../core/pane/next.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { dayOf } from "../core/units/day.ts";
import { entryWords } from "../core/words/entry.ts";
import { PAYLOADS } from "./entry.ts";
import { readStored, type StoredEntry } from "./stored-entry.ts";

const stored = (kind: string, payload: unknown, at = "2026-05-20T08:00:00.000Z"): StoredEntry => ({
  id: uuid(9),
  at,
  who: "Nell",
  kind,
  about: { pane: PANE },
  payload: typeof payload === "string" ? payload : JSON.stringify(payload),
});

describe("what an older or a newer version, or a slip, left in the file", () => {
  it("is read as it is where it is understood", () =>
    expect(readStored(stored("takeout.sprigs", { found: 9 }))).toMatchObject({
      kind: "takeout.sprigs",
      payload: { found: 9 },
    }));
  it.each<[string, StoredEntry, RegExp]>([
    ["a year of two figures", stored("finish.visit", { day: "0026-05-20", visit: "paint" }), /^day: The year must be/],
    ["a field nobody knows yet", stored("takeout.sprigs", { found: 9, size: 2 }), /size/],
    ["a field that is missing", stored("look.wants", { by: null }), /mustLock/],
    ["a kind of a newer version", stored("pane.melted", {}), /knows no entry of that kind/],
    ["the kind that is never written", stored("unread", { kind: "x", why: "", was: "" }), /no entry of that kind/],
    ["damaged text", stored("takeout.sprigs", "{oops"), /damaged/],
    ["nothing", stored("takeout.sprigs", "null"), /expected object/],
    ["a clock that ran away", stored("takeout.sprigs", { found: 9 }, "9999-01-01T00:00:00.000Z"), /outside the years/],
  ])("%s is set aside, and says why", (_, e, why) => {
    const read = readStored(e);
    expect(read).toMatchObject({ id: e.id, kind: "unread", payload: { kind: e.kind } });
    expect(read.kind === "unread" && read.payload.why).toMatch(why);
    expect(entryWords(read, { unit: "mm", dialect: "a" })).toMatch(/^Set aside, because it cannot be read/);
  });
  it("whatever stands there, the pane's book still opens, with the rest in it", () => {
    const t = new Teller().opened().added().read({ "width-top": "612", "height-left": "904" });
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            kind: fc.constantFrom(...Object.keys(PAYLOADS), "pane.melted", "__proto__"),
            payload: fc.oneof(fc.json(), fc.string(), fc.constant("null"), fc.constant('{"day":"0026-01-01"}')),
            at: fc.constantFrom("2026-05-20T08:00:00.000Z", "9999-01-01T00:00:00.000Z", "", "yesterday"),
          }),
          { maxLength: 12 },
        ),
        (more) => {
          const all: Entry[] = [
            ...t.entries,
            ...more.map((m, i) => readStored({ ...stored(m.kind, m.payload, m.at), id: uuid(0x900 + i) })),
          ];
          const book = foldPane(PANE, all);
          expect(book?.readings["width-top"]?.text).toBe("612");
          if (!book) return;
          nextFor(book, reckon(book, withFirm(foldFirm(all))), dayOf("2026-05-20"));
          for (const e of all) expect(entryWords(e, { unit: "in", dialect: "b" })).not.toMatch(/undefined/);
        },
      ),
      { numRuns: 150 },
    );
  });
});
