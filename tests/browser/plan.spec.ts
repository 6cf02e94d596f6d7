import { expect, test } from "@playwright/test";
import { v7 as uuidv7 } from "uuid";
import { addPane, allSent, glassAtHand, openTab, ready } from "./pane-of-ones-own.ts";

/* The plan is the whole firm's: other journeys add panes to it, so a pane of one's own is looked for by its address. */

test("a visit is put on a day by hand, is refused where it is too soon, and stands on that day's page", async ({
  page,
}) => {
  const { path } = await addPane(page);
  const pane = path.split("/")[2];
  await page.goto("/plan");
  await ready(page);
  const wants = page.getByRole("complementary", { name: "Wants a day" });
  const read = wants.locator(`[data-visit="${pane}/read"]`);
  const fit = wants.locator(`[data-visit="${pane}/fit"]`);
  await expect(read).toContainText("look and measure");
  await expect(fit).toContainText("not ordered yet");

  // What follows another visit is refused before it, with the reason, and wants one to stand there all the same.
  await fit.click();
  const sheet = page.getByRole("dialog");
  await sheet.getByLabel("Day").selectOption({ index: 1 });
  await expect(sheet.getByRole("status")).toContainText("What it follows is not done in time");
  await expect(sheet.getByRole("button", { name: "Put it there" })).toBeDisabled();
  await sheet.getByRole("button", { name: "Close" }).click();

  // The first is put there by the keyboard: the first day that is shown, the first who works. This week fills up meanwhile.
  await page.keyboard.press("]");
  await expect(page.locator('[data-cell^="2026-05-27"]').first()).toBeVisible();
  await read.focus();
  await page.keyboard.press("ArrowRight");
  const card = page.getByRole("table").locator(`[data-visit="${pane}/read"]`);
  await expect(card).toBeVisible();
  await card.focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.locator(`[data-cell^="2026-05-28"] [data-visit="${pane}/read"]`)).toBeVisible();
  await page.keyboard.press("z");
  await expect(page.locator(`[data-cell^="2026-05-27"] [data-visit="${pane}/read"]`)).toBeVisible();

  // It is there after a reload, and on that person's day, with its way to the pane.
  await page.reload();
  await ready(page);
  await page.keyboard.press("]");
  await expect(page.locator(`[data-cell^="2026-05-27"] [data-visit="${pane}/read"]`)).toBeVisible();
  const cell = await page
    .locator(`[data-cell^="2026-05-27"]`, { has: page.locator(`[data-visit="${pane}/read"]`) })
    .getAttribute("data-cell");
  await page.goto(`/plan/day?who=${encodeURIComponent(cell?.slice(11) ?? "")}&on=2026-05-27`);
  await ready(page);
  await expect(page.getByRole("listitem").filter({ has: page.locator(`a[href="/panes/${pane}/look"]`) })).toContainText(
    "look and measure",
  );
});

test("a visit is dragged from one day to another", async ({ page }) => {
  const { path } = await addPane(page);
  const pane = path.split("/")[2];
  await page.goto("/plan");
  await ready(page);
  const from = page.locator(`[data-visit="${pane}/read"]`).first();
  await from.scrollIntoViewIfNeeded();
  const to = page.locator('[data-cell="2026-05-26 Nell Harrow"]');
  const [a, b] = [await from.boundingBox(), await to.boundingBox()];
  if (!a || !b) throw new Error("not on the page");
  await page.mouse.move(a.x + 20, a.y + 10);
  await page.mouse.down();
  await page.mouse.move(a.x + 40, a.y + 20, { steps: 4 });
  await page.mouse.move(b.x + b.width / 2, b.y + 14, { steps: 8 });
  await page.mouse.up();
  await expect(to.locator(`[data-visit="${pane}/read"]`)).toBeVisible();
  // A click is no drag.
  await to.locator(`[data-visit="${pane}/read"]`).click();
  await expect(page.getByRole("dialog")).toContainText("Nothing is against Tue 26 May");
});

