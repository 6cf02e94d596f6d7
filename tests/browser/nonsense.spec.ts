import { expect, type Page, test } from "@playwright/test";
import { addPane, openStation, ready, roundPath } from "./pane-of-ones-own.ts";

/* Gloves, cats and barcodes: whatever is typed key by key into whatever field, the page stands, and so does every other. */

const STATIONS = ["Look", "Take out", "Measure", "Specify", "Order", "Make ready", "Set", "Finish", "Sign off"];
const TEXTS = ["9x9", "-5", "99999999999", "17/16", "1,200", "٣٤", "=1+1", "34 5/16 5"];
const NUMBERS = ["-7", "1e9", "99999999", "0.00001"];

/** Types into each field of the page that can be seen, folds and all, key by key, and leaves it. */
async function typeNonsense(page: Page): Promise<number> {
  await page.evaluate(() => {
    for (const fold of document.querySelectorAll("details")) fold.open = true;
  });
  const fields = page.locator(
    'main input:visible:not([type="checkbox"]):not([type="radio"]):not([type="file"]):not([type="range"]):not([readonly]):not([disabled]), main textarea:visible',
  );
  let typed = 0;
  for (let i = 0; i < (await fields.count()) && i < 60; i++) {
    const field = fields.nth(i);
    // What stands beside the tabs is there under each of them: it is typed into once.
    const type = await field.evaluate((f: HTMLInputElement) => {
      if (f.dataset["typed"]) return null;
      f.dataset["typed"] = "yes";
      f.focus();
      if (f.type !== "date") f.select();
      return f.type;
    });
    if (type === null) continue;
    // Month, day, and a year of which the first two figures were forgotten.
    const keys =
      type === "date" ? "05200026" : ((type === "number" ? NUMBERS : TEXTS)[i % (type === "number" ? 4 : 8)] ?? "");
    await page.keyboard.type(keys);
    await page.keyboard.press("Tab");
    typed++;
  }
  return typed;
}

async function stands(page: Page, complaints: readonly string[]) {
  expect(complaints).toEqual([]);
  await expect(page.getByText("could not be shown.")).toHaveCount(0);
}

test("nonsense in every field of every station leaves the pane, the round and the orders standing", async ({
  page,
}) => {
  test.slow();
  const complaints: string[] = [];
  page.on("pageerror", (e) => complaints.push(e.message));
  const { path } = await addPane(page);
  let typed = 0;
  for (const station of STATIONS) {
    await openStation(page, station);
    await ready(page);
    for (const tab of await page.getByRole("tab").all()) {
      if (!(await tab.isVisible())) continue;
      await tab.click();
      typed += await typeNonsense(page);
      await stands(page, complaints);
    }
  }
  expect(typed).toBeGreaterThan(40);
  await expect(page.locator("[data-unsent]")).toHaveAttribute("data-unsent", "0");
  for (const at of [`${path}/measure`, `${path}/logbook`, await roundPath(page), "/orders"]) {
    const answer = await page.request.get(at);
    expect([at, answer.status()]).toEqual([at, 200]);
  }
  // No day of the year 26 and no length that no tape has came into the log.
  const log = await (await page.request.get(`/api/entries?pane=${path.split("/")[2]}`)).text();
  expect(log).not.toMatch(/"00\d\d-\d\d-\d\d"/);
});

test("nor on the pages of the firm", async ({ page }) => {
  const complaints: string[] = [];
  page.on("pageerror", (e) => complaints.push(e.message));
  const round = new URLSearchParams((await roundPath(page)).slice(2)).get("round");
  for (const at of ["/rounds/new", `/panes/new?round=${round}`, `/rounds/${round}/kit`, "/orders"]) {
    await page.goto(at);
    await ready(page);
    await typeNonsense(page);
    await stands(page, complaints);
    expect((await page.request.get(at)).status()).toBe(200);
  }
});
