import { describe, expect, it } from "vitest";
import type { System } from "../frame/systems.ts";
import { detailOf } from "../frame/told-detail.ts";
import { isDrained } from "./drained.ts";

describe("drains", () => {
  const at = (system: System, sealed: boolean, waterStood = false) =>
    isDrained({ system, sealed, waterStood, detail: detailOf(system, {}) });
  it.each([
    ["a unit behind timber beads stands in a void", at("timber-bead", true), true],
    ["one sheet behind timber beads", at("timber-bead", false), false],
    ["a unit in a puttied sash is bedded all round", at("timber-putty", true), false],
    ["water that stood there went somewhere", at("timber-putty", true, true), true],
    ["a plastic sash has them as it is made", at("plastic-bead-inside", true), true],
  ])("%s", (_, is, expected) => expect(is).toBe(expected));
});
