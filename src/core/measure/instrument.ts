import type { Mm } from "../units/length.ts";
/** What a measuring instrument can be. A laser gives distances, a caliper thicknesses. */
export const INSTRUMENTS = ["laser", "caliper"] as const;
export type InstrumentKind = (typeof INSTRUMENTS)[number];

/** One reading as an instrument sends it: always millimetres, to its own resolution. */
export type InstrumentReading = { readonly instrument: string; readonly kind: InstrumentKind; readonly mm: Mm };

/** What an instrument resolves, mm. */
export const RESOLVES: Readonly<Record<InstrumentKind, number>> = { laser: 0.5, caliper: 0.05 };

/**
 * The reading as it is typed into a field, to what the instrument resolves.
 * @example readingText({ instrument: "x", kind: "laser", mm: 611.62 }) // "611.5 mm"
 */
export function readingText(r: InstrumentReading): string {
  const step = RESOLVES[r.kind];
  return `${Number((Math.round(r.mm / step) * step).toFixed(2))} mm`;
}
