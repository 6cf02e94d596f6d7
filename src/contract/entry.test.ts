import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../tests/support/told.ts";
import { ABOUT } from "../core/log/about.ts";
import { dayOf } from "../core/units/day.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { EntryBatch, EntrySchema, PAYLOADS } from "./entry.ts";

const good = () => new Teller().added().entries[0] as object;

describe("the schema of entries", () => {
  it("takes the whole demo round, on any day", () => {
    for (const day of ["2026-05-20", "2024-02-29", "2027-01-01"])
      expect(EntryBatch.safeParse({ entries: ottermoleRow(dayOf(day)) }).success).toBe(true);
  });
  it("the same day tells the same story", () =>
    expect(ottermoleRow(dayOf("2026-05-20"))).toEqual(ottermoleRow(dayOf("2026-05-20"))));
  it("has a schema and a subject for every kind", () =>
    expect(Object.keys(PAYLOADS).sort()).toEqual(Object.keys(ABOUT).sort()));
  it.each([
    ["no id", { id: "7" }],
    ["a time without its zone", { at: "2026-05-20T08:00:00" }],
    ["a time too coarse", { at: "2026-05-20T08:00:00Z" }],
    ["nobody", { who: " " }],
    ["an extra key", { mood: "fine" }],
    ["another kind's payload", { kind: "takeout.sprigs" }],
    ["about something unheard of", { about: { pane: PANE, moon: PANE } }],
  ])("refuses %s", (_, over) => expect(EntrySchema.safeParse({ ...good(), ...over }).success).toBe(false));
  it.each([
    ["takeout.sprigs", { found: -1 }],
    ["takeout.sprigs", { found: 1.5 }],
    ["look.building", { year: 12, storey: 0 }],
    ["measure.reading", { place: "width-top", text: "x".repeat(61), unit: "mm" }],
    ["measure.reading", { place: "width-left", text: "1", unit: "mm" }],
    ["order.sent", { day: "2026-02-30", due: "2026-03-01" }],
    ["house.rule", { rule: "", value: 1 }],
    ["size.overruled", { width: { text: "1", unit: "mm" }, height: { text: "1", unit: "mm" }, reason: "" }],
  ] as const)("refuses %s %j", (kind, payload) => expect(PAYLOADS[kind].safeParse(payload).success).toBe(false));
  it("keeps a reading that cannot be read: nothing typed is lost", () => {
    expect(PAYLOADS["measure.reading"].safeParse({ place: "width-top", text: "23 1?/16", unit: "in" }).success).toBe(
      true,
    );
  });
});
