import { describe, expect, it } from "vitest";
import { inches, mm, type Nm } from "../units/length.ts";
import { type Location, safetyOf } from "./safety.ts";

/** Cells: N safety glass is needed, s small pane in a zone, . not needed, ? something is still to be read. */
const CODE = { needed: "N", "small-pane-6mm": "s", "not-needed": ".", "not-known": "?" } as const;

const place = (over: Partial<Location>): Location => ({
  inDoor: false,
  wetRoom: false,
  stairs: false,
  walkway: false,
  sillHeight: null,
  doorDistance: null,
  width: mm(600),
  height: mm(900),
  ...over,
});

describe("set M, by lower edge above the floor and by where it is", () => {
  const SITUATIONS: readonly (readonly [string, Partial<Location>])[] = [
    ["in a door", { inDoor: true }],
    ["door at 0", { doorDistance: mm(0) }],
    ["door at 299", { doorDistance: mm(299) }],
    ["door at 300", { doorDistance: mm(300) }],
    ["door at 301", { doorDistance: mm(301) }],
    ["door at 3000", { doorDistance: mm(3000) }],
    ["door not read", {}],
    ["small, door at 100", { doorDistance: mm(100), width: mm(250), height: mm(900) }],
    ["narrow but large, door at 100", { doorDistance: mm(100), width: mm(250), height: mm(2100) }],
  ];
  it.each<[number | null, string]>([
    [0, "NNNNNNNsN"],
    [500, "NNNNNNNsN"],
    [799, "NNNNNNNsN"],
    [800, "NNNN..?sN"],
    [1200, "NNNN..?sN"],
    [1499, "NNNN..?sN"],
    [1500, "........."],
    [2400, "........."],
    [null, "?????????"],
  ])("%s mm", (sill, expected) => {
    const row = SITUATIONS.map(
      ([, at]) => CODE[safetyOf("M", place({ ...at, sillHeight: sill === null ? null : mm(sill) })).kind],
    );
    expect(row.join("")).toBe(expected);
  });
});

describe("set F, by lower edge above the floor and by where it is", () => {
  /** 30 × 60 in is 12.5 sq ft: large. 30 × 36 in is 7.5: not. */
  const large = { width: inches(30), height: inches(60), doorDistance: inches(120) } as const;
  const small = { width: inches(30), height: inches(36) } as const;
  const SITUATIONS: readonly (readonly [string, Partial<Location>])[] = [
    ["in a door", { inDoor: true, ...small }],
    ["stairs", { stairs: true, ...small }],
    ["wet room", { wetRoom: true, ...small, doorDistance: inches(120) }],
    ["door at 23", { ...small, doorDistance: inches(23) }],
    ["door at 24", { ...small, doorDistance: inches(24) }],
    ["door at 25", { ...small, doorDistance: inches(25) }],
    ["large, walkway", { ...large, walkway: true }],
    ["large, no walkway", large],
    ["not large, walkway", { ...small, doorDistance: inches(120), walkway: true }],
    ["door not read", small],
  ];
  it.each<[number | null, string]>([
    [0, "NNNNN.N..?"],
    [17, "NNNNN.N..?"],
    [18, "NNNNN....?"],
    [36, "NNNNN....?"],
    [59, "NNNNN....?"],
    [60, "NN........"],
    [90, "NN........"],
    [null, "NN????????"],
  ])("%s in", (sill, expected) => {
    const at: Nm | null = sill === null ? null : inches(sill);
    const row = SITUATIONS.map(([, over]) => CODE[safetyOf("F", place({ ...over, sillHeight: at })).kind]);
    expect(row.join("")).toBe(expected);
  });
  it.each([
    ["nine square feet exactly is not more than nine", inches(36), inches(36), "."],
    ["a hair more is", inches(36), inches(36, 1, 16), "N"],
    ["its upper edge no higher than 36", inches(60), inches(36), "."],
  ] as const)("%s", (_, width, height, code) => {
    const at = place({ width, height, sillHeight: inches(0), doorDistance: inches(120), walkway: true });
    // 36 × 36 in from the floor reaches 36, not above it: lift it by an inch where the area is asked about.
    const lifted = width === inches(36) ? { ...at, sillHeight: inches(1) } : at;
    expect(CODE[safetyOf("F", lifted).kind]).toBe(code);
  });
});
