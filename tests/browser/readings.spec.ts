import { expect, test } from "@playwright/test";
import { addPane, allSent, EIGHT, openStation, openTab, ready, type } from "./pane-of-ones-own.ts";

test("one tape line fills every field", async ({ page }) => {
  await addPane(page);
  await page.keyboard.press("/");
  const line = page.getByRole("textbox", { name: "Tape line" });
  await line.fill("w 23 11/16 23 5/8 23 1?/16");
  await expect(page.getByRole("status").filter({ hasText: "cannot be read" })).toBeVisible();
  await line.fill("w 23 11/16 23 5/8 23 11/16 h 35 1/2 35 1/2 35 7/16 d 42 11/16 42 5/8");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("textbox", { name: "width, middle" })).toHaveValue("23 5/8");
  await expect(page.getByRole("textbox", { name: "diagonal, top left to bottom right" })).toHaveValue("42 5/8");
  await expect(page.getByRole("contentinfo")).toContainText("596.9");
});

test("a reading that cannot be read is marked in place, and nothing typed is lost", async ({ page }) => {
  const { path } = await addPane(page);
  await openStation(page, "Measure");
  await type(page, { "width, top": "612x", "height, left": "1,200", "width, bottom": "17/16" });
  const trouble = page.getByRole("alert");
  await expect(trouble).toContainText("“x” is not a unit");
  await expect(trouble).toContainText("could mean thousands");
  await expect(trouble).toContainText("is an inch or more");
  await expect(trouble.locator("mark").first()).toHaveText("x");
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveAttribute("aria-invalid", "true");
  await allSent(page);
  await page.goto(`${path}/measure`);
  await ready(page);
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue("612x");
  await expect(page.getByRole("link", { name: /Measure/ })).toContainText("3 cannot be read");
});

test("what is being typed is kept when the page is left in the middle of it", async ({ page }) => {
  const { path } = await addPane(page);
  await openStation(page, "Measure");
  await page.getByRole("textbox", { name: "width, top" }).fill("612.5");
  await page.goto("/orders");
  await page.goto(`${path}/measure`);
  await ready(page);
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue("612.5");
});

test("the drawings follow each key", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, EIGHT);
  const opening = page.locator(".d-opening").first();
  const before = await opening.getAttribute("d");
  await page.getByRole("textbox", { name: "diagonal, bottom left to top right" }).focus();
  await page.keyboard.press("End");
  await page.keyboard.press("Backspace");
  await page.keyboard.type("1");
  await expect(opening).not.toHaveAttribute("d", before ?? "");
});

test("a size can be overruled with a reason, and the sum brought back", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, EIGHT);
  await openTab(page, "How much to take off");
  await page.getByText("Overrule the size").click();
  await page.getByRole("textbox", { name: "Width", exact: true }).fill("606");
  await page.getByRole("textbox", { name: "Height", exact: true }).fill("6oo");
  await page.getByRole("textbox", { name: "Why" }).fill("paint is thick");
  await page.getByRole("button", { name: "Use this size" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "height" })).toContainText("is not a unit");
  await page.getByRole("textbox", { name: "Height", exact: true }).fill("898");
  await page.getByRole("button", { name: "Use this size" }).click();
  await expect(page.getByRole("contentinfo")).toContainText("606");
  await page.getByRole("button", { name: "Back to the sum" }).click();
  await expect(page.getByRole("contentinfo")).toContainText("608");
});

test("a pane that will not go in says so, and by how much", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, {
    "width, top": "603",
    "width, bottom": "602",
    "height, left": "900",
    "height, right": "902",
    "diagonal, bottom left to top right": "1090",
    "diagonal, top left to bottom right": "1075",
  });
  await openTab(page, "How much to take off");
  await page.getByRole("radio", { name: "easy" }).check();
  await expect(page.getByText(/will not go in: it binds by/)).toBeVisible();
  await page.getByRole("radio", { name: "by the book" }).check();
  await expect(page.getByText(/goes in with .* to spare/)).toBeVisible();
});
