import type { LengthIn } from "../../contract/lengths.ts";
import { fail, ok } from "../../core/result.ts";
import { readTape } from "../../core/tape/read.ts";
import { writeLength } from "../../core/tape/write.ts";
import { type LengthUnit, mm, type Nm, nm, toMm } from "../../core/units/length.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import type { Outcome } from "../http/endpoint.ts";

/** A length from JSON, exactly. A text that cannot be read is refused with the field it stood in. */
export function lengthIn(given: LengthIn, unit: LengthUnit, field: string): Outcome<Nm> {
  if (typeof given !== "string") return ok("nm" in given ? nm(given.nm) : mm(given.mm));
  const read = readTape(given, unit);
  return read.ok
    ? ok(read.value.adjusted)
    : fail({
        code: read.error.kind,
        message: `${field}: ${tapeErrorSentence(read.error)}`,
        at: read.error.at,
        field,
      });
}

export const lengthOut = (length: Nm, unit: LengthUnit) => ({
  nm: length,
  mm: toMm(length),
  text: writeLength(length, unit),
});

/** Reads several lengths; the first that cannot be read stops it. */
export function lengthsIn<K extends string>(
  given: Readonly<Partial<Record<K, LengthIn | undefined>>>,
  unit: LengthUnit,
  prefix = "",
): Outcome<Partial<Record<K, Nm>>> {
  const out: Partial<Record<K, Nm>> = {};
  for (const key of Object.keys(given) as K[]) {
    const value = given[key];
    if (value === undefined) continue;
    const read = lengthIn(value, unit, `${prefix}${key}`);
    if (!read.ok) return read;
    out[key] = read.value;
  }
  return ok(out);
}

/** Several lengths, each named in case it cannot be read, in mm. */
export function inMm<K extends string>(
  given: Readonly<Record<K, LengthIn>>,
  unit: LengthUnit,
  prefix = "",
): Outcome<Record<K, number>> {
  const read = lengthsIn(given, unit, prefix);
  if (!read.ok) return read;
  return ok(Object.fromEntries(Object.entries(read.value).map(([k, v]) => [k, toMm(v as Nm)])) as Record<K, number>);
}
