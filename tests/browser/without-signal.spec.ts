import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type Browser, type BrowserContext, chromium, expect, type Page, test } from "@playwright/test";
import { CHROMIUM } from "../support/chromium.ts";
import { roundPath } from "./pane-of-ones-own.ts";

/* What a glazier does where there is no signal: the browser's network is cut, pages are opened cold. */

test.use({ serviceWorkers: "allow" });

const field = (page: Page, place: string) => page.locator(`#r-${place}`);

/** Opens the round and waits until this browser keeps it and the application. */
async function keptRound(page: Page): Promise<string> {
  const path = await roundPath(page);
  await page.goto(path);
  await expect
    .poll(
      () =>
        page.evaluate(async () => {
          const worker = await navigator.serviceWorker.getRegistration();
          const caches_ = await caches.keys();
          // Opened before the application made it, it would be made empty.
          const isThere = (await indexedDB.databases()).some((d) => d.name === "pp-kept");
          if (!isThere) return false;
          const isWhole = await new Promise<boolean>((done) => {
            const ask = indexedDB.open("pp-kept");
            ask.onerror = () => done(false);
            ask.onsuccess = () => {
              const db = ask.result;
              if (!db.objectStoreNames.contains("rounds")) return done(false);
              const all = db.transaction("rounds").objectStore("rounds").getAll();
              all.onsuccess = () => {
                db.close();
                done(all.result.some((r: { whole: boolean }) => r.whole));
              };
            };
          });
          return worker?.active?.state === "activated" && caches_.length > 0 && isWhole;
        }),
      { timeout: 30_000 },
    )
    .toBe(true);
  return path;
}

/** A device of its own, whose clock may be off. */
async function device(browser: Browser, who: string): Promise<{ context: BrowserContext; page: Page }> {
  const context = await browser.newContext({ serviceWorkers: "allow" });
  await context.addCookies([{ name: "who", value: who, url: "http://127.0.0.1:4399" }]);
  return { context, page: await context.newPage() };
}

/** Opens a page and waits until it listens: what is typed before that is nobody's. */
async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.locator("astro-island[ssr]")).toHaveCount(0);
}

/** Adds a pane and answers with its address. */
async function newPane(page: Page, address: string): Promise<string> {
  await open(page, `/panes/new${(await roundPath(page)).slice(1)}`);
  await page.getByPlaceholder("No. 5").fill(address);
  await page.getByLabel("Which opening").fill("landing");
  await page.getByRole("button", { name: /^Add/ }).click();
  await page.waitForURL(/\/panes\/[0-9a-f-]{36}\/look/);
  return new URL(page.url()).pathname.replace("/look", "");
}

