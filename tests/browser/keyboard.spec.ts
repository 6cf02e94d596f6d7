import { expect, test } from "@playwright/test";
import {
  addPane,
  allSent,
  EIGHT,
  fromCleared,
  heldAs,
  openStation,
  ready,
  roundPath,
  standBy,
  type,
} from "./pane-of-ones-own.ts";

test("the round by keyboard alone", async ({ page }) => {
  await page.goto(await roundPath(page));
  await ready(page);
  await page.keyboard.press("?");
  const keys = page.getByRole("dialog", { name: "Keys" });
  await expect(keys).toContainText("gather panes into an order");
  await page.keyboard.press("Escape");
  await expect(keys).toHaveCount(0);
  const current = page.locator("li[aria-current=true]");
  // What presses comes first: the late glass, then the safety glass that nobody chose.
  await expect(current).toContainText("No. 8");
  await page.keyboard.press("j");
  await expect(current).toContainText("No. 2");
  await page.keyboard.press("k");
  await page.keyboard.press("/");
  await page.keyboard.type("boat land");
  await expect(page.getByRole("list", { name: "Panes of the round" }).getByRole("listitem")).toHaveCount(1);
  await page.keyboard.press("Enter");
  // Its glass is sound: whether it stays is chosen first.
  await page.waitForURL(/\/panes\/.*\/look$/);
});

test("a pane by keyboard alone: stations, neighbours, keys, eight readings", async ({ page }) => {
  await addPane(page);
  await page.keyboard.press("3");
  await expect(page).toHaveURL(/measure$/);
  await page.getByRole("textbox", { name: "width, top" }).focus();
  for (const text of Object.values(EIGHT)) {
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
  }
  await expect(page.getByRole("contentinfo")).toContainText("608");
  await page.keyboard.press("Escape");
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await page.keyboard.press("9");
  await expect(page).toHaveURL(/signoff$/);
  await page.goBack();
  await expect(page).toHaveURL(/measure$/);
  await expect(page.getByRole("link", { name: /Measure/ })).toHaveAttribute("aria-current", "step");
  await page.keyboard.press("u");
  await expect(page.getByRole("contentinfo")).toContainText("23 29/32");
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toContainText("copy the ticket");
});

test("panes are gathered into one order from the round", async ({ page }) => {
  const { address } = await addPane(page);
  await heldAs(page, "timber-putty");
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, EIGHT);
  await openStation(page, "Order");
  await standBy(page);
  await allSent(page);
  await page.goto(await roundPath(page));
  await ready(page);
  await page.keyboard.press("o");
  const sheet = page.getByRole("dialog", { name: "Gather an order" });
  for (const box of await sheet.getByRole("checkbox").all()) await box.uncheck();
  await sheet.getByRole("checkbox", { name: new RegExp(address) }).check();
  await sheet.getByLabel("Our reference").fill("G-1");
  await sheet.getByRole("button", { name: "Put them on it" }).click();
  await page.waitForURL(/\/orders\//);
  await expect(page.getByRole("heading", { name: /G-1/ })).toBeVisible();
  await expect(page.getByRole("link", { name: new RegExp(address) })).toBeVisible();
});
