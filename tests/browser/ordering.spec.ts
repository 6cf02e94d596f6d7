import { expect, type Page, test } from "@playwright/test";
import { ordered } from "./ordered.ts";
import {
  addPane,
  allSent,
  EIGHT,
  fromCleared,
  openStation,
  ready,
  roundPath,
  standBy,
  type,
} from "./pane-of-ones-own.ts";

test("an order is read back figure by figure, agreed, checked in out of square, sent back and made again", async ({
  page,
}) => {
  const { path } = await ordered(page, "Salt Lane Glass Counter");
  await page.getByRole("button", { name: "Read it to them" }).click();
  const sheet = page.getByRole("dialog");
  await expect(sheet.getByText("608 mm")).toBeVisible();
  await sheet.getByRole("checkbox", { name: /width/ }).check();
  await expect(sheet.getByRole("button", { name: "Next, though not all is repeated" })).toBeVisible();
  for (const box of await sheet.getByRole("checkbox").all()) await box.check();
  await sheet.getByRole("button", { name: "Next", exact: true }).click();
  await sheet.getByLabel("Their price, before tax").fill("30.10");
  await sheet.getByLabel("Their reference, or who said it").fill("Ada");
  await sheet.getByRole("button", { name: "Ordered, as agreed" }).click();
  await expect(page.getByText(/their Ada, £30\.10 before tax/)).toBeVisible();
  await page.getByRole("button", { name: "It has come" }).click();
  await page.getByLabel("width that came").fill("608");
  await page.getByLabel("height that came").fill("900");
  await page.getByLabel("diagonal, rising").fill("1089");
  await page.getByLabel("diagonal, falling").fill("1083");
  await expect(page.getByRole("status")).toContainText("Out of square by 6.0 mm");
  await page.getByLabel("edges bad").check();
  await expect(page.getByRole("button", { name: "Accept", exact: true })).toHaveCount(0);
  await page.getByLabel(/Note or reason/).fill("racked, shell on the foot");
  await page.getByRole("button", { name: "Send it back" }).click();
  await page.getByLabel("What they say").fill("cut again");
  await page.getByRole("button", { name: "Made again" }).click();
  await expect(page.getByText(/Made again, due .*: cut again/)).toBeVisible();
  await allSent(page);
  await page.reload();
  await ready(page);
  await expect(page.getByText(/Made again, due .*: cut again/)).toBeVisible();
  // It is waited for: nobody is sent to order another. It comes, and is checked in anew.
  await page.goto(`${path}/order`);
  await ready(page);
  const tape = page.getByRole("navigation", { name: "Stations" }).getByRole("link", { name: /Order/ });
  await expect(tape).toContainText("due");
  await expect(page.getByRole("button", { name: "Open an order and put it on" })).toHaveCount(0);
  await page.getByRole("button", { name: "It has come again" }).click();
  await page.getByLabel("width that came").fill("608");
  await page.getByLabel("height that came").fill("900");
  await page.getByRole("button", { name: "Accept", exact: true }).click();
  await expect(page.getByText(/Came 608 × 900 mm: sent back/)).toBeVisible();
  await expect(page.getByText(/Came 608 × 900 mm: accepted/)).toBeVisible();
  await expect(tape).toContainText("done");
});

