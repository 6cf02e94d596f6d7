import { expect, test } from "vitest";
import { mm, toMm } from "../units/length.ts";
import { beadAcross } from "./bead.ts";

test.each([
  ["as measured", 10, undefined, 10],
  ["half a millimetre sanded off", 10, 0.5, 9.5],
  ["nothing sanded off", 10, 0, 10],
  ["more off than there was: not known", 10, 10, null],
  ["never measured: not known", undefined, 0.5, null],
] as const)("a bead %s", (_, whole, off, across) => {
  const got = beadAcross({
    ...(whole === undefined ? {} : { "bead-width": mm(whole) }),
    ...(off === undefined ? {} : { "bead-sanded": mm(off) }),
  });
  expect(got === undefined ? null : toMm(got)).toBe(across);
});
