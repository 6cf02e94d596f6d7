import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { LEANING, PANE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { dayOf, writeDay } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { neededBy } from "./needed-by.ts";
import { reckon } from "./reckoning.ts";
import { sourceFacts } from "./source-facts.ts";

/* Fridays are the 22nd and the 29th; nobody works on Saturday the 30th. */

const at = (tells: readonly ((t: Teller) => unknown)[]) => {
  const t = new Teller().opened().added(PANE, "timber-bead").read(LEANING);
  for (const tell of tells) tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const needed = neededBy(book, r, calendar);
  const facts = sourceFacts(book, r, { firm: foldFirm([]), today: dayOf("2026-05-20"), record: [] });
  return { needed, sources: facts?.needed ?? null };
};
const wants = (by: string) => (t: Teller) => t.tell("look.wants", { by, mustLock: false, minds: "" });
const silicone = (t: Teller) => t.tell("specify.bed", { compound: "silicone" });
const tape = (t: Teller) => t.tell("specify.bed", { compound: "tape" });
const boarded = (until: string) => (t: Teller) =>
  t.tell("look.closed", { how: "boarded", since: "2026-05-19", until, told: "the tenant" });
const told =
  (day: string, part: "fit" | "paint" = "fit") =>
  (t: Teller) =>
    t.tell("plan.told", { part, day, says: "by telephone" });
const set = (t: Teller) => t.tell("set.done", { day: "2026-05-19", compound: "tape", sprigs: null });

describe("when a pane is needed", () => {
  it.each<[string, readonly ((t: Teller) => unknown)[], string | null, by?: "wanted" | "told" | "closed"]>([
    ["nobody counts on a day", [], null],
    ["wanted by Friday, in tape: fitted on it", [wants("2026-05-29"), tape], "2026-05-29", "wanted"],
    ["wanted by Friday, in what cures two days", [wants("2026-05-29"), silicone], "2026-05-27", "wanted"],
    ["wanted by Saturday: on Friday", [wants("2026-05-30"), tape], "2026-05-29", "wanted"],
    ["boarded until Friday, whatever cures", [boarded("2026-05-29"), silicone], "2026-05-29", "closed"],
    ["boarded and set since", [boarded("2026-05-29"), set], null],
    [
      "wanted before the boards were to come off",
      [boarded("2026-05-29"), wants("2026-05-22"), tape],
      "2026-05-22",
      "wanted",
    ],
    [
      "told of a day, whatever they asked for",
      [wants("2026-05-22"), told("2026-05-26"), silicone],
      "2026-05-26",
      "told",
    ],
    ["told of a day for painting", [told("2026-05-26", "paint")], null],
    ["told twice: the later", [told("2026-05-26"), told("2026-05-28")], "2026-05-28", "told"],
  ])("%s", (_, tells, fitBy, asked) => {
    const { needed, sources } = at(tells);
    expect(needed && writeDay(needed.fitBy)).toBe(fitBy);
    expect(needed?.asked).toBe(asked);
    // Who makes it in time is judged by the same day.
    expect(sources && writeDay(sources)).toBe(fitBy);
  });
});
