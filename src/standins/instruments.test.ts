import { describe, expect, it } from "vitest";
import { seeded } from "../core/chance/seeded.ts";
import { readingText } from "../core/measure/instrument.ts";
import { readTape } from "../core/tape/read.ts";
import { simulated } from "./instruments.ts";

describe("simulated instruments", () => {
  it.each([
    ["laser", 611.62, "611.5 mm"],
    ["laser", 611.8, "612 mm"],
    ["caliper", 3.972, "3.95 mm"],
    ["caliper", 0, "0 mm"],
  ] as const)("a %s at %d mm types %s", (kind, mm, text) => {
    expect(readingText({ instrument: "x", kind, mm })).toBe(text);
  });
  it.each(["laser", "caliper"] as const)(
    "a %s errs a little, about the truth, and what it types can be read",
    (kind) => {
      const instrument = simulated(kind, seeded(4));
      const readings = Array.from({ length: 400 }, () => instrument.read(24));
      const mean = readings.reduce((s, r) => s + r.mm, 0) / readings.length;
      expect(Math.abs(mean - 24)).toBeLessThan(0.1);
      expect(new Set(readings.map((r) => r.mm)).size).toBeGreaterThan(300);
      for (const r of readings) expect(readTape(readingText(r), "in").ok).toBe(true);
    },
  );
});
