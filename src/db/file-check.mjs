// What can be wrong with the firm's file before it is served: one sentence each, and what to do. Plain JavaScript: it runs before a build.
import { closeSync, existsSync, mkdirSync, openSync, readSync, statfsSync, statSync } from "node:fs";
import { dirname } from "node:path";
import Database from "better-sqlite3";
import { copiesOf } from "./copies.mjs";
import { isNewer, MIGRATIONS } from "./migrate.mjs";
import { wasClosedWhole } from "./served-by.mjs";

/** Less than this on the disk and the next day's work may not fit. */
const LEAST_ROOM_MB = 20;
const NO_WRITE = 0o222;

/**
 * Why a file cannot be served; null where it can, or is to be made new.
 * @param {string} file
 * @param {{ begin?: boolean, migrations?: string }} [by] `begin`: a new firm is meant, whatever lies beside
 * @returns {string | null}
 */
export function whyNotServed(file, { begin = false, migrations = MIGRATIONS } = {}) {
  return whyNotThisFolder(file) ?? (existsSync(file) ? whyNotThisFile(file, migrations) : whyNotNew(file, begin));
}

/** @param {string} file @returns {string | null} */
function whyNotThisFolder(file) {
  const folder = dirname(file);
  try {
    mkdirSync(folder, { recursive: true });
  } catch (error) {
    return `The folder ${folder} cannot be made (${codeOf(error)}): make it yourself, or name another file in DATABASE_FILE.`;
  }
  if ((statSync(folder).mode & NO_WRITE) === 0)
    return `The folder ${folder} is read-only, and SQLite writes beside its file: let this user write there, or name another file in DATABASE_FILE.`;
  const { bavail, bsize } = statfsSync(folder);
  const roomMb = (Number(bavail) * Number(bsize)) / 1e6;
  if (roomMb < LEAST_ROOM_MB)
    return `The disk that holds ${folder} has ${roomMb.toFixed(1)} MB left: make room before starting, nothing could be kept.`;
  return null;
}

/** @param {string} file @param {boolean} begin @returns {string | null} */
function whyNotNew(file, begin) {
  const [newest] = copiesOf(file);
  if (begin || !newest) return null;
  return `${file} is not there, but copies of it are: bring the newest back with: npm run restore -- ${newest.path} (or start with NEW_FIRM=1 to begin a new firm).`;
}

/** @param {string} file @param {string} migrations @returns {string | null} */
function whyNotThisFile(file, migrations) {
  const { size, mode } = statSync(file);
  if (statSync(file).isDirectory()) return `${file} is a folder: name a file in DATABASE_FILE.`;
  if (size === 0) {
    const [newest] = copiesOf(file);
    return newest
      ? `${file} is empty: bring its newest copy back with: npm run restore -- ${newest.path}`
      : `${file} is empty, and a firm may have been in it: bring a copy back with npm run restore, or delete the empty file to begin a new firm.`;
  }
  if (!isSqlite(file))
    return `${file} is not a database of Plain Pane: name another file in DATABASE_FILE, or bring a copy back with npm run restore.`;
  if ((mode & NO_WRITE) === 0)
    return `${file} is read-only: let this user write it, or name another file in DATABASE_FILE.`;
  return whyNotReadable(file, migrations);
}

/** @param {string} file @param {string} migrations @returns {string | null} */
function whyNotReadable(file, migrations) {
  let sqlite;
  try {
    const whole = wasClosedWhole(file);
    sqlite = new Database(file);
    const found = whole ? "ok" : sqlite.pragma("quick_check(1)", { simple: true });
    if (found !== "ok") return damaged(file, String(found));
    if (isNewer(sqlite, migrations))
      return `${file} was written by a newer version of Plain Pane: start that version, or bring an older copy back with npm run restore.`;
    sqlite.exec("BEGIN IMMEDIATE; ROLLBACK");
    return null;
  } catch (error) {
    const code = codeOf(error);
    if (code.startsWith("SQLITE_READONLY") || code === "SQLITE_CANTOPEN")
      return `${file} cannot be written (${code}): let this user write it and its folder, or name another file in DATABASE_FILE.`;
    if (code.startsWith("SQLITE_BUSY"))
      return `${file} is held by another program (${code}): let it finish, then start again.`;
    return damaged(file, code);
  } finally {
    sqlite?.close();
  }
}

/** @param {string} file @param {string} how */
const damaged = (file, how) =>
  `${file} is damaged (${how.replace(/\s+/g, " ").slice(0, 120)}): bring its newest good copy back with npm run restore; the damaged file is put aside, not deleted.`;

/** @param {string} file */
function isSqlite(file) {
  const head = Buffer.alloc(16);
  const handle = openSync(file, "r");
  readSync(handle, head, 0, 16, 0);
  closeSync(handle);
  return head.toString("latin1") === "SQLite format 3\0";
}

/** @param {unknown} error @returns {string} */
const codeOf = (error) =>
  error instanceof Error && "code" in error && typeof error.code === "string" ? error.code : String(error);
