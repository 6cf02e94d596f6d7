import type { Locator, Page } from "@playwright/test";

const station = (page: Page): Locator => page.getByRole("region", { name: "Station" });

/** Opens a step by a tap on its line. */
export const openStep = (page: Page, name: RegExp): Promise<void> =>
  station(page).getByRole("checkbox", { name }).locator("xpath=ancestor::li[1]").getByRole("button").click();

/**
 * Does every step of the station that is open, one card after the other, as somebody would who has the thing before them:
 * says what it is set in, that it goes in free, that no glass is loose, that what dries is dry. How many were done.
 */
export async function doAllSteps(page: Page): Promise<number> {
  const here = station(page);
  const bed = here.getByRole("button", { name: /^In (?!something)/ });
  if (await bed.isVisible()) await bed.click();
  const rows = here.getByRole("checkbox", { name: /^Step \d+/ });
  const many = await rows.count();
  for (let i = 0; i < many; i++) {
    const row = rows.nth(i);
    if (await row.isChecked()) continue;
    await row.locator("xpath=ancestor::li[1]").getByRole("button").click();
    // Read once what the card asks: to look for each of them by its role takes longer than doing the step.
    const asks = await here.innerText();
    const ask = async (words: string, answer: () => Promise<void>): Promise<void> =>
      asks.includes(words) ? answer() : undefined;
    await ask("fixed", async () => {
      const hangs = here.getByRole("button", { name: "fixed", exact: true });
      if (await hangs.isVisible()) await hangs.click();
    });
    for (const [role, name] of [
      ["checkbox", "no loose glass left"],
      ["radio", "goes in free"],
    ] as const)
      await ask(name, async () => {
        const asked = here.getByRole(role, { name });
        if (await asked.isVisible()) await asked.check();
      });
    await ask("By which sign", async () => {
      const sign = here.getByRole("group", { name: "By which sign" }).getByRole("radio").first();
      if (await sign.isVisible()) await sign.check();
    });
    await here.getByRole("button", { name: "Done", exact: true }).click();
    const dry = here.getByRole("button", { name: "It is dry" });
    if (await dry.isVisible()) await dry.click();
  }
  return many;
}

/** What is painted is left to the customer, who was told: then nothing waits for its days. */
export async function leavePaint(page: Page): Promise<void> {
  const fold = station(page).locator("summary", { hasText: "Somebody else paints it" });
  if (!(await fold.isVisible())) return;
  await fold.click();
  await station(page).getByLabel("Who was told, and from when to when").fill("the customer, by word and on paper");
  await station(page).getByRole("button", { name: "Leave it to them" }).click();
}

/** Each look at the end is good: ticked line by line. */
export async function lookAllGood(page: Page): Promise<void> {
  for (const good of await station(page)
    .getByRole("checkbox", { name: /^Good: / })
    .all())
    await good.check();
}
