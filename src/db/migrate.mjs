// Plain JavaScript, because the server runs it before anything is built or compiled.
import { existsSync, mkdirSync, readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import Database from "better-sqlite3";

/** The committed migrations, beside this file. */
export const MIGRATIONS = join(dirname(fileURLToPath(import.meta.url)), "migrations");

/**
 * Sets what every connection needs: nothing acknowledged is lost, and references hold.
 * @param {import("better-sqlite3").Database} sqlite
 */
export function prepareConnection(sqlite) {
  sqlite.pragma("journal_mode = WAL");
  sqlite.pragma("synchronous = FULL");
  sqlite.pragma("foreign_keys = ON");
  sqlite.pragma("busy_timeout = 5000");
}

/**
 * Applies committed migrations to a file, in one transaction, after a copy of the file beside it.
 * @param {string} file a path, or ":memory:" for a fresh database of one's own
 * @param {string} [folder] where the migrations are
 * @returns {import("better-sqlite3").Database} the open connection, prepared
 */
export function openMigrated(file, folder = MIGRATIONS) {
  const inMemory = file === ":memory:";
  if (!inMemory) mkdirSync(dirname(file), { recursive: true });
  const existed = !inMemory && existsSync(file);
  const sqlite = new Database(file);
  prepareConnection(sqlite);
  const pending = pendingMigrations(sqlite, folder);
  if (existed && pending > 0) sqlite.prepare("VACUUM INTO ?").run(copyName(file));
  if (pending > 0) applyTo(sqlite, folder);
  return sqlite;
}

/** A file that is up to date does not wait for what would bring it up: a tenth of a second of every start. */
const later = createRequire(import.meta.url);

/** @param {import("better-sqlite3").Database} sqlite @param {string} folder */
function applyTo(sqlite, folder) {
  const { drizzle } = later("drizzle-orm/better-sqlite3");
  const { migrate } = later("drizzle-orm/better-sqlite3/migrator");
  migrate(drizzle(sqlite), { migrationsFolder: folder });
}

/** @param {import("better-sqlite3").Database} sqlite @param {string} folder @returns {number} */
function pendingMigrations(sqlite, folder) {
  const journal = JSON.parse(readFileSync(join(folder, "meta", "_journal.json"), "utf8"));
  const table = sqlite.prepare("SELECT 1 FROM sqlite_master WHERE name = '__drizzle_migrations'").get();
  const done = table ? sqlite.prepare("SELECT count(*) AS n FROM __drizzle_migrations").pluck().get() : 0;
  return journal.entries.length - Number(done);
}

/**
 * Whether a migration stands in the file that this version does not know.
 * @param {import("better-sqlite3").Database} sqlite
 * @param {string} [migrations]
 */
export function isNewer(sqlite, migrations = MIGRATIONS) {
  const table = sqlite.prepare("SELECT 1 FROM sqlite_master WHERE name = '__drizzle_migrations'").get();
  if (!table) return false;
  const newest = sqlite.prepare("SELECT max(created_at) FROM __drizzle_migrations").pluck().get();
  const journal = JSON.parse(readFileSync(join(migrations, "meta", "_journal.json"), "utf8"));
  return Number(newest ?? 0) > Math.max(...journal.entries.map((/** @type {{ when: number }} */ e) => e.when));
}

/** The first name beside the file that is free. @param {string} file @returns {string} */
function copyName(file) {
  for (let i = 1; ; i++) {
    const name = `${file}.before-migration-${i}`;
    if (!existsSync(name)) return name;
  }
}
