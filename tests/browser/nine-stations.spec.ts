import { readFile } from "node:fs/promises";
import { expect, test } from "@playwright/test";
import {
  addPane,
  allSent,
  EIGHT,
  fromCleared,
  openStation,
  openTab,
  ready,
  roundPath,
  type,
} from "./pane-of-ones-own.ts";
import { doAllSteps, lookAllGood, openStep } from "./the-work.ts";

test("a pane from the round to signed off, in its nine stations", async ({ page }) => {
  // The whole way of a pane, every step and look ticked.
  test.slow();
  await page.goto(await roundPath(page));
  await ready(page);
  await expect(page.getByRole("heading", { name: "Ottermole Row, after the hail" })).toBeVisible();
  await expect(
    page.getByRole("list", { name: "Panes of the round" }).getByText("Read two corners").first(),
  ).toBeVisible();

  const { address, path } = await addPane(page);
  const ticket = page.getByRole("contentinfo");

  await test.step("look", async () => {
    await page.getByRole("checkbox", { name: "cracked" }).check();
    await page.getByRole("radio", { name: /this week/ }).check();
    await page.getByLabel("Why it failed").selectOption("hail");
    await expect(page.getByText("Look at every pane on the same side")).toBeVisible();
    await expect(page.getByRole("region", { name: "What can hurt" })).toContainText("gloves");
  });

  await test.step("take out", async () => {
    await openStation(page, "Take out");
    await openStep(page, /Mark the inside face/);
    await page.getByLabel("Inside face marked with").fill("wax cross");
    await page.getByLabel("Top edge marked with").fill("arrow");
    await page.getByLabel("Top edge marked with").blur();
    await openStep(page, /Draw every sprig/);
    await page.getByLabel("Sprigs found").fill("9");
    await page.getByLabel("Sprigs found").blur();
    await doAllSteps(page);
    await expect(page.getByRole("link", { name: /Take out/ })).toContainText("done");
  });

  await test.step("measure, and the size follows", async () => {
    await openStation(page, "Measure");
    await expect(page.getByRole("contentinfo").getByText("Read one width")).toBeVisible();
    await fromCleared(page);
    await type(page, EIGHT);
    await expect(page.getByText(/Leans .* mm\./)).toBeVisible();
    await type(page, { "rebate depth": "10", "rebate width": "18" });
    await expect(ticket).toContainText("607");
    await expect(ticket).toContainText("897");
    await expect(ticket).toContainText("5.4 kg");
    await expect(page.getByRole("region", { name: "Stage" }).getByText("Least cover")).toBeVisible();
  });

  await test.step("specify", async () => {
    await openStation(page, "Specify");
    await expect(ticket).toContainText("Not known until");
    await type(page, { "lower edge above floor": "1120", "nearest door edge": "1900" });
    await expect(ticket).toContainText("Ordinary glass will do here");
    await page.getByRole("button", { name: "4 mm clear float, the house's usual" }).click();
  });

  await test.step("the ticket is copied with one key", async () => {
    await page.getByRole("main").getByRole("heading").first().click();
    await page.keyboard.press("c");
    await expect(ticket.getByText("Ticket copied")).toBeVisible();
    const copied = await page.evaluate(() => navigator.clipboard.readText());
    expect(copied).toContain("607 × 897 mm (width × height). 1 off, 4 mm clear float, arrissed edges, 5.4 kg.");
    expect(copied).toContain(`${address}, study, left sash`);
  });

  await test.step("order: printed, downloaded, ordered, come, checked", async () => {
    await openStation(page, "Order");
    await page.getByLabel("New order to").fill("Salt Lane Glass Counter");
    await page.getByLabel("Our reference").fill("T-77");
    await page.getByRole("button", { name: "Open an order and put it on" }).click();
    await allSent(page);
    await page.getByRole("link", { name: "open the order" }).click();
    await ready(page);
    const csv = page.waitForEvent("download");
    await page.getByRole("link", { name: "CSV" }).click();
    const text = await readFile(await (await csv).path(), "utf8");
    expect(text.split("\r\n")[0]).toContain('"width mm","height mm"');
    expect(text).toContain('"607","897"');
    const json = page.waitForEvent("download");
    await page.getByRole("link", { name: "JSON" }).click();
    const lines = JSON.parse(await readFile(await (await json).path(), "utf8")).lines;
    expect(lines).toMatchObject([{ widthNm: 607_000_000, heightNm: 897_000_000, glass: "float" }]);
    await page.getByRole("link", { name: "Order sheet" }).click();
    await expect(page.getByRole("heading", { name: "Glass order" })).toBeVisible();
    await expect(page.getByText("607 × 897")).toBeVisible();
    const pdf = await page.pdf({ preferCSSPageSize: true });
    expect(pdf.subarray(0, 5).toString()).toBe("%PDF-");
    await page.goBack();
    await ready(page);
    await page.getByRole("button", { name: "Ordered today" }).click();
    await page.getByRole("button", { name: "It has come" }).click();
    await page.getByLabel("width that came").fill("608.5");
    await page.getByLabel("height that came").fill("897");
    await expect(page.getByText("Out of tolerance: width 1.5 mm too large")).toBeVisible();
    await expect(page.getByRole("button", { name: "Accept", exact: true })).toHaveCount(0);
    await page.getByLabel("width that came").fill("607.5");
    await page.getByRole("button", { name: "Accept", exact: true }).click();
    await allSent(page);
  });

  await test.step("make ready and set", async () => {
    await page.goto(`${path}/ready`);
    await ready(page);
    await doAllSteps(page);
    await openStation(page, "Set");
    await openTab(page, "To hand");
    const hand = page.locator("dl").filter({ hasText: "Bed left" });
    await expect(hand).toContainText("two stacks of 3 mm");
    await expect(hand).toContainText("0.60 kg");
    await expect(hand).toContainText("75, 228, 380, 533");
    await doAllSteps(page);
    await page.getByLabel("Day").fill("2026-05-13");
    await page.getByRole("button", { name: "It is set" }).click();
    await expect(page.getByText("Set Wed 13 May in linseed putty")).toBeVisible();
  });

  await test.step("finish: from when and by when to paint", async () => {
    // What was told of the weather is kept by the server as the first pane is set, and comes with the next page.
    await allSent(page);
    await page.reload();
    await ready(page);
    await openStation(page, "Finish");
    const dates = page.locator("dl").filter({ hasText: "Paint from" });
    // Days that were told to be wet hold the brush back, until somebody says that they will be dry.
    const calendar = page.getByLabel("Calendar");
    const wet = calendar.locator("option").filter({ hasText: /2[0-2] May, wet as told/ });
    await expect(wet).not.toHaveCount(0);
    await expect(dates).not.toContainText("Thu 21 May");
    for (let left = await wet.count(); left > 0; left--) {
      await calendar.selectOption({ label: await wet.first().innerText() });
      await page.getByRole("button", { name: "It will be dry" }).click();
      await expect(wet).toHaveCount(left - 1);
    }
    await expect(dates).toContainText("Thu 21 May");
    await expect(dates).toContainText("Wed 10 Jun");
    await expect(page.getByRole("img", { name: "Cure and paint window against the days" })).toBeVisible();
    await page.getByLabel("Calendar").selectOption({ label: "Thu 21 May" });
    await page.getByRole("button", { name: "Day off", exact: true }).click();
    await expect(dates).toContainText("Fri 22 May");
    await page.getByRole("button", { name: "We work that day" }).click();
    await page.getByRole("button", { name: "It is painted" }).click();
    await expect(page.getByText("Painted Wed 20 May.")).toBeVisible();
  });

  await test.step("sign off, and the logbook", async () => {
    await openStation(page, "Sign off");
    await lookAllGood(page);
    await page.getByRole("button", { name: "Sign it off" }).click();
    await expect(page.getByText("Signed off Wed 20 May by Nell Harrow")).toBeVisible();
    await page.getByRole("link", { name: "Logbook" }).first().click();
    await expect(page.getByRole("paragraph").filter({ hasText: "width, top: 612 mm" })).toBeVisible();
    await allSent(page);
  });

  await page.goto(await roundPath(page));
  await ready(page);
  await page.getByRole("searchbox").fill(address);
  const line = page
    .getByRole("list", { name: "Panes of the round" })
    .getByRole("listitem")
    .filter({ hasText: address });
  await expect(line).toContainText("Signed off");
});

