import { expect, test } from "@playwright/test";
import { addPane, allSent, fromCleared, heldAs, openStation, pick, ready, standBy, type } from "./pane-of-ones-own.ts";
import { openStep } from "./the-work.ts";

const EIGHT = {
  "width, top": "600",
  "width, middle": "600",
  "width, bottom": "600",
  "height, left": "900",
  "height, middle": "900",
  "height, right": "900",
  "diagonal, bottom left to top right": "1081.7",
  "diagonal, top left to bottom right": "1081.7",
  "rebate depth": "10",
};

test("glass that is here already is measured against the opening, and goes straight to make ready", async ({
  page,
}) => {
  await addPane(page);
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, EIGHT);
  await openStation(page, "Order");
  const station = page.getByRole("region", { name: "Station" });
  const have = async (width: string, height: string) => {
    await station.getByText("I have the glass already").click();
    await station.getByRole("radio", { name: "off the rack" }).check();
    await station.getByLabel("width of the glass that is here").fill(width);
    await station.getByLabel("height of the glass that is here").fill(height);
    await station.getByRole("button", { name: "Take this glass" }).click();
  };
  await have("602", "902");
  await expect(station.getByText(/It does not go in as it stands: ease/)).toBeVisible();
  await station.getByRole("button", { name: "Not this glass after all" }).click();
  await have("596", "896");
  await expect(station.getByText("The glass is here, off the rack: 596 × 896 mm.")).toBeVisible();
  await expect(station.getByText(/It will go in\.$/)).toBeVisible();
  await expect(page.getByRole("contentinfo")).toContainText("596");
  await expect(page.getByRole("link", { name: /Order/ }).filter({ hasText: "glass is here" })).toBeVisible();
  await station.getByRole("link", { name: "Make ready" }).click();
  await ready(page);
  // What follows from the bed waits until somebody says which; the pane is tried before anything is primed.
  await expect(station.getByText(/linseed putty is usual for .*, and nobody chose it yet/)).toBeVisible();
  await openStep(page, /Prime the rebate and let it dry/);
  await expect(station.getByRole("alert").filter({ hasText: "First say what it is set in" })).toBeVisible();
  await station.getByRole("button", { name: "In linseed putty" }).click();
  await expect(station.getByRole("alert").filter({ hasText: "First try it dry" })).toBeVisible();
  await openStep(page, /Try the new pane dry/);
  await station.getByRole("radio", { name: "goes in free" }).check();
  await station.getByRole("button", { name: "Done", exact: true }).click();
  await openStep(page, /Prime the rebate and let it dry/);
  await station.getByRole("button", { name: "Done", exact: true }).click();
  await expect(station.getByText(/What follows waits for it/)).toBeVisible();
  await openStation(page, "Set");
  await openStep(page, /Run the bed all round/);
  await expect(station.getByRole("alert").filter({ hasText: /Not dry yet, about 16 h to go/ })).toBeVisible();
  // What leads there opens the step itself.
  await station.getByRole("link", { name: "Go to Make ready" }).click();
  await ready(page);
  await expect(station.getByText("Prime the rebate and let it dry.", { exact: true }).first()).toBeVisible();
  await station.getByRole("button", { name: "It is dry" }).click();
  await openStation(page, "Set");
  await openStep(page, /Run the bed all round/);
  await expect(station.getByRole("alert").filter({ hasText: "Not dry yet" })).toHaveCount(0);
  await allSent(page);
});

