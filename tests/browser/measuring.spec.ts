import { readFile } from "node:fs/promises";
import { expect, test } from "@playwright/test";
import { v7 as uuidv7 } from "uuid";
import {
  addPane,
  allSent,
  EIGHT,
  fromCleared,
  heldAs,
  openStation,
  openTab,
  pick,
  pickHeld,
  ready,
  roundPath,
  standBy,
  type,
} from "./pane-of-ones-own.ts";

test("a slip is pointed at, put right with one tap, and stood by where it is right", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, { ...EIGHT, "width, top": "622" });
  const slip = page.getByRole("alert").filter({ hasText: "ten millimetres off" });
  await expect(slip).toContainText("Width, top");
  await expect(page.getByRole("contentinfo")).toContainText("Not to order yet");
  await slip.getByRole("button", { name: "It was 612" }).click();
  await expect(slip).toHaveCount(0);
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue("612");

  await type(page, { "height, left": "914" });
  await page.getByRole("button", { name: "I read it again: it is right" }).click();
  await expect(page.getByText("Height, left: ten millimetres off")).toHaveCount(0);
  await page.getByRole("link", { name: "Logbook" }).click();
  await expect(page.getByText("914 is right, read again").first()).toBeVisible();
});

test("the odds are drawn in a worker, with every school on the chart, and follow the readings", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, { ...EIGHT, "rebate depth": "10" });
  await openTab(page, "How much to take off");
  const chart = page.getByRole("img", { name: /Chance that the pane binds/ });
  await expect(chart).toBeVisible();
  await expect(page.getByText(/100,000 draws, seed 20, sure to ±/)).toBeVisible();
  for (const school of ["snug", "easy", "best odds"]) await expect(chart.getByText(school)).toBeVisible();
  const before = await chart.getAttribute("aria-label");
  await type(page, { "rebate depth": "6" });
  await expect(chart).not.toHaveAttribute("aria-label", before ?? "");
  await page.getByText("Why this size: the sums").click();
  await expect(page.getByText(/down to 6\d\d mm/)).toBeVisible();
  await expect(page.getByText(/least expected cost/)).toBeVisible();
});

test("a second reading is blind, and two people's sets are compared", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, { "width, top": "612", "height, left": "904" });
  await page.getByRole("button", { name: /a second time/ }).click();
  const sheet = page.getByRole("dialog", { name: "Second reading" });
  await expect(sheet).not.toContainText("612");
  const again = sheet.getByRole("textbox");
  await again.fill("61x");
  await expect(sheet.getByRole("alert")).toContainText("is not a unit");
  await expect(sheet.getByRole("button", { name: "Next" })).toBeDisabled();
  await again.fill("612.5");
  await page.keyboard.press("Enter");
  await expect(sheet.getByText("height, left")).toBeVisible();
  await sheet.getByRole("textbox").fill("908");
  await page.keyboard.press("Enter");
  await expect(sheet).toContainText("One place was read differently");
  await sheet.getByRole("button", { name: "Take the second" }).click();
  await expect(sheet).toContainText("agrees with the first");
  await sheet.getByRole("button", { name: "Done" }).click();
  await expect(page.getByRole("textbox", { name: "height, left" })).toHaveValue("908");
});

test("a simulated laser and caliper send readings into the field that has the focus", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await page.getByRole("button", { name: "instruments" }).click();
  const panel = page.getByRole("complementary", { name: "Instruments" });
  await expect(panel.getByRole("status")).toContainText("Listening");
  await page.getByRole("textbox", { name: "width, middle" }).focus();
  await panel.getByLabel("laser (simulated)").fill("611.5");
  await panel.getByRole("button", { name: "Press" }).first().click();
  await expect(page.getByRole("textbox", { name: "width, middle" })).toHaveValue(/^61[0-3](\.5)? mm$/);
  await expect(page.getByRole("textbox", { name: "width, bottom" })).toBeFocused();
  // What a gateway to real ones does: the page takes it the same way.
  const heard = await page.request.post("/api/instruments/reading", {
    data: { instrument: "laser 7", kind: "laser", mm: 613 },
  });
  expect((await heard.json()).heard).toBeGreaterThan(0);
  await expect(page.getByRole("textbox", { name: "width, bottom" })).toHaveValue("613 mm");
});

