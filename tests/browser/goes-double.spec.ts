import { expect, type Page, test } from "@playwright/test";
import { addPane, fromCleared, fromMenu, heldAs, openStation, openTab, pick, type } from "./pane-of-ones-own.ts";

const ticket = (page: Page) => page.getByRole("contentinfo");

const choose = async (page: Page) => {
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await openTab(page, "What can be done");
  await page.getByRole("button", { name: /^Choose (sealed|IG) unit instead/ }).click();
  const why = page.getByLabel("Why this one");
  if (await why.isVisible()) {
    await why.fill("they want it warmer");
    await page.keyboard.press("Enter");
  }
};

test("a sash that goes double: the timber says which unit it takes, and the pane is planned until it is routed", async ({
  page,
}) => {
  test.slow();
  await addPane(page);
  await heldAs(page, "timber-putty");
  await choose(page);
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, {
    "width, top": "600",
    "width, middle": "600",
    "width, bottom": "600",
    "height, left": "900",
    "height, middle": "900",
    "height, right": "900",
    "diagonal, bottom left to top right": "1081.5",
    "diagonal, top left to bottom right": "1081.5",
    "rebate depth": "10",
    "rebate width": "18",
    "timber, through the glass": "36",
  });
  // Cover 12, a gap of 3 and 2 for what is off: 17 deep where 10 are there. So 614 × 914 is what the size follows from.
  await expect(ticket(page)).toContainText("Planned: once the rebate is routed 7 mm deeper all round.");
  await openStation(page, "Specify");
  // 36 less 2 + unit + 1 + 10: of 16 mm 7 stay, of 18 only 5, and the house wants 6.
  const takes = page.getByRole("list", { name: /^What this sash can take/ }).getByRole("button");
  await expect(takes.first()).toHaveText(/4-8-4.*rout 11 mm wider, 7 mm stays/);
  await expect(takes.filter({ hasText: "4-10-4" })).toContainText("too little timber stays");
  await takes.filter({ hasText: "4-10-4" }).click();
  await openStation(page, "Order");
  await expect(page.getByText("The sash would keep 5 mm of timber")).toBeVisible();
  await openStation(page, "Specify");
  await takes.first().click();
  // Nobody is asked how thick a unit was, or whether it was coated, where there was none.
  await expect(page.getByText("How thick the old", { exact: false })).toHaveCount(0);
  await expect(page.getByText("whether it was coated")).toHaveCount(0);
  await type(page, { "lower edge above floor": "300", "nearest door edge": "1900" });
  await page.getByRole("button", { name: "Both sheets toughened" }).click();
  await expect(ticket(page)).toContainText("outer toughened, inner toughened");
  // What goes in is not here: nothing is tried dry, and no bed is opened for it.
  await openStation(page, "Make ready");
  await page
    .getByRole("button", { name: /Try the new pane dry/ })
    .first()
    .click();
  await expect(page.getByText("neither ordered nor here")).toBeVisible();
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test("what is picked is tapped: no list drops down at Look, Measure or Specify", async ({ page }) => {
    await addPane(page);
    await heldAs(page, "timber-putty");
    for (const at of ["Look", "Measure", "Specify", "Set"]) {
      await openStation(page, at);
      await expect(page.getByRole("region", { name: "Station" }).getByRole("combobox")).toHaveCount(0);
    }
    await openStation(page, "Measure");
    await pick(page, "Measured", "through standing glass");
    await expect(page.getByRole("button", { name: "Measured: through standing glass" })).toBeVisible();
    await fromMenu(page, "in");
    await expect(page.getByRole("heading", { name: "sight size, width" })).toBeVisible();
  });
});

test("a pane that is misted between its sheets was a sealed unit, whatever its frame mostly holds", async ({
  page,
}) => {
  await addPane(page);
  await page.getByRole("checkbox", { name: "misted or wet inside" }).check();
  const stage = page.getByRole("region", { name: "Stage" });
  await expect(stage.getByRole("button", { name: "Choose open, dry and reseal the sealed unit" })).toBeVisible();
  await expect(stage.getByRole("button", { name: "Choose sealed unit instead of single glass" })).toHaveCount(0);
  await expect(ticket(page)).toContainText("sealed unit, not chosen yet");
  // A bathroom's is patterned on one sheet: asked where it is wet, and on the ticket.
  await openStation(page, "Specify");
  await page.getByRole("checkbox", { name: "in a wet room" }).check();
  await page.getByRole("button", { name: "Say its pattern" }).click();
  await page.getByText("How it looks").click();
  await page.getByLabel("Pattern of one sheet").fill("reeded");
  await page.getByLabel("Pattern of one sheet").blur();
  await pick(page, "On which sheet", "the inner sheet");
  await expect(ticket(page)).toContainText("reeded on the inner sheet");
  await expect(page.getByRole("button", { name: "Say its pattern" })).toHaveCount(0);
});
