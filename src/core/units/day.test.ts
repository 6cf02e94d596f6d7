import { describe, expect, it } from "vitest";
import { addDays, day, dayOf, dayOfMonth, later, monthOf, readDay, weekday, writeDay } from "./day.ts";

describe("civil days", () => {
  it.each([
    ["2000-01-01", 6],
    ["2100-12-31", 5],
    ["2026-05-20", 3],
    ["2024-02-29", 4],
    ["2026-12-31", 4],
  ] as const)("%s falls on weekday %i", (text, expected) => {
    expect(weekday(dayOf(text))).toBe(expected);
    expect(writeDay(dayOf(text))).toBe(text);
  });
  it.each([
    ["2026-05-01", "2026-05-04", "2026-05-04"],
    ["2026-05-04", "2026-05-01", "2026-05-04"],
    ["2026-05-04", "2026-05-04", "2026-05-04"],
  ])("of %s and %s the later is %s", (a, b, is) => expect(writeDay(later(dayOf(a), dayOf(b)))).toBe(is));
  it("crosses months, leap days and clock changes without a slip", () => {
    expect(writeDay(addDays(dayOf("2024-02-28"), 2))).toBe("2024-03-01");
    expect(writeDay(addDays(dayOf("2026-03-28"), 2))).toBe("2026-03-30");
    expect([monthOf(dayOf("2026-03-01")), dayOfMonth(dayOf("2026-03-01"))]).toEqual([2, 1]);
  });
  it.each(["2026-02-30", "2026-13-01", "20-05-2026", "", "2026-5-2", "2026-05-20T00:00"])("%s is no day", (text) => {
    expect(readDay(text)).toEqual({ ok: false, error: { kind: "not-a-day", text } });
    expect(() => dayOf(text)).toThrow(RangeError);
  });
  it.each(["0026-05-20", "1999-12-31", "2101-01-01", "0002-01-01", "9999-12-31"])(
    "%s is in no year a firm works in: a slip of the fingers",
    (text) => expect(readDay(text)).toEqual({ ok: false, error: { kind: "no-such-year", text } }),
  );
  it("is whole", () => expect(() => day(1.5)).toThrow(RangeError));
});
