import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { uuid } from "../../tests/support/told.ts";
import type { Entry } from "../core/log/kinds.ts";
import { dayOf } from "../core/units/day.ts";
import { appendEntries } from "../db/append.ts";
import { createDatabase } from "../db/database.ts";
import { listPeople } from "../db/lists.ts";
import { whoMet } from "../db/met.ts";
import { lastYears } from "../demo/last-year.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { appendEntries as append } from "./append-entries.ts";
import { loadFirm } from "./firm.ts";
import { learntPage } from "./learnt-page.ts";
import { learnPage, practise } from "./practice/practise.ts";
import { comesAgain } from "./practice/schedule.ts";
import { propertyFile, propertyJson } from "./property.ts";
import { theDatabase } from "./the-database.ts";
import { windowPage } from "./window-page.ts";

const folder = mkdtempSync(join(tmpdir(), "plain-pane-learning-"));
const PREFS = { unit: "mm", dialect: "a", who: "Nell Harrow" } as const;
const story = lastYears(dayOf("2026-05-20"));
beforeAll(() => {
  process.env["DATABASE_FILE"] = join(folder, "firm.sqlite");
  process.env["PLAIN_PANE_TODAY"] = "2026-05-20";
  const db = createDatabase(process.env["DATABASE_FILE"]);
  appendEntries(db, ottermoleRow(dayOf("2026-05-20")));
  appendEntries(db, story);
  db.$client.close();
});
afterAll(() => {
  theDatabase().$client.close();
  rmSync(folder, { recursive: true, force: true });
});
const paneOf = (address: string, opening: string): string =>
  story.find((e) => e.kind === "pane.added" && e.payload.address === address && e.payload.opening === opening)?.about
    .pane ?? "";

describe("what the firm's own past says", () => {
  it("the counter cuts 0.9 too large, as the story knows and nobody in it: it lies in the interval", () => {
    const off = learntPage("Nell Harrow").data.figures.find((f) => f.id === "off-single");
    expect(off?.from.seen).toBeGreaterThan(30);
    expect(off?.within.lo).toBeLessThan(0.9);
    expect(off?.within.hi).toBeGreaterThan(0.85);
  });
  it("nobody sees another's tape, until the house says so", () => {
    const people = () => learntPage("Nell Harrow").data.people.map((p) => p.who);
    expect(people()).toEqual(["Nell Harrow"]);
    expect(learntPage("A stranger").data.people).toEqual([]);
    tell("house.rule", { rule: "peopleSeeEachOther", value: "yes" }, 1);
    expect(people()).toEqual(["Bram Tolley", "Nell Harrow"]);
  });
  it("a tape's own figure changes lines of the round, how much is explained to somebody does not", () => {
    const key = () => loadFirm(theDatabase()).key;
    const before = key();
    tell("person.explains", { person: "Nell Harrow", how: "little" }, 8);
    expect(key()).toBe(before);
    const own = { seen: 20, of: "sides" };
    tell("person.figure", { person: "Nell Harrow", rule: "cutOffMm", value: 0.7, own }, 9);
    const taken = key();
    expect(taken).not.toBe(before);
    tell("person.figure", { person: "Nell Harrow", rule: "cutOffMm", value: 0.6, own }, 10);
    expect(key()).not.toBe(taken);
  });
  it("is taken on by itself once the house says so, at the next pane that comes", () => {
    expect(loadFirm(theDatabase()).firm.house.cutOffMm).toBe(0);
    tell("house.rule", { rule: "ownFigures", value: "by themselves" }, 2);
    expect(loadFirm(theDatabase()).firm.house.cutOffMm).toBe(0);
    tell("set.fit", { went: "easy" }, 3, { pane: paneOf("Weir Cottages 1", "kitchen") });
    const { firm } = loadFirm(theDatabase());
    expect(firm.house.cutOffMm).toBeGreaterThan(0.5);
    expect(firm.own.get("cutOffMm")).toMatchObject({ of: "sides" });
    expect(firm.own.get("cutOffMm")?.seen).toBeGreaterThan(30);
    // Nobody did it, and nobody can write as that.
    expect(listPeople(theDatabase())).toEqual(expect.arrayContaining(["Nell Harrow", "Bram Tolley"]));
    expect(listPeople(theDatabase())).not.toContain("House rules");
    // What was taken on is taken back by hand, and is nobody's own figure then.
    tell("house.rule", { rule: "cutOffMm", value: 0 }, 4);
    expect(loadFirm(theDatabase()).firm.own.has("cutOffMm")).toBe(false);
  });
});

