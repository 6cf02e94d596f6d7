import { resolve } from "node:path";
import { EntryBatch } from "../src/contract/entry.ts";
import { appendEntries } from "../src/db/append.ts";
import { createDatabase } from "../src/db/database.ts";
import { logEnd } from "../src/db/entry-log.ts";
import { bringTablesUp } from "../src/db/tables-made.ts";
import { ottermoleRow } from "../src/demo/ottermole-row.ts";
import { today } from "../src/server/today.ts";

const file = resolve(process.env["DATABASE_FILE"] ?? "data/plain-pane.sqlite");
const db = createDatabase(file);
bringTablesUp(db);
const { entries: there } = logEnd(db);
if (there > 0) {
  console.log(`${file} has ${there} entries already: left as it is.`);
} else {
  const { entries } = EntryBatch.parse({ entries: ottermoleRow(today()) });
  const done = appendEntries(db, entries);
  if (!done.ok) throw new Error(`the demo round was refused: ${JSON.stringify(done.error)}`);
  console.log(`Loaded the Ottermole Row round: ${done.value.taken.length} entries.`);
}
db.$client.close();
