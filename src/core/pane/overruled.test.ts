import { describe, expect, it } from "vitest";
import type { Teller } from "../../../tests/support/told.ts";
import { toldPane } from "../../../tests/support/told-pane.ts";
import { toMm } from "../units/length.ts";
import { overruleOf } from "./overruled.ts";

const book = (say: (t: Teller) => unknown) => toldPane(say, "plastic-bead-inside");

describe("a size in the place of the sum", () => {
  it.each<[string, string, string, readonly [number, number] | null]>([
    ["both can be read", "607", "899.5", [607, 899.5]],
    ["a width nobody can read", "wide", "899.5", null],
    ["a height nobody can read", "607", "high", null],
  ])("%s", (_, width, height, size) => {
    const b = book((t) =>
      t.tell("size.overruled", {
        width: { text: width, unit: "mm" },
        height: { text: height, unit: "mm" },
        reason: "",
      }),
    );
    const given = overruleOf(b);
    expect(given ? [toMm(given.width), toMm(given.height)] : null).toEqual(size);
  });
  it("nobody overruled it", () => expect(overruleOf(book(() => undefined))).toBeUndefined());
});
