import { spawn } from "node:child_process";
import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type Locator, type Page } from "@playwright/test";
import { dayOf } from "../src/core/units/day.ts";
import { appendEntries } from "../src/db/append.ts";
import { createDatabase } from "../src/db/database.ts";
import { listRounds, panesOfRound } from "../src/db/lists.ts";
import { ottermoleRow } from "../src/demo/ottermole-row.ts";
import { CHROMIUM } from "../tests/support/chromium.ts";

export type PageFigures = {
  readonly roundScriptKb: number;
  readonly paneScriptKb: number;
  /** The same for a field of the page that nothing hangs on: what the browser itself takes. */
  readonly bareMedianMs: number;
  readonly keyMedianMs: number;
  readonly keyP95Ms: number;
  /** A key on a packer's slider until the frame in which the sash has moved. */
  readonly simulatorMedianMs: number;
  readonly simulatorP95Ms: number;
  /** The same for a slider of the page that nothing hangs on. */
  readonly bareSliderMedianMs: number;
  readonly slowDown: number;
  readonly firstPageMs: number;
};

/** Script that a page loads, as it goes over the wire, and how long a key press takes until the next frame is drawn. */
export async function benchPage(): Promise<PageFigures> {
  const file = join(tmpdir(), `plain-pane-bench-${process.pid}.sqlite`);
  for (const tail of ["", "-wal", "-shm"]) rmSync(file + tail, { force: true });
  const db = createDatabase(file);
  appendEntries(db, ottermoleRow(dayOf("2026-05-20")));
  const panes = panesOfRound(db, listRounds(db)[0]?.id ?? "");
  const pane = panes[2]?.id ?? "";
  const hinged = panes.find((p) => p.opening === "landward casement")?.id ?? "";
  db.$client.close();
  const server = spawn("node", ["server.mjs"], {
    env: { ...process.env, DATABASE_FILE: file, PORT: "0", PLAIN_PANE_TODAY: "2026-05-20" },
    stdio: ["ignore", "pipe", "inherit"],
  });
  const url = await new Promise<string>((resolve) =>
    server.stdout.on("data", (d) => resolve(/http:\S+(?=\/\s)/.exec(String(d))?.[0] ?? "")),
  );
  const browser = await chromium.launch(CHROMIUM);
  try {
    const roundScriptKb = await scriptOf(await browser.newPage(), `${url}/`);
    const paneScriptKb = await scriptOf(await browser.newPage(), `${url}/panes/${pane}/measure`);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const from = performance.now();
    await page.goto(`${url}/panes/${pane}/measure`);
    const firstPageMs = performance.now() - from;
    const slowDown = 4;
    await slow(page, slowDown);
    const bare = await keyTimes(page, page.getByRole("textbox", { name: "Note" }), ["5", "Backspace"]);
    const keys = await keyTimes(page, page.getByRole("textbox", { name: "width, top" }), ["5", "Backspace"]);
    const bench = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await bench.goto(`${url}/panes/${hinged}/set`);
    await slow(bench, slowDown);
    await bench.getByText("Has it dropped? Toe and heel").click();
    const packer = bench.getByRole("slider", { name: /above, at the handle/ });
    const moved = await keyTimes(bench, packer, ["ArrowRight", "ArrowLeft"]);
    await bench.evaluate(() => {
      const slider = Object.assign(document.createElement("input"), { type: "range", id: "bare" });
      document.querySelector("input[type=range]")?.after(slider);
    });
    const bareSlider = await keyTimes(bench, bench.locator("#bare"), ["ArrowRight", "ArrowLeft"]);
    return {
      bareSliderMedianMs: middle(bareSlider),
      roundScriptKb,
      paneScriptKb,
      firstPageMs,
      slowDown,
      simulatorMedianMs: middle(moved),
      simulatorP95Ms: moved[Math.floor(moved.length * 0.95)] ?? 0,
      bareMedianMs: middle(bare),
      keyMedianMs: middle(keys),
      keyP95Ms: keys[Math.floor(keys.length * 0.95)] ?? 0,
    };
  } finally {
    await browser.close();
    server.kill();
    for (const tail of ["", "-wal", "-shm"]) rmSync(file + tail, { force: true });
  }
}

async function scriptOf(page: Page, url: string): Promise<number> {
  const cdp = await page.context().newCDPSession(page);
  await cdp.send("Network.enable");
  const scripts = new Set<string>();
  let bytes = 0;
  cdp.on("Network.responseReceived", (e) => e.type === "Script" && scripts.add(e.requestId));
  cdp.on("Network.loadingFinished", (e) => {
    if (scripts.has(e.requestId)) bytes += e.encodedDataLength;
  });
  await page.goto(url);
  await page.waitForFunction(() => document.querySelector("astro-island[ssr]") === null);
  await page.waitForTimeout(1000);
  await page.close();
  return bytes / 1024;
}

const middle = (sorted: readonly number[]): number => sorted[Math.floor(sorted.length / 2)] ?? 0;

async function slow(page: Page, times: number): Promise<void> {
  await page.waitForFunction(() => document.querySelectorAll("astro-island[ssr]").length === 0);
  await page.waitForTimeout(500);
  const cdp = await page.context().newCDPSession(page);
  await cdp.send("Emulation.setCPUThrottlingRate", { rate: times });
  await page.evaluate(() => {
    const times: number[] = [];
    Object.assign(window, { keyTimes: times });
    document.addEventListener(
      "input",
      () => {
        const from = performance.now();
        // A message posted from the next frame runs just after it is painted.
        requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => times.push(performance.now() - from);
          port2.postMessage(0);
        });
      },
      { capture: true },
    );
  });
}

/** From the key event to the end of the frame that shows it, in milliseconds, sorted. */
async function keyTimes(page: Page, field: Locator, keys: readonly [string, string]): Promise<number[]> {
  await page.evaluate(() => {
    (window as unknown as { keyTimes: number[] }).keyTimes.length = 0;
  });
  await field.focus();
  for (let i = 0; i < 60; i++) {
    await page.keyboard.press(keys[i % 2 === 0 ? 0 : 1]);
    await page.waitForTimeout(80);
  }
  const times = await page.evaluate(() => [...(window as unknown as { keyTimes: number[] }).keyTimes]);
  return times.sort((a, b) => a - b);
}
