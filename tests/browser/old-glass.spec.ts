import { expect, type Page, test } from "@playwright/test";
import { addPane, allSent, heldAs, openStation, openTab, ready } from "./pane-of-ones-own.ts";
import { openStep } from "./the-work.ts";

const answer = async (page: Page, ...answers: readonly string[]) => {
  for (const a of answers) await page.locator("fieldset").getByRole("button", { name: a, exact: true }).click();
};

test("a dropped sash with sound glass is packed anew: nothing is ordered, the glass stays in", async ({ page }) => {
  const { path } = await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await page.getByRole("button", { name: "Examine it, question by question" }).click();
  await answer(
    page,
    "sealed unit",
    "whole",
    "whole",
    "none",
    "hinges at its left",
    "wider at the handle",
    "still",
    "sound",
  );
  await answer(page, "none to be seen");
  await expect(page.getByText("pack it square before anybody orders glass")).toBeVisible();
  await page.getByRole("button", { name: /^Keep it/ }).click();
  await expect(page.getByText(/We would take: keep the glass, pack and bed it anew/)).toBeVisible();
  await page.getByRole("button", { name: "Choose keep the glass, pack and bed it anew" }).click();
  await expect(page.getByText(/^Turned down: £.* dearer/).first()).toBeVisible();
  await expect(page.getByRole("link", { name: /Order/ }).filter({ hasText: "old glass back" })).toBeVisible();
  await openStation(page, "Take out");
  await expect(page.getByRole("checkbox", { name: /wedge gasket/ })).toBeVisible();
  await expect(page.getByRole("checkbox", { name: /Ease the pane out/ })).toHaveCount(0);
  await expect(page.getByText("Where the old glass goes")).toHaveCount(0);
  await openStation(page, "Set");
  await expect(
    page
      .getByRole("checkbox", { name: /Press in the packer at the/ })
      .or(page.getByRole("checkbox", { name: /Put two packers below/ }))
      .first(),
  ).toBeVisible();
  await expect(page.getByRole("checkbox", { name: /fold it in/ })).toHaveCount(0);
  await allSent(page);
  await page.goto(`${path}/options`);
  await expect(page.getByText("chosen")).toBeVisible();
  await expect(page.getByText(/^Not taken: /).first()).toBeVisible();
});

test("packed anew with nothing measured: how it hangs is asked where it is packed, and figures come with its size", async ({
  page,
}) => {
  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await page.getByRole("checkbox", { name: "sash dropped or binds" }).check();
  await page.getByLabel("Why it failed").selectOption("packing");
  await expect(page.getByText(/We would take: keep the glass, pack and bed it anew/)).toBeVisible();
  await page.getByRole("button", { name: "Choose keep the glass, pack and bed it anew" }).click();
  await openStation(page, "Set");
  await expect(page.getByText("How does it hang?")).toBeVisible();
  await page.getByRole("button", { name: "hinged right", exact: true }).click();
  await expect(page.getByText("Each about a quarter of its edge in from the corner")).toBeVisible();
  await page.getByRole("textbox", { name: "old pane, width", exact: true }).fill("480");
  await page.getByRole("textbox", { name: "old pane, height", exact: true }).fill("960");
  await page.keyboard.press("Tab");
  // A quarter of 480 is 120; the block's least from the corner and half its length make it 125: 355 from the left.
  await expect(page.getByRole("img", { name: /bottom, 355 mm from its left end: carries/ })).toBeVisible();
  // What lifts it has its figure: 5 down over an opening of 484, head and foot 230 apart: 5 × 230 ÷ 484 = 2.4.
  await openStep(page, /Press in the packer at the left head/);
  await page.getByRole("textbox", { name: "gap at head, hinge side", exact: true }).fill("3");
  await page.getByRole("textbox", { name: "gap at head, handle side", exact: true }).fill("8");
  await page.keyboard.press("Tab");
  await expect(page.getByText(/It hangs down 5 mm at the handle: packers there about 2\.4 mm thicker/)).toBeVisible();
  await allSent(page);
});

test("packed anew, the stations between say so and ask nothing that only new glass wants", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await page.getByRole("checkbox", { name: "sash dropped or binds" }).check();
  await page.getByLabel("Why it failed").selectOption("packing");
  await page.getByRole("button", { name: "Choose keep the glass, pack and bed it anew" }).click();
  await openStation(page, "Measure");
  await expect(page.getByText("The old glass goes back: nothing is sized.")).toBeVisible();
  await expect(page.getByRole("tab", { name: "How much to take off" })).toHaveCount(0);
  await expect(page.getByLabel("Measured")).toHaveCount(0);
  await page.getByRole("button", { name: "hinged left", exact: true }).click();
  await page.getByRole("textbox", { name: "gap at head, hinge side" }).fill("3");
  await page.getByRole("textbox", { name: "gap at head, handle side" }).fill("8");
  await page.keyboard.press("Tab");
  await expect(page.getByText("The handle corner has dropped 5 mm")).toBeVisible();
  await expect(page.getByRole("link", { name: /Measure/ }).filter({ hasText: "old glass back" })).toBeVisible();
  await openStation(page, "Specify");
  await expect(page.getByText("no other is chosen here")).toBeVisible();
  await expect(page.getByText("Left to guess")).toHaveCount(0);
  await expect(page.getByRole("tab", { name: "On its wall" })).toHaveCount(0);
  await openStation(page, "Order");
  await expect(page.getByText("nothing is ordered. If it breaks on the way, say so there")).toBeVisible();
  await expect(page.getByLabel("New order to")).toHaveCount(0);
  // New glass after all: everything that it wants is asked again.
  await openStation(page, "Look");
  await page.getByRole("button", { name: /^Choose (new glass or sealed unit|a new sealed unit) alone$/ }).click();
  await page.getByLabel("Why this one").fill("it cracked as it was lifted");
  await page.getByRole("button", { name: "Choose", exact: true }).click();
  await openStation(page, "Measure");
  await expect(page.getByRole("tab", { name: "How much to take off" })).toBeVisible();
  await allSent(page);
});

