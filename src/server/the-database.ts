import { resolve } from "node:path";
import { type Database, openDatabase } from "../db/database.ts";

let open: Database | undefined;

/** The firm's one file, opened at the first request. `server.mjs` has migrated it before it listened. */
export function theDatabase(): Database {
  open ??= openDatabase(resolve(process.env["DATABASE_FILE"] ?? "data/plain-pane.sqlite"));
  return open;
}
