import type { LengthUnit, Nm } from "../units/length.ts";
import { readTape } from "./read.ts";

/** A length as written, exactly; undefined where it cannot be read. */
export function exactOf(written: { readonly text: string; readonly unit: LengthUnit }): Nm | undefined {
  const read = readTape(written.text, written.unit);
  return read.ok ? read.value.adjusted : undefined;
}
