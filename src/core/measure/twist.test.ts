import { describe, expect, it } from "vitest";
import { mm, toMm } from "../units/length.ts";
import type { Readings } from "./reckoned.ts";
import { throughBoth, twistOf } from "./twist.ts";

const read = (given: Readonly<Record<string, number>>): Readings =>
  Object.fromEntries(Object.entries(given).map(([place, length]) => [place, mm(length)])) as Readings;

describe("two faces of one opening", () => {
  it.each<[string, Readonly<Record<string, number>>, ReturnType<typeof twistOf>]>([
    ["one face alone tells nothing", { "width-top": 600 }, { differences: {}, worst: null, read: 0 }],
    ["the other face alone neither", { "back-width-top": 600 }, { differences: {}, worst: null, read: 0 }],
    [
      "alike: nothing off, and the first of them named",
      { "width-top": 600, "back-width-top": 600 },
      { differences: { "width-top": 0 }, worst: { place: "width-top", by: 0 }, read: 1 },
    ],
    [
      "the one that is off most, whichever way",
      { "width-top": 600, "back-width-top": 601, "height-left": 900, "back-height-left": 897 },
      { differences: { "width-top": 1, "height-left": -3 }, worst: { place: "height-left", by: -3 }, read: 2 },
    ],
    [
      "off alike: the first that is read",
      { "width-top": 600, "back-width-top": 602, "width-bottom": 600, "back-width-bottom": 598 },
      { differences: { "width-top": 2, "width-bottom": -2 }, worst: { place: "width-top", by: 2 }, read: 2 },
    ],
    [
      "the later one less than the first",
      { "width-top": 600, "back-width-top": 603, "height-left": 900, "back-height-left": 901 },
      { differences: { "width-top": 3, "height-left": 1 }, worst: { place: "width-top", by: 3 }, read: 2 },
    ],
  ])("%s", (_, given, is) => expect(twistOf(read(given))).toEqual(is));

  it.each<[string, Readonly<Record<string, number>>, string, number | undefined]>([
    ["the smaller of two widths: the other face", { "width-top": 600, "back-width-top": 598 }, "width-top", 598],
    ["the smaller of two widths: this face", { "width-top": 597, "back-width-top": 598 }, "width-top", 597],
    ["read on the other face alone", { "back-width-top": 598 }, "width-top", 598],
    ["a corner is of this face", { "diagonal-up": 1080, "back-diagonal-up": 1075 }, "diagonal-up", 1080],
    ["neither", {}, "width-top", undefined],
  ])("%s", (_, given, place, is) => {
    const got = throughBoth(read(given))[place as "width-top"];
    expect(got === undefined ? undefined : toMm(got)).toBe(is);
  });
});