test("a supplier's own system takes an order once, asks, delivers with its note, and what came is checked", async ({
  page,
}) => {
  const { address } = await ordered(page, "Fen End Sealed Units", "plastic-bead-inside");
  await page.getByRole("button", { name: "Hand the order to their system" }).click();
  await expect(page.getByRole("button", { name: "Hand it in again" })).toBeVisible();
  const answer = page.getByLabel("Your answer");
  // They ask something back now and then.
  await expect(answer.or(page.getByText(/their S-\d{4}/)).first()).toBeVisible();
  if ((await answer.count()) > 0) {
    await answer.fill("yes, the width");
    await page.getByRole("button", { name: "Answer", exact: true }).click();
  }
  await expect(page.getByText(/their S-\d{4}/)).toBeVisible();
  await page.getByRole("button", { name: "Hand it in again" }).click();
  await expect(page.getByText(/their S-\d{4}/)).toBeVisible();
  const note = page.getByRole("heading", { name: /Delivery note S-/ });
  for (let i = 0; i < 3 && (await note.count()) === 0; i++) {
    await Promise.all([
      page.waitForResponse(/orders\/ask/),
      page.getByRole("button", { name: "Let the days pass until it is due" }).click(),
    ]);
    await page.waitForTimeout(150);
  }
  await expect(note).toBeVisible();
  const key = new URL(page.url()).pathname.split("/").at(-1) ?? "";
  const csv = await page.request.get(`/api/standin/notes/${key}.csv`);
  expect((await csv.text()).split("\r\n")[0]).toBe('"line","width mm","height mm","thickness mm","says"');
  await page
    .getByLabel("Delivery note, CSV or JSON")
    .setInputFiles({ name: "note.csv", mimeType: "text/csv", buffer: await csv.body() });
  await expect(page.getByRole("heading", { name: /^Delivery note/ })).toBeVisible();
  await page.getByRole("button", { name: "It has come" }).click();
  await page.getByLabel("width that came").fill("607");
  await page.getByLabel("height that came").fill("898");
  await expect(page.getByText("Count from outside")).toBeVisible();
  await expect(page.getByText("Unbroken all round")).toBeVisible();
  await allSent(page);
  await page.goto("/orders");
  await ready(page);
  const waiting = page.getByRole("region", { name: "Waiting" });
  await expect(waiting.getByRole("link", { name: new RegExp(address) })).toBeVisible();
});

test("an order saved as a file and brought in again is the same; a broken one is refused row by row", async ({
  page,
}) => {
  const { order } = await ordered(page, "Heronsgate Door Works", "cassette");
  await expect(page.getByText(/complete insert|for a door/).first()).toBeVisible();
  const csv = await (await page.request.get(`${order}/lines.csv`)).text();
  const first = (await (await page.request.get(`${order}/lines.json`)).json()) as { lines: Record<string, unknown>[] };
  await page.goto("/orders");
  await ready(page);
  await page.getByLabel("Order file, CSV or JSON").setInputFiles({
    name: "broken.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(csv.replace(String(first.lines[0]?.["widthNm"]), "wide")),
  });
  await expect(page.getByRole("alert")).toContainText("Row 2");
  await page
    .getByLabel("Order file, CSV or JSON")
    .setInputFiles({ name: "order.csv", mimeType: "text/csv", buffer: Buffer.from(csv) });
  await page.waitForURL(/\/orders\/[^/]+$/);
  const copy = new URL(page.url()).pathname;
  const second = (await (await page.request.get(`${copy}/lines.json`)).json()) as { lines: Record<string, unknown>[] };
  const said = (l: Record<string, unknown> | undefined) => ({ ...l, line: "" });
  expect(second.lines.map(said)).toEqual(first.lines.map(said));
});

test("order, labels and quote come as PDFs, and a quote is made, accepted and compared with what it came to", async ({
  page,
}) => {
  const { order } = await ordered(page, "Salt Lane Glass Counter");
  for (const file of ["order.pdf", "labels.pdf", "labels.pdf?sheet=24&used=5", "labels.pdf?sheet=moon&used=x"]) {
    const answer = await page.request.get(`${order}/${file}`);
    expect(answer.headers()["content-type"]).toBe("application/pdf");
    expect((await answer.body()).subarray(0, 5).toString()).toBe("%PDF-");
  }
  expect((await page.request.get(`${order}/lines/x/template.dxf`)).status()).toBe(404);
  await page.goto(await roundPath(page));
  await page.getByRole("link", { name: "Quote", exact: true }).click();
  await page.waitForURL(/quote$/);
  await ready(page);
  const boxes = await page.getByRole("list", { name: "Panes quoted" }).getByRole("checkbox").all();
  for (const box of boxes.slice(1)) await box.uncheck();
  await page.getByRole("button", { name: "Make this quote" }).click();
  const made = page.getByRole("region", { name: "Quotes made" }).getByRole("listitem").first();
  await made.getByLabel("What they said").fill("go ahead");
  await made.getByRole("button", { name: "Accepted" }).click();
  await expect(made.getByText(/^Accepted .*: go ahead$/)).toBeVisible();
  await made.getByLabel("hours").fill("1.5");
  await made.getByLabel("glass came to").fill("30.10");
  await made.getByRole("button", { name: "It came to this" }).click();
  await expect(made.getByText(/(over|short), before tax, of/)).toBeVisible();
  await allSent(page);
  const href = await made.getByRole("link", { name: "PDF for the customer" }).getAttribute("href");
  const pdf = await page.request.get(href ?? "");
  expect((await pdf.body()).subarray(0, 5).toString()).toBe("%PDF-");
});

