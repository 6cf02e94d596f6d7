import { expect, test } from "@playwright/test";
import {
  addPane,
  allSent,
  EIGHT,
  fromCleared,
  fromMenu,
  openStation,
  pickHeld,
  ready,
  roundPath,
  standBy,
  type,
} from "./pane-of-ones-own.ts";

/* Journeys share one firm: this one changes a rule that no other looks at. */
test("a house rule is changed within its ends, stays, and is undone with one key", async ({
  page,
  context,
  baseURL,
}) => {
  // Undo takes back the newest of one's own: under a name of its own, what other journeys write is not.
  await context.addCookies([{ name: "who", value: "Ida%20Rule", url: baseURL ?? "" }]);
  await page.goto("/house#setting");
  await ready(page);
  const lap = page.getByRole("textbox", { name: "Paint laps on to the glass" });
  await lap.fill("40");
  await lap.blur();
  await expect(page.getByRole("alert")).toContainText("Give a number from 0 to 6");
  await lap.fill("2,5");
  await lap.blur();
  await expect(page.getByText("Default 2 mm")).toBeVisible();
  await allSent(page);
  await page.reload();
  await ready(page);
  await expect(lap).toHaveValue("2.5");
  await page.getByRole("heading", { name: "House rules" }).click();
  await page.keyboard.press("z");
  await expect(lap).toHaveValue("2");
  await allSent(page);
});

test("the theme is chosen in the menu, kept on the device, and light on paper", async ({ page }) => {
  await page.goto("/orders");
  await ready(page);
  const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const light = await ground();
  await fromMenu(page, "dark");
  const dark = await ground();
  expect(dark).not.toBe(light);
  await page.goto("/house");
  await ready(page);
  await expect.poll(ground).toBe(dark);
  await page.emulateMedia({ media: "print" });
  expect(await ground()).toBe("rgb(255, 255, 255)");
  await page.emulateMedia({ media: "screen" });
  await fromMenu(page, "device");
  expect(await ground()).toBe(light);
});

test("a rule is found by a word of it, read in inches by who reads so, and a section has its address", async ({
  page,
}) => {
  await page.goto("/house");
  await ready(page);
  await page.keyboard.press("/");
  await page.keyboard.type("cover");
  const found = page.getByRole("region", { name: "Found" });
  await expect(found.getByRole("heading", { name: "Size and cover" })).toBeVisible();
  await expect(found.getByRole("heading", { name: "Prices and hours" })).toHaveCount(0);
  await page.getByRole("searchbox").fill("no such thing");
  await expect(found.getByText("No rule speaks of")).toBeVisible();
  await page.getByRole("link", { name: "Setting and finishing" }).click();
  await expect(page).toHaveURL(/\/house#setting$/);
  await expect(found).toHaveCount(0);
  // 6 mm is as much as paint may lap: 15/64 in, by a tape.
  await fromMenu(page, "in");
  const lap = page.getByRole("textbox", { name: "Paint laps on to the glass" });
  await lap.fill("1 1/2");
  await lap.blur();
  await expect(page.getByRole("alert")).toContainText("Give a number from 0 to 15/64.");
  await lap.fill("");
});

test("a copy of the firm's file is made at a button, and says what is in it", async ({ page, request }) => {
  await page.goto("/house#copies");
  await ready(page);
  const section = page.locator("#copies");
  await section.getByRole("button", { name: "Make a copy now" }).click();
  const said = section.getByRole("status");
  await expect(said).toContainText("opened again and checked");
  const name = ((await said.textContent()) ?? "").split(" ")[0] ?? "";
  await expect(section.getByRole("list", { name: "Copies there are" })).toContainText(name);
  const there = (await (await request.get("/api/backups")).json()) as readonly { name: string; bytes: number }[];
  expect(there.find((c) => c.name === name)?.bytes).toBeGreaterThan(100_000);
  await page.route("**/api/backups", (route) => route.abort());
  await section.getByRole("button", { name: "Make a copy now" }).click();
  await expect(section.getByRole("alert")).toContainText("The server does not answer");
});

test("a round is opened and gets its first pane", async ({ page }) => {
  await page.goto("/rounds/new");
  await ready(page);
  await page.getByLabel("What to call it").fill("Lantern Yard, spring");
  await page.getByRole("button", { name: "Open the round" }).click();
  await page.waitForURL(/round=/);
  await ready(page);
  await expect(page.getByText("No panes on this round yet")).toBeVisible();
  await page.keyboard.press("n");
  await page.waitForURL(/panes\/new/);
  await ready(page);
  await page.getByRole("button", { name: "Add it, and look" }).click();
  await expect(page.getByRole("alert").first()).toContainText("so that it is found again");
  await pickHeld(page, "timber-bead");
  await page.getByLabel("Address or building").fill("Lantern Yard");
  await page.getByLabel("Which opening").fill("gate");
  await page.getByRole("button", { name: "Add it, and look" }).click();
  await expect(page.getByRole("alert")).toContainText("Say from which side");
  await pickHeld(page, "cassette");
  await expect(page.getByText("goes in from inside")).toBeVisible();
  await page.getByRole("button", { name: "Add it, and look" }).click();
  await page.waitForURL(/look$/);
});

test("a pane taken down on the phone, its frame not known: Look asks before it is read", async ({ page }) => {
  await page.goto((await roundPath(page)).replace("/", "/panes/new"));
  await ready(page);
  await page.getByLabel("Address or building").fill(`Rung ${process.pid}`);
  await page.getByLabel("Which opening").fill("scullery");
  await page.getByRole("button", { name: "Add it, and look" }).click();
  await page.waitForURL(/look$/);
  await ready(page);
  await page.getByRole("checkbox", { name: "cracked", exact: true }).check();
  await expect(page.getByText("Say how the glass is held").filter({ visible: true })).toBeVisible();
  await page.getByRole("button", { name: "Not sure? Find out by questions" }).click();
  await page.getByRole("button", { name: "timber, bare or painted" }).click();
  await page.getByRole("button", { name: /^a slope of putty/ }).click();
  await expect(page.locator("[data-system]")).toHaveAttribute("data-system", "timber-putty");
  await expect(page.getByText("Say how the glass is held")).toHaveCount(0);
});

test("what can hurt is in full the first time, one line after", async ({ page }) => {
  const { path } = await addPane(page);
  const full = page.getByText("Broken glass falls without warning");
  await expect(full).toBeVisible();
  await page.goto(`${path}/look`);
  await ready(page);
  await expect(full).toBeHidden();
  await page.getByText("Cut-resistant gloves and sleeves").first().click();
  await expect(full).toBeVisible();
});

test("a tap on a trade word says what it means, in the reader's dialect", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await page.getByRole("button", { name: "Rebate", exact: true }).click();
  await expect(page.getByText("the step the glass sits in").first()).toBeVisible();
  await page.keyboard.press("Escape");
  await fromMenu(page, "stop · point");
  await page.getByRole("button", { name: "Rabbet", exact: true }).click();
  await expect(page.getByText("Rabbet: the step the glass sits in.").first()).toBeVisible();
});

