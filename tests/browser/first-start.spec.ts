import { expect, test } from "@playwright/test";
import { freshFile, type Served, serve, stop } from "../faults/server.ts";
import { openStation, pickHeld, ready } from "./pane-of-ones-own.ts";

/* A firm's first morning: a server of its own on an empty file. */

let served: Served;
test.beforeAll(async () => {
  served = await serve(freshFile("first-start"));
});
test.afterAll(() => stop(served, "SIGKILL"));

test("a firm says once how it reads and by which rules it calls for safety glass, and that is used", async ({
  page,
  browser,
}) => {
  await page.goto(served.url);
  await ready(page);
  await expect(page.getByRole("heading", { name: "Before the first round" })).toBeVisible();
  // Nothing is chosen beforehand.
  await expect(page.getByRole("radio", { checked: true })).toHaveCount(0);
  await page.getByRole("radio", { name: "inches" }).check();
  await page.getByRole("radio", { name: /^stop, point/ }).check();
  await page.getByRole("radio", { name: /^by area, walkway/ }).check();
  await page.getByLabel("What the firm is called").fill("Saltpan Glaziers");
  await page.getByLabel("Names, one a line, yours first").fill("Ada Marsh\nBram Oke");
  await page.getByLabel("Whom you buy glass from").fill("Salt Lane\nFen End, 8");
  await page.getByRole("button", { name: "Keep, and open a round" }).click();
  // What is wrong is said, and nothing typed is lost.
  await expect(page.getByRole("alert")).toContainText("“Salt Lane”: put a comma and how many working days");
  await page.getByLabel("Whom you buy glass from").fill("Salt Lane, 3\nFen End, 8");
  await page.getByRole("button", { name: "Keep, and open a round" }).click();
  await page.waitForURL(/\/rounds\/new$/);
  await ready(page);
  await page.getByLabel("What to call it").fill("Saltpan Lane");
  await page.getByRole("button", { name: "Open the round" }).click();
  await page.waitForURL(/round=/);
  await page.goto(`${served.url}/panes/new?round=${new URL(page.url()).searchParams.get("round")}`);
  await ready(page);
  await page.getByLabel("Address or building").fill("Net loft");
  await page.getByLabel("Which opening").fill("stair");
  await pickHeld(page, "timber-putty");
  await page.getByRole("button", { name: "Add it, and look" }).click();
  await page.waitForURL(/\/look$/);
  await ready(page);
  await openStation(page, "Specify");
  const rule = page.getByRole("link", { name: /Rule set F/ });
  await expect(rule).toHaveAttribute("href", "/house#glass");
  await expect(rule).not.toContainText("nobody chose");
  const pane = page.url();
  await page.goto(`${served.url}/house`);
  await ready(page);
  await expect(page.getByLabel("Name").first()).toHaveValue("Saltpan Glaziers");
  await page.goto(`${served.url}/house#suppliers`);
  await ready(page);
  await expect(page.locator("#suppliers")).toContainText("Fen End");
  await page.getByRole("button", { name: /^Ada Marsh: units/ }).click();
  await expect(page.getByLabel("Who writes").locator("option", { hasText: "Bram Oke" })).toHaveCount(1);
  // Somebody else's browser, which nobody told anything, reads as the firm does.
  const other = await browser.newPage();
  await other.goto(pane);
  await other.getByRole("button", { name: /: units, words and more$/ }).click();
  await expect(other.getByRole("button", { name: "in", exact: true })).toHaveAttribute("aria-pressed", "true");
  await expect(other.getByText("rabbet").first()).toBeVisible();
  await other.goto(served.url);
  await expect(other.getByRole("heading", { name: "Before the first round" })).toHaveCount(0);
  await other.close();
});
