import { expect, test } from "@playwright/test";
import { addPane, allSent, heldAs, openStation, openTab, ready } from "./pane-of-ones-own.ts";
import { openStep } from "./the-work.ts";

test("how a profile's beads let go is told to whoever meets the next one", async ({ page }) => {
  const profile = `ovolo ${process.pid}`;
  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await openStation(page, "Take out");
  await openTab(page, "This frame");
  await page.getByLabel(/What you call it/).fill(profile);
  await page.getByLabel(/What you call it/).blur();
  await page.getByLabel("lifted first").check();
  await page.getByLabel("brittle").check();
  await page.getByLabel("For whoever meets the next one").fill("warm it by hand first");
  await page.getByLabel("For whoever meets the next one").blur();
  await allSent(page);

  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await openStation(page, "Take out");
  await openTab(page, "This frame");
  await page.getByLabel(/What you call it/).fill(profile);
  await page.getByLabel(/What you call it/).blur();
  await expect(page.getByText(`${profile}: warm it by hand first`)).toBeVisible();
  await openStep(page, /Tap how the beads meet/);
  await page.getByRole("button", { name: "All mitred" }).click();
  await expect(page.getByText(/Lift its inner edge first/).first()).toBeVisible();
  await openStep(page, /^Step \d+: Last, with a hand on the pane/);
  await expect(page.getByText(/This profile is brittle/).first()).toBeVisible();
});

test("a broken stop, the clock, the second person, the kit and the waste", async ({ page }) => {
  const { address } = await addPane(page);
  await heldAs(page, "plastic-bead-outside");
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await openStation(page, "Take out");
  const station = page.getByRole("region", { name: "Station" });
  await station.getByRole("button", { name: "clock", exact: true }).click();
  await station.getByRole("checkbox", { name: /Lay a drop sheet/ }).check();
  await station.getByLabel("took, min").fill("7");
  await station.getByRole("button", { name: "Keep", exact: true }).first().click();
  await expect(station.getByText("Took 7 min: kept for the next like it.")).toBeVisible();
  await openStep(page, /Tap how the beads meet/);
  await station.getByRole("button", { name: "The left bead: tap if it broke" }).click();
  await expect(station.getByRole("checkbox", { name: /Order a new bead for the left/ })).toBeVisible();
  await station.getByText(/^Second person/).click();
  await expect(station.getByRole("img", { name: /one stands in the room, one outside/ })).toBeVisible();
  await station.getByLabel("who", { exact: true }).fill("Tamsin");
  await station.getByRole("button", { name: "Book" }).click();
  await openTab(page, "To bring");
  await expect(station.getByText(/drop sheet, eye protection, cut-resistant gloves, paper tape/)).toBeVisible();
  await openTab(page, "Old glass");
  await station.getByLabel("gone where").fill("yard skip");
  await station.getByRole("button", { name: "Gone", exact: true }).click();
  await expect(station.getByText(/sealed unit, yard skip/)).toBeVisible();
  await allSent(page);
  await page.getByRole("link", { name: "Round" }).first().click();
  await ready(page);
  await page.getByRole("link", { name: "Kit" }).click();
  await expect(page.getByText(new RegExp(`${address}.*: Tamsin`))).toBeVisible();
});

test("a side cleaned gets its photo, and putty that sets has its clock", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Make ready");
  await page.getByLabel("Photo: left side, bare").setInputFiles({
    name: "left.png",
    mimeType: "image/png",
    buffer: Buffer.from(
      "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==",
      "base64",
    ),
  });
  await expect(page.getByText("left side: kept")).toBeVisible();
  await openTab(page, "How it is done");
  await page.getByRole("button", { name: "Start 5 min" }).click();
  await expect(page.getByRole("timer")).toContainText("left that it can be worked");
  await allSent(page);
});
