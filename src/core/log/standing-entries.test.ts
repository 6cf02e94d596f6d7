import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { Teller } from "../../../tests/support/told.ts";
import { aboutMissing } from "./about.ts";
import type { Entry } from "./kinds.ts";
import { stampAfter } from "./stamp.ts";
import { lastToRedo, lastToUndo, readLog } from "./standing-entries.ts";

const ids = (entries: readonly Entry[]) => entries.map((e) => e.id);

describe("what holds of a log", () => {
  it("is everything, until something is struck", () => {
    const t = new Teller().added().read({ "width-top": "612" });
    expect(readLog(t.entries).standing).toHaveLength(2);
    const strike = t.strike(t.entries[1] as Entry);
    const log = readLog(t.entries);
    expect(ids(log.standing)).toEqual([t.entries[0]?.id]);
    expect(log.struck.get(t.entries[1]?.id ?? "")).toEqual(strike);
    expect(log.all).toHaveLength(3);
  });

  it("a strike that is struck no longer holds, and a third strikes again", () => {
    const t = new Teller().added().read({ "width-top": "612" });
    const reading = t.entries[1] as Entry;
    const first = t.strike(reading);
    t.strike(first as unknown as Entry, "brought back");
    expect(readLog(t.entries).standing).toHaveLength(2);
    t.strike(reading);
    expect(readLog(t.entries).standing).toHaveLength(1);
  });

  it("an entry cannot strike itself, nor one that is not there", () => {
    const t = new Teller().added();
    const self = t.strike(t.entries[0] as Entry);
    const broken = { ...self, payload: { entry: self.id, reason: "" } } as unknown as Entry;
    expect(readLog([...t.entries.slice(0, 1), broken]).standing).toHaveLength(1);
  });

  it("is the same in whatever order entries arrive, and however often", () => {
    const t = new Teller().added().read({ "width-top": "612", "height-left": "904" });
    const strike = t.strike(t.entries[1] as Entry);
    t.strike(strike as unknown as Entry);
    t.strike(t.entries[2] as Entry);
    const once = ids(readLog(t.entries).standing);
    fc.assert(
      fc.property(fc.shuffledSubarray([...t.entries, ...t.entries], { minLength: 2 * t.entries.length }), (any) => {
        expect(ids(readLog(any).standing)).toEqual(once);
      }),
    );
  });
});

describe("undo and redo by one writer", () => {
  it("take back the newest first, and bring it back", () => {
    const t = new Teller().added().read({ "width-top": "612", "height-left": "904" });
    expect(lastToUndo(readLog(t.entries), "Nell")?.id).toBe(t.entries[2]?.id);
    const strike = t.strike(t.entries[2] as Entry);
    expect(lastToUndo(readLog(t.entries), "Nell")?.id).toBe(t.entries[1]?.id);
    expect(lastToRedo(readLog(t.entries), "Nell")?.id).toBe(strike.id);
    t.strike(strike as unknown as Entry, "brought back");
    expect(lastToUndo(readLog(t.entries), "Nell")?.id).toBe(t.entries[2]?.id);
  });
  it("leave another's entries alone", () => {
    const t = new Teller().added();
    expect(lastToUndo(readLog(t.entries), "Bram")).toBeUndefined();
    expect(lastToRedo(readLog(t.entries), "Nell")).toBeUndefined();
  });
  it("nothing is brought back once new work follows", () => {
    const t = new Teller().added().read({ "width-top": "612" });
    t.strike(t.entries[1] as Entry);
    t.read({ "width-top": "613" });
    expect(lastToRedo(readLog(t.entries), "Nell")).toBeUndefined();
  });
});

describe("the time of an entry", () => {
  it.each([
    [undefined, "2026-05-20T09:00:00.000Z", "2026-05-20T09:00:00.000Z"],
    ["2026-05-20T08:00:00.000Z", "2026-05-20T09:00:00.000Z", "2026-05-20T09:00:00.000Z"],
    ["2026-05-20T09:00:00.500Z", "2026-05-20T08:59:00.000Z", "2026-05-20T09:00:00.501Z"],
    ["2026-05-20T09:00:00.000Z", "2026-05-20T09:00:00.000Z", "2026-05-20T09:00:00.001Z"],
  ])("after %s, at %s: %s", (seen, now, at) => expect(stampAfter(seen, now)).toBe(at));
});

describe("what an entry is about", () => {
  it("must be said", () => {
    const t = new Teller();
    const line = t.tell("order.arrived", { day: "2026-05-20" }, {}) as unknown as Entry;
    expect(aboutMissing(line)).toEqual({ kind: "about-missing", entry: line.id, needs: "order" });
    expect(aboutMissing(t.added().entries[1] as Entry)).toBeNull();
  });
});
