import { expect, type Page, test } from "@playwright/test";
import { v7 as uuidv7 } from "uuid";
import { ORDER_LINE } from "../support/told.ts";
import { addPane, allSent, EIGHT, openStation, ready, roundPath, type } from "./pane-of-ones-own.ts";

/* What two people did apart, and one of it is too much: it is said, and one of the two is taken back. */

/** What somebody wrote on another device. */
const by = (who: string, kind: string, about: object, payload: object) => ({
  id: uuidv7(),
  at: new Date().toISOString(),
  who,
  about,
  kind,
  payload,
});
async function store(page: Page, entries: readonly object[]): Promise<void> {
  const stored = await page.request.post("/api/entries", { data: { entries } });
  expect(stored.ok(), await stored.text()).toBe(true);
}

/** Puts a pane on an order of its own and sends it, as another device would have. */
async function orderedElsewhere(page: Page, pane: string, reference: string, widthMm: number): Promise<void> {
  const about = { order: uuidv7(), pane };
  const line = { ...ORDER_LINE, line: uuidv7(), widthNm: widthMm * 1e6 };
  await store(page, [
    by("Bram Tolley", "order.opened", { order: about.order }, { supplier: "Salt Lane Glass Counter", reference }),
    by("Bram Tolley", "order.line", about, line),
    by("Bram Tolley", "order.sent", { order: about.order }, { day: "2026-05-20", due: "2026-05-22" }),
  ]);
}

test("a pane on two orders says so on the round and at its order, and one of them is called off", async ({ page }) => {
  const { address, path } = await addPane(page);
  const pane = path.split("/")[2] ?? "";
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await openStation(page, "Measure");
  await type(page, EIGHT);
  await allSent(page);
  await orderedElsewhere(page, pane, "TW-1", 607);
  await orderedElsewhere(page, pane, "TW-2", 606);
  await page.goto(await roundPath(page));
  await ready(page);
  const row = page.getByRole("list", { name: "Panes of the round" }).getByRole("listitem").filter({ hasText: address });
  await expect(row).toContainText("Ordered twice: call one off");
  await page.goto(`${path}/order`);
  await ready(page);
  const twice = page.getByRole("region", { name: "Ordered twice" });
  await expect(twice).toContainText("It is on 2 orders. What was sent is made: tell them before you call it off here.");
  await twice.getByRole("button", { name: /607 × 900 mm.*TW-1.*sent Wed 20 May by Bram Tolley/ }).click();
  await expect(twice).toHaveCount(0);
  await expect(page.getByRole("heading", { name: /TW-1, Salt Lane/ })).toBeVisible();
  await allSent(page);
  await page.reload();
  await ready(page);
  await expect(page.getByRole("region", { name: "Ordered twice" })).toHaveCount(0);
});

test("an opening that stands on the round already is said to, before it is added and after", async ({ page }) => {
  const { address } = await addPane(page);
  await page.goto(`/panes/new${(await roundPath(page)).slice(1)}`);
  await ready(page);
  await page.getByLabel("Address or building").fill(address.toLowerCase());
  await page.getByLabel("Which opening").fill("Study");
  const said = page.getByText("It is on this round already");
  await expect(said).toHaveCount(0);
  await page.getByLabel(/Which sash or pane/).fill("left  sash");
  await expect(said).toBeVisible();
  await page.getByRole("button", { name: "Add it all the same, and look" }).click();
  await page.waitForURL(/\/panes\/[0-9a-f-]{36}\/look/);
  await ready(page);
  await expect(page.getByRole("region", { name: "Twice on the list" })).toContainText(
    "two would be ordered for one hole",
  );
  // It is struck out of the round again: other journeys count its panes.
  const own = new URL(page.url()).pathname.split("/")[2] ?? "";
  const { entries } = (await (await page.request.get(`/api/entries?pane=${own}`)).json()) as {
    entries: { id: string; kind: string; about: object }[];
  };
  const added = entries.find((e) => e.kind === "pane.added");
  await store(page, [by("Nell Harrow", "struck", added?.about ?? {}, { entry: added?.id, reason: "added twice" })]);
});

test("one sheet that two took off the rack: both panes say so, and whoever does not have it orders", async ({
  page,
}) => {
  // A kind that no other journey cuts.
  const sheet = "Twice, 12.8 laminated";
  const glass = { widthNm: 9e8, heightNm: 12e8, thicknessNm: 12_800_000, glass: "laminated" };
  const size = (mm: number) => ({ text: String(mm), unit: "mm" });
  const had = { from: "rack", width: size(597), height: size(897), note: "" };
  const bram = (await addPane(page)).path.split("/")[2] ?? "";
  const { path } = await addPane(page);
  const nell = path.split("/")[2] ?? "";
  const cut = (pane: string) => ({ sheet, panes: [pane], left: [], spoilt: 0 });
  await store(page, [
    by("Nell Harrow", "stock.pane", {}, { name: sheet, ...glass, count: 1 }),
    by("Bram Tolley", "stock.cut", {}, cut(bram)),
    by("Bram Tolley", "order.had", { pane: bram }, had),
    by("Nell Harrow", "stock.cut", {}, cut(nell)),
    by("Nell Harrow", "order.had", { pane: nell }, had),
  ]);
  await page.goto("/bench/rack");
  await ready(page);
  await expect(page.getByText(`took “${sheet}” off the rack at`)).toContainText("neither knowing of the other");
  const taken = page.getByRole("region", { name: "Taken twice" });
  await page.goto(`/panes/${bram}/order`);
  await ready(page);
  await expect(taken).toContainText("Whoever has it in their hands keeps it.");
  await page.goto(`${path}/order`);
  await ready(page);
  await taken.getByRole("button", { name: "It is not here: order another" }).click();
  await expect(taken).toHaveCount(0);
  await allSent(page);
  await page.goto(`/panes/${bram}/order`);
  await ready(page);
  await expect(taken).toHaveCount(0);
  await expect(page.getByText("597 × 897").first()).toBeVisible();
});
