import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { inches, mm } from "../units/length.ts";
import { plainMoney } from "../words/money.ts";
import {
  areaNm2,
  areaOfM2,
  byArea,
  byLength,
  byPart,
  byShare,
  byTime,
  greaterOf,
  type Parts,
  partsOf,
  rounded,
  sumOfParts,
  timesParts,
} from "./parts.ts";
import { lessOf, NO_MONEY, pence, penceOf, sumOf, timesOf } from "./pence.ts";
import { penceIn } from "./read-money.ts";

describe("whole pence", () => {
  it.each([0.5, Number.NaN, Number.POSITIVE_INFINITY, 2 ** 53])("%d is no money", (given) =>
    expect(() => pence(given)).toThrow(RangeError),
  );
  it.each([
    [45, 4500],
    [45.5, 4550],
    [19.99, 1999],
    [0.29, 29],
    [0, 0],
  ])("a house's %d is %d", (written, is) => expect(penceOf(written)).toBe(is));
  it("added, taken off, so many of one", () => {
    expect(sumOf([pence(3010), pence(1250)])).toBe(4260);
    expect(sumOf([])).toBe(NO_MONEY);
    expect(lessOf(pence(3010), pence(4000))).toBe(-990);
    expect(timesOf(pence(4000), 2)).toBe(8000);
  });
});

describe("parts of a penny", () => {
  const area = areaNm2(mm(608), mm(900));
  it.each<[string, Parts, number]>([
    ["0.5472 m² at 55.00: 30.096", byArea(pence(5500), area), 3010],
    ["the same told in square metres", byArea(pence(5500), areaOfM2(0.5472)), 3010],
    // 24 × 36 in is 0.55741824 m²: 30.658…
    ["24 by 36 inches at 55.00", byArea(pence(5500), areaNm2(inches(24), inches(36))), 3066],
    ["three metres of edge at 2.00", byLength(pence(200), mm(3000)), 600],
    ["95 min at 45.00 an hour: 71.25", byTime(pence(4500), 95), 7125],
    ["a second at 36.00 an hour: a penny", byTime(pence(3600), 1 / 60), 1],
    ["a fifth of 42.60", byShare(partsOf(pence(4260)), 0.2), 852],
    ["a thirteenth more of 100.00", byShare(partsOf(pence(10_000)), 14 / 13), 10_769],
    ["0.35 of a sheet of 0.54 m² at 27.00: 17.50", byPart(partsOf(pence(2700)), areaOfM2(0.35), areaOfM2(0.54)), 1750],
    ["three bars at 4.50", timesParts(partsOf(pence(450)), 3), 1350],
    ["the greater", greaterOf(partsOf(pence(2000)), partsOf(pence(1999))), 2000],
    ["together", sumOfParts([partsOf(pence(1)), partsOf(pence(2))]), 3],
    ["half a penny up", byShare(partsOf(pence(1)), 0.5), 1],
    ["less than half down", byShare(partsOf(pence(1)), 0.499), 0],
    ["half a penny below nothing goes up to nothing", byShare(partsOf(pence(-1)), 0.5), 0],
    ["more than half below nothing", byShare(partsOf(pence(-1)), 0.501), -1],
    ["one and a half below nothing", byShare(partsOf(pence(-3)), 0.5), -1],
  ])("%s", (_, given, is) => expect(rounded(given)).toBe(is));

  it("whole pence are the same after", () => {
    fc.assert(
      fc.property(fc.integer({ min: -1e9, max: 1e9 }), (p) => {
        expect(rounded(partsOf(pence(p)))).toBe(p);
      }),
    );
  });
  it("a sum is rounded once: ten tenths of a penny are one", () => {
    const tenth = byShare(partsOf(pence(1)), 0.1);
    expect(rounded(sumOfParts(Array.from({ length: 10 }, () => tenth)))).toBe(1);
    expect(Array.from({ length: 10 }, () => rounded(tenth)).reduce((s, p) => s + p, 0)).toBe(0);
  });
});

describe("money as it is written", () => {
  it.each([
    ["55", 5500],
    ["55.5", 5550],
    [" £55.50 ", 5550],
    ["55,50", 5550],
    ["$ 1,250.00", 125_000],
    ["1 250", 125_000],
    ["12,500", 1_250_000],
    ["0", 0],
    ["", null],
    ["55.505", null],
    ["-4", null],
    ["about 50", null],
    ["1,25,0", null],
  ])("“%s” is %s", (text, is) => expect(penceIn(text)).toBe(is));
  it("written and read again is the same", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999_999 }), (p) => {
        expect(penceIn(plainMoney(pence(p)))).toBe(p);
      }),
    );
  });
});
