import { describe, expect, it } from "vitest";
import { readTape } from "../../core/tape/read.ts";
import { emptyPad, lowest, type Pad, type PadEvent, padText, stripStart, tapped } from "./pad.ts";

const tap = (pad: Pad, ...events: readonly PadEvent[]): Pad => events.reduce(tapped, pad);
const digits = (text: string): PadEvent[] => [...text].map((digit) => ({ kind: "digit", digit }));
const IN = emptyPad("in");
const MM = emptyPad("mm");

describe("the number pad", () => {
  it.each([
    ["35 7/16", [...digits("35"), { kind: "tick", tick: 14 }]],
    ["35", digits("35")],
    ["7/16", [{ kind: "tick", tick: 14 }]],
    ["35 7/32+", [...digits("35"), { kind: "tick", tick: 7 }, { kind: "hair", hair: "+" }]],
    ["35", [...digits("35"), { kind: "tick", tick: 0 }]],
    ["", [...digits("3"), { kind: "rub-out" }]],
    ["35", [...digits("35"), { kind: "tick", tick: 14 }, { kind: "rub-out" }]],
    ["35 7/16", [...digits("35"), { kind: "tick", tick: 14 }, { kind: "hair", hair: "-" }, { kind: "rub-out" }]],
    ["35", [...digits("35"), { kind: "hair", hair: "-" }, { kind: "hair", hair: "-" }]],
    ["123", digits("1234")],
    ["5", digits("05")],
  ] as readonly (readonly [string, readonly PadEvent[]])[])("inches: %s", (text, events) =>
    expect(padText(tap(IN, ...events))).toBe(text),
  );
  it.each([
    ["611.5", [...digits("611"), { kind: "tick", tick: 3 }]],
    ["613", [...digits("611"), { kind: "tick", tick: 6 }]],
    ["620", [...digits("611"), { kind: "tick", tick: 20 }]],
    ["611-", [...digits("611"), { kind: "hair", hair: "-" }]],
    ["", [...digits("611"), { kind: "clear" }]],
  ] as readonly (readonly [string, readonly PadEvent[]])[])("millimetres: %s", (text, events) =>
    expect(padText(tap(MM, ...events))).toBe(text),
  );
  it("starts afresh in the other unit", () =>
    expect(tap(IN, ...digits("35"), { kind: "unit", unit: "mm" })).toEqual(MM));
  it("shows the centimetre that holds the number", () => expect(stripStart(tap(MM, ...digits("611")))).toBe(610));
  it("never writes what the tape reader would refuse", () => {
    for (let tick = 0; tick < 32; tick++)
      for (const hair of ["", "+", "-"] as const) {
        const text = padText({ unit: "in", whole: "35", tick, hair });
        expect([text, readTape(text, "in").ok]).toEqual([text, true]);
      }
    expect(lowest(16)).toEqual([1, 2]);
  });
});