test("ordinary glass that is here does not go in low down without a word", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "timber-putty");
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, EIGHT);
  await openStation(page, "Specify");
  await type(page, { "lower edge above floor": "300", "nearest door edge": "1900" });
  await openStation(page, "Order");
  const station = page.getByRole("region", { name: "Station" });
  await station.getByText("I have the glass already").click();
  await station.getByLabel("width of the glass that is here").fill("596");
  await station.getByLabel("height of the glass that is here").fill("896");
  await station.getByLabel("thickness of the glass that is here").fill("4");
  await station.getByRole("button", { name: "Take this glass" }).click();
  // Its size does not say what it is.
  await expect(station.getByText(/say what glass this is, and find its mark/)).toBeVisible();
  await pick(page, "What glass it is", "clear float");
  await expect(station.getByText(/called for here, and this is clear float: take another/)).toBeVisible();
  await openStation(page, "Set");
  await expect(station.getByRole("alert").filter({ hasText: /^Safety glass is called for here/ })).toBeVisible();
  await station.getByRole("link", { name: "Go to Order" }).click();
  await ready(page);
  await station.getByLabel("Why it may go in all the same").fill("behind a fixed rail");
  await station.getByRole("button", { name: "It goes in" }).click();
  await expect(station.getByText(/it goes in all the same: behind a fixed rail/)).toBeVisible();
  await openStation(page, "Set");
  await expect(station.getByRole("alert").filter({ hasText: /^Safety glass/ })).toHaveCount(0);
  await allSent(page);
});

test("taken from a source in one tap, promised for another day, and broken after it was accepted", async ({ page }) => {
  await addPane(page);
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, EIGHT);
  await openStation(page, "Order");
  await standBy(page);
  const station = page.getByRole("region", { name: "Station" });
  await station
    .getByRole("button", { name: /^Order it from / })
    .first()
    .click();
  await station.getByRole("button", { name: "Ordered today" }).click();
  await station.getByText("Ask after it, or note another day").click();
  await station.getByLabel("New day, if they gave one").fill("2026-06-09");
  await station.getByLabel("What they said, and who").fill("next week, if the furnace holds");
  await station.getByRole("button", { name: "Keep what they said" }).click();
  await expect(station.getByText(/due Tue 9 Jun/)).toBeVisible();
  await expect(
    station.getByText(/on the telephone, .*: next week, if the furnace holds\. Now Tue 9 Jun; it was/),
  ).toBeVisible();
  await station.getByRole("button", { name: "It has come" }).click();
  await station.getByLabel("width that came").fill("596");
  await station.getByLabel("height that came").fill("896");
  const accept = station.getByRole("button", { name: /^Accept/ }).first();
  if (!(await station.getByRole("button", { name: "Accept", exact: true }).isVisible()))
    await station.getByPlaceholder(/./).last().fill("it is what we want");
  await accept.click();
  await station.getByRole("button", { name: "It broke", exact: true }).click();
  await expect(station.getByText("Eyes and hands first")).toBeVisible();
  await station.getByRole("radio", { name: "ours to pay" }).check();
  await station.getByRole("button", { name: "It broke", exact: true }).click();
  await expect(station.getByText(/It broke: ours to pay/)).toBeVisible();
  await expect(station.getByRole("heading", { name: /Order it again/ })).toBeVisible();
  await expect(station.getByRole("button", { name: /^Order it from / }).first()).toBeVisible();
  await allSent(page);
});

test("glass bought before anything was read stands at its own size, and its packers have their marks", async ({
  page,
}) => {
  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await openStation(page, "Order");
  const station = page.getByRole("region", { name: "Station" });
  await station.getByText("I have the glass already").click();
  await station.getByLabel("width of the glass that is here").fill("598");
  await station.getByLabel("height of the glass that is here").fill("1048");
  await station.getByRole("button", { name: "Take this glass" }).click();
  await expect(page.getByRole("contentinfo")).toContainText("598 × 1048");
  await openStation(page, "Set");
  await station.getByRole("button", { name: "fixed", exact: true }).click();
  // A quarter of 598 in from either end.
  await expect(station.getByText(/Two packers under it, their middles\s*150\s*and\s*449/i)).toBeVisible();
  await expect(station.getByText(/read its height at Measure/)).toBeVisible();
  await allSent(page);
});
