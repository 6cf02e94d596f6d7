import { expect, test } from "@playwright/test";
import { ready } from "./pane-of-ones-own.ts";

test("a figure of the firm's own stands beside the house's word, and is taken on with what it was learned from", async ({
  page,
}) => {
  await page.goto("/learnt");
  await ready(page);
  const line = page
    .getByRole("listitem")
    .filter({ hasText: /^What comes is larger than ordered by, single glass/ })
    .first();
  await expect(line).toContainText(/From \d+ sides: nine chances in ten/);
  await expect(line).toContainText("the house's word");
  // Other journeys size their panes by the house's word: what is written is read here, and goes no further.
  const written: { kind: string; payload: unknown }[] = [];
  await page.route("**/api/entries", async (route) => {
    const { entries } = route.request().postDataJSON() as { entries: { id: string; kind: string; payload: unknown }[] };
    written.push(...entries);
    await route.fulfill({ json: { taken: entries.map((e) => e.id), known: [], through: 1 } });
  });
  await line.getByRole("button", { name: "Take it on" }).click();
  await expect(line).toContainText(/In use: \d\.\d mm, your own, from \d+ sides/);
  // What the page shows it has written down; the sending follows when it can.
  await expect
    .poll(() => written)
    .toMatchObject([
      { kind: "house.rule", payload: { rule: "cutOffMm", own: { of: "sides", seen: expect.any(Number) } } },
    ]);
  await line.getByRole("button", { name: "Back to the house's word" }).click();
  await expect(line).toContainText("the house's word");
  await expect.poll(() => written[1]).toMatchObject({ kind: "house.rule", payload: { rule: "cutOffMm", value: 0 } });
  // And what is so by one's own tape alone.
  const own = page.getByRole("region", { name: "Nell Harrow" }).getByRole("listitem");
  const mine = own.filter({ hasText: /^What comes is larger than ordered by, single glass/ });
  await mine.getByRole("button", { name: "Take it on" }).click();
  await expect(mine).toContainText(/In use: \d\.\d mm, your own, from \d+ sides/);
  await expect
    .poll(() => written[2])
    .toMatchObject({ kind: "person.figure", payload: { person: "Nell Harrow", rule: "cutOffMm" } });
});

test("suppliers by what they promised and what came; what came back, why, and what would have prevented it", async ({
  page,
}) => {
  await page.goto("/learnt");
  await ready(page);
  await page.getByRole("tab", { name: "Suppliers" }).click();
  const salt = page
    .getByRole("listitem")
    .filter({ has: page.getByRole("heading", { name: "Salt Lane Glass Counter" }) });
  await expect(salt).toContainText(/larger than ordered/);
  await expect(salt).toContainText(/of \d+, at most by \d working days?/);
  await page.getByRole("tab", { name: "What came back" }).click();
  await expect(page.getByRole("img", { name: /2025 Q4: 1 of 10/ })).toBeVisible();
  const line = page.getByRole("listitem").filter({ hasText: "slid in the van" });
  await line.getByRole("button", { name: "Say why" }).click();
  await line.getByLabel("What went wrong").selectOption("carried");
  await line.getByLabel(/Cost/).fill("forty");
  await line.getByRole("button", { name: "Keep it" }).click();
  expect(await line.getByLabel(/Cost/).evaluate((field: HTMLInputElement) => field.validationMessage)).toBe(
    "Give it as money, such as 42 or 42.50.",
  );
  await expect(line.getByLabel(/Cost/)).toHaveValue("forty");
  await line.getByLabel(/Cost/).fill("42.50");
  await line.getByRole("button", { name: "Keep it" }).click();
  await expect(line).toContainText("broken or scratched on the way");
  await expect(line).toContainText("42.50");
});

test("minutes of steps stand beside the house's word, with their doubt; a clock that ran on is named", async ({
  page,
}) => {
  await page.goto("/learnt");
  await ready(page);
  await page.getByRole("tab", { name: "Minutes" }).click();
  const hack = page.getByRole("listitem").filter({ hasText: "Take out: face putty, hard" });
  await expect(hack).toContainText("The house says 40 min.");
  await expect(hack).toContainText(/Everybody.*\d+ min between \d+ and \d+ min, from 7 times/s);
  await expect(hack).toContainText(/Yours.*from \d times/s);
  await expect(page.getByRole("listitem").filter({ hasText: "Set: bed" })).toContainText(/Left out: \d\d min/);
});

test("how a pane went in is one tap, and the room that was left can be read", async ({ page }) => {
  await page.goto("/search?q=weir+cottages+1+kitchen");
  await page.getByRole("link", { name: /Weir Cottages 1, kitchen/ }).click();
  await page.waitForURL(/\/panes\//);
  await page.goto(`${new URL(page.url()).pathname.split("/").slice(0, 3).join("/")}/set`);
  await ready(page);
  const went = page.getByRole("region", { name: "How it went in" });
  await went.getByRole("button", { name: /^tight/ }).click();
  await expect(went.getByRole("button", { name: /^tight/ })).toHaveAttribute("aria-pressed", "true");
  await went.getByRole("button", { name: /room/ }).last().click();
  await went.getByLabel(/Room in its width/).fill("abc");
  await went.getByRole("button", { name: "Keep the room" }).click();
  await expect(went.getByRole("alert")).toContainText("Width:");
  await went.getByLabel(/Room in its width/).fill("1.5");
  await went.getByLabel(/Room in its height/).fill("2");
  await went.getByRole("button", { name: "Keep the room" }).click();
  await expect(went).toContainText("1.5 mm in its width, 2 mm in its height");
});
