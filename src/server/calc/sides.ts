import type { EachSide } from "../../contract/opening-case.ts";
import { SIDES, type Side } from "../../core/geometry/quad.ts";
import { ok } from "../../core/result.ts";
import type { LengthUnit, Nm } from "../../core/units/length.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthIn, lengthsIn } from "./lengths.ts";

/** One length for all sides, or a length each. */
export function sidesIn(given: EachSide, unit: LengthUnit, field: string): Outcome<Readonly<Record<Side, Nm>>> {
  if (typeof given === "object" && "left" in given) {
    const each = lengthsIn(given, unit, `${field}.`);
    return each.ok ? ok(each.value as Record<Side, Nm>) : each;
  }
  const all = lengthIn(given, unit, field);
  if (!all.ok) return all;
  return ok(Object.fromEntries(SIDES.map((s) => [s, all.value])) as Record<Side, Nm>);
}
