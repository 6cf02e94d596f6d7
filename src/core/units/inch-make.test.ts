import { describe, expect, it } from "vitest";
import { isInchMake, makeText } from "./inch-make.ts";

describe("a thickness as it is made", () => {
  it.each([
    [3.175, "1/8"],
    [3.96875, "5/32"],
    [4.7625, "3/16"],
    [6.35, "1/4"],
    [9.525, "3/8"],
    [15.875, "5/8"],
    [28.575, "1 1/8"],
    [3, "3"],
    [4, "4"],
    [6.4, "6.4"],
    [6.5, "6.5"],
    [8.8, "8.8"],
    [24, "24"],
  ])("%d mm: %s", (mm, text) => {
    expect(makeText(mm)).toBe(text);
    expect(isInchMake(mm)).toBe(text.includes("/"));
  });
});
