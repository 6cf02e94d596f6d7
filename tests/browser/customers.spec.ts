import { expect, test } from "@playwright/test";
import { addPane, allSent, openStation, openTab, ready } from "./pane-of-ones-own.ts";

test("what is kept of a customer is given out, and taken out of the log when they ask", async ({ page }) => {
  const { address } = await addPane(page);
  await openStation(page, "Look");
  await openTab(page, "The customer");
  const name = page.getByLabel("Name", { exact: true });
  await name.fill("Mrs. Quillfeather");
  await name.press("Tab");
  const note = page.getByRole("textbox", { name: "Note" }).first();
  await note.fill("the key hangs by the water butt");
  await note.press("Enter");
  await allSent(page);
  const pane = page.url();

  const kept = await page.request.get(`/api/customers?address=${encodeURIComponent(address)}`);
  expect(kept.ok()).toBe(true);
  expect(await kept.text()).toContain("Quillfeather");
  expect(await kept.text()).toContain("water butt");

  await page.goto("/house#customers");
  await ready(page);
  const form = page.locator("#customers form");
  await expect(page.getByText("Mrs. Quillfeather")).toBeVisible();
  await form.getByLabel("Address", { exact: true }).fill(address);
  const button = form.getByRole("button", { name: /^Forget/ });
  await expect(button).toBeDisabled();
  await form.getByLabel("The same address once more").fill(address);
  await button.click();
  await expect(page.getByRole("status").filter({ hasText: "is forgotten" })).toBeVisible();
  await expect(page.getByText("Mrs. Quillfeather")).toHaveCount(0);
  await expect
    .poll(async () => await (await page.request.get(`/api/customers?address=${encodeURIComponent(address)}`)).text())
    .not.toMatch(/Quillfeather|water butt/);
  await page.goto(pane);
  await ready(page);
  await expect(page.getByText("water butt")).toHaveCount(0);
  await page.goto(`/search?q=${encodeURIComponent("Quillfeather")}`);
  await ready(page);
  await expect(page.getByRole("link", { name: /Quillfeather/ })).toHaveCount(0);
});
