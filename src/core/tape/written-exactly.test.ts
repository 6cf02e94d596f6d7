import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { inches, mm, nm } from "../units/length.ts";
import { readTape } from "./read.ts";
import { typedExactly, writtenExactly } from "./written-exactly.ts";

describe("a length that nobody typed", () => {
  it.each([
    [mm(6.4), "6.4", "mm"],
    [mm(451), "451", "mm"],
    [mm(450.5), "450.5", "mm"],
    [inches(20, 3, 8), "20 3/8", "in"],
    [inches(0, 1, 4), "1/4", "in"],
    [inches(31, 5, 8), "31 5/8", "in"],
    // 127 mm is 5 in exactly: it is read alike either way.
    [inches(5), "127", "mm"],
  ] as const)("%d is %s %s", (given, text, unit) => expect(writtenExactly(given)).toEqual({ text, unit }));
  it("in a field of another unit it says its own", () => {
    expect(typedExactly(mm(6.4), "in")).toBe("6.4 mm");
    expect(typedExactly(mm(6.4), "mm")).toBe("6.4");
    expect(typedExactly(inches(20, 3, 8), "mm")).toBe("20 3/8 in");
  });
  it("read again is the same, in a field of either unit", () => {
    const some = fc.oneof(
      fc.integer({ min: 1, max: 12_000 }).map((halves) => nm(halves * 500_000)),
      fc.integer({ min: 1, max: 12_000 }).map((parts) => nm(parts * 396_875)),
    );
    fc.assert(
      fc.property(some, fc.constantFrom("mm" as const, "in" as const), (given, unit) => {
        const [kept, typed] = [writtenExactly(given), readTape(typedExactly(given, unit), unit)];
        const read = readTape(kept.text, kept.unit);
        expect([read.ok && read.value.exact, typed.ok && typed.value.exact]).toEqual([given, given]);
      }),
    );
  });
});