test("what came the wrong way about is sent back with its reason, and ordered again", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, EIGHT);
  await openStation(page, "Order");
  await standBy(page);
  await page.getByRole("button", { name: /Open an order/ }).click();
  await page.getByRole("button", { name: "Ordered today" }).click();
  await page.getByRole("button", { name: "It has come" }).click();
  await page.getByLabel("width that came").fill("900");
  await page.getByLabel("height that came").fill("608");
  await expect(page.getByText("Width and height are the wrong way about")).toBeVisible();
  // Plain glass has no way up: turned, it is what was ordered; here it goes back all the same.
  await expect(page.getByRole("button", { name: /^It is turned: / })).toBeVisible();
  await expect(page.getByRole("button", { name: "Send it back" })).toBeDisabled();
  await page.getByLabel(/Note or reason/).fill("turned");
  await page.getByRole("button", { name: "Send it back" }).click();
  await expect(page.getByRole("link", { name: /Order/ }).first()).toBeVisible();
  await expect(page.getByText("sent back, turned")).toBeVisible();
  await expect(page.getByRole("heading", { name: "Order it again" })).toBeVisible();
});

test("low down, ordinary glass is called out, and safety glass is one touch away", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, EIGHT);
  await openStation(page, "Specify");
  await type(page, { "lower edge above floor": "300", "nearest door edge": "1900" });
  await expect(
    page.getByRole("contentinfo").getByText("Safety glass is called for here: it is low down"),
  ).toBeVisible();
  await page.getByRole("button", { name: "Make it 4 mm toughened" }).click();
  await expect(page.getByText("cannot be cut or eased afterwards")).toBeVisible();
  await expect(page.getByRole("contentinfo")).toContainText("4 mm toughened");
  await expect(page.getByRole("link", { name: /Specify/ })).not.toContainText("safety glass needed");
});

test("a hole is closed for now, and said on the round until it is", async ({ page }) => {
  const { address } = await addPane(page);
  await page.getByRole("checkbox", { name: "holed" }).check();
  await page.getByRole("radio", { name: /open hole/ }).check();
  await expect(page.getByRole("contentinfo")).toContainText("Close the hole");
  await page.getByLabel("With what").fill("9 mm board, screwed");
  await page.getByLabel("Who was told").fill("the warden");
  await page.getByRole("button", { name: "The hole is closed" }).click();
  await expect(page.getByText(/9 mm board, screwed, since Wed 20 May, until Thu 21 May/)).toBeVisible();
  await allSent(page);
  await page.goto(await roundPath(page));
  await ready(page);
  // The round sends its first forty: finding looks through the rest.
  await page.getByRole("searchbox").fill(address);
  const line = page.getByRole("listitem").filter({ hasText: address });
  await expect(line).toContainText("boarded");
});
