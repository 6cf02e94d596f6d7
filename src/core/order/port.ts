import type { Pence } from "../money/pence.ts";
import type { Day } from "../units/day.ts";
import type { PriceList } from "./price.ts";

/** A line as it goes to a supplier's own system. */
export type HandedLine = {
  readonly line: string;
  readonly widthNm: number;
  readonly heightNm: number;
  readonly thicknessNm: number;
  readonly glass: string;
  readonly edges: string;
  readonly pattern: string;
  /** A door's insert in words, and not a sheet of glass. */
  readonly insert?: string;
  readonly label: string;
  /** Before tax, by their own list; null where they must say. */
  readonly pence: Pence | null;
};

export type HandedOrder = {
  /** The same key never makes a second order. */
  readonly key: string;
  readonly reference: string;
  readonly day: Day;
  readonly leadDays: number;
  readonly delivery: PriceList["deliveryPence"];
  readonly lines: readonly HandedLine[];
};

/** How an order stands with whoever makes it. */
export type TheirState = {
  readonly key: string;
  readonly theirs: string;
  readonly question: {
    readonly id: string;
    readonly line: string;
    readonly asks: string;
    readonly answer: string | null;
  } | null;
  readonly acknowledged: { readonly day: Day; readonly pence: Pence; readonly due: Day } | null;
  /** Put off to another day than was acknowledged. */
  readonly putOff: Day | null;
  readonly delivered: {
    readonly day: Day;
    readonly lines: readonly {
      readonly line: string;
      readonly widthNm: number;
      readonly heightNm: number;
      readonly thicknessNm: number;
      readonly says: string;
    }[];
  } | null;
};

/**
 * A supplier's own system, real or simulated. Every call may be made again with the same key: it answers as before and does
 * nothing twice.
 */
export type SupplierPort = {
  readonly hand: (order: HandedOrder) => Promise<TheirState>;
  readonly answer: (key: string, question: string, answer: string) => Promise<TheirState>;
  readonly ask: (key: string, day: Day) => Promise<TheirState>;
};
