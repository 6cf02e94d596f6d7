import { fail, ok, type Result } from "../result.ts";
import { type Nm, nm } from "../units/length.ts";

export type DecimalError = { readonly kind: "ambiguous-comma" | "two-separators" | "unfinished-decimal" | "too-long" };

export type Decimal = { readonly digits: bigint; readonly places: number };

/**
 * A number as typed, decimal point or decimal comma, exactly. A comma before exactly three digits after a whole
 * number other than 0 could be thousands, so it is refused.
 * @example readDecimal("601,5") // 6015, one place
 * @example readDecimal("1,200") // ambiguous-comma
 */
export function readDecimal(text: string): Result<Decimal, DecimalError> {
  const separators = text.replace(/\d/g, "");
  if (separators.length > 1) return fail({ kind: "two-separators" });
  if (separators === "") return ok({ digits: BigInt(text), places: 0 });
  const [whole = "", part = ""] = text.split(separators);
  if (part === "") return fail({ kind: "unfinished-decimal" });
  if (separators === "," && part.length === 3 && whole !== "" && BigInt(whole) !== 0n)
    return fail({ kind: "ambiguous-comma" });
  return ok({ digits: BigInt(whole + part), places: part.length });
}

/** A decimal count of a unit as nanometres: exact to five places of an inch and six of a millimetre, then nearest. */
export function decimalToNm(value: Decimal, nmPerUnit: number): Result<Nm, DecimalError> {
  const scale = 10n ** BigInt(value.places);
  const twice = 2n * value.digits * BigInt(nmPerUnit) + scale;
  const nearest = twice / (2n * scale);
  return nearest > BigInt(Number.MAX_SAFE_INTEGER) ? fail({ kind: "too-long" }) : ok(nm(Number(nearest)));
}
