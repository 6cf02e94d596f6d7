import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Glazing, glazingText, heatOf, overallMm } from "./glazing.ts";
import { centreHeat, corrected, dewPoint, GASES, type GasName, mixed, surfaceOf, vapour } from "./heat.ts";

const GAS_ORDER = ["air", "argon", "krypton"] as const satisfies readonly GasName[];

const two = (width: number, gas: GasName, emissivity?: number): Glazing => ({
  panesMm: [4, 4],
  cavities: [{ widthMm: width, gas, fill: 0.9 }],
  coatings: emissivity === undefined ? [] : [{ face: 3, emissivity }],
});
const three = (width: number, gas: GasName, emissivity?: number): Glazing => ({
  panesMm: [4, 4, 4],
  cavities: [
    { widthMm: width, gas, fill: 0.9 },
    { widthMm: width, gas, fill: 0.9 },
  ],
  coatings: emissivity === undefined ? [] : [2, 5].map((face) => ({ face, emissivity })),
});

/**
 * EN ISO 10077-1, Annex C: heat loss of double and triple glass for upright glazing, 4 mm sheets, gas fills of 90%, to
 * one decimal: air, argon, krypton. Triple glass has both outer cavities coated.
 */
const DOUBLE: readonly [
  normal: number | undefined,
  rows: Readonly<Record<number, readonly [number, number, number]>>,
][] = [
  [
    undefined,
    { 6: [3.3, 3.0, 2.8], 8: [3.1, 2.9, 2.7], 12: [2.8, 2.7, 2.6], 16: [2.7, 2.6, 2.6], 20: [2.7, 2.6, 2.6] },
  ],
  [0.2, { 6: [2.7, 2.3, 1.9], 8: [2.4, 2.1, 1.7], 12: [2.0, 1.8, 1.6], 16: [1.8, 1.6, 1.6], 20: [1.8, 1.7, 1.6] }],
  [0.15, { 6: [2.6, 2.3, 1.8], 8: [2.3, 2.0, 1.6], 12: [1.9, 1.6, 1.5], 16: [1.7, 1.5, 1.5], 20: [1.7, 1.5, 1.5] }],
  [0.1, { 6: [2.6, 2.2, 1.7], 8: [2.2, 1.9, 1.4], 12: [1.8, 1.5, 1.3], 16: [1.6, 1.4, 1.3], 20: [1.6, 1.4, 1.4] }],
  [0.05, { 6: [2.5, 2.1, 1.5], 8: [2.1, 1.7, 1.3], 12: [1.7, 1.3, 1.1], 16: [1.4, 1.2, 1.2], 20: [1.5, 1.2, 1.2] }],
];
const TRIPLE: typeof DOUBLE = [
  [undefined, { 6: [2.3, 2.1, 1.8], 8: [2.1, 1.9, 1.7], 12: [1.9, 1.8, 1.6] }],
  [0.2, { 6: [1.8, 1.5, 1.1], 8: [1.5, 1.3, 1.0], 12: [1.2, 1.0, 0.8] }],
  [0.15, { 6: [1.7, 1.4, 1.1], 8: [1.5, 1.2, 0.9], 12: [1.2, 1.0, 0.7] }],
  [0.1, { 6: [1.7, 1.3, 1.0], 8: [1.4, 1.1, 0.8], 12: [1.1, 0.9, 0.6] }],
  [0.05, { 6: [1.6, 1.3, 0.9], 8: [1.3, 1.0, 0.7], 12: [1.0, 0.8, 0.5] }],
];
const cells = (table: typeof DOUBLE) =>
  table.flatMap(([e, rows]) =>
    Object.entries(rows).flatMap(([width, row]) =>
      row.map((u, i) => [e ?? "plain", Number(width), GAS_ORDER[i] as GasName, u, e] as const),
    ),
  );

describe("the published table, to its one decimal", () => {
  it.each(cells(DOUBLE))("double, %s, %i mm, %s: %f", (_, width, gas, u, e) =>
    expect(Number(heatOf(two(width, gas, e)).toFixed(1))).toBe(u),
  );
  it.each(cells(TRIPLE))("triple, %s, %i mm, %s: %f", (_, width, gas, u, e) =>
    expect(Number(heatOf(three(width, gas, e)).toFixed(1))).toBe(u),
  );
});

describe("what the sum is made of", () => {
  it("one sheet of 4 mm: 0.04 + 0.004 + 0.13", () =>
    expect(centreHeat({ glassMm: 4, cavities: [] })).toBeCloseTo(1 / 0.174, 12));
  it.each([
    [0.89, 0.8366],
    [0.05, 0.059],
    [0.03, 0.0366],
    [0.02, 0.0244],
    [0.075, 0.075 * 1.16],
    [0.15, 0.15 * 1.12],
    [0.95, 0.95 * 0.94],
  ])("normal %f is corrected %f", (normal, expected) => expect(corrected(normal)).toBeCloseTo(expected, 9));
  it("nine tenths of argon and one of air, each property by its share", () => {
    expect(mixed("argon", 0.9).density).toBeCloseTo(1.6523, 9);
    expect(mixed("krypton", 1)).toEqual(GASES.krypton);
    expect(mixed("krypton", 0)).toEqual(GASES.air);
  });
  it("a coating saves the same on face 2 and face 3, and nothing on a face that looks at no cavity", () => {
    const on = (face: number) => heatOf({ ...two(16, "argon"), coatings: [{ face, emissivity: 0.05 }] });
    expect(on(2)).toBeCloseTo(on(3), 12);
    expect(on(1)).toBeCloseTo(heatOf(two(16, "argon")), 12);
  });
  it("never more than one sheet alone, whatever the cavity", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.constantFrom(...GAS_ORDER),
        fc.double({ min: 0.02, max: 0.89, noNaN: true }),
        (width, gas, e) => {
          const u = heatOf(two(width, gas, e));
          expect(u).toBeGreaterThan(0.3);
          expect(u).toBeLessThan(centreHeat({ glassMm: 8, cavities: [] }));
        },
      ),
    );
  });
  it("is written from outside in", () => {
    expect(glazingText({ ...two(16, "argon", 0.05) })).toBe("4-16-4, argon, coated on 3");
    expect(glazingText({ panesMm: [6], cavities: [], coatings: [] })).toBe("6");
    expect(overallMm(three(12, "air"))).toBe(36);
  });
});

describe("when it runs wet", () => {
  it.each([
    // Surface = inside − U × 0.13 × difference.
    [2.7, 20, -5, 11.225],
    [5.75, 20, 0, 5.05],
    [1.1, 21, -10, 16.567],
  ])("loss %f, %i °C inside, %i outside: the face is at %f", (u, inside, outside, expected) =>
    expect(surfaceOf(u, inside, outside).celsius).toBeCloseTo(expected, 3),
  );
  it.each([
    [20, 0.5, 9.3],
    [20, 1, 20],
    [0, 0.6, -6.8],
  ])("%i °C at %f: dew at %f", (t, h, expected) => expect(dewPoint(t, h)).toBeCloseTo(expected, 1));
  it("the face is wet just where the room is damper than it may be", () => {
    const s = surfaceOf(2.7, 20, -5);
    expect(dewPoint(20, s.dryUpTo)).toBeCloseTo(s.celsius, 6);
    expect(vapour(20)).toBeCloseTo(23.3, 1);
  });
});
