import { describe, expect, it } from "vitest";
import { betweenText, minutesText, stepName } from "./minutes.ts";

describe("minutes in words", () => {
  it.each([
    [1, "1 min"],
    [89, "89 min"],
    [90, "1 h 30 min"],
    [120, "2 h"],
  ])("%s", (minutes, text) => expect(minutesText(minutes)).toBe(text));
  it.each([
    [9.4, 18.8, "between 9 and 19 min"],
    [11.8, 12.3, "12 min"],
    [0.1, 0.4, "1 min"],
    [40, 130, "between 40 and 2 h 10 min"],
  ])("%s to %s", (lo, hi, text) => expect(betweenText({ lo, hi })).toBe(text));
  it("names a step", () => expect(stepName("face-putty/hard")).toBe("face putty, hard"));
});
