import { expect, type Page, test } from "@playwright/test";
import { freshFile, type Served, serve, stop } from "../faults/server.ts";
import { ready } from "./pane-of-ones-own.ts";

/* A firm of its own: signing in begins with the first owner, and the other journeys have none. */

const GOOD = "putty knife on sill";
let served: Served;
test.beforeAll(async () => {
  const own = await serve(freshFile("coming-in"), { PUBLIC_URL: "" });
  served = own;
});
test.afterAll(async () => {
  await stop(served, "SIGKILL");
});

const at = (path: string) => `${served.url.replace("127.0.0.1", "localhost")}${path}`;
const open = async (page: Page, path: string) => {
  await page.goto(at(path));
  await ready(page);
};
const openMenu = (page: Page) => page.getByRole("button", { name: /units, words and more/ }).click();

test("an owner begins, asks a glazier in, who comes by passkey; a shared tablet is unlocked by PIN; a phone is lost", async ({
  browser,
}) => {
  test.slow();
  const desk = await (await browser.newContext()).newPage();
  await open(desk, "/people");
  await desk.getByLabel("Your name").fill("Nell Harrow");
  await desk.getByLabel("A password of your own").fill("short");
  await desk.getByRole("button", { name: "From now on everybody signs in" }).click();
  await expect(desk.getByRole("alert")).toContainText("at least 12 signs");
  await desk.getByLabel("A password of your own").fill(GOOD);
  await desk.getByLabel("What this device is called").fill("desk");
  await desk.getByRole("button", { name: "From now on everybody signs in" }).click();
  await expect(desk.getByRole("heading", { name: "Who may come in" })).toBeVisible();
  await ready(desk);

  // The glazier's own phone takes the invitation up.
  const invited = desk.getByRole("region", { name: "Invite" });
  await invited.getByLabel("Name").fill("Bram Oake");
  await invited.getByRole("button", { name: "Make the invitation" }).click();
  const link = await invited.locator(".break-all").textContent();
  await expect(invited.getByAltText(/invitation of Bram Oake/)).toBeVisible();
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
  await phone.goto(link ?? "");
  await ready(phone);
  await phone.getByLabel("A password of your own").fill("beads in a row 4");
  await phone.getByLabel("What this device is called").fill("Bram's phone");
  await phone.getByRole("button", { name: "Come in" }).click();
  await expect(phone.getByRole("heading", { name: "Before the first round" })).toBeVisible();

  // The name on what is written is theirs, and nobody picks another.
  await openMenu(phone);
  await expect(phone.getByText("Signed in as Bram Oake")).toBeVisible();
  await expect(phone.getByLabel("Who writes")).toHaveCount(0);

  // A passkey, made and used.
  const cdp = await phone.context().newCDPSession(phone);
  await cdp.send("WebAuthn.enable");
  await cdp.send("WebAuthn.addVirtualAuthenticator", {
    options: {
      protocol: "ctap2",
      transport: "internal",
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  });
  await open(phone, "/account");
  await phone.getByRole("button", { name: "Make a passkey on this device" }).click();
  await expect(phone.getByRole("status")).toContainText("lets you in by its passkey");
  await phone.getByLabel("Password as it is").fill("beads in a row 4");
  await phone.getByLabel("PIN for shared tablets").fill("1234");
  await phone.getByRole("button", { name: "Set the PIN" }).click();
  await expect(phone.getByRole("alert")).toContainText("tried first by everybody");
  await phone.getByLabel("PIN for shared tablets").fill("2580");
  await phone.getByRole("button", { name: "Set the PIN" }).click();
  await expect(phone.getByRole("status")).toContainText("The PIN is set");
  await openMenu(phone);
  await phone.getByRole("button", { name: "Sign out", exact: true }).click();
  await expect(phone.getByRole("heading", { name: "Sign in" })).toBeVisible();
  await ready(phone);
  await phone.getByRole("button", { name: "Sign in by passkey" }).click();
  await expect(phone.getByRole("heading", { name: "Before the first round" })).toBeVisible();

  // A glazier opens a round, and what is the owner's stays shut.
  await open(phone, "/rounds/new");
  await phone.getByLabel("What to call it").fill("Quay Steps");
  await phone.getByRole("button", { name: "Open the round" }).click();
  await phone.waitForURL(/round=/);
  expect((await phone.goto(at("/people")))?.status()).toBe(403);

  // The bench tablet: the owner makes it one, Bram unlocks it.
  const tablet = await (await browser.newContext({ viewport: { width: 1024, height: 768 } })).newPage();
  await open(tablet, "/sign-in");
  await tablet.getByLabel("Name").fill("nell harrow");
  await tablet.getByLabel("Password").fill(GOOD);
  await tablet.getByRole("button", { name: "Sign in", exact: true }).click();
  await tablet.waitForURL(at("/"));
  await open(tablet, "/account");
  await tablet.getByLabel("What it is called").fill("bench tablet");
  await tablet.getByRole("button", { name: "Make this a shared tablet" }).click();
  await expect(tablet.getByRole("heading", { name: "bench tablet" })).toBeVisible();
  await ready(tablet);
  for (const digit of "2580") await tablet.getByRole("button", { name: digit, exact: true }).click();
  await tablet.getByRole("button", { name: "Unlock" }).click();
  await tablet.waitForURL((url) => url.pathname === "/");
  await ready(tablet);
  await openMenu(tablet);
  await expect(tablet.getByText("Signed in as Bram Oake")).toBeVisible();

  // The phone is lost: what it keeps is gone at its next contact.
  await open(phone, "/");
  await phone.evaluate(() => localStorage.setItem("kept", "something"));
  await open(desk, "/people");
  const devices = desk.getByRole("region", { name: "Devices" });
  await devices
    .getByRole("listitem")
    .filter({ hasText: "Linux" })
    .or(devices.getByRole("listitem").filter({ hasText: "Bram's phone" }))
    .filter({ hasText: "Bram Oake" })
    .first()
    .getByRole("button", { name: "It is lost" })
    .click();
  await expect(desk.getByRole("table")).toContainText("device was said to be lost");
  await phone.goto(at("/orders"));
  await expect(phone.getByText("what it kept was wiped")).toBeVisible();
  await ready(phone);
  await expect.poll(() => phone.evaluate(() => localStorage.getItem("kept"))).toBeNull();
});
