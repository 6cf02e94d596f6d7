import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ORDER, ORDER_LINE, Teller, uuid } from "../../../tests/support/told.ts";
import type { Entry } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";
import { foldOrder } from "./order-book.ts";

const LINES = 4;
const line = (n: number): string => uuid(0x500 + n);

/** An order of four lines that has come. */
function came(): readonly Entry[] {
  const t = new Teller();
  t.tell("order.opened", { supplier: "Salt Lane", reference: "7" }, { order: ORDER });
  for (let n = 0; n < LINES; n++)
    t.tell("order.line", { ...ORDER_LINE, line: line(n) }, { order: ORDER, pane: uuid(0x600 + n) });
  t.tell("order.sent", { day: "2026-05-04", due: "2026-05-06" }, { order: ORDER });
  t.tell("order.arrived", { day: "2026-05-06" }, { order: ORDER });
  return t.entries;
}

const VERDICTS = ["accepted", "accepted-with-note", "sent-back"] as const;
const check = fc.record({
  line: fc.nat(LINES - 1),
  verdict: fc.constantFrom(...VERDICTS),
  minute: fc.integer({ min: 0, max: 600 }),
});

/** What one device wrote: each with its own time, as its own clock has it. */
const written = (
  device: number,
  checks: readonly { line: number; verdict: (typeof VERDICTS)[number]; minute: number }[],
) =>
  checks.map(
    (c, i) =>
      ({
        id: uuid(0x1000 * (device + 1) + i),
        at: new Date(Date.UTC(2026, 4, 6, 9, c.minute, device, i)).toISOString(),
        who: device === 0 ? "Nell" : "Osric",
        about: { order: ORDER, pane: uuid(0x600 + c.line) },
        kind: "order.checked",
        payload: {
          line: line(c.line),
          width: { text: "608", unit: "mm" },
          height: { text: "900", unit: "mm" },
          verdict: c.verdict,
          reason: "",
        },
      }) as unknown as Entry,
  );

const states = (entries: readonly Entry[]) =>
  foldOrder(ORDER, readLog(entries))?.lines.map((l) => [l.line, l.state, l.check?.who ?? null]);

describe("two people check the same delivery on two devices", () => {
  it("both see the same in the end, in whatever order it reaches them, and a second sending changes nothing", () => {
    fc.assert(
      fc.property(
        fc.array(check, { maxLength: 8 }),
        fc.array(check, { maxLength: 8 }),
        fc.integer(),
        (one, other, seed) => {
          const all = [...came(), ...written(0, one), ...written(1, other)];
          const wanted = states(all);
          const shuffled = [...all].sort((a, b) => hash(a.id, seed) - hash(b.id, seed));
          expect(states(shuffled)).toEqual(wanted);
          expect(states([...shuffled, ...written(1, other)])).toEqual(wanted);
        },
      ),
      { numRuns: 200 },
    );
  });

  it("what each alone checked stands, and of one line checked twice the later", () => {
    const [nell, osric] = [
      written(0, [
        { line: 0, verdict: "accepted", minute: 1 },
        { line: 2, verdict: "accepted", minute: 2 },
      ]),
      written(1, [
        { line: 1, verdict: "sent-back", minute: 1 },
        { line: 2, verdict: "sent-back", minute: 5 },
      ]),
    ];
    expect(states([...came(), ...osric, ...nell])).toEqual([
      [line(0), "accepted", "Nell"],
      [line(1), "sent-back", "Osric"],
      [line(2), "sent-back", "Osric"],
      [line(3), "arrived", null],
    ]);
  });
});

function hash(id: string, seed: number): number {
  let h = seed | 0;
  for (const c of id) h = Math.imul(h ^ c.charCodeAt(0), 0x9e3779b1);
  return h >>> 0;
}
