import { describe, expect, it } from "vitest";
import { LEANING, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { Station } from "../plan/stations.ts";
import { rememberBest } from "../size/best.ts";
import { writeDay } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { beforeNight, closesUp, dryFrom } from "./overnight.ts";
import { reckon } from "./reckoning.ts";
import { takesNight } from "./takes-night.ts";

const BY = withFirm(foldFirm([]), rememberBest(20));
const at = (tell: (t: Teller) => void, primerHours = 16, time?: string) => {
  const t = new Teller().opened().added().read(LEANING);
  tell(t);
  const last = t.entries.at(-1);
  const book = foldPane(PANE, time && last ? [...t.entries.slice(0, -1), { ...last, at: time }] : t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { ...BY, house: { ...BY.house, primerHours } }) };
};
const nothing = () => undefined;
const primed = (t: Teller) => t.tell("step.marked", { station: "ready", step: "prime", state: "done", reason: "" });
const without = (t: Teller) =>
  t.tell("step.marked", { station: "ready", step: "prime", state: "skipped", reason: "it is primed" });
const silicone = (t: Teller) => t.tell("specify.bed", { compound: "silicone" });
const here = (t: Teller) =>
  t.tell("order.had", {
    from: "bought",
    width: { text: "597", unit: "mm" },
    height: { text: "897", unit: "mm" },
    note: "",
  });

describe("what dries over night", () => {
  it.each<[string, (t: Teller) => void, number, boolean, number | null]>([
    ["a primer of 16 hours", nothing, 16, true, 0],
    ["one of 6 is dry the same day", nothing, 6, false, null],
    ["one of 6 and a half is not", nothing, 6.5, true, 0],
    ["one of 30: two nights", nothing, 30, true, 1],
    ["once it is on, the job has its night and nothing more before it", primed, 16, true, null],
    ["left out with a word", without, 16, true, null],
    ["for silicone, dry in four", silicone, 16, false, null],
  ])("%s", (_, tell, hours, night, lag) => {
    const { book, r } = at(tell, hours);
    expect(takesNight(book, r)).toBe(night);
    expect(beforeNight(book, r)?.lagDays ?? null).toBe(lag);
  });
  it("is what comes up to it, and not what follows", () => {
    const { book, r } = at(nothing);
    const steps = beforeNight(book, r)?.steps;
    expect(steps?.has("ready/clean")).toBe(true);
    expect(steps?.has("ready/prime")).toBe(true);
    expect([...(steps ?? [])].at(-1)).toBe("ready/prime");
  });
  it.each<[string, number, string | null]>([
    ["2026-05-20T09:00:00.000Z", 16, "2026-05-21"],
    ["2026-05-20T07:00:00.000Z", 16, "2026-05-20"],
    ["2026-05-20T09:00:00.000Z", 40, "2026-05-22"],
    ["2026-05-20T09:00:00.000Z", 4, null],
  ])("primed at %s, %d h: dry from %s", (time, hours, day) => {
    const { book, r } = at(primed, hours, time);
    const dry = dryFrom(book, r);
    expect(dry && writeDay(dry)).toBe(day);
  });
  it("somebody's word that it is dry counts", () => {
    const { book, r } = at((t) => {
      primed(t);
      t.tell("step.sides", { station: "ready", step: "prime/dry", done: ["dry"] });
    });
    expect(dryFrom(book, r)).toBeNull();
  });
});

describe("what is brought to close a hole", () => {
  it.each<[string, (t: Teller) => void, readonly Station[], number, boolean]>([
    ["taken out while the glass is to come", nothing, ["takeout"], 16, true],
    ["taken out with the glass in the van", here, ["takeout"], 16, false],
    ["and primed for the night", here, ["takeout", "ready"], 16, true],
    ["primed with a quick one", here, ["takeout", "ready"], 1, false],
    ["set only", here, ["set"], 16, false],
  ])("%s", (_, tell, stations, hours, is) => {
    const { book, r } = at(tell, hours);
    expect(closesUp(stations, book, r)).toBe(is);
  });
});
