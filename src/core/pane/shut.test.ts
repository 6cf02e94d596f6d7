import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { dayOf, writeDay } from "../units/day.ts";
import { aftercareHere } from "./aftercare.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { shutUntil, stillShut } from "./shut.ts";

/** Set on Wednesday the 13th in so. */
function setIn(system: System, compound: string) {
  const t = new Teller().added(PANE, system);
  t.tell("set.done", { day: "2026-05-13", compound, sprigs: null });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar }) };
}

describe("how long it stays shut", () => {
  it.each<[string, System, string, string | null, string, boolean]>([
    ["silicone, two days: the next day", "timber-bead", "silicone", "2026-05-15", "2026-05-14", true],
    ["silicone, on the day it may be opened", "timber-bead", "silicone", "2026-05-15", "2026-05-15", false],
    [
      "linseed does not keep a pane from being closed off",
      "timber-putty",
      "linseed",
      "2026-05-15",
      "2026-05-14",
      false,
    ],
    ["tape waits for nothing", "plastic-bead-outside", "tape", null, "2026-05-13", false],
  ])("%s", (_, system, compound, until, today, shut) => {
    const { book, r } = setIn(system, compound);
    const found = shutUntil(book, r);
    expect(found === null ? null : writeDay(found)).toBe(until);
    expect(stillShut(book, r, dayOf(today)) !== null).toBe(shut);
  });
  it("the customer is not told of a day that is past", () => {
    const { book, r } = setIn("timber-bead", "silicone");
    const ids = (today: string) => aftercareHere(book, r, dayOf(today)).map((l) => l.id);
    expect(ids("2026-05-14")).toContain("shut");
    expect(ids("2026-05-15")).toContain("shut");
    expect(ids("2026-05-16")).not.toContain("shut");
  });
});
