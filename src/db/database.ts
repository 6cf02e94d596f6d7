import { statSync } from "node:fs";
import BetterSqlite from "better-sqlite3";
import { type BetterSQLite3Database, drizzle } from "drizzle-orm/better-sqlite3";
import { openMigrated, prepareConnection } from "./migrate.mjs";
import * as peopleSchema from "./people-schema.ts";
import * as logSchema from "./schema.ts";

const schema = { ...logSchema, ...peopleSchema };

export type Database = BetterSQLite3Database<typeof schema> & { readonly $client: BetterSqlite.Database };

/** A database, or a transaction on one: what queries run on. */
export type Running = Pick<
  Database,
  "select" | "selectDistinct" | "insert" | "delete" | "update" | "run" | "all" | "get" | "values"
>;

/** Opens the firm's file, which must be there already and migrated: a mistyped path is an error, not an empty firm. */
export function openDatabase(file: string): Database {
  const sqlite = new BetterSqlite(file, { fileMustExist: true });
  prepareConnection(sqlite);
  return noteIdentity(drizzle(sqlite, { schema }));
}

/** Opens a file, made new where there is none, with all migrations applied. ":memory:" serves tests. */
export const createDatabase = (file: string): Database => noteIdentity(drizzle(openMigrated(file), { schema }));

/** The file was moved, deleted or replaced while it was open: what is written now would be written into nothing. */
export class FileGone extends Error {
  override readonly name = "FileGone";
}

/** Which file on the disk each open database is. */
const identities = new WeakMap<Database, string | null>();

function noteIdentity(db: Database): Database {
  identities.set(db, db.$client.memory ? null : identityOf(db.$client.name));
  return db;
}

function identityOf(file: string): string | null {
  const found = statSync(file, { throwIfNoEntry: false, bigint: true });
  return found ? `${found.dev}:${found.ino}` : null;
}

/** Throws FileGone where the path no longer leads to the file that is open. Costs a few microseconds. */
export function mustBeThere(db: Database): void {
  const opened = identities.get(db);
  if (opened && identityOf(db.$client.name) !== opened) throw new FileGone(db.$client.name);
}
