import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { NM_PER_64TH, NM_PER_MM, nm } from "../units/length.ts";
import { readTape } from "./read.ts";
import { writeFeet, writeNumber } from "./write.ts";

/** What a tape says, however long: the limit of a reading is tested by itself. */
const ANY = Number.MAX_SAFE_INTEGER;

describe("reading and writing a tape", () => {
  it("gives back every 64th of an inch, in inches and in feet and inches", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 64 * 400 }), (ticks) => {
        const length = nm(ticks * NM_PER_64TH);
        for (const text of [writeNumber(length, "in"), writeFeet(length)]) {
          const read = readTape(text, "in", ANY);
          expect(read.ok && read.value.exact).toBe(length);
        }
      }),
    );
  });

  it("gives back every hundredth of a millimetre", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 500_000 }), (hundredths) => {
        const length = nm((hundredths * NM_PER_MM) / 100);
        const read = readTape(writeNumber(length, "mm"), "mm", ANY);
        expect(read.ok && read.value.exact).toBe(length);
      }),
    );
  });

  it("answers anything at all: a whole number of nanometres, or a reason with a place inside the text", () => {
    const typed = fc.string({ unit: fc.constantFrom(..." 0123456789.,/-+'\"⅝′″fti nmce½⁄₁²x"), maxLength: 16 });
    fc.assert(
      fc.property(fc.oneof(typed, fc.string()), fc.constantFrom("mm" as const, "in" as const), (text, reader) => {
        const read = readTape(text, reader, ANY);
        if (read.ok) expect(Number.isSafeInteger(read.value.adjusted) && read.value.adjusted >= 0).toBe(true);
        else expect(read.error.at >= 0 && read.error.at <= Array.from(text).length).toBe(true);
      }),
      { numRuns: 3000 },
    );
  });
});
