import { resolve } from "node:path";
import { createDatabase } from "../src/db/database.ts";
import { logEnd } from "../src/db/entry-log.ts";
import { rebuild } from "../src/db/projection.ts";

const file = resolve(process.env["DATABASE_FILE"] ?? "data/plain-pane.sqlite");
const db = createDatabase(file);
db.transaction((tx) => rebuild(tx), { behavior: "immediate" });
console.log(`Made the tables of ${file} again from ${logEnd(db).entries} entries.`);
db.$client.close();
