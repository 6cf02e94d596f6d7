import type { Chance } from "../core/chance/seeded.ts";
import type { InstrumentKind, InstrumentReading } from "../core/measure/instrument.ts";

/** A simulated instrument behind the interface of a real one: it is held to a length and gives a reading. */
export type Instrument = {
  readonly name: string;
  readonly kind: InstrumentKind;
  readonly read: (trueMm: number) => InstrumentReading;
};

/** Spread of one press, mm: a hand that holds a laser, or closes a caliper. */
const SPREAD: Readonly<Record<InstrumentKind, number>> = { laser: 0.4, caliper: 0.03 };

/** A laser or a caliper that errs as such things do, by the chance given. Never gives less than nothing. */
export function simulated(kind: InstrumentKind, chance: Chance): Instrument {
  const name = `${kind} (simulated)`;
  return {
    name,
    kind,
    read: (trueMm) => ({ instrument: name, kind, mm: Math.max(0, trueMm + chance.normal() * SPREAD[kind]) }),
  };
}
