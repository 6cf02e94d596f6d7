import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Payloads } from "../log/kinds.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { windHere } from "./wind-here.ts";

type Told = {
  readonly width?: string;
  readonly height?: string;
  readonly system?: System;
  readonly exposure?: Payloads["specify.exposure"]["exposure"];
  readonly storey?: number;
  readonly glass?: Partial<Payloads["specify.glass"]>;
};

const told = (told: Told) => {
  const t = new Teller().added(PANE, told.system ?? "timber-putty");
  if (told.width && told.height) {
    t.tell("measure.reading", { place: "width-top", text: told.width, unit: "mm" });
    t.tell("measure.reading", { place: "height-left", text: told.height, unit: "mm" });
  }
  if (told.exposure) t.tell("specify.exposure", { exposure: told.exposure });
  if (told.storey !== undefined) t.tell("look.building", { year: null, storey: told.storey });
  if (told.glass)
    t.tell("specify.glass", {
      kind: "float",
      thickness: { text: "4", unit: "mm" },
      edges: "arrissed",
      pattern: "",
      ...told.glass,
    });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return windHere(book, reckon(book, { house: HOUSE_DEFAULTS, calendar }), HOUSE_DEFAULTS);
};
const SMALL = { width: "604", height: "904" };
const LARGE = { width: "1604", height: "1804" };

describe("told of a pane, whether it bears the wind", () => {
  it.each<[string, Told, boolean | null]>([
    ["no size yet", {}, null],
    ["a small one in a town", SMALL, true],
    ["a large thin one on a coast", { ...LARGE, exposure: "coast" }, false],
    [
      "the same in toughened",
      { ...LARGE, exposure: "coast", glass: { kind: "toughened", thickness: { text: "8", unit: "mm" } } },
      true,
    ],
    ["the same thicker", { ...LARGE, exposure: "coast", glass: { thickness: { text: "10", unit: "mm" } } }, true],
  ])("%s", (_, given, holds) => expect(told(given)?.holds ?? null).toBe(holds));

  it("the wind grows with the exposure and with the floor", () => {
    const load = (given: Told) => told({ ...SMALL, ...given })?.loadKpa ?? 0;
    expect(load({ exposure: "coast" })).toBeGreaterThan(load({}));
    expect(load({ storey: 4 })).toBeGreaterThan(load({ storey: 0 }));
  });

  it("a unit shares it out: two sheets of 4 bear more than one", () => {
    const one = told(LARGE)?.worst.stressMpa ?? 0;
    const two = told({ ...LARGE, system: "plastic-bead-inside" })?.worst.stressMpa ?? 0;
    expect(two).toBeGreaterThan(0);
    expect(two).toBeLessThan(one);
  });
});