describe("an opening's life", () => {
  it("No. 8, stair window: what is under way now, and the unit of three years ago that misted", () => {
    const life = windowPage(paneOf("No. 8", "stair window"), PREFS);
    expect(life?.repairs.map((r) => [r.state, r.back])).toEqual([
      ["open", null],
      ["signed", "failed-after"],
    ]);
    expect(life?.repairs[1]?.day).toBe("2023-04-07");
    expect(life?.underWay).toBe(life?.repairs[0]?.pane);
    expect(windowPage("nowhere", PREFS)).toBeNull();
  });
  it("a property by its address as people write it, with what fails there", () => {
    const given = propertyFile("weir cottages 5", PREFS);
    expect(given?.address).toBe("Weir Cottages 5");
    expect(given?.openings.map((o) => o.opening)).toEqual(["kitchen", "landing", "front bedroom"]);
    expect(given?.causes[0]?.panes).toBeGreaterThanOrEqual(1);
    expect(propertyFile("nowhere 1", PREFS)).toBeNull();
    expect(propertyFile("", PREFS)).toBeNull();
    if (given) expect(JSON.stringify(propertyJson(given))).toContain('"frame":"Timber');
  });
  it("who has worked on which system", () => {
    expect(whoMet(theDatabase(), "timber-putty")).toContain("Nell Harrow");
    expect(whoMet(theDatabase(), "metal-frame")).toEqual([]);
  });
});

describe("practice", () => {
  const answer = (n: number, picks: number[], at: string) =>
    practise(
      {
        id: uuid(0xe00 + n),
        who: "Tess",
        exercise: "from-seams",
        level: 1,
        seed: 11,
        unit: "mm",
        texts: [],
        picks,
        seconds: 5,
      },
      new Date(at),
    );
  it("is judged by the case of its seed, kept once, and comes again later the oftener it was right", () => {
    const tries = [0, 1, 2].map((p) => answer(p, [p], `2026-05-20T08:0${p}:00.000Z`));
    expect(tries.filter((t) => t.ok && t.value.right)).toHaveLength(1);
    answer(2, [2], "2026-05-20T08:09:00.000Z");
    const standing = learnPage("Tess").standings.find((s) => s.exercise === "from-seams");
    expect(standing?.done).toBe(3);
    expect(learnPage("Somebody else").standings.every((s) => s.done === 0)).toBe(true);
  });
  it("wrong comes again within the hour; right again and again, after days and then weeks", () => {
    const at = (day: number) => new Date(Date.UTC(2026, 4, day, 8)).toISOString();
    const begun = Date.UTC(2026, 4, 1, 8);
    const days = (rights: readonly boolean[]): number => {
      let last = begun;
      const all = rights.map((right, i) => {
        last = Date.UTC(2026, 4, 1 + 4 * i, 8);
        return { at: at(1 + 4 * i), right };
      });
      return ((comesAgain(all)?.getTime() ?? 0) - last) / 86_400_000;
    };
    expect(comesAgain([])).toBeNull();
    expect(days([false])).toBeLessThan(1 / 24);
    expect(days([true, true])).toBeGreaterThan(1);
    expect(days([true, true, true, true])).toBeGreaterThan(days([true, true]));
    expect(days([true, true, true, false])).toBeLessThan(1);
  });
});

function tell(kind: Entry["kind"], payload: unknown, n: number, about: Entry["about"] = {}): void {
  const done = append(
    {
      entries: [
        {
          id: uuid(0xf00 + n),
          at: `2026-05-20T13:${String(n).padStart(2, "0")}:00.000Z`,
          who: "Nell Harrow",
          about,
          kind,
          payload,
        },
      ],
    } as Parameters<typeof append>[0],
    theDatabase(),
    new Date("2026-05-20T12:00:00.000Z"),
    null,
  );
  expect(done.ok).toBe(true);
}
