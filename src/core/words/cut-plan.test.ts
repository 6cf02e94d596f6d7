import { expect, it } from "vitest";
import { type CutPlanFacts, cutPlanSays } from "./cut-plan.ts";

const given = (more: Partial<CutPlanFacts>): CutPlanFacts => ({
  sheets: 4,
  placed: 12,
  of: 12,
  bound: 400,
  proved: false,
  each: 100,
  ...more,
});

it.each<[string, Partial<CutPlanFacts>, string]>([
  ["proved", { proved: true }, "12 of 12 {panes} from 4 sheets: fewer than 4 is impossible."],
  ["by the count of sheets alone", { bound: 300.1 }, "12 of 12 {panes} from 4 sheets: fewer than 4 is impossible."],
  [
    "one fewer is not excluded",
    { bound: 300 },
    "12 of 12 {panes} from 4 sheets: perhaps 3 would do, nobody has proved that it cannot.",
  ],
  [
    "one sheet",
    { sheets: 1, placed: 1, of: 1, bound: 20, proved: false },
    "1 of 1 {pane} from 1 sheet: it cannot be fewer.",
  ],
  [
    "sheets that differ, proved",
    { each: null, proved: true },
    "12 of 12 {panes} from 4 sheets: nothing cheaper is possible.",
  ],
  [
    "sheets that differ",
    { each: null },
    "12 of 12 {panes} from 4 sheets: perhaps it can be done for less, nobody has proved that it cannot.",
  ],
  [
    "some without a place",
    { placed: 9, each: null },
    "9 of 12 {panes} from 4 sheets: perhaps it can be done for less, nobody has proved that it cannot.",
  ],
])("%s", (_, more, says) => expect(cutPlanSays(given(more))).toBe(says));