test("every way of measuring, and a guess that holds the order until somebody says yes", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await page.getByLabel("Measured").selectOption("through-glass");
  await type(page, {
    "sight size, width": "580",
    "sight size, height": "880",
    "rebate depth, as near as you can tell": "8",
  });
  await expect(page.getByText("Taken as a guess, doubtful by 6 mm")).toBeVisible();
  await expect(page.getByRole("contentinfo")).toContainText("586");
  await openStation(page, "Order");
  await expect(page.getByText("In what state it was read: a guess. Not the surest.")).toBeVisible();
  await expect(page.getByLabel("New order to")).toHaveCount(0);
  await page.getByLabel("Why it is ordered now").fill("price only");
  await page.getByRole("button", { name: "Yes, order from these readings" }).click();
  await standBy(page);
  await expect(page.getByLabel("New order to")).toBeVisible();

  await openStation(page, "Measure");
  await page.getByLabel("Measured").selectOption("old-unit");
  await type(page, { "old pane, width": "609", "old pane, height": "901" });
  await page.getByLabel("tight").check();
  await expect(page.getByText("a copy binds again")).toBeVisible();
  await expect(page.getByRole("contentinfo")).toContainText("609");
  await page.getByLabel("Measured").selectOption("rebate");
  await fromCleared(page);
  await type(page, EIGHT);
  await expect(page.getByRole("contentinfo")).toContainText("608");
});

test("thickness by a slip of wood, the other face, bars and coating", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, EIGHT);
  await page.locator("summary", { hasText: "Thickness" }).click();
  await type(page, { "mark at the outer glass face": "25.5", "mark at that pane's inner face": "21.5" });
  await expect(page.getByText(/24 mm overall, a pencil line/)).toBeVisible();
  await expect(page.getByText(/Can be 4-16-4/)).toBeVisible();
  await type(page, { "overall, by caliper": "27" });
  await expect(page.getByRole("alert").filter({ hasText: "Caliper says 27 mm" })).toBeVisible();

  await openTab(page, "The other face");
  await type(page, { "other face, width, top": "608" });
  await expect(page.getByText(/Twisted: the other face is 4 mm smaller at width, top/)).toBeVisible();

  await openTab(page, "Bars, coating");
  await page.getByRole("spinbutton", { name: "uprights" }).fill("1");
  await page.getByRole("spinbutton", { name: "crosses" }).fill("2");
  await expect(page.getByText("Bars: 1 upright, 2 crosses, white flat, evenly spaced").first()).toBeVisible();
  await page.getByLabel("unsure").check();
  await openStation(page, "Order");
  await expect(page.getByText(/Coated or not is unsure/)).toBeVisible();
});

test("an opening that no rectangle fits: ease it here, or a template at full size", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, {
    "width, top": "603",
    "width, bottom": "602",
    "height, left": "900",
    "height, right": "902",
    "diagonal, bottom left to top right": "1091",
    "diagonal, top left to bottom right": "1075",
    "rebate depth": "6",
  });
  await expect(page.getByText(/No true rectangle is likely to do: at the best/)).toBeVisible();
  await expect(
    page
      .getByRole("img", { name: /The opening from outside/ })
      .getByText(/ease/)
      .first(),
  ).toBeVisible();
  await page.getByRole("button", { name: "What will do instead" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "DXF" }).click();
  const dxf = await readFile(await (await download).path(), "utf8");
  expect(dxf.match(/\nVERTEX\n/g)).toHaveLength(4);
});

test("the order states the opening, and the cutter takes it off once", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, EIGHT);
  await openTab(page, "How much to take off");
  await page.getByLabel("the opening, cutter takes it off").check();
  await expect(page.getByText(/The cutter takes 3.5 mm off the width/)).toBeVisible();
  await openStation(page, "Order");
  await standBy(page);
  await page.getByLabel("New order to").fill("Salt Lane Glass Counter");
  await page.getByRole("button", { name: /Open an order/ }).click();
  await allSent(page);
  await page.getByRole("link", { name: "open the order" }).click();
  await expect(page.getByText("Opening size: take off 3.5 and 4 mm, once.")).toBeVisible();
  await expect(page.getByText("611.5").first()).toBeVisible();
});

