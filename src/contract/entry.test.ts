import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../tests/support/told.ts";
import { TUB } from "../../tests/support/tub.ts";
import { KINDS } from "../core/log/kinds.ts";
import { dayOf } from "../core/units/day.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { EntryBatch, EntrySchema, PAYLOADS } from "./entry.ts";

const good = () => new Teller().added().entries[0] as object;

const TERMS = { name: "Salt Lane", makes: [], leastPence: 0, deliveryPence: 0, products: [], extras: [] };

describe("the schema of entries", () => {
  it("takes what the cases below spoil", () => {
    expect(PAYLOADS["compound.kept"].safeParse(TUB).success).toBe(true);
    expect(PAYLOADS["supplier.terms"].safeParse(TERMS).success).toBe(true);
  });
  it("takes the whole demo round, on any day", () => {
    for (const day of ["2026-05-20", "2024-02-29", "2027-01-01"])
      expect(EntryBatch.safeParse({ entries: ottermoleRow(dayOf(day)) }).success).toBe(true);
  });
  it("the same day tells the same story", () =>
    expect(ottermoleRow(dayOf("2026-05-20"))).toEqual(ottermoleRow(dayOf("2026-05-20"))));
  it("has a schema and a subject for every kind", () =>
    expect(Object.keys(PAYLOADS).sort()).toEqual(Object.keys(KINDS).sort()));
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
    ["set.facing", { sign: "smell", seen: "" }],
    ["set.tag", { tag: "the left one" }],
    ["finish.visit", { day: "2026-06-01", visit: "tea" }],
    ["shelf.kept", { what: "gasket", amount: -1, unit: "m" }],
    ["kit.forgot", { what: "", day: "2026-05-20" }],
    ["compound.kept", { ...TUB, like: "honey" }],
    ["compound.kept", { ...TUB, leastDays: 10, mostDays: 5 }],
    ["supplier.terms", { ...TERMS, grid: "1/3 in" }],
    ["supplier.terms", { ...TERMS, tolerance: { smallMm: -1, largeMm: 1 } }],
    ["size.overruled", { width: { text: "1", unit: "mm" }, height: { text: "1", unit: "mm" }, reason: "" }],
  ] as const)("refuses %s %j", (kind, payload) => expect(PAYLOADS[kind].safeParse(payload).success).toBe(false));
  it("keeps a reading that cannot be read: nothing typed is lost", () => {
    expect(PAYLOADS["measure.reading"].safeParse({ place: "width-top", text: "23 1?/16", unit: "in" }).success).toBe(
      true,
    );
  });
});
