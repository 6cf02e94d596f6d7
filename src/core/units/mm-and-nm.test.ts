import { expect, expectTypeOf, it } from "vitest";
import { type Mm, mm, type Nm, nm, toMm } from "./length.ts";

it("whole nanometres and millimetres do not pass for each other where a type is asked for", () => {
  expectTypeOf<Nm>().not.toExtend<Mm>();
  expectTypeOf<Mm>().not.toExtend<Nm>();
  expectTypeOf<number>().toExtend<Mm>();
  expectTypeOf(toMm(nm(1))).toEqualTypeOf<Mm>();
  // @ts-expect-error a thousandth of a micrometre is no millimetre
  expect(mm(nm(2))).toBe(2_000_000);
});
