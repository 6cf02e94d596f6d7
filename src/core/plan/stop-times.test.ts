import { expect, it } from "vitest";
import { MON, plainVisit } from "../../../tests/support/plain-visit.ts";
import { helpFrom, inTurn, timesAt } from "./stop-times.ts";
import type { Stop } from "./week.ts";

const stop = (visit: string, from: number, person: string, helper: string | null = null): Stop => ({
  visit,
  day: MON,
  person,
  from,
  to: from + 120,
  helper,
});
const LIFT = plainVisit("lift", { minutes: 120, helperFrom: 40, helperMinutes: 20 });

it("a helper forty minutes into it, for twenty", () => {
  const s = stop("lift", 510, "Nell", "Bram");
  expect([timesAt(LIFT, s, "Nell"), timesAt(LIFT, s, "Bram"), helpFrom(LIFT, s)]).toEqual([
    [510, 630],
    [550, 570],
    550,
  ]);
});
it.each<[string, readonly string[]]>([
  // Bram is needed at 9:10, and begins his own at 9:00: his own comes first, though the other was begun before it.
  ["Bram", ["own", "lift"]],
  ["Nell", ["lift"]],
  ["Ada", []],
])("%s comes to %j", (person, visits) => {
  const all = new Map([LIFT, plainVisit("own", { minutes: 5 })].map((v) => [v.id, v]));
  const stops = [stop("lift", 510, "Nell", "Bram"), { ...stop("own", 540, "Bram"), to: 545 }];
  expect(inTurn(stops, person, all).map((s) => s.visit)).toEqual(visits);
});