test("a round that is kept opens cold, is worked on, and goes out when there is a signal again", async ({
  page,
  context,
}) => {
  const round = await keptRound(page);
  await context.setOffline(true);

  await open(page, round);
  await expect(page.getByRole("status").filter({ hasText: "No signal" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Ottermole Row, after the hail" })).toBeVisible();
  await expect(page.getByRole("link", { name: /No. 5/ }).first()).toBeVisible();

  // A pane that nobody added before, with its readings, its size and its logbook.
  const path = await newPane(page, "Wharf cottage, no signal");
  await open(page, `${path}/measure`);
  for (const [place, text] of [
    ["width-top", "612"],
    ["width-bottom", "613"],
    ["height-left", "904"],
    ["height-right", "903"],
  ] as const) {
    await field(page, place).fill(text);
    await field(page, place).blur();
  }
  await expect(page.locator("[data-unsent]").first()).toContainText(/kept here/);
  await expect(page.getByRole("contentinfo")).toContainText(/60\d/);
  await open(page, `${path}/logbook`);
  await expect(page.locator("p", { hasText: "width, top: 612 mm" })).toBeVisible();

  // The kit, and what this device does not keep.
  const id = new URLSearchParams(round.slice(2)).get("round");
  await open(page, `/rounds/${id}/kit`);
  await expect(page.getByRole("heading", { name: "Kit" })).toBeVisible();
  await open(page, `/rounds/${id}/quote`);
  await expect(page.getByRole("heading", { name: /Quote/ }).first()).toBeVisible();
  await open(page, "/plan/day");
  await expect(page.getByText("Of the rounds that this device keeps, and no others.")).toBeVisible();
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  await open(page, "/orders");
  await page.getByRole("list", { name: "The orders" }).getByRole("link").first().click();
  await expect(page.getByRole("heading", { name: /Salt Lane|Fen End|Heronsgate/ }).first()).toBeVisible();
  await open(page, "/bench");
  await expect(page.getByRole("heading", { name: "This page needs a signal" })).toBeVisible();

  await context.setOffline(false);
  await open(page, `${path}/measure`);
  await expect(page.locator("[data-unsent='0']").first()).toBeAttached();
  await expect
    .poll(async () => {
      const stored = await page.request.get(`/api/entries?pane=${path.replace("/panes/", "")}`);
      const { entries } = (await stored.json()) as { entries: readonly { kind: string; payload: { text?: string } }[] };
      return entries.some((e) => e.kind === "measure.reading" && e.payload.text === "612");
    })
    .toBe(true);
});

test("what was sent before the signal went is there without it, after the browser was closed", async ({ browser }) => {
  const { context, page } = await device(browser, "Bram Tolley");
  await keptRound(page);
  const path = await newPane(page, "Slipway, sent before");
  await open(page, `${path}/measure`);
  await field(page, "width-top").fill("501");
  await field(page, "width-top").blur();
  await expect(page.locator("[data-unsent='0']").first()).toBeAttached();
  await context.setOffline(true);
  await page.close();
  const again = await context.newPage();
  await open(again, `${path}/measure`);
  await expect(field(again, "width-top")).toHaveValue("501");
  await context.close();
});

test("what is said to be kept outlives a browser that is killed the next moment", async () => {
  const folder = mkdtempSync(join(tmpdir(), "plain-pane-phone-"));
  const start = () =>
    chromium.launchPersistentContext(folder, {
      ...CHROMIUM,
      baseURL: "http://127.0.0.1:4399",
      serviceWorkers: "allow",
    });
  const first = await start();
  const page = await first.newPage();
  await keptRound(page);
  const path = await newPane(page, "Lock house, killed");
  await first.setOffline(true);
  await open(page, `${path}/measure`);
  await field(page, "width-top").fill("733");
  await field(page, "width-top").blur();
  await expect(page.locator("[data-unsent]").first()).toContainText(/kept here/);
  // Every process of that browser, without a word of warning.
  spawnSync("pkill", ["-9", "-f", folder]);
  const second = await start();
  await second.setOffline(true);
  const again = await second.newPage();
  await open(again, `${path}/measure`);
  await expect(field(again, "width-top")).toHaveValue("733");
  await second.close();
  rmSync(folder, { recursive: true, force: true });
});

test("two who read the same place apart are both told, and one tap settles it", async ({ browser }) => {
  const [bram, nell] = [await device(browser, "Bram Tolley"), await device(browser, "Nell Harrow")];
  const path = await newPane(bram.page, "Ferry steps, apart");
  await keptRound(bram.page);
  await keptRound(nell.page);
  for (const [d, text] of [
    [bram, "611"],
    [nell, "613"],
  ] as const) {
    await open(d.page, `${path}/measure`);
    await expect(field(d.page, "width-top")).toBeVisible();
    await d.context.setOffline(true);
    await field(d.page, "width-top").fill(text);
    await field(d.page, "width-top").blur();
    await expect(d.page.locator("[data-unsent]:not([data-unsent='0'])").first()).toBeAttached();
  }
  await bram.context.setOffline(false);
  await expect(bram.page.locator("[data-unsent='0']").first()).toBeAttached();
  await nell.context.setOffline(false);
  await expect(nell.page.locator("[data-unsent='0']").first()).toBeAttached();
  for (const d of [bram, nell]) {
    await expect(d.page.getByRole("region", { name: "Written apart" })).toContainText(
      /Bram Tolley wrote at .* and Nell Harrow at .*; neither had seen the other’s/,
    );
  }
  await bram.page
    .getByRole("region", { name: "Written apart" })
    .getByRole("button", { name: /611 mm/ })
    .click();
  await expect(bram.page.getByRole("region", { name: "Written apart" })).toHaveCount(0);
  // The other page hears of it by itself.
  await expect(nell.page.getByRole("region", { name: "Written apart" })).toHaveCount(0, { timeout: 5000 });
  await expect(field(nell.page, "width-top")).toHaveValue("611");
  await bram.context.close();
  await nell.context.close();
});

test("what another device writes appears while there is a signal", async ({ browser }) => {
  const [bram, nell] = [await device(browser, "Bram Tolley"), await device(browser, "Nell Harrow")];
  const path = await newPane(bram.page, "Rope walk, live");
  await open(bram.page, `${path}/measure`);
  await open(nell.page, `${path}/measure`);
  await field(nell.page, "height-left").fill("777");
  await field(nell.page, "height-left").blur();
  await expect(field(bram.page, "height-left")).toHaveValue("777", { timeout: 5000 });
  await bram.context.close();
  await nell.context.close();
});

test("the browser finds that it can be installed", async ({ page }) => {
  await keptRound(page);
  const devtools = await page.context().newCDPSession(page);
  const { installabilityErrors } = (await devtools.send("Page.getInstallabilityErrors")) as {
    installabilityErrors: readonly { errorId: string }[];
  };
  // A private window is what a test runs in; nothing else may stand in the way.
  expect(installabilityErrors.map((e) => e.errorId).filter((id) => id !== "in-incognito")).toEqual([]);
});
