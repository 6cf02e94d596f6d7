import { expect, type Page } from "@playwright/test";
import { addPane, allSent, EIGHT, fromCleared, heldAs, openStation, ready, standBy, type } from "./pane-of-ones-own.ts";

/** A sized pane, on a new order to a supplier; ends on that order's page. */
export async function ordered(
  page: Page,
  supplier: string,
  system?: string,
): Promise<{ address: string; path: string; order: string }> {
  const { address, path } = await addPane(page);
  if (system) await heldAs(page, system);
  await openStation(page, "Measure");
  await fromCleared(page);
  if (system === "cassette") {
    await page.getByLabel("Measured").selectOption("insert-outside");
    await type(page, { "insert outside, width": "559", "insert outside, height": "914", "door thickness": "44.5" });
  } else await type(page, EIGHT);
  if (system === "plastic-bead-inside") {
    await openStation(page, "Specify");
    await page.getByRole("radio", { name: "choose coated, argon", exact: true }).check();
  }
  await openStation(page, "Order");
  await standBy(page);
  await expect(page.getByRole("heading", { name: "Where from" })).toBeVisible();
  await page.getByLabel("New order to").fill(supplier);
  await page.getByRole("button", { name: "Open an order and put it on" }).click();
  await allSent(page);
  await page.getByRole("link", { name: "open the order" }).click();
  await page.waitForURL(/\/orders\//);
  await ready(page);
  return { address, path, order: new URL(page.url()).pathname };
}