test("a member says what is wrong with it, a cause leaves its task, hardware its paint", async ({ page }) => {
  await addPane(page);
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await page.getByLabel("Why it failed").selectOption("nail");
  await openTab(page, "The frame");
  const members = page.locator("section.apart", { hasText: "Sash and frame, member by member" });
  // The foot is looked at first, and any is tapped on the sash.
  await expect(members.getByRole("group", { name: "The bottom member" })).toBeVisible();
  await members.getByRole("button", { name: "left member: not looked at" }).click();
  await members.getByRole("group", { name: "The left member" }).getByRole("radio", { name: "sound" }).check();
  await members.getByRole("button", { name: "bottom member: not looked at" }).click();
  await members.getByRole("radio", { name: "mend first" }).check();
  await members.getByRole("radio", { name: "rot", exact: true }).check();
  await expect(members.getByRole("button", { name: "bottom member: mend first" })).toBeVisible();
  await expect(members.getByText("About 30 min, and 24 h of drying, before the glass.")).toBeVisible();
  await openStation(page, "Take out");
  const putty = page.getByRole("checkbox", { name: /Break out the face putty/ });
  await putty.click();
  await expect(page.getByText("are its faces taped: none, one or both?").first()).toBeVisible();
  await expect(putty).not.toBeChecked();
  await openStation(page, "Make ready");
  await expect(page.getByRole("checkbox", { name: /magnet or a finger along all four sides/ })).toBeVisible();
  await expect(page.getByRole("checkbox", { name: /Cut out soft timber/ })).toBeVisible();
  const clean = page.getByRole("checkbox", { name: /Clean all four sides/ });
  await clean.click();
  await expect(clean).not.toBeChecked();
  await page.getByRole("checkbox", { name: "no loose glass left" }).check();
  await clean.check();
  await openTab(page, "Screws and fittings");
  await page
    .locator("section.apart", { hasText: "Hardware that goes back" })
    .getByLabel("hinges")
    .selectOption("strip");
  await expect(page.getByRole("checkbox", { name: /Strip the paint off hinges/ })).toBeVisible();
  await page.getByLabel("latch or catch").selectOption("new");
  for (const [name, mm] of [
    ["old plate, wide, mm", "30"],
    ["old plate, high, mm", "60"],
    ["old plate, hole to hole, mm", "45"],
    ["new plate, wide, mm", "34"],
    ["new plate, high, mm", "58"],
    ["new plate, hole to hole, mm", "48"],
  ] as const)
    await page.getByLabel(name).fill(mm);
  await expect(page.getByText("The old mark shows beside it")).toBeVisible();
  await expect(page.getByText("Its screws run into the old holes")).toBeVisible();
  await allSent(page);
});

test("a unit is opened: its marks, its spacer, and what it may be cleaned with", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await page.getByRole("checkbox", { name: "misted or wet inside" }).check();
  await page.getByRole("button", { name: "Choose open, dry and reseal the sealed unit" }).click();
  await page.getByLabel("Why this one").fill("leaded, nobody makes it");
  await page.getByRole("button", { name: "Choose", exact: true }).click();
  await openStation(page, "Make ready");
  await ready(page);
  await page.getByLabel("Pane A: mark, up, which face in the room").fill("cross, arrow, room");
  await page.keyboard.press("Tab");
  await expect(
    page.getByText(/the same gap on every side\. A: cross, arrow, room; B: not said\./).last(),
  ).toBeVisible();
  await openStep(page, /Lay pane, spacer and pane square/);
  for (const [side, mm] of [
    ["left", "3"],
    ["right", "6"],
    ["top", "4"],
    ["bottom", "4"],
  ] as const) {
    await page.getByLabel(`spacer in, ${side}, mm`).fill(mm);
    await page.keyboard.press("Tab");
  }
  await expect(page.getByText("Move the spacer 1.5 mm right. The thinnest seal is 3.0 mm.")).toBeVisible();
  const cut = page.getByRole("checkbox", { name: /Cut the seal along the glass/ });
  await openStep(page, /Cut the seal along the glass/);
  await page.getByRole("checkbox", { name: "room face" }).check();
  await cut.click();
  await expect(page.getByText("Still open: outer face.").first()).toBeVisible();
  await openStep(page, /Clean all four inner faces/);
  await page.getByLabel("Cleaned with").selectOption("vinegar");
  await expect(page.getByText("Takes scale and film")).toBeVisible();
  await page.getByRole("button", { name: "left streaks" }).click();
  await expect(page.getByText(/vinegar and water: streaks\. Again, with another/)).toBeVisible();
  await allSent(page);
});
