import { expect, type Page } from "@playwright/test";
import { v7 as uuidv7 } from "uuid";

let count = 0;
let demo: string | undefined;

/** The demo round's page. A journey may open a newer round, so its id is asked for and not taken for granted. */
export async function roundPath(page: Page): Promise<string> {
  if (demo === undefined) {
    const answer = await page.request.get("/api/entries");
    const { entries } = (await answer.json()) as { entries: { about: { round?: string } }[] };
    demo = entries.find((e) => e.about.round)?.about.round ?? "";
  }
  return `/?round=${demo}`;
}

/** Stores one entry about a pane, as its page would. */
async function tell(page: Page, pane: string, kind: string, payload: object): Promise<void> {
  const entry = { id: uuidv7(), at: new Date().toISOString(), who: "Nell Harrow", about: { pane }, kind, payload };
  const stored = await page.request.post("/api/entries", { data: { entries: [entry] } });
  expect(stored.ok(), await stored.text()).toBe(true);
}

/** Adds a fresh putty-glazed pane as the form would, and waits until its page answers. Journeys never share one. */
export async function addPane(
  page: Page,
  address = `Test ${process.pid}-${++count}`,
): Promise<{ address: string; path: string }> {
  const round = new URLSearchParams((await roundPath(page)).slice(2)).get("round") ?? "";
  const pane = uuidv7();
  await tell(page, pane, "pane.added", {
    round,
    address,
    opening: "study",
    light: "left sash",
    system: "timber-putty",
    side: "outside",
  });
  await page.goto(`/panes/${pane}/look`);
  await ready(page);
  return { address, path: `/panes/${pane}` };
}

const AT_A_STATION = /\/panes\/[^/]+\/(look|takeout|measure|specify|order|ready|set|finish|signoff)$/;

/** Islands have taken over what the server drew; at a station of a pane its keys are heard. */
export async function ready(page: Page): Promise<void> {
  await expect(page.locator("astro-island[ssr]")).toHaveCount(0);
  // Their effects (keys, the outbox) run just after, when the browser has a moment; one that draws nothing may never say so.
  await page.evaluate(() => new Promise((done) => requestIdleCallback(() => setTimeout(done, 30), { timeout: 500 })));
  if (AT_A_STATION.test(page.url())) await expect(page.locator("html")).toHaveAttribute("data-keys", / pane\b/);
}

export async function openStation(page: Page, name: string): Promise<void> {
  await page
    .getByRole("navigation", { name: "Stations" })
    .getByRole("link", { name: new RegExp(`^\\d?\\s*${name}`) })
    .click();
}

/** Opens what is behind a tab of the stage. */
export const openTab = (page: Page, name: string): Promise<void> =>
  page
    .getByRole("tab", { name: new RegExp(`^${name}`) })
    .first()
    .click();

/** Says on Look how the glass is held, and comes back to what can be done about it. */
export async function heldAs(page: Page, system: string): Promise<void> {
  await openTab(page, "The frame");
  const another = page.getByRole("button", { name: "It is another" });
  if (await another.isVisible()) await another.click();
  await page.locator(`[data-choose="${system}"]`).click();
  // Steel in compound where a test says nothing else.
  const compound = page.getByRole("button", { name: "compound and clips" });
  if (system === "metal-frame") await compound.click();
  const side = page.getByRole("tab", { name: "What is wrong" });
  await ((await side.isVisible()) ? side.click() : openTab(page, "What can be done"));
}

/** Chooses the unit, dialect or writer under the writer's name. */
export async function fromMenu(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: /: units, words and more$/ }).click();
  await page.getByRole("button", { name, exact: true }).click();
  await page.keyboard.press("Escape");
}

/** Types readings into their fields by name, and leaves the last so that all are kept. */
export async function type(page: Page, readings: Readonly<Record<string, string>>): Promise<void> {
  for (const [name, text] of Object.entries(readings))
    await page.getByRole("textbox", { name, exact: true }).fill(text);
  await page.keyboard.press("Tab");
}

/** Says on Measure that what is read next is read from the cleared rebate: nothing then holds the order. */
export async function fromCleared(page: Page): Promise<void> {
  await pick(page, "Read from", "cleared rebate");
}

/** Says that what goes in is at hand, as somebody would who bought it, and opens the page anew. */
export async function glassAtHand(page: Page, widthMm = 597, heightMm = 897): Promise<void> {
  const pane = new URL(page.url()).pathname.split("/")[2] ?? "";
  const size = (value: number) => ({ text: String(value), unit: "mm" });
  await tell(page, pane, "order.had", { from: "bought", width: size(widthMm), height: size(heightMm), note: "" });
  await page.reload();
  await ready(page);
}

/** Picks one of several by the words it has: from the list under a mouse, from chips or a sheet under a thumb. */
export async function pick(page: Page, name: string, says: string): Promise<void> {
  const list = page.getByRole("combobox", { name, exact: true });
  const chips = page.getByRole("group", { name, exact: true }).getByRole("radio", { name: says, exact: true });
  const opens = page.getByRole("button", { name: new RegExp(`^${name}: `) });
  await expect(list.or(chips).or(opens).first()).toBeVisible();
  if (await list.isVisible()) await list.selectOption({ label: says });
  else if (await opens.isVisible()) {
    await opens.click();
    await page.getByRole("dialog", { name, exact: true }).getByRole("button", { name: says, exact: true }).click();
  } else await chips.check();
}

/** On the form of a new pane: how the glass is held, by its section. */
export async function pickHeld(page: Page, system: string): Promise<void> {
  await page.getByRole("button", { name: /^How the glass is held/ }).click();
  await page.getByRole("dialog").locator(`[data-choose="${system}"]`).click();
}

/** On Order: what nobody read is stood by with a word why, and the order may go. */
export async function standBy(page: Page, why = "clear of doors, and high"): Promise<void> {
  await page.getByLabel("Or why it is ordered as it is").fill(why);
  await page.getByRole("button", { name: "Yes, order it so" }).click();
}

/** All written entries have reached the server, and none was turned down. */
export async function allSent(page: Page): Promise<void> {
  await expect(page.locator("[data-unsent]")).toHaveAttribute("data-unsent", "0");
  await expect(page.getByRole("button", { name: /not stored$/ })).toHaveCount(0);
}

export const EIGHT = {
  "width, top": "612",
  "width, middle": "611.5",
  "width, bottom": "613",
  "height, left": "904",
  "height, middle": "904.5",
  "height, right": "903",
  "diagonal, bottom left to top right": "1089",
  "diagonal, top left to bottom right": "1091.5",
} as const;
