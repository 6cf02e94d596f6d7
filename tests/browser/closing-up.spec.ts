import { expect, test } from "@playwright/test";
import { addPane, allSent, heldAs, openStation, openTab, ready, roundPath, type } from "./pane-of-ones-own.ts";
import { openStep } from "./the-work.ts";

test("a bead is flexed, read where it stands proud, and the step says what brings it home", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await openStation(page, "Set");
  const station = page.getByRole("region", { name: "Station" });
  await openStep(page, /go back in the reverse of the way they came out/);
  const beads = station.locator("[data-step=beads-back]");
  await expect(beads).not.toContainText("spare bead");
  await beads.getByLabel("whitens or creaks").check();
  await expect(beads).toContainText("warm water, spare bead");
  await beads.getByText("Stands one proud?").click();
  const top = beads.getByRole("textbox", { name: "top" });
  await top.fill("1");
  await top.blur();
  await expect(beads.getByText("Bring it down: a block along it")).toBeVisible();
  await top.fill("2");
  await top.blur();
  await expect(beads.getByText("Its lip is on the wrong side")).toBeVisible();
  await allSent(page);
});

test("behind another door dabs will do; where weather reaches it the bed is full", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Set");
  const station = page.getByRole("region", { name: "Station" });
  await expect(station.getByRole("checkbox", { name: /no gaps in the corners/ })).toBeVisible();
  await openStep(page, /no gaps in the corners/);
  await station.getByLabel("another door or room is before it").check();
  await expect(station.getByRole("checkbox", { name: /dabs at the corners and every 200 mm/ })).toBeVisible();
  await station.getByLabel("weather or draught reaches it").check();
  await expect(station.getByRole("checkbox", { name: /no gaps in the corners/ })).toBeVisible();
});

test("what runs in the sun is refused, and what cures holds the signing off: each only with a word", async ({
  page,
}) => {
  await page.goto("/house#compounds");
  await ready(page);
  await page.getByRole("button", { name: "One of mine like Neutral-cure silicone" }).click();
  const name = `Tube ${process.pid}`;
  await page.getByLabel("Name on the label").fill(name);
  await page.getByLabel("bears in the sun, °C").fill("55");
  await page.getByLabel("Approved by the maker of").fill("the Tarn frame");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText(/bears 55 °C · approved by the Tarn frame/)).toBeVisible();
  await allSent(page);

  await addPane(page);
  await heldAs(page, "timber-bead");
  await openStation(page, "Set");
  const station = page.getByRole("region", { name: "Station" });
  await station.getByRole("button", { name: "In something else" }).click();
  await expect(station.getByText("It bears 55 °C: a light frame in the sun reaches 60, and it runs.")).toBeVisible();
  await expect(station.getByText("Approved by the maker of the Tarn frame.")).toBeVisible();
  await station.getByRole("button", { name: `Take ${name}` }).click();
  await station.getByRole("button", { name: "Take it", exact: true }).click();
  await expect(station.getByText(/as was chosen for it/)).toHaveCount(0);
  await station.getByLabel(/say why it is this one all the same/).fill("north side, never any sun");
  await station.getByRole("button", { name: "Take it", exact: true }).click();
  await expect(station.getByText(`It is set in ${name}, as was chosen for it.`)).toBeVisible();
  // Nobody ticked a step of it: they are left out with that word.
  await station.getByRole("checkbox", { name: "Leave the steps that are not ticked" }).check();
  await station.getByRole("button", { name: "It is set", exact: true }).click();
  await expect(station.getByText(new RegExp(`^Set .* in ${name}`))).toBeVisible();

  await openStation(page, "Finish");
  await expect(station.getByText(/It stays shut for 2 more days/)).toBeVisible();
  await openStation(page, "Sign off");
  await openTab(page, "For the customer");
  await expect(station.getByText(/Leave it shut until/)).toBeVisible();
  const sign = station.getByRole("button", { name: "Sign it off all the same" });
  await sign.click();
  await expect(station.getByText(/^Signed off/)).toHaveCount(0);
  await station.getByLabel(/Why is it closed before/).fill("the house is empty until June");
  await sign.click();
  await expect(station.getByText(/^Signed off/)).toHaveCount(0);
  await station.getByLabel(/Why is it signed off without/).fill("it is looked at when it is opened");
  await sign.click();
  await expect(station.getByText(/^Signed off/)).toBeVisible();
  await allSent(page);
});

test("a line is rated, a gap is filled by its width", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Finish");
  const station = page.getByRole("region", { name: "Station" });
  await station.getByLabel("hollow").check();
  await expect(station.getByText("Paint shows a hollow")).toBeVisible();
  await station.getByLabel("knife marks").check();
  await expect(station.getByText("Paint hides a knife mark")).toBeVisible();
  await openTab(page, "Fillers");
  await station.getByLabel("gap, wide, mm").fill("2");
  await station.getByLabel("gap, long, mm").fill("300");
  await station.getByLabel("gap, deep, mm").fill("8");
  // 2 × 300 × 8 mm is 4.8 ml, and a fifth more.
  await expect(station.getByText(/Flexible caulk.*About 6 ml/)).toBeVisible();
  await station.getByLabel("gap, wide, mm").fill("20");
  await expect(station.getByText("let a piece of timber in")).toBeVisible();
  await allSent(page);
});

test("marks on the glass say what it is, and the old thickness what the new one does", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, { "width, top": "604", "height, left": "904" });
  await openTab(page, "Bars, coating");
  await page.getByLabel("Marks on the glass").fill("EN 12150-1");
  await page.getByLabel("Date in the spacer").fill("03/09");
  await page.keyboard.press("Tab");
  await expect(page.getByText(/The marks say: toughened; made 2009/)).toBeVisible();
  await page.getByRole("button", { name: /^Keep toughened/ }).click();
  await expect(page.getByRole("button", { name: /^Keep toughened/ })).toHaveCount(0);
  await openStation(page, "Specify");
  await openTab(page, "The old one");
  await page.getByRole("region", { name: "Stage" }).getByRole("textbox", { name: "thickness" }).fill("3");
  await page.keyboard.press("Tab");
  await expect(
    page.getByText(/It was 3 mm, this is 4 mm: 1\.0 mm more through the frame, and 1\.[34] kg heavier/),
  ).toBeVisible();
  await page.getByLabel("an off-cut will do: it goes on the order").check();
  await openStation(page, "Sign off");
  await expect(page.getByText(/The old glass was marked toughened/).first()).toBeVisible();
  await allSent(page);
});

test("the kit is packed for a day, and for what is ticked of it", async ({ page }) => {
  await page.goto(await roundPath(page));
  await ready(page);
  await page.getByRole("link", { name: "Kit" }).click();
  await ready(page);
  const panes = page.getByRole("list", { name: "For" }).getByRole("checkbox");
  const many = await panes.count();
  expect(many).toBeGreaterThan(0);
  for (const pane of await panes.all()) await expect(pane).toBeChecked();
  await expect(page.getByRole("list", { name: "Tools" }).getByRole("checkbox").first()).toBeVisible();
  for (const pane of await panes.all()) await pane.uncheck();
  await page.getByRole("button", { name: "Pack for these" }).click();
  await ready(page);
  await expect(page.getByRole("list", { name: "Tools" }).getByRole("checkbox")).toHaveCount(0);
  expect(await panes.count()).toBe(many);
  await page.getByRole("button", { name: "All of that day" }).click();
  await ready(page);
  await expect(page.getByRole("list", { name: "Tools" }).getByRole("checkbox").first()).toBeVisible();
});
