import type { Locator, Page } from "@playwright/test";

const station = (page: Page): Locator => page.getByRole("region", { name: "Station" });

/** Opens a step by a tap on its line. */
export const openStep = (page: Page, name: RegExp): Promise<void> =>
  station(page).getByRole("checkbox", { name }).locator("xpath=ancestor::li[1]").getByRole("button").click();

/** What stands there of one step, read in one go: to look for each thing by its role takes longer than doing the step. */
type Card = { readonly ticked: boolean; readonly open: boolean; readonly asks: string };
const cardOf = (page: Page, i: number): Promise<Card> =>
  station(page).evaluate((here, at) => {
    const row = [...here.querySelectorAll<HTMLInputElement>("li input[id^=step-]")][at];
    return {
      ticked: row?.checked ?? true,
      open: row?.closest("li")?.getAttribute("aria-current") === "step",
      asks: here.querySelector<HTMLElement>(".step-card")?.innerText ?? "",
    };
  }, i);

/**
 * Does every step of the station that is open, one card after the other, as somebody would who has the thing before them:
 * says what it is set in, that it goes in free, that no glass is loose, that what dries is dry. How many were done.
 */
export async function doAllSteps(page: Page): Promise<number> {
  const here = station(page);
  const bed = here.getByRole("button", { name: /^In (?!something)/ });
  if (await bed.isVisible()) await bed.click();
  const rows = here.locator("li:has(> label > input[id^=step-])");
  const many = await rows.count();
  for (let i = 0; i < many; i++) {
    let card = await cardOf(page, i);
    if (card.ticked) continue;
    if (!card.open) {
      await rows.nth(i).locator("> button").click();
      card = await cardOf(page, i);
    }
    const answers: readonly (readonly [asked: string, answer: Locator])[] = [
      ["fixed", here.getByRole("button", { name: "fixed", exact: true })],
      ["What has the pane now", here.getByRole("checkbox", { name: "a helper's hands" })],
      ["no loose glass left", here.getByRole("checkbox", { name: "no loose glass left" })],
      ["goes in free", here.getByRole("radio", { name: "goes in free" })],
      ["By which sign", here.getByRole("group", { name: "By which sign" }).getByRole("radio").first()],
    ];
    for (const [asked, answer] of answers)
      if (card.asks.includes(asked) && (await answer.isVisible())) await answer.click();
    await here.locator(".step-acts > .key-enter").click();
    const dry = here.locator("button", { hasText: "It is dry" });
    if (card.asks.includes("ries") && (await dry.isVisible())) await dry.click();
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