test("a price list leaves as a file and comes back the same; a grid of their own rounds the order down", async ({
  page,
}) => {
  await page.goto("/house#suppliers");
  await ready(page);
  await page.getByText("Prices of Heronsgate Door Works").click();
  const leaving = page.waitForEvent("download");
  await page.getByRole("link", { name: "Take the list as CSV" }).locator("visible=true").click();
  const file = await leaving;
  expect(file.suggestedFilename()).toBe("prices-Heronsgate-Door-Works.csv");
  const chunks: Buffer[] = [];
  for await (const c of await file.createReadStream()) chunks.push(c as Buffer);
  const text = Buffer.concat(chunks).toString("utf8");
  expect(text.split("\r\n").slice(0, 3)).toEqual([
    '"what","price","per"',
    '"least","140.00","pane"',
    '"delivery","12.00","order"',
  ]);
  const list = page.getByLabel("Price list of Heronsgate Door Works, CSV");
  await list.setInputFiles({
    name: "dearer.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(text.replace("140.00", "dear")),
  });
  await expect(page.getByText("Row 2: “dear” is not a price: give it as 55.00.")).toBeVisible();
  await list.setInputFiles({ name: "same.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await expect(page.getByText("Nothing was changed.")).toHaveCount(0);
  await expect(page.getByText("1 by area, least £140.00")).toBeVisible();
});

test("only who takes orders by a system of theirs is offered it; another is not", async ({ page }) => {
  await ordered(page, "Salt Lane Glass Counter");
  await expect(page.getByRole("button", { name: "Read it to them" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Hand the order to their system" })).toHaveCount(0);
});

test("a quote shows what else could be done beside it, and so does its page for the customer", async ({ page }) => {
  await page.goto((await roundPath(page)).replace("/?round=", "/rounds/").concat("/quote"));
  await ready(page);
  const first = page.getByText("side by side with what else could be done").first();
  await first.click();
  const table = page.getByRole("table", { name: /^Other ways for/ }).first();
  await expect(table.getByRole("row", { name: /as quoted, tax and its visits in it/ })).toContainText("£");
  await expect(table.getByRole("row", { name: /whole window/ })).toContainText("£");
});

test("two people and one open order: the second pane is seen on it at once, and none after it has gone", async ({
  page,
  browser,
}) => {
  test.slow();
  const sized = async (on: Page) => {
    await addPane(on);
    await openStation(on, "Measure");
    await fromCleared(on);
    await type(on, EIGHT);
    await openStation(on, "Order");
    await standBy(on);
  };
  const supplier = `Yard ${process.pid}`;
  await sized(page);
  await page.getByLabel("New order to").fill(supplier);
  await page.getByRole("button", { name: "Open an order and put it on" }).click();
  await allSent(page);
  const [second, third] = [await (await browser.newContext()).newPage(), await (await browser.newContext()).newPage()];
  await sized(second);
  await sized(third);
  const add = (on: Page) => on.getByRole("button", { name: `Add to the open order, ${supplier}` });
  await add(second).click();
  await expect(second.getByRole("heading", { name: new RegExp(supplier) })).toBeVisible();
  await expect(add(second)).toHaveCount(0);
  await allSent(second);
  await page.getByRole("button", { name: "Ordered today" }).click();
  await allSent(page);
  await add(third).click();
  await third.getByRole("button", { name: /not stored$/ }).click();
  await expect(
    third.getByText("This order went to the supplier before the pane was put on it. Put the pane on a new order."),
  ).toBeVisible();
  await second.context().close();
  await third.context().close();
});
