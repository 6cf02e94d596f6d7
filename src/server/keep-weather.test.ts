import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { dayOf } from "../core/units/day.ts";
import { appendEntries as store } from "../db/append.ts";
import { createDatabase } from "../db/database.ts";
import { entriesOfFirm } from "../db/entry-log.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { appendEntries } from "./append-entries.ts";
import { toldFrom } from "./keep-weather.ts";
import { theDatabase } from "./the-database.ts";

const folder = mkdtempSync(join(tmpdir(), "plain-pane-weather-"));
const story = ottermoleRow(dayOf("2026-05-20"));
beforeAll(() => {
  process.env["DATABASE_FILE"] = join(folder, "firm.sqlite");
  process.env["PLAIN_PANE_TODAY"] = "2026-05-20";
  const db = createDatabase(process.env["DATABASE_FILE"]);
  store(db, story);
  db.$client.close();
});
afterAll(() => {
  theDatabase().$client.close();
  rmSync(folder, { recursive: true, force: true });
});

const pane = story.find((e) => e.kind === "pane.added")?.about.pane ?? "";
const told = () => entriesOfFirm(theDatabase()).flatMap((e) => (e.kind === "weather.told" ? [e.payload] : []));
let n = 0;
const write = (kind: "set.done" | "note.written", payload: object) => {
  n += 1;
  const id = `019e0662-d180-7abc-8000-${String(n).padStart(12, "0")}`;
  const entry = { id, at: `2026-05-20T10:00:0${n}.000Z`, who: "Nell Harrow", about: { pane }, kind, payload };
  const done = appendEntries(
    { entries: [entry as never], sure: true },
    theDatabase(),
    new Date("2026-05-20T10:01:00Z"),
  );
  expect(done.ok).toBe(true);
};
const SET = { day: "2026-05-20", compound: "linseed", sprigs: 12 };

describe("the weather is kept as it is told", () => {
  it("as far as it is told, and no further", () => {
    const now = dayOf("2026-05-20");
    const fair = { rain: [], lowC: 8, highC: 16, windMs: 3 };
    const days = toldFrom(now, (day) =>
      day < now + 3 ? { ...fair, rain: day === now + 1 ? [[480, 600]] : [] } : null,
    );
    expect(days).toEqual([
      { wet: false, lowC: 8 },
      { wet: true, lowC: 8 },
      { wet: false, lowC: 8 },
    ]);
    expect(toldFrom(now, () => null)).toEqual([]);
    expect(toldFrom(now, () => fair)).toHaveLength(21);
  });
  it("not before a pane was set; then once a day", () => {
    write("note.written", { text: "nothing set yet", station: "look" });
    expect(told()).toEqual([]);
    write("set.done", SET);
    expect(told().map((t) => [t.day, t.days.length])).toEqual([["2026-05-20", 11]]);
    write("set.done", SET);
    expect(told()).toHaveLength(1);
    process.env["PLAIN_PANE_TODAY"] = "2026-05-22";
    write("note.written", { text: "two days on", station: "look" });
    expect(told().map((t) => t.day)).toEqual(["2026-05-20", "2026-05-22"]);
    process.env["PLAIN_PANE_TODAY"] = "2026-05-20";
  });
});