test("the week is laid out by a button, shown before it is taken, and left or taken", async ({ page }) => {
  test.slow();
  await page.goto("/plan");
  await ready(page);
  const placed = () => page.getByRole("table").locator("[data-visit]").count();
  const before = await placed();
  await page.keyboard.press("l");
  await expect(page.getByRole("progressbar")).toBeVisible();
  await expect(page.getByRole("status").first()).toContainText(/visits have a day/);
  const leave = page.getByRole("button", { name: /Leave it as it was|^Good$/ });
  await leave.click();
  expect(await placed()).toBe(before);
  await page.getByRole("button", { name: /Lay the week out/ }).click();
  await page.getByRole("button", { name: "Take this week" }).click();
  await expect(page.getByText(/of \d+ visits have a day/)).toBeVisible();
  await page.waitForTimeout(300);
  await page.reload();
  await ready(page);
  // Nothing that was laid out is against a rule. Panes of other journeys are ordered meanwhile, for a later day than was guessed.
  const against = page.getByRole("table").locator(".border-wax[data-visit]");
  await expect(against.filter({ hasText: /No\. \d|Boat store|Reading room/ })).toHaveCount(0);
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test("the week is a day at a time, and a visit is opened and moved from there", async ({ page }) => {
    await page.goto("/plan");
    await ready(page);
    await page.getByRole("button", { name: /^Thu 21 May, \d+ visits?$/ }).click();
    const day = page.getByRole("region", { name: "Thu 21 May" });
    for (const who of ["Nell Harrow", "Bram Tolley", "Ida Moss"])
      await expect(day.locator(`[data-cell="2026-05-21 ${who}"]`)).toBeVisible();
    // The page scrolls down and never sideways.
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const visit = day.locator("[data-visit]").first();
    const label = (await visit.getAttribute("aria-label")) ?? "";
    await visit.click();
    await expect(page.getByRole("dialog")).toContainText(label.split(", ")[1] ?? "-");
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: /^Mon 25 May/ }).click();
    await expect(page.getByRole("region", { name: "Mon 25 May" })).toBeVisible();
    await expect(day).toHaveCount(0);
  });
  test("a day runs late, and what is to come is later", async ({ page }) => {
    const { path } = await addPane(page);
    const pane = path.split("/")[2];
    const stored = await page.request.post("/api/entries", {
      data: {
        entries: [
          {
            id: uuidv7(),
            at: new Date().toISOString(),
            who: "Bram Tolley",
            about: { pane },
            kind: "plan.visit",
            payload: {
              part: "read",
              day: "2026-06-05",
              from: 545,
              person: "Bram Tolley",
              helper: null,
              byHand: true,
              why: "",
            },
          },
        ],
      },
    });
    expect(stored.ok()).toBe(true);
    await page.goto("/plan/day?who=Bram%20Tolley&on=2026-06-05");
    await ready(page);
    const stop = page.getByRole("listitem").filter({ has: page.locator(`a[href="/panes/${pane}/look"]`) });
    const first = stop.locator(".font-mono").first();
    await expect(first).toHaveText("9:05");
    await page.getByRole("button", { name: /Running late/ }).click();
    await expect(page.getByRole("status")).toContainText("15 min later");
    await expect(first).toHaveText("9:20");
    await page.getByRole("button", { name: "In time again" }).click();
    await expect(first).toHaveText("9:05");
    const file = await page.request.get("/plan/day.ics?who=Bram%20Tolley");
    expect(await file.text()).toMatch(/^BEGIN:VCALENDAR[\s\S]*BEGIN:VEVENT/);
  });
});

test("somebody's day can be laid out anew, or given to another as far as nothing is against it", async ({ page }) => {
  await page.goto("/plan");
  await ready(page);
  const who = page.getByRole("button", { name: /: ill, or a day for somebody else$/ });
  await who.first().click();
  const sheet = page.getByRole("dialog");
  await expect(sheet.getByRole("button", { name: "Ill: lay it out anew" })).toBeVisible();
  const days = sheet.getByRole("radio");
  for (let i = 0; i < (await days.count()); i++) {
    await days.nth(i).check();
    const gives = sheet.getByRole("button", { name: /^Give it to / });
    // A day with visits on it names everybody else, and says how much of it would go over.
    if ((await gives.count()) > 0) {
      await expect(gives).toHaveCount((await who.count()) - 1);
      await expect(sheet.getByRole("list", { name: "Give the day to" })).toContainText(/go(es)? over/);
    }
  }
  await page.keyboard.press("Escape");
  await expect(sheet).toHaveCount(0);
});

test("a day that the customer wants is counted on the plan, and changes with what it rests on", async ({ page }) => {
  const { path } = await addPane(page);
  await openTab(page, "The customer");
  await page.getByLabel("Needed by").fill("2026-06-10");
  await page.getByLabel("Needed by").blur();
  await allSent(page);
  const promise = page
    .getByRole("region", { name: "Promises" })
    .getByRole("listitem")
    .filter({ has: page.locator(`a[href="${path}"]`) });
  await page.goto("/plan");
  await ready(page);
  await expect(promise).toContainText("wanted by Wed 10 Jun");
  await expect(promise).toContainText("nobody can say");
  await page.goto(`${path}/measure`);
  await ready(page);
  await glassAtHand(page);
  await allSent(page);
  await page.goto("/plan");
  await ready(page);
  await expect(promise).toContainText("all but sure");
  await expect(promise).toContainText("The glass is here. It has no day on the plan: fit it by");
  // The same to programs.
  const { promises } = await (await page.request.get("/api/plan")).json();
  expect(promises.find((p: { pane: string }) => path.endsWith(p.pane))).toMatchObject({
    asked: "wanted",
    day: "2026-06-10",
    restsOn: "here",
    chance: 1,
  });
});

test("a fire door is fitted by whoever is named for it, and by nobody else of the firm", async ({ page }) => {
  const { path } = await addPane(page);
  const pane = path.split("/")[2];
  await openTab(page, "The building");
  await page.getByText("Does it want a licence?").click();
  await page.getByLabel("fire door or fire-rated glass").check();
  await page.getByLabel("Who does it, or approved it").fill("Nell Harrow, no. 12");
  await page.getByLabel("Who does it, or approved it").press("Tab");
  await allSent(page);
  await page.goto("/plan");
  await ready(page);
  await page.locator(`[data-visit="${pane}/fit"]`).first().click();
  const sheet = page.getByRole("dialog");
  await expect(sheet).toContainText("somebody who may work on fire doors and fire-rated glass.");
  const refused = "It wants somebody who may work on fire doors and fire-rated glass.";
  await sheet.getByLabel("Day").selectOption({ index: 12 });
  await sheet.getByLabel("Who").selectOption("Ida Moss");
  await expect(sheet.getByRole("status")).toContainText(refused);
  await sheet.getByLabel("Who").selectOption("Nell Harrow");
  await expect(sheet.getByRole("status")).not.toContainText(refused);
});
