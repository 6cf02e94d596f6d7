import { spawn } from "node:child_process";
import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium } from "@playwright/test";
import { createDatabase } from "../src/db/database.ts";
import { rebuild } from "../src/db/projection.ts";
import { CHROMIUM } from "../tests/support/chromium.ts";
import { growFirm, growLongRound } from "./grown-firm.ts";

/* A round of 1 000 panes scrolled from end to end by the wheel: how long its frames take, beside a page that nothing hangs on. Needs a build and Chromium. */

const PANES = 1000;
const file = join(tmpdir(), "plain-pane-scroll.sqlite");
const clear = () => {
  for (const tail of ["", "-wal", "-shm", ".servers", ".closed"]) rmSync(file + tail, { force: true });
};
clear();
const db = createDatabase(file);
growFirm(db, { rounds: 1, panesEach: 10, entriesEach: 10 });
const round = growLongRound(db, PANES);
db.transaction((tx) => rebuild(tx), { behavior: "immediate" });
db.$client.close();
const server = spawn("node", ["server.mjs"], {
  env: { ...process.env, DATABASE_FILE: file, PORT: "0", PLAIN_PANE_TODAY: "2026-05-20", BACKUPS: "off" },
  stdio: ["ignore", "pipe", "inherit"],
});
const url = await new Promise<string>((resolve) =>
  server.stdout.on("data", (d) => resolve(/http:\S+(?=\/\s)/.exec(String(d))?.[0] ?? "")),
);
const browser = await chromium.launch(CHROMIUM);

/** Times between frames, ms, while the wheel turns so many times over the middle of the page. */
async function frames(html: string | null, turns: number): Promise<readonly number[]> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  if (html === null) await page.goto(`${url}/?round=${round.id}`);
  else await page.setContent(html);
  await page.waitForTimeout(1500);
  await page.mouse.move(640, 500);
  // As text: what runs this file names its functions, and the page knows nothing of that.
  await page.evaluate(`{
    let last = performance.now();
    window.times = [];
    requestAnimationFrame(function step(now) {
      window.times.push(now - last);
      last = now;
      requestAnimationFrame(step);
    });
  }`);
  for (let i = 0; i < turns; i++) {
    await page.mouse.wheel(0, 600);
    await page.waitForTimeout(16);
  }
  const times = (await page.evaluate("window.times.slice(2)")) as number[];
  await page.close();
  return times.sort((a, b) => a - b);
}
const said = (name: string, times: readonly number[]): void => {
  const at = (share: number) => (times[Math.floor(times.length * share)] ?? 0).toFixed(0);
  const late = times.filter((t) => t > 34).length;
  console.log(`| ${name} | ${at(0.5)} ms | ${at(0.95)} ms | ${at(0.999)} ms | ${late} of ${times.length} |`);
};
try {
  const plain = `<ul>${Array.from({ length: PANES }, (_, i) => `<li style="height:88px">${i}</li>`).join("")}</ul>`;
  console.log(
    "| scrolled | median frame | 95 in 100 | longest | later than two frames |\n| --- | --: | --: | --: | --: |",
  );
  said("plain lines: the browser's own share", await frames(plain, 120));
  said("a round of 1 000 panes", await frames(null, 120));
} finally {
  await browser.close();
  server.kill("SIGTERM");
  clear();
}
