import { describe, expect, it } from "vitest";
import type { Next } from "../pane/next.ts";
import { isIn, PARTS, type Part, presses, pressingFirst } from "./part-of.ts";

const CASES: readonly (readonly [Next, readonly Part[]])[] = [
  [{ station: "look", kind: "close-hole" }, ["open", "presses", "measure"]],
  [{ station: "look", kind: "look" }, ["open", "measure"]],
  [{ station: "measure", kind: "read-corners", count: 2 }, ["open", "measure"]],
  [{ station: "measure", kind: "read-copied", count: 8 }, ["open", "measure"]],
  [{ station: "measure", kind: "read-cleared" }, ["open", "measure"]],
  [{ station: "specify", kind: "choose-safety" }, ["open", "presses", "order"]],
  [{ station: "order", kind: "chase" }, ["open", "presses", "order"]],
  [{ station: "order", kind: "check-in" }, ["open", "order"]],
  [{ station: "ready", kind: "make-ready" }, ["open", "bench"]],
  [{ station: "set", kind: "set" }, ["open", "bench"]],
  [{ station: "finish", kind: "past-paint" }, ["open", "presses", "finish"]],
  [{ station: "signoff", kind: "sign-off" }, ["open", "finish"]],
  [{ station: "signoff", kind: "signed-off" }, ["done"]],
];

describe("parts of a round", () => {
  it.each(CASES)("%j", (next, parts) => expect(PARTS.filter((p) => isIn(p, next))).toEqual(parts));

  it("every pane is in one of the stations' parts or done, never in two", () => {
    for (const [next] of CASES)
      expect((["measure", "order", "bench", "finish", "done"] as const).filter((p) => isIn(p, next))).toHaveLength(1);
  });

  it("what presses comes first, and the walk is kept within", () => {
    const rows = CASES.map(([next], i) => ({ next, i }));
    const order = pressingFirst(rows);
    const first = order.slice(0, order.filter((r) => presses(r.next)).length);
    expect(first.every((r) => presses(r.next))).toBe(true);
    for (const part of [first, order.slice(first.length)])
      expect(part.map((r) => r.i)).toEqual([...part.map((r) => r.i)].sort((a, b) => a - b));
    expect(order).toHaveLength(rows.length);
  });
});
