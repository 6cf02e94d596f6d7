import { describe, expect, it } from "vitest";
import type { Option } from "../look/options.ts";
import { pence } from "../money/pence.ts";
import { turnedDown } from "./turned-down.ts";

describe("why an option stayed behind", () => {
  const given = (costs: number, days: number, visits: number, hours: number): Option => ({
    kind: "glass",
    possible: true,
    because: "",
    pence: pence(costs),
    hours,
    days,
    paintAfter: null,
    visits,
    heat: { before: null, after: null },
    guarantee: "",
    match: "",
  });
  const chosen = given(26_850, 8, 2, 1.5);
  it.each([
    ["dearer and later", given(54_000, 20, 2, 2), "£271.50 dearer, 12 working days later, 0.5 h of work more"],
    [
      "cheaper and sooner",
      given(9_000, 3, 1, 5),
      "£178.50 cheaper, 5 working days sooner, 1 visit fewer, 3.5 h of work more",
    ],
    ["a day", given(26_850, 9, 2, 1.5), "1 working day later"],
    ["the same", chosen, "the same in price and time"],
  ])("%s", (_, o, says) => expect(turnedDown(o, chosen, "£")).toBe(says));
});
