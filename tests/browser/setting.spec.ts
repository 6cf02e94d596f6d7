import { expect, test } from "@playwright/test";
import { addPane, allSent, heldAs, openStation, openTab, ready, roundPath } from "./pane-of-ones-own.ts";
import { openStep } from "./the-work.ts";

test("an insert: its facing said first, its tag read, each screw ticked twice round", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "cassette");
  await openStation(page, "Set");
  await ready(page);
  const station = page.getByRole("region", { name: "Station" });

  const look = station.getByRole("checkbox", { name: /Look once more before it touches/ });
  await openStep(page, /Look once more before it touches/);
  await expect(station.getByText("Say first by which sign")).toBeVisible();
  await look.click();
  await expect(look).not.toBeChecked();
  await station.getByLabel("spacer's joint").check();
  await expect(station.getByText("goes to the top: water does not stand there")).toBeVisible();
  await look.check();

  await openStep(page, /All screws by hand, snug/);
  const driven = station.getByRole("checkbox", { name: /All screws by hand, snug/ });
  for (let screw = 1; screw <= 12; screw++)
    await station.getByLabel(`Round 1, screw ${screw}`, { exact: true }).check();
  await expect(station.getByText("12 turns of a screw still to go")).toBeVisible();
  for (let screw = 1; screw <= 12; screw++)
    await station.getByLabel(`Round 2, screw ${screw}`, { exact: true }).check();
  await driven.check();
  await page.reload();
  await expect(driven).toBeChecked();
  await openStep(page, /All screws by hand, snug/);
  await expect(station.getByLabel("Round 2, screw 12", { exact: true })).toBeChecked();
});

test("a sash from another opening is stopped at its tag", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "plastic-no-bead");
  await openStation(page, "Set");
  await ready(page);
  const station = page.getByRole("region", { name: "Station" });
  await openStep(page, /Hang the sash in the opening/);
  const tag = station.getByLabel("The tag on the sash says");
  await tag.selectOption({ label: "Boat store, landward casement" });
  await expect(station.getByText("That sash belongs in Boat store, landward casement")).toBeVisible();
  const hung = station.getByRole("checkbox", { name: /Hang the sash in the opening on its tag/ });
  await hung.click();
  await expect(hung).not.toBeChecked();
  await tag.selectOption({ index: 0 });
  await expect(station.getByText("That sash belongs in")).toHaveCount(0);
  await hung.check();
});

test("putty from a tub of one's own, no sprigs only with a word, and a visit that is not too soon", async ({
  page,
}) => {
  await page.goto("/house#compounds");
  await ready(page);
  await page.getByRole("button", { name: "One of mine like Linseed putty" }).click();
  await page.getByLabel("Name on the label").fill("Tub of the yard");
  await page.getByLabel("paint from, days").fill("10");
  await page.getByLabel("paint by, days").fill("5");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("It must be painted by a later day")).toBeVisible();
  await page.getByLabel("paint by, days").fill("30");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("painted from day 10 to day 30")).toBeVisible();
  await allSent(page);

  await addPane(page);
  await openStation(page, "Measure");
  await page.getByRole("textbox", { name: "width, top", exact: true }).fill("600");
  await page.getByRole("textbox", { name: "height, left", exact: true }).fill("900");
  await page.keyboard.press("Tab");
  await openStation(page, "Set");
  await ready(page);
  const station = page.getByRole("region", { name: "Station" });
  await station.getByRole("button", { name: "In something else" }).click();
  await station.getByRole("button", { name: "Take Tub of the yard" }).click();
  await station.getByRole("checkbox", { name: "Leave the steps that are not ticked" }).check();
  await station.getByLabel("Sprigs", { exact: true }).fill("0");
  await station.getByRole("button", { name: "It is set", exact: true }).click();
  await expect(station.getByText("Without sprigs nothing holds the pane")).toBeVisible();
  await expect(station.getByText(/^Set .* in Tub of the yard/)).toHaveCount(0);
  await station.getByLabel(/Why none\?/).fill("leaded light, soldered in");
  await station.getByRole("button", { name: "It is set", exact: true }).click();
  await expect(station.getByText(/^Set .* in Tub of the yard/)).toBeVisible();

  await openStation(page, "Finish");
  await expect(station.getByText("its label, as the firm read it")).toBeVisible();
  await station.getByLabel("On", { exact: true }).fill("2026-05-22");
  await station.getByLabel("On", { exact: true }).blur();
  await expect(station.getByText("Too soon: the compound may be painted from")).toBeVisible();
  await station.getByRole("button", { name: "Plan it" }).click();
  await expect(station.getByRole("button", { name: "Plan it" })).toBeVisible();
  await station.getByLabel("On", { exact: true }).fill("2026-06-03");
  await station.getByRole("button", { name: "Plan it" }).click();
  await expect(station.getByText("Press the putty lightly and look along it")).toBeVisible();
  await expect(station.getByText("Wed 3 Jun: trim, prime and paint")).toBeVisible();
});

