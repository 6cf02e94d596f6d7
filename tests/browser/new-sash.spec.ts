import { expect, type Page, test } from "@playwright/test";
import { addPane, allSent, fromMenu, heldAs, openStation, openTab, ready, type } from "./pane-of-ones-own.ts";
import { doAllSteps, lookAllGood } from "./the-work.ts";

const ticket = (page: Page) => page.getByRole("contentinfo");
const station = (page: Page) => page.getByRole("region", { name: "Station" });

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test("a sash that is past new glass, in inches: read on a phone over the old one, ordered glazed, hung and signed off", async ({
  page,
}) => {
  test.slow();
  const { path } = await addPane(page);
  await fromMenu(page, "in");
  await heldAs(page, "timber-putty");
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await openTab(page, "What can be done");
  await page.getByRole("button", { name: "Choose new sash" }).click();
  const why = page.getByLabel("Why this one");
  if (await why.isVisible()) {
    await why.fill("its foot is rotten through");
    await page.keyboard.press("Enter");
  }
  await openStation(page, "Measure");
  await type(page, { "sash over all, width": "28 1/8", "sash over all, height": "34 3/4" });
  await expect(ticket(page)).toContainText("new sash, glazed");
  await openStation(page, "Specify");
  await type(page, { "lower edge above floor": "36", "nearest door edge": "60" });
  await station(page).getByRole("button", { name: "slides up and down" }).click();
  await page.getByRole("radio", { name: "ordinary glass" }).check();
  // A size over the sash is nobody's to pack, to bear wind or to lie in anything.
  await expect(page.getByRole("tab", { name: "The old one" })).toHaveCount(0);
  await openStation(page, "Order");
  await expect(page.getByText(/Nobody on your list makes sashes and whole frames/)).toBeVisible();
  await expect(page.getByLabel("New order to")).toHaveValue("");
  await page.getByLabel("New order to").fill("Fallow Lane Joinery");
  await page.getByRole("button", { name: "Open an order and put it on" }).click();
  await allSent(page);
  await page.getByRole("link", { name: "open the order" }).click();
  await page.waitForURL(/\/orders\//);
  await ready(page);
  const line = page.getByRole("main");
  await expect(line).toContainText("new sash, glazed, slides up and down, ordinary glass in it");
  await expect(line).toContainText("Size over the sash, outer edge to outer edge.");
  await expect(line).not.toContainText(/float|arrissed|glass size/);
  await expect(line).toContainText("20 working days as a rule");
  await page.getByRole("button", { name: "Ordered today" }).click();
  await page.getByRole("button", { name: "It has come" }).click();
  await page.getByLabel("width that came").fill("28 1/8");
  await page.getByLabel("height that came").fill("34 3/4");
  await expect(page.getByRole("radio", { name: "hand good" })).toBeVisible();
  await expect(page.getByRole("radio", { name: "thickness good" })).toHaveCount(0);
  await page.getByRole("button", { name: "Accept", exact: true }).click();
  await allSent(page);
  // From here on a tablet, where all steps stand a line each.
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${path}/takeout`);
  await ready(page);
  await expect(page.getByRole("tab", { name: "This frame" })).toHaveCount(0);
  // Sheet, tape on what is cracked, old beside new, off, its parts kept.
  expect(await doAllSteps(page)).toBe(5);
  await openStation(page, "Make ready");
  await doAllSteps(page);
  await openStation(page, "Set");
  await doAllSteps(page);
  await station(page).getByRole("button", { name: "It is set", exact: true }).click();
  await expect(page.getByText("How did it go in?")).toHaveCount(0);
  await openStation(page, "Finish");
  await expect(page.getByText(/linseed/i)).toHaveCount(0);
  await doAllSteps(page);
  await openStation(page, "Sign off");
  await expect(
    station(page)
      .getByText(/a strip of paper is held at every side/)
      .first(),
  ).toBeVisible();
  await lookAllGood(page);
  await station(page).getByRole("button", { name: "Sign it off", exact: true }).click();
  await expect(station(page).getByText(/^Signed off/)).toBeVisible();
  const answer = await page.request.get(`/api${path}?unit=in`);
  expect(await answer.json()).toMatchObject({
    size: { width: { text: '28 1/8"' }, height: { text: '34 3/4"' } },
    stands: "set",
    trouble: null,
    declined: false,
  });
});
