import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { emptied, FORGOTTEN, sameAddress, TELLING, tellsOf, writtenOver } from "./forget.ts";

const told = () => {
  const t = new Teller().added();
  const note = t.tell("note.written", { station: "look", text: "Mrs. Orme has the key" });
  const kept = t.tell(
    "customer.kept",
    { address: "No. 5", name: "Mrs. Orme", telephone: "01632 960 044", keyHolder: "No. 7" },
    {},
  );
  const reading = t.tell("measure.reading", { place: "width-top", text: "612", unit: "mm" });
  return { note, kept, reading };
};

describe("what tells of a customer", () => {
  const { note, kept, reading } = told();
  it("a note loses its text and keeps where it was written", () =>
    expect(emptied(note.kind, note.payload)).toEqual({ station: "look", text: FORGOTTEN }));
  it("the customer loses name, telephone and key-holder; the address is the window's", () =>
    expect(emptied(kept.kind, kept.payload)).toEqual({
      address: "No. 5",
      name: FORGOTTEN,
      telephone: FORGOTTEN,
      keyHolder: FORGOTTEN,
    }));
  it("a reading tells of nobody, and stays", () =>
    expect(emptied(reading.kind, reading.payload)).toEqual(reading.payload));
  it("what was empty stays empty, and twice is as once", () => {
    const once = emptied("look.closed", { how: "board", since: "2026-05-19", until: "2026-05-22", told: "" });
    expect(once.told).toBe("");
    const twice = emptied(note.kind, emptied(note.kind, note.payload));
    expect(twice).toEqual(emptied(note.kind, note.payload));
  });
  it.each([
    ["of its own address, however it is typed", kept, " no. 5 ", new Set<string>(), true],
    ["of another address", kept, "No. 6", new Set([PANE]), false],
    ["of one of its panes", note, "No. 5", new Set([PANE]), true],
    ["of a pane elsewhere", note, "No. 5", new Set<string>(), false],
    ["a reading, of nobody", reading, "No. 5", new Set([PANE]), false],
  ] as const)("%s", (_, e, address, panes, is) => expect(tellsOf(e, address, panes)).toBe(is));
  it("addresses are one however they are typed", () =>
    expect([sameAddress("No. 5", "no. 5 "), sameAddress("No. 5", "No. 50")]).toEqual([true, false]));
  it("sizes, choices and days tell of nobody", () => {
    for (const kind of ["measure.reading", "specify.glass", "finish.painted", "order.sent"] as const)
      expect(TELLING).not.toContain(kind);
  });
});

describe("what a device keeps of somebody who was forgotten", () => {
  const kept = (forgotten: boolean) => {
    const t = new Teller().added();
    t.tell("note.written", { station: "look", text: "the key is with No. 7" });
    t.tell("photo.added", { photo: "p-1", station: "look", width: 8, height: 8, caption: "" });
    t.added("b9");
    t.tell("pane.corrected", { address: "No. 6" }, { pane: "b9" });
    t.tell("note.written", { station: "look", text: "next door" }, { pane: "b9" });
    if (forgotten) t.tell("customer.forgotten", { address: "No. 5" }, {});
    t.tell("note.written", { station: "set", text: "the new owner has a cat" });
    return t.entries;
  };
  it("nothing while nobody asked", () => expect(writtenOver(kept(false))).toEqual({ entries: [], photos: [] }));
  it("what was written before, at that address alone, and its photos", () => {
    const { entries, photos } = writtenOver(kept(true));
    expect(entries.map((e) => [e.kind, e.about.pane])).toEqual([
      ["note.written", PANE],
      ["photo.added", PANE],
    ]);
    expect(entries[0]?.payload).toEqual({ station: "look", text: FORGOTTEN });
    expect(photos).toEqual(["p-1"]);
  });
});
