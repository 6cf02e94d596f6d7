// Copies of the firm's file: made while it is in use, each opened and checked, the newest kept. Plain JavaScript, as the scripts run it.
import {
  closeSync,
  copyFileSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from "node:fs";
import { basename, dirname, join } from "node:path";
import Database from "better-sqlite3";
import { isNewer } from "./migrate.mjs";
import { serversOf } from "./served-by.mjs";

/** So many copies are kept unless BACKUPS_KEPT says otherwise. */
export const COPIES_KEPT = 14;

/** Pages that are copied between two looks at what else there is to do: 16 MB. */
const PAGES_AT_ONCE = 4000;

/** @param {string} file */
export const copiesFolder = (file) => process.env.BACKUP_FOLDER || join(dirname(file), "copies");

/**
 * Copies of a file, the newest first.
 * @param {string} file
 * @returns {{ name: string, path: string, day: string, bytes: number }[]}
 */
export function copiesOf(file) {
  const folder = copiesFolder(file);
  if (!existsSync(folder)) return [];
  const start = `${basename(file)}.`;
  return readdirSync(folder)
    .filter((name) => name.startsWith(start) && /\.\d{8}T\d{6}Z\.copy$/.test(name))
    .sort()
    .reverse()
    .map((name) => {
      const path = join(folder, name);
      const stamp = name.slice(-21, -5);
      return {
        name,
        path,
        day: `${stamp.slice(0, 4)}-${stamp.slice(4, 6)}-${stamp.slice(6, 8)}`,
        bytes: statSync(path).size,
      };
    });
}

/**
 * Copies a file while it may be in use, by SQLite's own online backup, photos and all; opens the copy and checks it; then lets
 * the oldest go. Throws a sentence.
 * @param {string} file
 * @param {{ to?: string | undefined, now?: Date, keep?: number }} [by] `to`: a path of one's own, kept for ever
 */
export async function makeCopy(file, { to, now = new Date(), keep = keptByEnv() } = {}) {
  if (!existsSync(file)) throw new Error(`There is no file ${file} to copy: name it in DATABASE_FILE.`);
  const path = to ?? join(copiesFolder(file), `${basename(file)}.${stampOf(now)}.copy`);
  mkdirSync(dirname(path), { recursive: true });
  if (existsSync(path)) throw new Error(`${path} is there already: name another file to copy to.`);
  const half = `${path}.half`;
  rmSync(half, { force: true });
  const sqlite = new Database(file, { fileMustExist: true });
  try {
    await sqlite.backup(half, { progress: () => PAGES_AT_ONCE });
  } catch (error) {
    rmSync(half, { force: true });
    throw new Error(
      `The copy could not be written to ${dirname(path)} (${reason(error)}): look whether there is room, or name another place.`,
    );
  } finally {
    sqlite.close();
  }
  // One file by itself: nothing of it lies in a log beside it.
  const made = new Database(half);
  made.pragma("journal_mode = DELETE");
  made.close();
  const looked = lookAt(half);
  if (typeof looked === "string") {
    rmSync(half, { force: true });
    throw new Error(`The copy was not good and was thrown away: ${looked}`);
  }
  renameSync(half, path);
  if (to === undefined) for (const old of copiesOf(file).slice(keep)) rmSync(old.path, { force: true });
  return { path, name: basename(path), bytes: statSync(path).size, ...looked };
}

/**
 * Brings a copy back in the place of a file. What is there is put aside, not deleted. Throws a sentence.
 * @param {string} copy
 * @param {string} file
 */
export function bringBack(copy, file) {
  if (!existsSync(copy)) throw new Error(`There is no copy ${copy}. Those there are: npm run restore, without a name.`);
  const serving = serversOf(file);
  if (serving.length > 0)
    throw new Error(
      `${file} is being served (process ${serving[0]?.pid}): stop the server first, then bring the copy back.`,
    );
  const looked = lookAt(copy);
  if (typeof looked === "string") throw new Error(`${copy} was not brought back: ${looked}`);
  const coming = `${file}.coming`;
  mkdirSync(dirname(file), { recursive: true });
  copyFileSync(copy, coming);
  const handle = openSync(coming, "r+");
  fsyncSync(handle);
  closeSync(handle);
  const aside = existsSync(file) || existsSync(`${file}-wal`) ? asideName(file) : null;
  if (aside)
    for (const tail of ["", "-wal", "-shm"]) if (existsSync(file + tail)) renameSync(file + tail, aside + tail);
  renameSync(coming, file);
  return { ...looked, aside };
}

/**
 * What a copy holds, or why it is no good.
 * @param {string} copy
 * @returns {{ entries: number, photos: number } | string}
 */
function lookAt(copy) {
  let sqlite;
  try {
    if (statSync(copy).size === 0) return "it is empty.";
    sqlite = new Database(copy, { readonly: true, fileMustExist: true });
    if (sqlite.pragma("integrity_check(1)", { simple: true }) !== "ok") return "it is damaged. Take an older one.";
    if (isNewer(sqlite)) return "it was made by a newer version of Plain Pane. Bring it back with that version.";
    /** @param {string} table */
    const count = (table) => Number(sqlite?.prepare(`SELECT count(*) FROM ${table}`).pluck().get());
    return { entries: count("entries"), photos: count("photos") };
  } catch (error) {
    return `it is damaged, or no file of Plain Pane (${reason(error)}). Take another one.`;
  } finally {
    sqlite?.close();
  }
}

/** @param {unknown} error */
const reason = (error) =>
  error instanceof Error && "code" in error
    ? String(error.code)
    : error instanceof Error
      ? error.message
      : String(error);

/** @param {Date} now */
const stampOf = (now) => `${now.toISOString().slice(0, 19).replace(/[-:]/g, "")}Z`;
const keptByEnv = () => Math.max(1, Number(process.env.BACKUPS_KEPT) || COPIES_KEPT);

/** The first name beside the file that is free. @param {string} file */
function asideName(file) {
  for (let i = 1; ; i++) if (!existsSync(`${file}.put-aside-${i}`)) return `${file}.put-aside-${i}`;
}
