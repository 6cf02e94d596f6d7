import { type ChildProcess, spawn } from "node:child_process";
import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { v7 as uuidv7 } from "uuid";
import { createDatabase } from "../src/db/database.ts";
import { rebuild } from "../src/db/projection.ts";
import { growFirm, growLongRound } from "./grown-firm.ts";

/* A firm after years beside the same at its start: what each page and each write costs. Needs a build. */

const TODAY = "2026-05-20";
const SMALL = { rounds: 4, panesEach: 40, entriesEach: 25 };
const GROWN = { rounds: 100, panesEach: 40, entriesEach: 100 };
const LONG_ROUND = 1000;
const REST_MS = 2500;

type Row = readonly [what: string, small: string, grown: string, aim: string];
const ms = (n: number): string => `${n < 10 ? n.toFixed(1) : Math.round(n)} ms`;
const median = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1] ?? 0;

const only = process.argv[2];
const rows: Record<string, readonly [string, string]> = {};
const small = await figures("small", SMALL, 40);
const grown = only === "small" ? small : await figures("grown", GROWN, LONG_ROUND);
for (const key of Object.keys(grown.of)) rows[key] = [small.of[key] ?? "", grown.of[key] ?? ""];

const AIMS: Readonly<Record<string, string>> = {
  "from start to the first answer, after a clean stop": "1 s",
  "round of 40 panes": "60 ms",
  "pane page": "60 ms",
  "/orders": "100 ms",
  "a reading stored": "10 ms",
  "strike of a round": "1 s",
  "made again from the log": "10 s",
  "round of 1 000 panes": "100 ms",
  "pages a second at 50 connections": "100",
  "of those, 99 in 100 within": "1.5 s",
};
const table: readonly Row[] = Object.entries(rows).map(([k, [a, b]]) => [k, a, b, AIMS[k] ?? ""]);
console.log(
  `\n| what, median | ${small.entries.toLocaleString("en")} entries | ${grown.entries.toLocaleString("en")} entries | aim |\n| --- | --: | --: | --: |`,
);
for (const r of table) console.log(`| ${r.join(" | ")} |`);

