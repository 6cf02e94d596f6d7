import { expect, test } from "vitest";
import { metalColour, tintColour } from "./colours.ts";

test.each([
  ["warm edge, black", "black"],
  ["aluminium", "bright"],
  ["mill aluminum", "bright"],
  ["warm edge, grey", "grey"],
  ["Light gray", "grey"],
  ["white", "white"],
  ["dark bronze", "bronze"],
  ["bronze anodised", "bronze"],
  ["brass", "gold"],
  ["warm edge", null],
  ["", null],
] as const)("%s is %s", (says, colour) => expect(metalColour(says)).toBe(colour));

test.each([
  ["bronze", "bronze"],
  ["smoked", "grey"],
  ["light green", "green"],
  ["Blue", "blue"],
  ["rose", null],
  ["", null],
] as const)("tint %s is %s", (says, tint) => expect(tintColour(says)).toBe(tint));
