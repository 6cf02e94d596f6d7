// Which servers are on a file now: a line each in a small file beside it. Two are allowed; a copy is not brought back under one.
import { existsSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";

/** @param {string} file */
const listOf = (file) => `${file}.servers`;

/**
 * Servers that run on a file, this one left out.
 * @param {string} file
 * @returns {{ pid: number, at: string }[]}
 */
export function serversOf(file) {
  return linesOf(file).filter((s) => s.pid !== process.pid && isServing(s.pid));
}

/** @param {string} file @param {string} at the address */
export function noteServing(file, at) {
  write(file, [...serversOf(file), { pid: process.pid, at }]);
}

/** @param {string} file */
export function noteStopped(file) {
  write(file, serversOf(file));
}

/** @param {string} file @returns {{ pid: number, at: string }[]} */
function linesOf(file) {
  if (!existsSync(listOf(file))) return [];
  return readFileSync(listOf(file), "utf8")
    .split("\n")
    .map((line) => ({ pid: Number(line.split(" ")[0]), at: line.split(" ")[1] ?? "" }))
    .filter((s) => Number.isInteger(s.pid) && s.pid > 0);
}

/** @param {string} file @param {{ pid: number, at: string }[]} servers */
function write(file, servers) {
  try {
    if (servers.length === 0) rmSync(listOf(file), { force: true });
    else writeFileSync(listOf(file), servers.map((s) => `${s.pid} ${s.at}\n`).join(""));
  } catch {
    // The folder went away: there is nothing left to note it in.
  }
}

/** A process of that number runs, and is one of ours where the system tells. @param {number} pid */
function isServing(pid) {
  try {
    process.kill(pid, 0);
  } catch {
    return false;
  }
  const told = `/proc/${pid}/cmdline`;
  return existsSync(told) ? readFileSync(told, "utf8").includes("server.mjs") : true;
}

/** What a file was when it was closed whole: a start that finds it so need not read all of it again. @param {string} file */
const closedAs = (file) => {
  const { size, mtimeMs, ino } = statSync(file);
  return `${size} ${mtimeMs} ${ino}`;
};

/** @param {string} file */
export function noteClosed(file) {
  try {
    writeFileSync(`${file}.closed`, closedAs(file));
  } catch {
    // Not noted: the next start reads the file through.
  }
}

/** Whether a file is as it was when it was last closed whole. @param {string} file */
export function wasClosedWhole(file) {
  try {
    return !existsSync(`${file}-wal`) && readFileSync(`${file}.closed`, "utf8") === closedAs(file);
  } catch {
    return false;
  }
}
