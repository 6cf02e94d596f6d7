import { expect, type Page, test } from "@playwright/test";
import { ByThumb } from "./by-thumb.ts";
import { allSent, ready, roundPath } from "./pane-of-ones-own.ts";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const side = (page: Page) => page.getByRole("region", { name: "Side" });
const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });

/** Goes to a station by the tape, which lies along the top and is slid there. */
async function station(page: Page, thumb: ByThumb, name: string): Promise<void> {
  const link = page
    .getByRole("navigation", { name: "Stations" })
    .getByRole("link", { name: new RegExp(`^\\d?\\s*${name}`) });
  await thumb.tap(link);
  await expect(link).toHaveAttribute("aria-current", "step");
}

/** A length on the pad, digit by digit. */
async function pad(page: Page, thumb: ByThumb, figure: string): Promise<void> {
  for (const digit of figure) await thumb.tap(button(page, digit));
  await thumb.tap(button(page, "Next"));
}

/** Every step of the station that is open, one card after the other. */
async function steps(page: Page, thumb: ByThumb): Promise<void> {
  const card = side(page).locator(".step-card");
  for (;;) {
    const asks = await side(page).innerText();
    const at = /Step \d+ of \d+/.exec(asks)?.[0];
    if (at === undefined) return;
    if (asks.includes("no loose glass left"))
      await thumb.tap(card.getByRole("checkbox", { name: /^no loose glass left/ }));
    if (asks.includes("What has the pane now"))
      await thumb.tap(card.getByRole("checkbox", { name: /^a helper's hands/ }));
    if (asks.includes("goes in free")) await thumb.tap(card.getByRole("radio", { name: /^goes in free/ }));
    await thumb.tap(button(page, "Done"));
    await expect(side(page)).not.toContainText(at);
  }
}

test("from a new pane to signed off by one thumb: the insert of a door", async ({ page }) => {
  test.slow();
  const thumb = new ByThumb(page);
  await page.goto(await roundPath(page));
  await ready(page);
  await thumb.tap(page.getByRole("link", { name: /New pane/ }));
  await page.waitForURL(/\/panes\/new/);
  await ready(page);
  await thumb.write(page.getByLabel("Address or building"), `Test by thumb ${process.pid}`);
  await thumb.write(page.getByLabel("Which opening"), "back door");
  await thumb.write(page.getByLabel("Which sash or pane of it"), "light");
  await thumb.tap(button(page, /^How the glass is held/));
  await thumb.tap(page.locator('[data-choose="cassette"]'));
  await thumb.tap(button(page, "Add it, and look"));
  await page.waitForURL(/\/look$/);
  await ready(page);
  await thumb.tap(page.getByRole("checkbox", { name: "cracked" }));
  await thumb.tap(page.getByRole("radio", { name: /^today/ }));
  await station(page, thumb, "Measure");
  await thumb.tap(button(page, /^Measured: /));
  await thumb.tap(page.getByRole("dialog").getByRole("button", { name: "door insert, frame outside to outside" }));
  await thumb.tap(button(page, /^Read from: /));
  await thumb.tap(page.getByRole("dialog").getByRole("button", { name: "halves apart" }));
  for (const [asked, figure] of [
    ["insert outside, width", "559"],
    ["insert outside, height", "914"],
    ["door thickness", "44"],
  ] as const) {
    await expect(page.getByRole("heading", { name: asked })).toBeVisible();
    await pad(page, thumb, figure);
  }
  await station(page, thumb, "Order");
  await thumb.tap(
    side(page)
      .getByRole("link", { name: "Specify" })
      .or(side(page).getByRole("button", { name: "Specify" })),
  );
  await expect(page).toHaveURL(/specify/);
  await thumb.tap(page.getByRole("checkbox", { name: /^in a door/ }));
  await thumb.tap(
    side(page)
      .locator("label", { hasText: /^safety glass, marked/ })
      .or(button(page, /^safety glass, marked/))
      .first(),
  );
  await thumb.tap(button(page, "In neutral-cure silicone"));
  await station(page, thumb, "Order");
  await thumb.write(page.getByLabel("New order to"), "Heronsgate Door Works");
  await thumb.tap(button(page, "Open an order and put it on"));
  await allSent(page);
  await thumb.tap(side(page).getByRole("link", { name: "open the order" }));
  await page.waitForURL(/\/orders\//);
  await ready(page);
  await thumb.tap(button(page, "Ordered today"));
  await thumb.tap(button(page, "It has come"));
  await thumb.write(page.getByLabel("width that came"), "559");
  await thumb.write(page.getByLabel("height that came"), "914");
  await expect(page.getByText("For a door 44 mm thick.")).toBeVisible();
  // Safety glass was ordered: its mark is looked for first.
  await thumb.tap(page.getByRole("radio", { name: "safety mark good" }));
  await thumb.tap(button(page, "Accept"));
  await allSent(page);
  await thumb.tap(page.getByRole("link", { name: /^Test by thumb/ }));
  await page.waitForURL(/\/panes\//);
  await ready(page);
  for (const name of ["Take out", "Make ready", "Set"]) {
    await station(page, thumb, name);
    await steps(page, thumb);
  }
  await thumb.tap(button(page, "It is set"));
  await station(page, thumb, "Finish");
  await steps(page, thumb);
  await station(page, thumb, "Sign off");
  const look = side(page).getByText(/Look \d+ of \d+/);
  while (await look.isVisible()) await thumb.tap(button(page, "good"));
  await thumb.write(side(page).getByLabel(/Why is it closed before/), "the agent has the key and was told");
  await thumb.tap(button(page, "Sign it off"));
  await expect(side(page).getByText(/^Signed off/)).toBeVisible();
  await allSent(page);
  // 36 steps and looks, the figures digit by digit, and the way from one to the next.
  expect(thumb.taps).toBeLessThanOrEqual(100);
});
