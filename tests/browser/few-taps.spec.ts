import { expect, type Locator, type Page, test } from "@playwright/test";
import { ready, roundPath } from "./pane-of-ones-own.ts";

/** One hand at work: each tap, each key beside the figures, each field that it goes into is counted. */
class Hand {
  count = 0;
  readonly told: string[] = [];
  readonly page: Page;
  constructor(page: Page) {
    this.page = page;
  }
  async tap(what: Locator, name: string): Promise<void> {
    await what.click();
    this.did(name);
  }
  async button(name: string | RegExp): Promise<void> {
    await this.tap(this.page.getByRole("button", { name, exact: typeof name === "string" }).first(), String(name));
  }
  async key(name: string): Promise<void> {
    await this.page.keyboard.press(name);
    this.did(name);
  }
  /** Figures and names are typed whatever they are: only coming to the field counts. */
  async write(text: string): Promise<void> {
    await this.page.keyboard.type(text);
  }
  did(name: string): void {
    this.count++;
    this.told.push(name);
  }
}

/** A new pane of this frame on the demo round, its address and opening written; the page of its Look is open. */
async function newPane(hand: Hand, opening: string, system: string): Promise<void> {
  const { page } = hand;
  await page.goto(await roundPath(page));
  await ready(page);
  await hand.tap(page.getByRole("link", { name: /^New pane/ }), "New pane");
  await page.waitForURL(/panes\/new/);
  await ready(page);
  await hand.tap(page.getByLabel("Address or building"), "address");
  await hand.write("Test few taps");
  await hand.key("Tab");
  if (await page.getByLabel("Which opening").evaluate((el) => el !== document.activeElement))
    await page.getByLabel("Which opening").focus();
  await hand.write(opening);
  await hand.button(/^How the glass is held/);
  await hand.tap(page.locator(`[data-choose="${system}"]`), system);
  await hand.button("Add it, and look");
  await page.waitForURL(/\/look$/);
  await ready(page);
}

/** From a pane of which nothing is left to guess to the order on its way. */
async function order(hand: Hand): Promise<void> {
  const { page } = hand;
  await hand.tap(page.getByRole("button", { name: /^Put on an order/ }).first(), "Put on an order");
  await hand.button("Open an order and put it on");
  await hand.button("Ordered today");
  await expect(page.getByText(/^Ordered .* due/).first()).toBeVisible();
}

test("from a new puttied pane to its order sent: at most 25 taps and keys beside the figures", async ({ page }) => {
  const hand = new Hand(page);
  await newPane(hand, `putty ${Date.now()}`, "timber-putty");
  await hand.tap(page.getByText("cracked", { exact: true }), "cracked");
  await hand.tap(page.getByText("this week", { exact: true }), "this week");
  await hand.button(/^Read width and height/);
  await page.getByLabel("Read from").selectOption({ label: "cleared rebate" });
  hand.did("cleared rebate");
  await hand.tap(page.getByRole("textbox", { name: "width, top" }), "width, top");
  for (const figure of ["612", "611.5", "613", "904", "904.5", "903", "1091", "1093.5"]) {
    await hand.write(figure);
    await page.keyboard.press("Enter");
  }
  await hand.button(/^Settle: ordinary or safety glass/);
  await hand.tap(page.getByLabel("lower edge above floor"), "above the floor");
  await hand.write("1120");
  await page.keyboard.press("Enter");
  await hand.tap(page.getByText(/^no door within/), "no door");
  await hand.button("4 mm clear float, the house's usual");
  await order(hand);
  await expect(page.getByRole("contentinfo")).toContainText("608");
  expect(hand.count, hand.told.join("; ")).toBeLessThanOrEqual(25);
});

test("from a new misted unit, copied, to its order sent: at most 30 taps and keys beside the figures", async ({
  page,
}) => {
  const hand = new Hand(page);
  await newPane(hand, `unit ${Date.now()}`, "plastic-bead-inside");
  await hand.tap(page.getByText("misted or wet inside", { exact: true }), "misted");
  await hand.tap(page.getByText("can wait", { exact: true }), "can wait");
  await hand.button(/^Read width and height/);
  await page.getByLabel("Measured").selectOption({ label: "old pane, edge to edge" });
  hand.did("old pane, edge to edge");
  await page.getByLabel("Read from").selectOption({ label: "beads off" });
  hand.did("beads off");
  await hand.tap(page.getByRole("textbox", { name: "old pane, width" }), "old pane, width");
  // Width, height, and its packers on one side: the room beside it follows.
  for (const figure of ["545", "1193", "5"]) {
    await hand.write(figure);
    await page.keyboard.press("Enter");
  }
  await hand.button(/^(Settle|Choose)/);
  await hand.tap(page.getByLabel("lower edge above floor"), "above the floor");
  await hand.write("1120");
  await page.keyboard.press("Enter");
  await hand.tap(page.getByText(/^no door within/), "no door");
  await hand.tap(page.getByLabel("overall, by caliper"), "overall");
  await hand.write("28");
  await page.keyboard.press("Enter");
  await hand.button("4-20-4");
  for (const answer of ["aluminium, silver", "Not coated", "No bars"]) await hand.button(answer);
  await order(hand);
  await expect(page.getByRole("contentinfo")).toContainText("545");
  expect(hand.count, hand.told.join("; ")).toBeLessThanOrEqual(30);
});
