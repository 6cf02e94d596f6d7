import { describe, expect, it } from "vitest";
import { openingKey, plainName } from "./opening-key.ts";

describe("a name as people mean it", () => {
  it.each([
    ["20 beech rd", "20 Beech Road"],
    ["No. 20, Beech Rd.", "20 Beech Road"],
    ["St Anne’s Ct", "st annes court"],
    ["Café, front bed", "Cafe front bedroom"],
    ["  WEIR   COTTAGES 5 ", "Weir Cottages 5"],
  ])("%s is %s", (a, b) => expect(plainName(a)).toBe(plainName(b)));
  it.each([
    ["20 Beech Road", "21 Beech Road"],
    ["20 Beech Road", "20 Beech Lane"],
    ["front bedroom", "back bedroom"],
  ])("%s is not %s", (a, b) => expect(plainName(a)).not.toBe(plainName(b)));
});

describe("one hole in the wall", () => {
  const given = (address: string, opening: string, light = "") => openingKey({ address, opening, light });
  it("the same on another round, written another way", () =>
    expect(given("20 Beech Rd", "kitchen", "Lower sash")).toBe(given("no. 20 beech road", "Kitchen", "lower sash")));
  it("another light of it is another", () =>
    expect(given("20 Beech Rd", "kitchen", "lower sash")).not.toBe(given("20 Beech Rd", "kitchen", "upper sash")));
  it("an opening called like an address is not taken for one", () =>
    expect(given("5", "kitchen hall")).not.toBe(given("5 kitchen", "hall")));
});
