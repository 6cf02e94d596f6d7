import { expect, type Page, test } from "@playwright/test";
import { ByKeys } from "./by-keys.ts";
import { allSent, ready, roundPath } from "./pane-of-ones-own.ts";

const side = (page: Page) => page.getByRole("region", { name: "Side" });

/** Every step of the station that is open: what its card asks is answered by keys, and Enter says that it is done. */
async function stepsByKeys(page: Page, by: ByKeys): Promise<number> {
  const steps = page.getByRole("checkbox", { name: /^Step \d+/ });
  await expect(steps.first()).toBeVisible();
  const many = await steps.count();
  const card = side(page).locator(".step-card");
  for (let i = 0; i < many; i++) {
    await expect(side(page).getByText(`Step ${i + 1} of ${many}`)).toBeVisible();
    const asks = await card.innerText();
    if (asks.includes("fixed")) await by.press(/^button fixed/);
    if (asks.includes("no loose glass left")) await by.press(/^checkbox no loose glass left/, "Space");
    if (asks.includes("What has the pane now")) await by.press(/^checkbox a helper's hands/, "Space");
    if (asks.includes("goes in free")) await by.choose(/^radio/, /goes in free/);
    if (asks.includes("By which sign")) await by.choose(/^radio/, /./);
    await by.press(/^button Done/);
  }
  return many;
}

test("from a new pane to signed off by the keyboard alone: a misted unit, copied", async ({ page }) => {
  test.slow();
  const by = new ByKeys(page);
  await page.goto(await roundPath(page));
  await ready(page);
  await by.key("n");
  await page.waitForURL(/\/panes\/new/);
  await ready(page);
  // The first field is ready to be typed in.
  await by.to(/^text Address/, 0);
  await page.keyboard.type(`Test by keys ${process.pid}`);
  await by.to(/^text Which opening/);
  await page.keyboard.type("kitchen");
  await by.to(/^text Which sash/);
  await page.keyboard.type("left sash");
  await by.press(/^button How the glass is held/);
  await by.press(/wedge gasket/);
  await by.follow(/^button Add it/, /\/look$/);

  await by.key("Tab");
  await by.press(/^a To what is asked/);
  await by.press(/^checkbox misted/, "Space");
  await by.choose(/^radio open hole/, /can wait/);
  await by.pick(/^select Why it failed/, "age");

  await by.station(3, "measure");
  await by.pick(/^select Measured/, "old");
  await by.pick(/^select Read from/, "cleared");
  await by.fill(/^text old pane, width/, "561");
  await by.fill(/^text old pane, height/, "1004.5");
  await by.choose(/^radio tight/, /easy/);

  await by.station(4, "specify");
  await by.choose(/^radio choose/, /coated, argon/);
  await by.fill(/^text lower edge above floor/, "950");
  await by.press(/^checkbox no door within/, "Space");
  await by.fill(/^text overall, by caliper/, "24");
  await by.press(/^button Not coated/);
  await by.press(/^button No bars/);
  await by.pick(/^select Spacer/, "warm edge, black");

  await by.station(5, "order");
  await by.fill(/New order to/, "Fen End Sealed Units");
  await allSent(page);
  await by.follow(/^a open the order/, /\/orders\//);
  await by.press(/^button Read it to them/);
  const read = page.getByRole("dialog");
  for (const said of ["how many", "width", "height", "which size", "glass", "bars", "label"])
    await by.press(new RegExp(`^checkbox ${said}`), "Space");
  await by.press(/^button Next/);
  await by.fill(/^text Their price/, "62.40");
  if (await read.isVisible()) await by.press(/^button Ordered, as agreed/);
  await expect(read).toHaveCount(0);
  await by.press(/^button It has come/);
  await by.fill(/^text width that came/, "561");
  await by.fill(/^text height that came/, "1004");
  await by.press(/^button Accept/);
  await allSent(page);
  await by.follow(/^a Test by keys/, /\/panes\//);
  for (const [digit, path] of [
    [2, "takeout"],
    [6, "ready"],
    [7, "set"],
  ] as const) {
    await by.station(digit, path);
    expect(await stepsByKeys(page, by)).toBeGreaterThan(5);
  }
  await by.press(/^button It is set/);
  await by.station(8, "finish");
  await stepsByKeys(page, by);
  await by.station(9, "signoff");
  for (let i = 1; i <= 10; i++) {
    await expect(side(page).getByText(`Look ${i} of 10`)).toBeVisible();
    await by.press(/^button good/);
  }
  await by.press(/^button Sign it off/);
  await expect(side(page).getByText(/^Signed off/)).toBeVisible();
  await allSent(page);
  // The old pane, and 24 mm of it two sheets of 4: 0.561 × 1.004 × 20 kg. The supplier cuts to whole millimetres.
  const whole = await (await page.request.get(`/api${new URL(page.url()).pathname.replace("/signoff", "")}`)).json();
  expect([whole.size.width.mm, whole.size.height.mm, whole.massKg]).toEqual([561, 1004, expect.closeTo(11.265, 2)]);
  // Words and figures left out: 49 answers and steps, and the way from one to the next.
  expect(by.keys).toBeLessThan(600);
});
