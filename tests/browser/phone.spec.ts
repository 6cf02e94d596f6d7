import { expect, type Page, test } from "@playwright/test";
import { addPane, fromMenu, openStation } from "./pane-of-ones-own.ts";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const tapNumber = async (page: Page, digits: string) => {
  for (const d of digits) await page.getByRole("button", { name: d, exact: true }).tap();
};

test("eight readings with one thumb, in inches", async ({ page }) => {
  await addPane(page);
  await fromMenu(page, "in");
  await openStation(page, "Measure");
  const readings: readonly (readonly [string, string])[] = [
    ["23", "11/16"],
    ["23", "5/8"],
    ["23", "11/16"],
    ["35", "1/2"],
    ["35", "1/2"],
    ["35", "7/16"],
    ["42", "11/16"],
    ["42", "5/8"],
  ];
  await expect(page.getByRole("heading", { name: "width, top" })).toBeVisible();
  for (const [whole, fraction] of readings) {
    await tapNumber(page, whole);
    await page.getByRole("button", { name: `${fraction} on the tape` }).tap();
    await page.getByRole("button", { name: "Next", exact: true }).tap();
  }
  await expect(page.getByRole("heading", { name: "rebate depth" })).toBeVisible();
  await expect(page.getByRole("contentinfo")).toContainText("23 1/2");
  await expect(page.getByRole("contentinfo")).toContainText("35 5/16");
});

test("a thumb that lands beside the tick slides to it", async ({ page }) => {
  await addPane(page);
  await fromMenu(page, "in");
  await openStation(page, "Measure");
  await tapNumber(page, "23");
  const middle = async (fraction: string) => {
    const box = await page.getByRole("button", { name: `${fraction} on the tape` }).boundingBox();
    if (!box) throw new Error("no such tick");
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const [beside, at] = [await middle("3/8"), await middle("11/16")];
  await page.mouse.move(beside.x, beside.y);
  await page.mouse.down();
  await page.mouse.move(at.x, at.y, { steps: 6 });
  await expect(page.getByRole("button", { name: "11/16 on the tape" })).toHaveAttribute("aria-pressed", "true");
  await page.mouse.up();
  await expect(page.getByRole("button", { name: "11/16 on the tape" })).toHaveAttribute("aria-pressed", "true");
  // A hand that only passes over it changes nothing.
  await page.mouse.move(beside.x, beside.y);
  await page.getByRole("button", { name: "Next", exact: true }).tap();
  await page.getByRole("button", { name: "All readings" }).tap();
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue(/23 11\/16/);
});

test("a hair over, rubbing out, half millimetres, and a place nobody can reach", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await tapNumber(page, "6112");
  await page.getByRole("button", { name: "rub out" }).tap();
  await page.getByRole("button", { name: "611.5 on the tape" }).tap();
  await page.getByRole("button", { name: "a hair over" }).tap();
  await page.getByRole("button", { name: "Next", exact: true }).tap();
  await expect(page.getByRole("heading", { name: "width, middle" })).toBeVisible();
  await page.getByRole("button", { name: "cannot reach" }).tap();
  await expect(page.getByRole("heading", { name: "width, bottom" })).toBeVisible();
  await page.getByRole("button", { name: "All readings" }).tap();
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue("611.5 mm+");
  await expect(page.getByRole("textbox", { name: "width, middle" })).toHaveValue("");
});

test("targets are large enough for a gloved finger, and nothing runs off the side", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  for (const name of ["1", "5", "0", "Skip", "rub out", "cannot reach"]) {
    const box = await page.getByRole("button", { name, exact: true }).boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(56);
    expect(box?.width).toBeGreaterThanOrEqual(56);
  }
  for (const station of [
    "Look",
    "Take out",
    "Measure",
    "Specify",
    "Order",
    "Make ready",
    "Set",
    "Finish",
    "Sign off",
  ]) {
    await openStation(page, station);
    const wide = await page.evaluate(() =>
      [...document.querySelectorAll("main, body")].some((e) => e.scrollWidth > e.clientWidth + 1),
    );
    expect([station, wide]).toEqual([station, false]);
  }
});
