import { resolve } from "node:path";
import { isMainThread } from "node:worker_threads";
import { type Database, openDatabase } from "../db/database.ts";
import { noteClosed } from "../db/served-by.mjs";
import { bringTablesUp } from "../db/tables-made.ts";

let open: Database | undefined;

/** The firm's one file, opened at the first request. `server.mjs` has looked it over and migrated it before it listened. */
export function theDatabase(): Database {
  if (open?.$client.open) return open;
  const db = openDatabase(resolve(process.env["DATABASE_FILE"] ?? "data/plain-pane.sqlite"));
  bringTablesUp(db);
  // The last connection to close folds the write-ahead log in: afterwards the file by itself is whole.
  process.on("exit", () => {
    db.$client.close();
    if (isMainThread) noteClosed(db.$client.name);
  });
  open = db;
  return db;
}