test("a sash of like panes, and readings copied as a guess", async ({ page }) => {
  await page.goto((await roundPath(page)).replace("/", "/panes/new"));
  await ready(page);
  await page.getByLabel("Address or building").fill(`Like ${process.pid}`);
  await page.getByLabel("Which opening").fill("porch");
  await pickHeld(page, "timber-putty");
  await page.getByLabel("Rows of like panes").fill("2");
  await page.getByLabel("Columns of them").fill("3");
  await page.getByRole("button", { name: "Add it, and look" }).click();
  await page.waitForURL(/look$/);
  await ready(page);
  await openStation(page, "Measure");
  await type(page, { "width, top": "212", "height, left": "305" });
  await openTab(page, "Like panes");
  await page.getByRole("button", { name: "Copy these 2 readings to the 5 others" }).click();
  await allSent(page);
  await page.getByRole("link", { name: "row 2, column 3" }).click();
  await page.waitForURL(/measure$/);
  await ready(page);
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue("212");
  await openStation(page, "Order");
  await expect(page.getByText("In what state it was read: a guess. Not the surest.")).toBeVisible();
  // What is said of how it was read makes no reading of a copy; the tape held to this one does.
  await openStation(page, "Measure");
  await fromCleared(page);
  await expect(page.getByText("copied", { exact: true })).toHaveCount(2);
  await type(page, { "width, top": "209" });
  await expect(page.getByText("copied", { exact: true })).toHaveCount(1);
  await allSent(page);
  // Said once of the glass, it is said of the sash; what was read of this one stays.
  await openStation(page, "Specify");
  await page.getByRole("button", { name: "Keep 4 mm clear float" }).click();
  await openTab(page, "Like panes");
  await page.getByRole("button", { name: "Say the same of the 5 others" }).click();
  await allSent(page);
  await page.getByRole("link", { name: "row 1, column 1" }).click();
  await page.waitForURL(/specify$/);
  await ready(page);
  await expect(page.getByRole("contentinfo")).not.toContainText("nobody chose it");
  await openStation(page, "Measure");
  await openTab(page, "Like panes");
  await expect(page.getByText("The like panes have readings, or these as a guess.")).toBeVisible();
  await page.getByRole("link", { name: "row 2, column 3" }).click();
  await page.waitForURL(/measure$/);
  await ready(page);
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveValue("209");
});

test("a round's openings go out as CSV and come in again; wrong rows are said", async ({ page }) => {
  // A round of its own: other journeys add panes to the demo round meanwhile.
  const [round, pane] = [uuidv7(), uuidv7()];
  const entry = (kind: string, about: object, payload: object) => ({
    id: uuidv7(),
    at: new Date().toISOString(),
    who: "Ida Rule",
    about,
    kind,
    payload,
  });
  const stored = await page.request.post("/api/entries", {
    data: {
      entries: [
        entry("round.opened", { round }, { name: "Out and in", place: "" }),
        entry(
          "pane.added",
          { pane },
          { round, address: "No. 12", opening: "hatch", light: "", system: "timber-putty", side: "outside" },
        ),
        entry("measure.reading", { pane }, { place: "width-top", text: "23 11/16-", unit: "in" }),
        entry("measure.reading", { pane }, { place: "height-left", text: "904", unit: "mm" }),
        entry("measure.reading", { pane }, { place: "rebate-depth", text: "1,200", unit: "mm" }),
      ],
    },
  });
  expect(stored.ok()).toBe(true);
  await page.goto(`/rounds/${round}/openings`);
  await ready(page);
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Save all openings as CSV" }).click();
  const csv = await readFile(await (await download).path(), "utf8");
  expect(csv.split("\r\n")[0]).toContain('"width-top","width-middle","width-bottom"');
  const table = page.getByLabel("Table of openings");
  await table.fill(csv);
  await expect(page.getByText("0 new panes, 0 changed readings")).toBeVisible();
  await table.fill("Address,Window,w top (in),colour\nNo. 9,hall,23 11/16,red\nNo. 9,,23 1/2,");
  await expect(page.getByText("1 new pane, 0 changed readings")).toBeVisible();
  await expect(page.getByText("Column 4: “colour” is not a heading")).toBeVisible();
  await expect(page.getByText("Row 3: give the opening.")).toBeVisible();
  await page.getByRole("button", { name: "Take 1 pane into the round" }).click();
  await page.waitForURL(/round=/);
  await expect(page.getByText("2 panes in 2 openings")).toBeVisible();
  await page.goto(`/sheets/measuring?round=${round}`);
  await expect(page.getByText("No. 12, hatch")).toBeVisible();
});

test("a racked opening is ordered by its corner points, and the sheet and the files carry them", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, {
    "width, top": "600",
    "width, middle": "600",
    "width, bottom": "600",
    "height, left": "900",
    "height, middle": "900",
    "height, right": "900",
    "diagonal, bottom left to top right": "1095",
    "diagonal, top left to bottom right": "1068.4",
    "rebate depth": "6",
  });
  await page.getByRole("button", { name: "What will do instead" }).click();
  await page.getByRole("button", { name: "Order this shape" }).click();
  await expect(page.getByText("it follows every side")).toBeVisible();
  await openStation(page, "Order");
  await standBy(page);
  await page.getByLabel("New order to").fill("Salt Lane Glass Counter");
  await page.getByRole("button", { name: "Open an order and put it on" }).click();
  await page.getByRole("link", { name: "open the order" }).click();
  await expect(page.getByText(/Cut to shape within that size: corners 0, 0 · 596.5, 0/)).toBeVisible();
  const order = new URL(page.url()).pathname;
  const json = (await (await page.request.get(`${order}/lines.json`)).json()) as { lines: { corners: unknown[] }[] };
  expect(json.lines[0]?.corners).toHaveLength(4);
  expect(await (await page.request.get(`${order}/lines.csv`)).text()).toContain("0 0; 596.5 0");
});

