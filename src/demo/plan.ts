import { withFirm } from "../core/firm/firm.ts";
import { foldFirm } from "../core/firm/fold-firm.ts";
import { byPane } from "../core/log/by-pane.ts";
import { composePlan } from "../core/page/plan-page.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { layOut } from "../core/plan/lay-out.ts";
import { VISIT_PARTS, type VisitPart } from "../core/plan/visit-part.ts";
import { weekOf } from "../core/plan/week-case.ts";
import { YARD } from "../core/plan/yard.ts";
import { rememberBest } from "../core/size/best.ts";
import { addDays, type Day, writeDay } from "../core/units/day.ts";
import { madeUpForecast } from "../standins/forecast.ts";
import type { Story } from "./story.ts";

/** Where the made-up places lie about each other: a small town on a made-up coast. */
const PLACES: readonly (readonly [string, number, number])[] = [
  [YARD, 54.012, -3.4],
  ["Reading room", 54.0, -3.381],
  ["Boat store", 53.994, -3.392],
];
const ROW = [54.002, -3.38] as const;
const LAID_AHEAD_DAYS = 6;
const ROUNDS = 1000;

/** Who works, where things lie, and a week that was laid out this morning; the last days are still open. */
export function tellPlan(story: Story, today: Day, addresses: readonly string[]): void {
  story.on(0, 7, "Nell Harrow");
  const person = (name: string, from: number, to: number, skills: readonly string[]) =>
    story.tell("plan.person", {}, { name, from: from * 60, to: to * 60, weekdays: [1, 2, 3, 4, 5], skills });
  person("Nell Harrow", 8, 16.5, ["lead", "height"]);
  person("Bram Tolley", 8, 16.5, ["height"]);
  person("Ida Moss", 9, 14, []);
  story.tell("building.lead", {}, { address: "No. 3", result: "found" });
  for (const [place, latitude, longitude] of PLACES) story.tell("plan.where", {}, { place, latitude, longitude });
  const known = new Set(PLACES.map(([place]) => place));
  for (const [i, place] of addresses.filter((a) => !known.has(a)).entries())
    story.tell("plan.where", {}, { place, latitude: ROW[0] + i * 0.0003, longitude: ROW[1] });
  const entriesFor = byPane(story.entries);
  const firm = foldFirm(story.entries.filter((e) => e.about.pane === undefined && e.about.order === undefined));
  const by = withFirm(firm, rememberBest(100));
  const ids = new Set(story.entries.flatMap((e) => (e.kind === "pane.added" ? (e.about.pane ?? []) : [])));
  const panes = [...ids].flatMap((id) => {
    const book = foldPane(id, entriesFor(id));
    return book ? [{ book, r: reckon(book, by) }] : [];
  });
  const plan = composePlan({
    panes,
    firm,
    entered: new Set(),
    record: [],
    writers: [],
    forecast: madeUpForecast(today),
    light: () => null,
    today,
    through: 0,
  });
  const { stops } = layOut(weekOf(plan.case), { seed: 4, more: (n) => n < ROUNDS });
  const until = addDays(today, LAID_AHEAD_DAYS);
  for (const s of stops) {
    if (s.day > until) continue;
    const [pane, part] = s.visit.split("/");
    if (!VISIT_PARTS.includes(part as VisitPart)) continue;
    story.tell(
      "plan.visit",
      { pane },
      {
        part: part as VisitPart,
        day: writeDay(s.day),
        from: Math.round(s.from),
        person: s.person,
        helper: s.helper,
        byHand: false,
        why: "",
      },
    );
  }
}
