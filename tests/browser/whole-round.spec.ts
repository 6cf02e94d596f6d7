import { expect, type Locator, type Page, test } from "@playwright/test";
import { pence } from "../../src/core/money/pence.ts";
import { dayOf } from "../../src/core/units/day.ts";
import { askedOn, stateOf, take } from "../../src/standins/supplier.ts";
import { ordered } from "./ordered.ts";
import { allSent, ready } from "./pane-of-ones-own.ts";

const FEN_END = "Fen End Sealed Units";

/** A line id that the simulated supplier, being what it is, will deliver ten millimetres too narrow on this order. */
function lineCutWrong(key: string): string {
  const order = {
    key,
    reference: "",
    day: dayOf("2026-05-20"),
    leadDays: 8,
    delivery: pence(0),
    lines: [
      {
        line: "",
        widthNm: 608_000_000,
        heightNm: 900_000_000,
        thicknessNm: 4_000_000,
        glass: "toughened" as const,
        edges: "arrissed" as const,
        pattern: "",
        label: "",
        pence: null,
      },
    ],
  };
  for (let n = 0; n < 4000; n++) {
    const line = `019e0000-0000-7000-9000-${n.toString(16).padStart(12, "0")}`;
    const given = { ...order, lines: order.lines.map((l) => ({ ...l, line })) };
    const state = stateOf(askedOn({ ...take(given, null), from: given.day }, dayOf("2026-07-20")));
    if (Math.abs((state.delivered?.lines[0]?.widthNm ?? 0) - 598_000_000) <= 1_000_000) return line;
  }
  throw new Error("no line comes wrong");
}

const cardOf = (page: Page, text: RegExp): Locator => page.getByRole("listitem").filter({ hasText: text }).first();

test("a round is ordered from three: one read back, one over the counter, one by their system that sends a wrong pane", async ({
  page,
}) => {
  test.slow();

  // Door insert, by telephone: every figure repeated.
  await ordered(page, "Heronsgate Door Works", "cassette");
  await page.getByRole("button", { name: "Read it to them" }).click();
  const sheet = page.getByRole("dialog");
  for (const box of await sheet.getByRole("checkbox").all()) await box.check();
  await sheet.getByRole("button", { name: "Next", exact: true }).click();
  await sheet.getByLabel("Their price, before tax").fill("152.00");
  await sheet.getByLabel("Their reference, or who said it").fill("Brock");
  await sheet.getByRole("button", { name: "Ordered, as agreed" }).click();
  await expect(page.getByText(/their Brock, £152\.00 before tax/)).toBeVisible();
  await page.getByRole("button", { name: "It has come" }).click();
  await page.getByLabel("width that came").fill("559");
  await page.getByLabel("height that came").fill("914");
  await page.getByRole("button", { name: "Accept", exact: true }).click();
  await expect(page.getByText(/^Came .*: accepted/).first()).toBeVisible();
  await allSent(page);

  // Single glass, cut while waiting.
  await ordered(page, "Salt Lane Glass Counter");
  await page.getByRole("button", { name: "Ordered today" }).click();
  await page.getByRole("button", { name: "It has come" }).click();
  await page.getByLabel("width that came").fill("608");
  await page.getByLabel("height that came").fill("900");
  await page.getByRole("button", { name: "Accept", exact: true }).click();
  await expect(page.getByText(/^Came .*: accepted/).first()).toBeVisible();
  await allSent(page);

  // A unit, and a pane that they will cut wrong, by their own system.
  const { order, path } = await ordered(page, FEN_END, "plastic-bead-inside");
  const key = order.split("/").at(-1) ?? "";
  const wrong = lineCutWrong(key);
  const told = await page.request.post("/api/entries", {
    data: {
      entries: [
        {
          id: wrong.replace("-9000-", "-a000-"),
          at: new Date().toISOString(),
          who: "Nell Harrow",
          about: { order: key, pane: path.split("/").at(-1) },
          kind: "order.line",
          payload: {
            line: wrong,
            widthNm: 608_000_000,
            heightNm: 900_000_000,
            thicknessNm: 4_000_000,
            glass: "toughened",
            edges: "arrissed",
            pattern: "",
            label: "The narrow one",
            grid: "1 mm",
          },
        },
      ],
    },
    headers: { origin: new URL(page.url()).origin },
  });
  expect(told.ok()).toBe(true);
  await page.reload();
  await ready(page);
  await page.getByRole("button", { name: "Hand the order to their system" }).click();
  // That it was handed in is written before they have said anything: either they ask, or they acknowledge.
  const answer = page.getByLabel("Your answer");
  const theirs = page.getByText(/their S-\d{4}/);
  await expect(answer.or(theirs)).toBeVisible();
  if ((await answer.count()) > 0) {
    await answer.fill("yes, the width");
    await page.getByRole("button", { name: "Answer", exact: true }).click();
  }
  await expect(theirs).toBeVisible();
  const note = page.getByRole("region", { name: "Delivery note" });
  for (let i = 0; i < 4 && (await note.count()) === 0; i++) {
    await Promise.all([
      page.waitForResponse(/orders\/ask/),
      page.getByRole("button", { name: "Let the days pass until it is due" }).click(),
    ]);
    await page.waitForTimeout(150);
  }
  await expect(note.getByRole("listitem").filter({ hasText: "The narrow one" })).toContainText(
    "not as ordered, measure it first",
  );

  await page.getByRole("button", { name: "It has come" }).click();
  const narrow = cardOf(page, /The narrow one.*1 off/s);
  await narrow.getByLabel("width that came").fill("598");
  await narrow.getByLabel("height that came").fill("900");
  await expect(narrow.getByRole("button", { name: "Accept", exact: true })).toHaveCount(0);
  await narrow.getByLabel(/Note or reason/).fill("ten too narrow");
  await narrow.getByRole("button", { name: "Send it back" }).click();
  await narrow.getByRole("button", { name: "Credited" }).click();
  await expect(narrow.getByText("Credited")).toBeVisible();

  await page.getByLabel("width that came").fill("607.5");
  await page.getByLabel("height that came").fill("900");
  for (const good of await page.getByRole("radio", { name: / good$/ }).all()) await good.check();
  await page.getByRole("button", { name: "Accept", exact: true }).click();
  await expect(page.getByText(/^Orders \/ checked in/)).toBeVisible();
  await allSent(page);

  // Handed in again, nothing is doubled, and it stays closed.
  await page.reload();
  await ready(page);
  await expect(page.getByText(/^Orders \/ checked in/)).toBeVisible();
  await expect(page.getByText("ten too narrow").first()).toBeVisible();
});