test("a mistake is struck through, undone and brought back, never rubbed out", async ({ page }) => {
  const { path } = await addPane(page);
  await openStation(page, "Measure");
  await type(page, { "width, top": "612", "height, left": "904" });
  await page.getByRole("heading", { name: "From outside" }).click();
  await page.keyboard.press("z");
  await expect(page.getByRole("textbox", { name: "height, left" })).toHaveValue("");
  await page.keyboard.press("y");
  await expect(page.getByRole("textbox", { name: "height, left" })).toHaveValue("904");
  await page.keyboard.press("l");
  await page.getByRole("button", { name: "strike width, top: 612 mm" }).click();
  await page.getByLabel("Why it is struck").fill("tape slipped");
  await page.getByRole("button", { name: "Strike", exact: true }).click();
  const line = page.getByRole("listitem").filter({ hasText: "width, top: 612 mm" });
  await expect(line).toContainText("struck through by Nell Harrow: tape slipped");
  await allSent(page);
  await page.goto(`${path}/measure`);
  await ready(page);
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue("");
  await page.goto(`${path}/logbook`);
  await ready(page);
  await page
    .getByRole("listitem")
    .filter({ hasText: "width, top: 612 mm" })
    .getByRole("button", { name: "bring back" })
    .click();
  await page.keyboard.press("3");
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue("612");
});
