import type { Mm } from "../units/length.ts";
/** Pilot holes for screws that go back, mm, by the screw's own size. Source: trade practice; a test hole in scrap wins. */
export const PILOTS: readonly {
  readonly screwMm: Mm;
  readonly gauge: string;
  readonly softMm: Mm;
  readonly hardMm: Mm;
}[] = [
  { screwMm: 3, gauge: "4", softMm: 1.5, hardMm: 2 },
  { screwMm: 3.5, gauge: "6", softMm: 2, hardMm: 2.5 },
  { screwMm: 4, gauge: "8", softMm: 2.5, hardMm: 3 },
  { screwMm: 4.5, gauge: "9", softMm: 2.5, hardMm: 3 },
  { screwMm: 5, gauge: "10", softMm: 3, hardMm: 3.5 },
];
