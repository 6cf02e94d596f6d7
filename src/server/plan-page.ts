import { pastInUse, withFirm } from "../core/firm/firm.ts";
import { byPane } from "../core/log/by-pane.ts";
import { composeDay, type DayPageData } from "../core/page/day-page.ts";
import { composePlan, type PlanFrom, type PlanPageData } from "../core/page/plan-page.ts";
import { foldPane, type PaneBook } from "../core/pane/book.ts";
import { type Reckoning, reckon } from "../core/pane/reckoning.ts";
import { YARD } from "../core/plan/yard.ts";
import { ok } from "../core/result.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import { dayOf, readDay, writeDay } from "../core/units/day.ts";
import type { Database } from "../db/database.ts";
import { entriesOfPanes, logThrough } from "../db/entry-log.ts";
import { listPeople, unfinishedPanes } from "../db/lists.ts";
import { breathing } from "./breathing.ts";
import { daylight } from "./daylight.ts";
import type { CalendarVisit } from "./documents/day-ics.ts";
import { loadFirm } from "./firm.ts";
import { log } from "./log.ts";
import { recordsOf } from "./supplier-records.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";
import { theForecast } from "./weather.ts";

const LONGEST_MS = 20;
/** More than a small firm has open at once; the oldest come first. */
export const MOST_PLANNED = 400;

type Worked = { readonly book: PaneBook; readonly r: Reckoning };
type Kept = { readonly of: string; readonly through: number; readonly worked: Worked };
const kept = new Map<string, Kept>();

/**
 * Every pane that is not finished, worked out; one that cannot be is left out, and its own page says why. Others may ask while
 * this one breathes: what it answers is of the log as it was when it was asked, and never of before.
 */
export async function workedPanes(
  db: Database = theDatabase(),
  breathe: () => Promise<void> = breathing(LONGEST_MS),
): Promise<readonly Worked[]> {
  const firm = loadFirm(db);
  const panes = unfinishedPanes(db, MOST_PLANNED);
  const made = (through: number): string => `${through} ${firm.key}`;
  const found = new Map<string, Worked>();
  for (const p of panes) {
    const there = kept.get(p.id);
    if (there?.of === made(p.through)) found.set(p.id, there.worked);
  }
  const stale = panes.filter((p) => !found.has(p.id));
  const entriesFor = byPane(
    entriesOfPanes(
      db,
      stale.map((p) => p.id),
    ),
  );
  const reckonWith = withFirm(firm.firm, sharedFindBest);
  for (const p of stale) {
    try {
      const book = foldPane(p.id, entriesFor(p.id));
      if (book) {
        const worked = { book, r: reckon(book, reckonWith) };
        found.set(p.id, worked);
        // Somebody who asked later may have worked out more of it meanwhile.
        if ((kept.get(p.id)?.through ?? 0) <= p.through)
          kept.set(p.id, { of: made(p.through), through: p.through, worked });
      }
    } catch (err) {
      log.error({ err, pane: p.id }, "a pane could not be planned");
    }
    await breathe();
  }
  const ids = new Set(panes.map((p) => p.id));
  for (const id of kept.keys()) if (!ids.has(id)) kept.delete(id);
  return panes.flatMap((p) => found.get(p.id) ?? []);
}

async function planFrom(db: Database): Promise<PlanFrom> {
  const through = logThrough(db);
  const { firm } = loadFirm(db);
  const past = pastInUse(firm);
  const yard = firm.plan.where.get(YARD) ?? null;
  const now = today();
  return {
    // What was worked out before may be of before the newest minutes that somebody timed.
    panes: (await workedPanes(db)).map(({ book, r }) => (r.past === past ? { book, r } : { book, r: { ...r, past } })),
    firm,
    entered: firm.weatherEntered,
    record: recordsOf(db),
    writers: listPeople(db),
    forecast: theForecast(now),
    light: (d) => daylight(d, yard),
    today: now,
    through,
  };
}

/** The firm's plan. */
export const planPage = async (db: Database = theDatabase()): Promise<PlanPageData> => composePlan(await planFrom(db));

/** One person's day; of nobody that is known, the first who works. */
export async function dayPage(
  who: string | null,
  on: string | null,
  db: Database = theDatabase(),
): Promise<DayPageData> {
  const from = await planFrom(db);
  const plan = composePlan(from);
  const names = plan.case.people.map((p) => p.name);
  const day = readDay(on ?? "");
  return composeDay(from, plan, who && names.includes(who) ? who : (names[0] ?? ""), day.ok ? day.value : from.today);
}

/** The same, for programs. */
export async function getPlan() {
  const plan = await planPage();
  return ok({ ...plan, stops: [...plan.stops], broken: [...plan.broken], promises: plan.promises.map(inDays) });
}

/** As programs read it: days as text. */
function inDays(p: PlanPageData["promises"][number]) {
  const { pane, where, asked, right, chance, restsOn } = p;
  return {
    pane,
    where,
    asked,
    day: writeDay(p.day),
    fitBy: writeDay(p.fitBy),
    planned: p.planned === null ? null : writeDay(p.planned),
    restsOn: restsOn.kind,
    supplier: "supplier" in restsOn ? restsOn.supplier : null,
    orders: "orders" in restsOn ? restsOn.orders : null,
    right,
    chance,
  };
}

/** All that somebody has on the plan from today on, for their calendar. */
export async function visitsFor(who: string, db: Database = theDatabase()): Promise<readonly CalendarVisit[]> {
  const plan = composePlan(await planFrom(db));
  const said = new Map(plan.said.map((s) => [s.id, s]));
  const visits = new Map(plan.case.visits.map((v) => [v.id, v]));
  return plan.stops.flatMap((s) => {
    const saidOf = said.get(s.visit);
    if (!saidOf || (s.person !== who && s.helper !== who)) return [];
    const helps = s.person === who ? null : s.person;
    const visit = visits.get(s.visit);
    return [
      {
        id: s.visit,
        part: saidOf.part,
        where: saidOf.where,
        day: dayOf(s.day),
        from: helps && visit ? s.from + visit.helperFrom : s.from,
        minutes: helps ? (visit?.helperMinutes ?? 0) : s.to - s.from,
        helps,
        says: saidOf.customer,
      },
    ];
  });
}
