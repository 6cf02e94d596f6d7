import { expect, type Page, test } from "@playwright/test";
import { addPane, heldAs, openStation, openTab, ready } from "./pane-of-ones-own.ts";

/** A sized pane of 600 by 900 in a plastic sash that hangs so, at Set. */
async function toSet(page: Page, hangs: string): Promise<void> {
  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await openStation(page, "Measure");
  await page.getByRole("textbox", { name: "width, top", exact: true }).fill("600");
  await page.getByRole("textbox", { name: "height, left", exact: true }).fill("900");
  await page.keyboard.press("Tab");
  await openTab(page, "Bars, coating");
  await page.getByRole("combobox", { name: "Hangs" }).selectOption(hangs);
  await openStation(page, "Set");
  await ready(page);
}

test("a dropped sash is brought square in the simulator, by keyboard alone", async ({ page }) => {
  await toSet(page, "left");
  await openTab(page, "Simulator");
  const status = page.getByRole("status").filter({ hasText: /handle|Square/ });
  await expect(status).toContainText("down");
  const head = page.getByRole("slider", { name: /above, at the handle/ });
  await head.focus();
  // The sash moves with the key; what is said of it follows a frame later.
  for (let k = 0; k < 30; k++) {
    const said = (await status.textContent()) ?? "";
    if (said.startsWith("Square")) break;
    await page.keyboard.press("ArrowRight");
    await expect(status).not.toHaveText(said);
  }
  await expect(status).toContainText("Square: it will shut and latch");
  await page.getByLabel("try the wrong diagonal").check();
  await expect(status).toContainText("Thicker is worse");
  await page.getByLabel("try the wrong diagonal").uncheck();
  await page.getByLabel("head gap at the hinge, mm").fill("3");
  await page.getByLabel("head gap at the handle, mm").fill("9");
  await page.getByLabel("head gap at the handle, mm").blur();
  await page.getByRole("button", { name: "Do that" }).click();
});

test("a sash that slides is stood up in the simulator too", async ({ page }) => {
  await toSet(page, "slides");
  await openTab(page, "Simulator");
  const status = page.getByRole("status").filter({ hasText: /head leans|Square/ });
  await expect(status).toContainText("to the left");
  for (let k = 0; k < 4; k++) {
    const said = (await status.textContent()) ?? "";
    if (said.startsWith("Square")) break;
    // The sash moves at once; what is said of it follows a frame later.
    await page.getByRole("button", { name: "Do that" }).click();
    await expect(status).not.toHaveText(said);
  }
  await expect(status).toContainText("Square");
});
