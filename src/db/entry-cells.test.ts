import { expect, it } from "vitest";
import { dayOf } from "../core/units/day.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { appendEntries } from "./append.ts";
import { createDatabase } from "./database.ts";
import { rowOfCells } from "./entry-cells.ts";
import { entries } from "./schema.ts";

it("gives every row of the log as its columns do", () => {
  const db = createDatabase(":memory:");
  appendEntries(db, ottermoleRow(dayOf("2026-05-20")));
  const rows = db.select().from(entries).all();
  expect(rows.length).toBeGreaterThan(100);
  expect(db.select().from(entries).values().map(rowOfCells)).toEqual(rows);
});
