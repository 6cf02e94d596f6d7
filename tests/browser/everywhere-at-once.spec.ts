import { expect, test } from "@playwright/test";
import { v7 as uuidv7 } from "uuid";
import {
  addPane,
  allSent,
  EIGHT,
  fromCleared,
  fromMenu,
  openStation,
  ready,
  standBy,
  type,
} from "./pane-of-ones-own.ts";

test("unit and trade words change everywhere at once, the printed sheet and a second tab included", async ({
  page,
  context,
}) => {
  const { path } = await addPane(page);
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, EIGHT);
  await openStation(page, "Order");
  await standBy(page);
  await page.getByLabel("New order to").fill("Salt Lane Glass Counter");
  await page.getByRole("button", { name: /Open an order/ }).click();
  await allSent(page);
  const second = await context.newPage();
  await second.goto(`${path}/takeout`);
  await ready(second);
  await expect(second.getByRole("checkbox", { name: /Draw every sprig/ })).toBeVisible();

  await fromMenu(page, "stop · point");
  await fromMenu(page, "in");
  await expect(page.getByRole("contentinfo")).toContainText("23 29/32");
  await expect(page.getByRole("contentinfo")).toContainText("12.1 lb");
  await expect(second.getByRole("checkbox", { name: /Draw every point/ })).toBeVisible();
  await expect(second.getByRole("contentinfo")).toContainText("23 29/32");

  await page.getByRole("link", { name: "open the order" }).click();
  await page.getByRole("link", { name: "Order sheet" }).click();
  await expect(page.getByText("Sizes are width × height, in inches.")).toBeVisible();
  await expect(page.getByText("cut to 608 × 899 mm")).toBeVisible();
  await page.reload();
  await expect(page.getByText("Sizes are width × height, in inches.")).toBeVisible();
});

test("what one tab writes, another shows; and the server has it", async ({ page, context }) => {
  const { path } = await addPane(page);
  const second = await context.newPage();
  await second.goto(`${path}/measure`);
  await ready(second);
  await openStation(page, "Measure");
  await type(page, { "width, top": "612" });
  await expect(second.getByRole("textbox", { name: "width, top" })).toHaveValue("612");
  await allSent(page);
  const stranger = await context.browser()?.newContext();
  const elsewhere = await stranger?.newPage();
  await elsewhere?.goto(`${path}/measure`);
  if (elsewhere) await expect(elsewhere.getByRole("textbox", { name: "width, top" })).toHaveValue("612");
  await stranger?.close();
});

test("what was stored while the page was on its way stands on it all the same", async ({ page }) => {
  const { path } = await addPane(page);
  await allSent(page);
  const pane = path.split("/").pop() ?? "";
  await page.route(`**${path}/look`, async (route) => {
    // The page is drawn first; then another device's word is stored, before the page is there.
    const drawn = await route.fetch();
    const sent = await page.request.post("/api/entries", {
      data: {
        entries: [
          {
            id: uuidv7(),
            at: new Date().toISOString(),
            who: "Test",
            about: { pane },
            kind: "look.damage",
            payload: { damage: ["rattling"] },
          },
        ],
      },
    });
    expect(sent.ok()).toBe(true);
    await route.fulfill({ response: drawn });
  });
  await page.reload();
  await ready(page);
  await expect(page.getByRole("checkbox", { name: "rattles" })).toBeChecked();
});

test("without an answer from the server all is kept here, and goes out later", async ({ page, context }) => {
  const { path } = await addPane(page);
  await openStation(page, "Measure");
  await context.route("**/api/entries", (route) => route.abort());
  await type(page, { "width, top": "612", "height, left": "904" });
  await expect(page.getByText(/no signal, 2 kept here/)).toBeVisible();
  await page.goto(`${path}/measure`);
  await ready(page);
  await expect(page.getByRole("textbox", { name: "height, left" })).toHaveValue("904");
  await context.unroute("**/api/entries");
  await allSent(page);
});

test("an entry the server refuses is said, and holds nothing else up", async ({ page, context }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await context.route("**/api/entries", async (route) => {
    const sent = route.request().postData() ?? "";
    if (sent.includes('"666"'))
      await route.fulfill({ status: 422, json: { error: { code: "x", message: "The server will not have 666." } } });
    else await route.continue();
  });
  await type(page, { "width, top": "666", "height, left": "904" });
  await page.getByRole("button", { name: "1 not stored" }).click();
  const tray = page.getByRole("dialog", { name: "What waits on this device" });
  await expect(tray.getByText("The server will not have 666.")).toBeVisible();
  // Mended where it stands, and sent again.
  await tray.getByLabel("text", { exact: true }).fill("661");
  await tray.getByRole("button", { name: "Send it again" }).click();
  await expect(tray.getByText("Everything written on this device is in the firm's file.")).toBeVisible();
  await tray.getByRole("button", { name: "Close" }).click();
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue("661");
  await allSent(page);
  await expect(page.getByRole("textbox", { name: "height, left" })).toHaveValue("904");
});
