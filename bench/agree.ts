import { spawn } from "node:child_process";
import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout as after } from "node:timers/promises";
import { v7 as uuidv7 } from "uuid";
import { createDatabase } from "../src/db/database.ts";
import { growFirm } from "./grown-firm.ts";

/*
 * A phone that was a week without a signal: it brings 5 000 entries, and takes as many that others wrote. Over loopback,
 * against the built server, in the batches and by the addresses that the page uses: `npx tsx bench/agree.ts`.
 */

const ENTRIES = 5000;
const BATCH = 500;
const PORT = 4398;
const URL = `http://127.0.0.1:${PORT}`;

const file = join(tmpdir(), "plain-pane-agree.sqlite");
for (const tail of ["", "-wal", "-shm", ".servers", ".closed"]) rmSync(file + tail, { force: true });
const db = createDatabase(file);
const firm = growFirm(db, { rounds: 4, panesEach: 40, entriesEach: 25 });
db.$client.close();
const server = spawn("node", ["server.mjs"], {
  env: { ...process.env, DATABASE_FILE: file, PLAIN_PANE_TODAY: "2026-05-20", HOST: "127.0.0.1", PORT: String(PORT) },
  stdio: "ignore",
});
for (let i = 0; i < 200; i++) {
  if (
    await fetch(`${URL}/api/health`).then(
      (r) => r.ok,
      () => false,
    )
  )
    break;
  await after(50);
}

const round = firm.rounds.at(-1) ?? "";
const panes = firm.panes.slice(-40);
const PLACES = ["width-top", "width-middle", "width-bottom", "height-left", "height-middle", "height-right"] as const;
const written = Array.from({ length: ENTRIES }, (_, i) => ({
  id: uuidv7(),
  at: new Date(Date.UTC(2026, 4, 13, 8) + i * 60_000).toISOString(),
  who: "Nell Harrow",
  about: { pane: panes[i % panes.length] },
  kind: "measure.reading",
  payload: { place: PLACES[i % PLACES.length], text: String(600 + (i % 50)), unit: "mm" },
}));

const through = async (): Promise<number> => {
  let at = 0;
  for (let more = true; more; ) {
    const page = (await (await fetch(`${URL}/api/rounds/${round}/kept?after=${at}`)).json()) as {
      readonly more: boolean;
      readonly through: number;
    };
    at = page.through;
    more = page.more;
  }
  return at;
};
const before = await through();

let from = performance.now();
for (let i = 0; i < ENTRIES; i += BATCH) {
  const answer = await fetch(`${URL}/api/entries`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ entries: written.slice(i, i + BATCH) }),
  });
  if (!answer.ok) throw new Error(await answer.text());
}
const sent = performance.now() - from;

from = performance.now();
let came = 0;
let bytes = 0;
for (let at = before, more = true; more; ) {
  const answer = await fetch(`${URL}/api/rounds/${round}/kept?after=${at}`, { headers: { "accept-encoding": "br" } });
  const text = await answer.text();
  const page = JSON.parse(text) as { more: boolean; through: number; entries: readonly unknown[] };
  bytes += Number(answer.headers.get("content-length") ?? 0);
  came += page.entries.length;
  at = page.through;
  more = page.more;
}
const taken = performance.now() - from;
server.kill();

console.log(`| what | entries | took |\n| --- | --: | --: |`);
console.log(`| a phone a week behind brings what it wrote | ${ENTRIES} | ${(sent / 1000).toFixed(2)} s |`);
console.log(`| and takes what others wrote | ${came} | ${(taken / 1000).toFixed(2)} s |`);
if (bytes > 0) console.log(`over the wire ${(bytes / 1000).toFixed(0)} kB`);
