import { SizeCase } from "../src/contract/calc-size.ts";
import { dayOf } from "../src/core/units/day.ts";
import { appendEntries } from "../src/db/append.ts";
import { createDatabase } from "../src/db/database.ts";
import { ottermoleRow } from "../src/demo/ottermole-row.ts";
import { calcSize } from "../src/server/calc/size.ts";
import { LEANING, Teller } from "../tests/support/told.ts";
import { timed } from "./timed.ts";

/** What the server does for a thousand cases, and for a batch of entries. */
export function benchServer() {
  const one = SizeCase.parse({ readings: LEANING, rebateDepth: "10" });
  const db = createDatabase(":memory:");
  appendEntries(db, ottermoleRow(dayOf("2026-05-20")));
  appendEntries(db, new Teller().opened().added().entries);
  let from = 0x100;
  return [
    timed("1 000 cases of size", () => Array.from({ length: 1000 }, () => calcSize(one)), 5),
    timed("storing one reading, tables and all (in memory)", () => {
      const t = new Teller(from++);
      t.read({ "width-top": "612" });
      appendEntries(db, t.entries);
    }),
    timed(
      "the demo round into an empty file (in memory)",
      () => appendEntries(createDatabase(":memory:"), ottermoleRow(dayOf("2026-05-20"))),
      10,
    ),
  ];
}
