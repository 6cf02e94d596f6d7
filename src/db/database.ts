import BetterSqlite from "better-sqlite3";
import { type BetterSQLite3Database, drizzle } from "drizzle-orm/better-sqlite3";
import { openMigrated, prepareConnection } from "./migrate.mjs";
import * as schema from "./schema.ts";

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
  return drizzle(sqlite, { schema });
}

/** Opens a file, made new where there is none, with all migrations applied. ":memory:" serves tests. */
export const createDatabase = (file: string): Database => drizzle(openMigrated(file), { schema });
