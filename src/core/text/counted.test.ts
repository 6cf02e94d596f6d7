import { expect, it } from "vitest";
import { counted, panesText, plural, timesText } from "./counted.ts";

it.each<[number, string, string | undefined, string]>([
  [0, "day", undefined, "0 days"],
  [1, "day", undefined, "1 day"],
  [2, "day", undefined, "2 days"],
  [1, "entry", "entries", "1 entry"],
  [21, "entry", "entries", "21 entries"],
  [0.5, "sheet", undefined, "0.5 sheets"],
])("%d of %s", (n, one, many, is) => {
  expect(counted(n, one, many)).toBe(is);
  expect(`${n} ${plural(n, one, many)}`).toBe(is);
});

it.each([
  [1, "once", "1 {pane}"],
  [3, "3 times", "3 {panes}"],
])("%d: %s, %s", (n, often, panes) => {
  expect(timesText(n)).toBe(often);
  expect(panesText(n)).toBe(panes);
});