async function figures(name: string, size: typeof SMALL, long: number) {
  const file = join(tmpdir(), `plain-pane-${name}.sqlite`);
  for (const tail of ["", "-wal", "-shm", ".servers", ".closed"]) rmSync(file + tail, { force: true });
  const db = createDatabase(file);
  const firm = growFirm(db, size);
  const longRound = growLongRound(db, long);
  const given: Record<string, string> = {};
  const from = performance.now();
  db.transaction((tx) => rebuild(tx), { behavior: "immediate" });
  given["made again from the log"] = ms(performance.now() - from);
  db.$client.close();

  const unclean = await start(file);
  given["from start to the first answer, every page of the file looked over"] = ms(unclean.took);
  await stop(unclean.child);
  const starts: number[] = [];
  for (let i = 0; i < 4; i++) {
    const again = await start(file);
    starts.push(again.took);
    await stop(again.child);
  }
  given["from start to the first answer, after a clean stop"] = ms(median(starts));
  const { child, url } = await start(file);
  const get = async (path: string): Promise<number> => {
    const t = performance.now();
    const answer = await fetch(url + path, { headers: { "accept-encoding": "br" } });
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
    return performance.now() - t;
  };
  // Asked under another address each time, so that each is made anew; unchanged ones are sent as they were.
  let asked = 0;
  const anew = async (path: string, times: number): Promise<string> => {
    const all: number[] = [];
    for (let i = 0; i < times; i++) all.push(await get(`${path}${path.includes("?") ? "&" : "?"}k=${asked++}`));
    return ms(median(all));
  };
  const several = async (paths: readonly string[], times: number): Promise<string> => {
    const all: number[] = [];
    for (let i = 0; i < times; i++) all.push(await get(paths[i % paths.length] ?? "/"));
    return ms(median(all));
  };
  const last = firm.panes.slice(-40);
  const round = firm.rounds.at(-1) ?? "";
  given["round of 40 panes"] = await anew(`/?round=${round}`, 15);
  given["the same, nothing written since"] = await several([`/?round=${round}`], 15);
  given["pane page"] = await several(
    last.map((p) => `/panes/${p}/measure`),
    40,
  );
  given["/orders"] = await anew("/orders", 11);
  given["house rules"] = await anew("/house", 7);
  given["round of 1 000 panes"] = await anew(`/?round=${longRound.id}`, 11);
  const write = async (entries: readonly object[], more: object = {}): Promise<number> => {
    const t = performance.now();
    const answer = await fetch(`${url}/api/entries`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ entries, ...more }),
    });
    if (!answer.ok) throw new Error(await answer.text());
    return performance.now() - t;
  };
  const entry = (about: object, kind: string, payload: object, id = uuidv7()) => ({
    id,
    at: new Date().toISOString(),
    who: "Nell Harrow",
    about,
    kind,
    payload,
  });
  const stored: number[] = [];
  for (let i = 0; i < 60; i++)
    stored.push(
      await write([
        entry({ pane: last[i % last.length] }, "measure.reading", {
          place: "width-top",
          text: String(600 + i),
          unit: "mm",
        }),
      ]),
    );
  given["a reading stored"] = ms(median(stored));
  const firmWide: number[] = [];
  for (let i = 0; i < 15; i++)
    firmWide.push(await write([entry({}, "shelf.kept", { what: `tape ${i}`, amount: 1, unit: "m" })]));
  given["an entry of the firm's own stored"] = ms(median(firmWide));
  // What was written is worked out in the quiet after it; a crowd in the middle of that waits for it.
  await new Promise((on) => setTimeout(on, REST_MS));
  const under = await load(
    [`/?round=${round}`, "/orders", ...last.slice(0, 10).map((p) => `/panes/${p}/measure`)],
    50,
    get,
  );
  given["pages a second at 50 connections"] = under.perSecond.toFixed(0);
  given["of those, 99 in 100 within"] = ms(under.p99);
  const strike = entry({ round: longRound.id }, "struck", { entry: longRound.entry, reason: "bench" });
  let slowest = 0;
  let done = false;
  const watch = (async () => {
    while (!done) slowest = Math.max(slowest, await get("/api/health"));
  })();
  given["strike of a round"] = ms(await write([strike], { sure: true }));
  given["the round brought back"] = ms(
    await write([entry({ round: longRound.id }, "struck", { entry: strike.id, reason: "bench" })]),
  );
  done = true;
  await watch;
  given["longest anybody waited meanwhile"] = ms(slowest);
  await stop(child);
  for (const tail of ["", "-wal", "-shm", ".servers", ".closed"]) rmSync(file + tail, { force: true });
  return { of: given, entries: firm.entries };
}

/** A server on the file, and how long it took until it had answered once. */
async function start(file: string): Promise<{ child: ChildProcess; url: string; took: number }> {
  const from = performance.now();
  const child = spawn("node", ["server.mjs"], {
    env: { ...process.env, DATABASE_FILE: file, PORT: "0", PLAIN_PANE_TODAY: TODAY, BACKUPS: "off" },
    stdio: ["ignore", "pipe", "inherit"],
  });
  const url = await new Promise<string>((resolve) =>
    child.stdout.on("data", (d) => resolve(/http:\S+(?=\/\s)/.exec(String(d))?.[0] ?? "")),
  );
  await fetch(`${url}/api/health`);
  return { child, url, took: performance.now() - from };
}

async function stop(child: ChildProcess): Promise<void> {
  child.kill("SIGTERM");
  await new Promise((on) => child.on("exit", on));
}

async function load(paths: readonly string[], connections: number, get: (path: string) => Promise<number>) {
  const times: number[] = [];
  const until = performance.now() + 8000;
  let n = 0;
  await Promise.all(
    Array.from({ length: connections }, async () => {
      while (performance.now() < until) times.push(await get(paths[n++ % paths.length] ?? "/"));
    }),
  );
  times.sort((a, b) => a - b);
  return { perSecond: times.length / 8, p99: times[Math.floor(times.length * 0.99)] ?? 0 };
}
