import type { LengthUnit } from "../units/length.ts";

/** A length as typed and the unit a plain number in it has. The exact value is read from it, never stored apart. */
export type Written = { readonly text: string; readonly unit: LengthUnit };
