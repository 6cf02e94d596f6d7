import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { uuid } from "../../tests/support/told.ts";
import { pence } from "../core/money/pence.ts";
import type { HandedOrder } from "../core/order/port.ts";
import { addDays, dayOf, writeDay } from "../core/units/day.ts";
import { answered, askedOn, type Kept, stateOf, take } from "./supplier.ts";

const order = (key: string, lines = 3): HandedOrder => ({
  key,
  reference: "OR-9",
  day: dayOf("2026-05-20"),
  leadDays: 8,
  delivery: pence(1500),
  lines: Array.from({ length: lines }, (_, i) => ({
    line: uuid(i + 1),
    widthNm: 608_000_000,
    heightNm: 900_000_000 + i * 1_000_000,
    thicknessNm: 4_000_000,
    glass: "float",
    edges: "arrissed",
    pattern: "",
    label: `No. ${i + 1}`,
    pence: pence(3010),
  })),
});
const keys = Array.from({ length: 400 }, (_, i) => `order-${i}`);
const all = keys.map((k) => take(order(k), null));
const later = (kept: Kept, days = 60): Kept =>
  askedOn(answered(kept, "yes", dayOf("2026-05-21")), addDays(kept.order.day, days));

describe("the simulated supplier", () => {
  it("acknowledges with the listed price, delivery once, and its own lead time in working days", () => {
    const kept = all.find((k) => k.from !== null);
    const ack = kept && stateOf(kept).acknowledged;
    expect(ack && [ack.pence, writeDay(ack.due)]).toEqual([3 * 3010 + 1500, "2026-06-01"]);
  });
  it("asks about some orders, and acknowledges those only once they are answered", () => {
    const asks = all.filter((k) => stateOf(k).question !== null);
    expect(asks.length / all.length).toBeGreaterThan(0.15);
    expect(asks.length / all.length).toBeLessThan(0.35);
    for (const k of asks.slice(0, 20)) {
      expect(stateOf(k).acknowledged).toBeNull();
      const after = stateOf(answered(k, "yes, the width", dayOf("2026-05-22")));
      expect(after.question?.answer).toBe("yes, the width");
      expect(after.acknowledged && writeDay(after.acknowledged.day)).toBe("2026-05-22");
    }
  });
  it("an answer given twice, or to an order it never asked about, changes nothing", () => {
    const asked = all.find((k) => stateOf(k).question !== null) as Kept;
    const once = answered(asked, "yes", dayOf("2026-05-22"));
    expect(answered(once, "no", dayOf("2026-05-25"))).toEqual(once);
    const quiet = all.find((k) => k.from !== null) as Kept;
    expect(answered(quiet, "yes", dayOf("2026-05-22"))).toEqual(quiet);
  });
  it("the same key again is the order it was, whatever stands in it now", () => {
    const kept = all[0] as Kept;
    expect(take({ ...order(kept.order.key), lines: order("x", 1).lines }, kept)).toBe(kept);
  });
  it("puts some off, and says so on the day they were due", () => {
    const dueDay = dayOf("2026-06-01");
    const on = all.filter((k) => k.from !== null).map((k) => stateOf(askedOn(k, dueDay)));
    const off = on.filter((s) => s.putOff !== null);
    expect(off.length / on.length).toBeGreaterThan(0.1);
    expect(off.length / on.length).toBeLessThan(0.3);
    for (const s of off) {
      expect(s.delivered).toBeNull();
      expect(s.putOff as number).toBeGreaterThan(dueDay);
    }
    for (const s of on.filter((x) => x.putOff === null))
      expect(s.delivered && writeDay(s.delivered.day)).toBe("2026-06-01");
  });
  it("delivers every line once, most within a millimetre, some wrong", () => {
    const lines = all.flatMap((k) => {
      const kept = later(k);
      const { delivered } = stateOf(kept);
      expect(delivered?.lines.map((l) => l.line)).toEqual(kept.order.lines.map((l) => l.line));
      return (delivered?.lines ?? []).map((l, i) => ({ l, o: kept.order.lines[i] as HandedOrder["lines"][number] }));
    });
    const right = lines.filter(
      ({ l, o }) =>
        Math.abs(l.widthNm - o.widthNm) <= 1e6 &&
        Math.abs(l.heightNm - o.heightNm) <= 1e6 &&
        l.thicknessNm === o.thicknessNm,
    );
    const wrong = 1 - right.length / lines.length;
    expect(wrong).toBeGreaterThan(0.08);
    expect(wrong).toBeLessThan(0.18);
  });
  it("says the same however often, and in whatever order, it is asked", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.array(fc.integer({ min: 0, max: 40 }), { maxLength: 8 }),
        (kept, days) => {
          const base = answered(kept, "yes", dayOf("2026-05-21"));
          const asked = days.reduce((k, d) => askedOn(k, addDays(kept.order.day, d)), base);
          const once = askedOn(base, addDays(kept.order.day, Math.max(0, ...days)));
          expect(stateOf(asked)).toEqual(stateOf(once));
        },
      ),
    );
  });
});
