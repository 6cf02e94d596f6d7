import { resolve } from "node:path";
import { EntryBatch } from "../src/contract/entry.ts";
import { appendEntries } from "../src/db/append.ts";
import { createDatabase } from "../src/db/database.ts";
import { logEnd } from "../src/db/entry-log.ts";
import { bringTablesUp } from "../src/db/tables-made.ts";
import { lastYears } from "../src/demo/last-year.ts";
import { ottermoleRow } from "../src/demo/ottermole-row.ts";
import { today } from "../src/server/today.ts";

const file = resolve(process.env["DATABASE_FILE"] ?? "data/plain-pane.sqlite");
const db = createDatabase(file);
bringTablesUp(db);
const { entries: there } = logEnd(db);
if (there > 0) {
  console.log(`${file} has ${there} entries already: left as it is.`);
} else {
  let taken = 0;
  for (const story of [ottermoleRow(today()), lastYears(today())]) {
    const { entries } = EntryBatch.parse({ entries: story });
    const done = appendEntries(db, entries);
    if (!done.ok) throw new Error(`the demo was refused: ${JSON.stringify(done.error)}`);
    taken += done.value.taken.length;
  }
  console.log(`Loaded the Ottermole Row round, and the firm's last years: ${taken} entries.`);
}
db.$client.close();
