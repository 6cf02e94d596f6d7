import { expect, type Page, test } from "@playwright/test";
import {
  addPane,
  allSent,
  fromCleared,
  fromMenu,
  heldAs,
  openStation,
  pick,
  ready,
  standBy,
  type,
} from "./pane-of-ones-own.ts";
import { doAllSteps, leavePaint, lookAllGood } from "./the-work.ts";

/* Three whole jobs that differ in frame, in way of measuring, in unit, in device and in the order of their stations. */

const ticket = (page: Page) => page.getByRole("contentinfo");
const station = (page: Page) => page.getByRole("region", { name: "Station" });

/** Puts the pane on a new order, and checks in what came of it. */
async function orderAndCheckIn(page: Page, path: string, came: { readonly width: string; readonly height: string }) {
  await page.getByLabel("New order to").fill("Salt Lane Glass Counter");
  await page.getByRole("button", { name: "Open an order and put it on" }).click();
  await allSent(page);
  await page.getByRole("link", { name: "open the order" }).click();
  await page.waitForURL(/\/orders\//);
  await ready(page);
  await page.getByRole("button", { name: "Ordered today" }).click();
  await page.getByRole("button", { name: "It has come" }).click();
  await page.getByLabel("width that came").fill(came.width);
  await page.getByLabel("height that came").fill(came.height);
  await page.getByRole("button", { name: "Accept", exact: true }).click();
  await allSent(page);
  await page.goto(`${path}/ready`);
  await ready(page);
}

/** From Make ready to signed off, each step and look ticked. */
async function setAndSignOff(page: Page) {
  await doAllSteps(page);
  await openStation(page, "Set");
  await doAllSteps(page);
  await station(page).getByRole("button", { name: "It is set", exact: true }).click();
  await openStation(page, "Finish");
  await leavePaint(page);
  await doAllSteps(page);
  await openStation(page, "Sign off");
  await lookAllGood(page);
  const early = station(page).getByLabel(/Why is it closed before/);
  if (await early.isVisible()) await early.fill("the agent has the key and was told");
  await station(page).getByRole("button", { name: "Sign it off", exact: true }).click();
  await expect(station(page).getByText(/^Signed off/)).toBeVisible();
  await allSent(page);
}

/** The pane as a program sees it. */
async function whole(page: Page, path: string) {
  await allSent(page);
  const answer = await page.request.get(`/api${path}?unit=in`);
  expect(answer.ok()).toBe(true);
  return await answer.json();
}

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test("timber beads, the old pane copied in inches, which rattled: ordered as it was read", async ({ page }) => {
    test.slow();
    const { path } = await addPane(page);
    await fromMenu(page, "in");
    await heldAs(page, "timber-bead");
    await openStation(page, "Measure");
    await pick(page, "Measured", "old pane, edge to edge");
    await fromCleared(page);
    await expect(page.getByText("0 of 2 read")).toBeVisible();
    // By the pad, with one thumb: 23 1/2, then 35 5/16.
    const press = async (...names: readonly string[]) => {
      for (const name of names) await page.getByRole("button", { name, exact: true }).click();
    };
    await expect(page.getByRole("heading", { name: "old pane, width" })).toBeVisible();
    await press("2", "3", "1/2 on the tape", "Next");
    await expect(page.getByRole("heading", { name: "old pane, height" })).toBeVisible();
    await press("3", "5", "5/16 on the tape", "Next");
    await page.getByRole("radio", { name: "loose", exact: true }).check();
    // Nothing comes off, and no packer is added: 596.9 × 896.9 mm of 5/32 glass is 5.31 kg, 11.7 lb.
    await expect(ticket(page)).toContainText("11.7 lb");
    await expect(page.getByRole("link", { name: /Measure/ })).toContainText("done");
    expect(await whole(page, path)).toMatchObject({
      size: { width: { text: '23 1/2"' }, height: { text: '35 5/16"' } },
      opening: { copied: { of: "old-unit", playMm: 4, fit: "told" } },
    });
    await openStation(page, "Order");
    await standBy(page);
    await orderAndCheckIn(page, path, { width: "23 1/2", height: "35 5/16" });
    await setAndSignOff(page);
  });
});

test("metal, through standing glass, in millimetres: measured before anything is taken out", async ({ page }) => {
  test.slow();
  const { path } = await addPane(page);
  await heldAs(page, "metal-frame");
  await openStation(page, "Measure");
  await page.getByLabel("Measured").selectOption("through-glass");
  await type(page, { "sight size, width": "580", "sight size, height": "880", "glass goes in, each side": "8" });
  // 580 + 2 × 8 and 880 + 2 × 8, nothing off: 5.34 kg.
  await expect(ticket(page)).toContainText("596");
  await expect(ticket(page)).toContainText("896");
  await expect(ticket(page)).toContainText("5.3 kg");
  await openStation(page, "Order");
  await page.getByLabel("Why it is ordered now").fill("the glass must not come out before the new one is here");
  await page.getByRole("button", { name: "Yes, order from these readings" }).click();
  await standBy(page);
  await orderAndCheckIn(page, path, { width: "596", height: "896" });
  await setAndSignOff(page);
});

test("plastic, a sealed unit by six readings, ordered before anything is taken out", async ({ page }) => {
  test.slow();
  const { path } = await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, {
    "width, top": "500",
    "width, bottom": "500",
    "height, left": "700",
    "height, right": "700",
    "diagonal, bottom left to top right": "860.2",
    "diagonal, top left to bottom right": "860.2",
  });
  await openStation(page, "Specify");
  await page.getByRole("radio", { name: "choose coated, argon", exact: true }).check();
  await openStation(page, "Order");
  await standBy(page);
  // 500 − 4 and 700 − 4; two sheets of 4 mm are 0.496 × 0.696 × 20 kg; blocks at the larger of a quarter and 75 + 50.
  const p = await whole(page, path);
  expect([p.size.width.mm, p.size.height.mm, p.massKg]).toEqual([496, 696, expect.closeTo(6.904, 2)]);
  const below = p.packers.places.filter((s: { readonly edge: string }) => s.edge === "bottom");
  expect(below.map((s: { readonly atMm: number }) => s.atMm)).toEqual([125, 371]);
  await orderAndCheckIn(page, path, { width: "496", height: "696" });
  await setAndSignOff(page);
});