test("what one pane taught is shown at the next like it; what was left behind comes first", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "compression-moulding");
  await openStation(page, "Take out");
  await ready(page);
  const station = page.getByRole("region", { name: "Station" });
  await openTab(page, "How it is done");
  await station.getByLabel("What this one taught").fill("warm the mouldings first");
  await station.getByLabel("What this one taught").press("Enter");
  await allSent(page);
  await addPane(page);
  await heldAs(page, "compression-moulding");
  await expect(station.getByText("warm the mouldings first")).toBeVisible();
  await expect(station.getByText("take out; same frame")).toBeVisible();

  await page.goto((await roundPath(page)).replace("/?round=", "/rounds/").concat("/kit"));
  await ready(page);
  const tools = page.getByRole("list", { name: "Tools" }).getByRole("listitem");
  const last = tools.last();
  const name = ((await last.getByRole("button").getAttribute("aria-label")) ?? "").replace("Left behind: ", "");
  await last.getByRole("button").click();
  await expect(tools.first()).toContainText(`${name} left behind once`);
  const shelf = page.getByLabel("On the shelf: putty");
  await shelf.fill("5");
  await shelf.blur();
  await expect(page.getByRole("row", { name: /^putty/ })).toContainText("enough");
  await page.reload();
  await expect(page.getByLabel("On the shelf: putty")).toHaveValue("5");
});

test("gaps round the shut sash say how far it stands off the middle", async ({ page }) => {
  const { path } = await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await openStation(page, "Measure");
  await openTab(page, "Bars, coating");
  await page.getByRole("combobox", { name: "Hangs" }).selectOption("left");
  await openStation(page, "Set");
  await ready(page);
  await openStep(page, /note its four gaps/);
  const gap = (side: string) => page.getByRole("textbox", { name: `gap round the sash, ${side}` });
  for (const [side, text] of [
    ["left", "2"],
    ["right", "5"],
    ["top", "3"],
    ["bottom", "3"],
  ] as const)
    await gap(side).fill(text);
  await gap("bottom").blur();
  await expect(page.getByText("1.5 mm to the right")).toBeVisible();
  await gap("left").fill("3,5");
  await gap("right").fill("3.5");
  await gap("right").blur();
  await expect(page.getByText("Even: opposite gaps agree")).toBeVisible();
  await allSent(page);
  expect((await page.request.get(`${path}/aftercare.ics`)).status()).toBe(404);
});

test("pins: the length follows from the bead, one that leans toward the glass is refused", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "timber-bead");
  await openStation(page, "Measure");
  await page.getByRole("textbox", { name: "width, top", exact: true }).fill("600");
  await page.getByRole("textbox", { name: "height, left", exact: true }).fill("900");
  await page.getByRole("textbox", { name: "bead width", exact: true }).fill("18");
  await page.keyboard.press("Tab");
  await openStation(page, "Set");
  await ready(page);
  const station = page.getByRole("region", { name: "Station" });
  const says = station
    .getByRole("status")
    .filter({ hasText: /frame|glass/ })
    .last();
  await openStep(page, /Press each bead down and in/);
  await expect(station.getByText("30 mm: 11 mm in the frame")).toBeVisible();
  await station.getByLabel("pin at hand, mm").fill("20");
  await expect(says).toContainText("Too short");
  await station.getByLabel("pin at hand, mm").fill("");
  await station.getByLabel("leans, degrees").fill("-5");
  await expect(says).toContainText("It leans toward the glass and finds its edge");
});