test("an arched head is read by five, drawn and ordered as part of a circle; one that is none wants a template", async ({
  page,
}) => {
  await addPane(page);
  await openStation(page, "Measure");
  await pick(page, "By eye it is", "arch, part of a circle");
  await fromCleared(page);
  // What tells nothing of such a head is not asked.
  await expect(page.getByRole("textbox", { name: "width, top" })).toHaveCount(0);
  await type(page, {
    "width, middle": "600",
    "width, bottom": "600",
    "height, left": "500",
    "height, middle": "700",
    "height, right": "500",
    "diagonal, bottom left to top right": "781",
    "diagonal, top left to bottom right": "781",
    "rebate depth": "10",
  });
  // 300² + 200² over 400; 375 + √(325² − 150²).
  await expect(page.getByText(/radius 325 mm.*150 mm in from either jamb: it must show 663\.3 mm/)).toBeVisible();
  await expect(page.getByRole("contentinfo")).toContainText("597 × 697");
  await openStation(page, "Order");
  await standBy(page);
  await page.getByLabel("New order to").fill("Salt Lane Glass Counter");
  await page.getByRole("button", { name: "Open an order and put it on" }).click();
  await allSent(page);
  await page.getByRole("link", { name: "open the order" }).click();
  await expect(page.getByText(/foot 597, both sides 498.* 697 at its crown.* radius 323\.5 mm/)).toBeVisible();
});

test("a size from stock is offered with its cuts, used, and a new insert on the list is found from its frame", async ({
  page,
}) => {
  await page.goto("/house#stock");
  await ready(page);
  const stock = page.locator("#stock");
  await stock.getByLabel("Name on the shelf").fill("Loft, 611 by 901");
  await stock.getByLabel("Width").fill("611x");
  await expect(stock.getByText("is not a unit")).toBeVisible();
  await expect(stock.getByRole("button", { name: "Add to stock" })).toBeDisabled();
  await stock.getByLabel("Width").fill("610.5");
  await stock.getByLabel("Height").fill("901");
  // No thickness stands there beforehand: a sheet is as thick as somebody says.
  await expect(stock.getByRole("button", { name: "Add to stock" })).toBeDisabled();
  await stock.getByLabel("Thickness").fill("4");
  await stock.getByRole("button", { name: "Add to stock" }).click();
  await page.getByRole("link", { name: "Door inserts" }).click();
  const inserts = page.locator("#inserts");
  await inserts.getByLabel("Family").fill("Kestrel Yard");
  for (const [label, text] of [
    ["Outside width", "500"],
    ["Outside height", "1000"],
    ["Seen width", "510"],
    ["Seen height", "950"],
    ["Doors from", "44"],
    ["Doors to", "45"],
  ] as const)
    await inserts.getByLabel(label).fill(text);
  await expect(inserts.getByText("look which figure is which")).toBeVisible();
  await inserts.getByLabel("Seen width").fill("450");
  await inserts.getByRole("button", { name: "Add insert" }).click();
  await expect(inserts.getByText("Kestrel Yard")).toBeVisible();
  await allSent(page);

  await addPane(page);
  await openStation(page, "Measure");
  await type(page, { ...EIGHT, "rebate depth": "10" });
  await openTab(page, "How much to take off");
  // It would go into a square opening; this one leans, and it mostly binds: it can be used, and is not proposed.
  await page.getByText(/^From stock: /).click();
  await expect(page.getByRole("listitem").filter({ hasText: "Loft, 611 by 901" })).toContainText(/\d+% trouble/);
  await page.getByRole("button", { name: "Use" }).first().click();
  await expect(page.getByRole("contentinfo")).toContainText("610.5");
  await expect(page.getByRole("radio", { name: "next size down" })).toBeChecked();

  // Only a door has an insert: elsewhere it is not offered.
  await expect(page.getByLabel("Measured").locator('option[value="insert-outside"]')).toHaveCount(0);
  await addPane(page);
  await heldAs(page, "cassette");
  await openStation(page, "Measure");
  await page.getByLabel("Measured").selectOption("insert-outside");
  await type(page, { "insert outside, width": "501", "insert outside, height": "1000", "door thickness": "40" });
  await expect(page.getByText("Kestrel Yard")).toBeVisible();
  await expect(page.getByText("it will not close on this one")).toBeVisible();
});
