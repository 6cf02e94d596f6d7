import { spawn } from "node:child_process";
import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type Browser, chromium, type Page } from "@playwright/test";
import { dayOf } from "../src/core/units/day.ts";
import { appendEntries } from "../src/db/append.ts";
import { createDatabase } from "../src/db/database.ts";
import { listRounds, panesOfRound } from "../src/db/lists.ts";
import { lastYears } from "../src/demo/last-year.ts";
import { ottermoleRow } from "../src/demo/ottermole-row.ts";
import { CHROMIUM } from "../tests/support/chromium.ts";

/* One current picture of each main view, from the demo round as it stands on one day. Needs a build and Chromium. */
const TODAY = "2026-05-20";
const file = join(tmpdir(), `plain-pane-shots-${process.pid}.sqlite`);
const clear = () => {
  for (const tail of ["", "-wal", "-shm"]) rmSync(file + tail, { force: true });
};

clear();
const db = createDatabase(file);
appendEntries(db, ottermoleRow(dayOf(TODAY)));
appendEntries(db, lastYears(dayOf(TODAY)));
const round = listRounds(db)[0]?.id ?? "";
const panes = panesOfRound(db, round);
const pane = (address: string, opening: string, light = "") =>
  panes.find((p) => p.address === address && p.opening === opening && p.light.includes(light))?.id ?? "";
db.$client.close();

const leaning = pane("No. 4", "front parlour");
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
type Shot = {
  readonly name: string;
  readonly path: string;
  readonly size: typeof DESK;
  readonly dark?: boolean;
  readonly inches?: boolean;
  readonly first?: (page: Page) => Promise<void>;
};

/** Opens a step by its line. */
const step =
  (name: RegExp) =>
  async (page: Page): Promise<void> =>
    page.getByRole("checkbox", { name }).locator("xpath=ancestor::li[1]").getByRole("button").click();

/** Opens a tab of the stage. */
const tab =
  (name: string) =>
  async (page: Page): Promise<void> =>
    page.getByRole("tab", { name: new RegExp(`^${name}`) }).click();

const SHOTS: readonly Shot[] = [
  { name: "round", path: "/", size: DESK },
  { name: "pane-measure", path: `/panes/${leaning}/measure`, size: DESK },
  {
    name: "pane-odds",
    path: `/panes/${leaning}/measure`,
    size: DESK,
    first: async (page) => {
      await tab("How much to take off")(page);
      await page.getByText(/100,000 draws/).waitFor({ timeout: 20_000 });
    },
  },
  { name: "pane-racked", path: `/panes/${pane("No. 3", "box room", "upper")}/measure`, size: DESK, inches: true },
  { name: "pane-look", path: `/panes/${pane("No. 2", "porch")}/look`, size: DESK },
  {
    name: "pane-takeout",
    path: `/panes/${pane("Boat store", "landward casement")}/takeout`,
    size: DESK,
    first: step(/these come out/),
  },
  { name: "pane-specify", path: `/panes/${pane("No. 2", "kitchen")}/specify`, size: DESK },
  {
    name: "pane-set",
    path: `/panes/${pane("Boat store", "landward casement")}/set`,
    size: DESK,
    first: step(/Put in the packer that carries|Lay the packers/),
  },
  { name: "pane-signoff", path: `/panes/${pane("Reading room", "north light")}/signoff`, size: DESK },
  { name: "pane-finish", path: `/panes/${pane("Reading room", "north light")}/finish`, size: DESK },
  {
    name: "bench",
    path: "/bench",
    size: DESK,
    first: async (page) => {
      await page.getByRole("button", { name: "Plan the cuts" }).click();
      await page.getByRole("region", { name: "Sheet 1" }).waitFor({ timeout: 20_000 });
      await page.getByRole("region", { name: "Sheet 1" }).evaluate((e) => e.scrollIntoView());
    },
  },
  { name: "plan", path: "/plan", size: DESK },
  { name: "own-figures", path: "/learnt", size: DESK },
  {
    name: "learn",
    path: "/learn",
    size: DESK,
    first: async (page) => {
      // The same made-up case every time.
      await page.evaluate(() => {
        crypto.getRandomValues = <T extends ArrayBufferView | null>(array: T): T => {
          if (array instanceof Uint32Array) array.fill(21);
          return array;
        };
      });
      await page.getByRole("button", { name: /^Size a leaning/ }).click();
    },
  },
  { name: "orders", path: "/orders", size: DESK },
  { name: "house-rules", path: "/house#size", size: DESK },
  {
    name: "phone-no-signal",
    path: "/",
    size: PHONE,
    first: async (page) => {
      // Kept by then: the application, and the round that is open.
      await page.waitForTimeout(6000);
      await page.context().setOffline(true);
      await page.goto(page.url());
      await page.getByText("Ottermole Row, after the hail").waitFor();
      await page.getByRole("link", { name: /No. 5/ }).first().waitFor();
      await page.getByRole("button", { name: /all open/ }).waitFor();
    },
  },
  {
    name: "phone-measure",
    path: `/panes/${pane("No. 3", "box room", "lower")}/measure`,
    size: PHONE,
    inches: true,
    first: async (page) => {
      for (const name of ["2", "3"]) await page.getByRole("button", { name, exact: true }).click();
      await page.getByRole("button", { name: "11/16 on the tape" }).click();
    },
  },
  {
    name: "phone-takeout",
    path: `/panes/${pane("No. 2", "kitchen")}/takeout`,
    size: PHONE,
    first: async (page) => {
      await page.getByRole("button", { name: /^All \d+ steps/ }).click();
      await step(/Cut it free/)(page);
      await page.getByRole("button", { name: "Only this step" }).click();
      for (const part of ["left", "bottom left", "bottom"])
        await page.getByRole("button", { name: new RegExp(`^${part}: tap`) }).click();
    },
  },
];

const server = spawn("node", ["server.mjs"], {
  env: { ...process.env, DATABASE_FILE: file, PORT: "0", PLAIN_PANE_TODAY: TODAY },
  stdio: ["ignore", "pipe", "inherit"],
});
const url = await new Promise<string>((resolve) =>
  server.stdout.on("data", (d) => resolve(/http:\S+(?=\/\s)/.exec(String(d))?.[0] ?? "")),
);
const browser = await chromium.launch(CHROMIUM);
try {
  for (const shot of SHOTS) await take(browser, shot);
} finally {
  await browser.close();
  server.kill();
  clear();
}

async function take(on: Browser, shot: Shot): Promise<void> {
  const context = await on.newContext({
    viewport: shot.size,
    colorScheme: shot.dark ? "dark" : "light",
    reducedMotion: "reduce",
    hasTouch: shot.size === PHONE,
  });
  if (shot.inches) await context.addCookies([{ name: "unit", value: "in", url }]);
  // Cautions stand in full the first time only: the pictures show an ordinary day.
  await context.addInitScript(() =>
    localStorage.setItem("pp-cautions-read", "broken-glass lead asbestos ladder heavy too-heavy knives oil"),
  );
  const page = await context.newPage();
  await page.goto(url + shot.path);
  // A page listens for what others write as long as it is open: its network is never idle.
  await page.waitForFunction(() => document.querySelector("astro-island[ssr]") === null);
  await page.waitForTimeout(600);
  await shot.first?.(page);
  await page.waitForTimeout(200);
  await page.screenshot({ path: `docs/screenshots/${shot.name}.png` });
  console.log(shot.name);
  await context.close();
}
