import { describe, expect, it } from "vitest";
import { came, many, side, TODAY } from "../../../tests/support/seen-panes.ts";
import { pence } from "../money/pence.ts";
import type { MakesOf } from "../order/sources.ts";
import { MONDAY_TO_FRIDAY } from "../plan/calendar.ts";
import { dayOf } from "../units/day.ts";
import { byWhy, quarterOf, quartersOf } from "./remakes-ledger.ts";
import { supplierCards } from "./supplier-card.ts";

describe("the ledger", () => {
  it.each([
    ["2026-01-01", "2026 Q1"],
    ["2026-03-31", "2026 Q1"],
    ["2026-04-01", "2026 Q2"],
    ["2025-12-31", "2025 Q4"],
  ])("%s is in %s", (day, name) => expect(quarterOf(dayOf(day))).toBe(name));
  it("one of forty, with half a pane of fifteen before: 1.5 of 55; three of a quarter are few", () => {
    const [first, second] = quartersOf([
      ...many(40, (i) => came("2026-02-03", i === 7)),
      ...many(3, () => came("2026-05-03")),
    ]);
    expect(first).toMatchObject({ name: "2026 Q1", came: 40, back: 1, few: false });
    expect(first?.rate).toBeCloseTo(1.5 / 55, 10);
    expect(first?.within.lo).toBeLessThan(1.5 / 55);
    expect(second).toMatchObject({ came: 3, back: 0, few: true });
    expect(second?.within.hi).toBeGreaterThan(0.08);
  });
  it("what went wrong, with what it cost, and what nobody said last", () => {
    const back = (why: "carried" | null, cost: number | null) => ({
      line: "",
      day: "2026-05-01",
      supplier: null,
      said: "",
      why,
      whose: null,
      pence: cost === null ? null : pence(cost),
    });
    expect(byWhy([back(null, 100), back(null, null), back("carried", 4200)])).toEqual([
      { why: "carried", panes: 1, pence: pence(4200) },
      { why: null, panes: 2, pence: pence(100) },
    ]);
  });
});

describe("a supplier's card", () => {
  const calendar = {
    workingWeekdays: MONDAY_TO_FRIDAY,
    daysOff: new Set<never>(),
    wet: new Set<never>(),
    lowC: new Map(),
  };
  const gone = (sent: string, due: string, arrived: string, given: MakesOf = "units") => ({
    of: given,
    supplier: "Fen End",
    sent: dayOf(sent),
    due: dayOf(due),
    arrived: dayOf(arrived),
  });
  const [card] = supplierCards({
    suppliers: [{ name: "Fen End", leadDays: 3 }],
    gone: [
      gone("2026-05-04", "2026-05-07", "2026-05-07"),
      gone("2026-05-04", "2026-05-08", "2026-05-11"),
      gone("2026-05-11", "2026-05-14", "2026-05-13", "single"),
    ],
    panes: [
      ...many(10, () => came("2026-05-07", false, "Fen End")),
      came("2026-05-08", true, "Fen End", "units"),
      side(1, { supplier: "Fen End" }),
    ],
    calendar,
    limits: { single: 1, sealed: 2 },
    today: TODAY,
  });
  it("came a day late once of three: over a weekend one working day", () =>
    expect(card).toMatchObject({ orders: 3, late: 1, latestBy: 1, panes: 11, back: 1 }));
  it("by what it was: units a day late once of two, float never; of the units one came and went back", () =>
    expect(card?.makes).toMatchObject([
      { make: "single", orders: 1, late: 0, latestBy: 0, panes: 10, back: 0 },
      { make: "units", orders: 2, late: 1, latestBy: 1, panes: 1, back: 1 },
    ]));
  it("of one kind only there is nothing to tell apart", () => {
    const [one] = supplierCards({
      suppliers: [],
      gone: [gone("2026-05-04", "2026-05-07", "2026-05-07")],
      panes: [came("2026-05-07", false, "Fen End", "units")],
      calendar,
      limits: { single: 1, sealed: 2 },
      today: TODAY,
    });
    expect(one?.makes).toEqual([]);
  });
  it("one side is too few to say anything of its cutter", () =>
    expect(card?.kinds).toMatchObject([{ sealed: false, sides: 1, off: null }]));
});
