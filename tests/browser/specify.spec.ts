import { expect, test } from "@playwright/test";
import {
  addPane,
  allSent,
  fromCleared,
  fromMenu,
  heldAs,
  openStation,
  openTab,
  standBy,
  type,
} from "./pane-of-ones-own.ts";

test("a unit is told by its thickness, chosen side by side, and ordered with all its maker needs", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, { "width, top": "606", "height, left": "906" });
  await page.getByText("caliper, or a slip of wood").click();
  await type(page, { "overall, by caliper": "24", "near pane, by caliper": "4" });
  await openStation(page, "Order");
  await expect(page.getByText("nobody said what it is made of")).toBeVisible();
  await expect(page.getByRole("button", { name: /Open an order/ })).toHaveCount(0);
  await page.getByRole("link", { name: "Choose it under Specify" }).click();
  await expect(page.getByRole("button", { name: "4-16-4" })).toBeVisible();
  await expect(page.getByText("We would take: coated, argon.")).toBeVisible();
  const column = page.getByRole("listitem").filter({ hasText: /^coated, argon/ });
  await expect(column).toContainText("1.2");
  await expect(page.getByRole("img", { name: /Heat loss by cavity width: same again, plain 2.7/ })).toBeVisible();
  await page.getByRole("radio", { name: "choose coated, argon", exact: true }).check();
  await page.getByLabel("Spacer, as its neighbours").selectOption("warm edge, white");
  await page.getByLabel("Coated face, from outside").selectOption("2");
  await expect(page.getByRole("contentinfo")).toContainText(
    "24 mm sealed unit, 4-16-4, argon, coated on 2, warm edge, white",
  );
  await openTab(page, "Weight and wind");
  await expect(page.getByText(/Not linseed putty/)).toBeHidden();
  await page.getByText(/^What it may be set in/).click();
  await expect(page.getByText(/Not linseed putty.*edge seal/)).toBeVisible();
  await openStation(page, "Order");
  await expect(page.getByText("The order waits for this:")).toBeVisible();
  await standBy(page);
  await page.getByLabel("New order to").fill("Fen End Sealed Units");
  await page.getByRole("button", { name: "Open an order and put it on" }).click();
  await page.getByRole("link", { name: "open the order" }).click();
  await expect(page.getByText(/4-16-4, argon, coated on 2, warm edge, white/)).toBeVisible();
  const order = new URL(page.url()).pathname;
  await page.goto(`${order}/sheet`);
  await expect(page.getByText(/4-16-4, argon, coated on 2, warm edge, white/)).toBeVisible();
});

test("a unit made in inches stays so to the order, and what it has none of is one tap", async ({ page }) => {
  await addPane(page);
  await fromMenu(page, "in");
  await heldAs(page, "plastic-bead-inside");
  await openStation(page, "Measure");
  await fromCleared(page);
  await type(page, { "width, top": "23 7/8", "height, left": "35 5/8" });
  await page.getByText("caliper, or a slip of wood").click();
  await type(page, { "overall, by caliper": "5/8", "near pane, by caliper": "1/8" });
  await openStation(page, "Specify");
  await expect(page.getByRole("button", { name: "1/8 - 3/8 - 1/8" })).toBeVisible();
  await page.getByRole("radio", { name: "choose same again, plain", exact: true }).check();
  const ticket = page.getByRole("contentinfo");
  await expect(ticket).toContainText("5/8 in sealed unit, 1/8 - 3/8 - 1/8");
  await page.getByRole("button", { name: "No bars", exact: true }).click();
  await page.getByRole("button", { name: "Not coated", exact: true }).click();
  await expect(page.getByRole("link", { name: /bars, or none|whether it was coated/ })).toHaveCount(0);
  await openStation(page, "Order");
  await standBy(page);
  await page.getByLabel("New order to").fill("Fen End Sealed Units");
  await page.getByRole("button", { name: "Open an order and put it on" }).click();
  await page.getByRole("link", { name: "open the order" }).click();
  // Whoever makes it of metric sheets reads millimetres beside: 3.175 + 9.525 + 3.175.
  await expect(
    page.getByText(/5\/8 in \(15\.9\smm:\s3\.2\s-\s9\.5\s-\s3\.2\) sealed unit, 1\/8 - 3\/8 - 1\/8/).first(),
  ).toBeVisible();
});

test("what is left to guess is one tap from where it is settled", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Specify");
  const guess = page.getByRole("link", { name: /width and height/ });
  await expect(guess).toBeVisible();
  await guess.click();
  await expect(page.getByRole("textbox", { name: "width, top", exact: true })).toBeVisible();
});

test("a large thin pane is marked, and a sliding sash gets its weights", async ({ page }) => {
  await addPane(page);
  await openStation(page, "Measure");
  await type(page, { "width, top": "1604", "height, left": "1804" });
  await openTab(page, "Bars, coating");
  await page.getByRole("combobox", { name: "Hangs" }).selectOption("hung");
  await openStation(page, "Specify");
  await openTab(page, "Weight and wind");
  await page.getByLabel("How it stands to the wind").selectOption("coast");
  await expect(page.getByText("too thin for this size")).toBeVisible();
  await expect(page.getByText(/two people and 2 rated suction cups/)).toBeVisible();
  await page.getByLabel("Sliding sash").selectOption("lower");
  await page.getByLabel("Weighs now, kg").fill("40");
  await page.getByLabel("Weighs now, kg").blur();
  await expect(page.getByText(/Each weight goes from 19.75 kg to/)).toBeVisible();
  await allSent(page);
});

test("six calculations answer straight, one case or many", async ({ page }) => {
  const ask = async (name: string, data: unknown) => (await page.request.post(`/api/calc/${name}`, { data })).json();
  expect(await ask("heat", { panes: ["4", "4"], cavities: [{ width: "16" }] })).toMatchObject({
    heatToOneDecimal: 2.7,
    text: "4-16-4",
  });
  expect(await ask("heat", { panes: ["4", "4"], cavities: [] })).toMatchObject({
    error: { code: "cavities-do-not-fit" },
  });
  expect((await ask("stack", { overall: "24", panes: ["4"] })).stacks[0].text).toBe("4-16-4");
  expect(await ask("safety", { set: "M", width: "600", height: "1000", sillHeight: "300" })).toMatchObject({
    verdict: "needed",
    because: "low",
  });
  expect(await ask("safety", { set: "F", width: "600", height: "600", special: ["fire"] })).toMatchObject({
    verdict: "ask-licensed",
  });
  const plates = await ask("plate", [
    { width: "1000", height: "1000", thickness: "6", loadKpa: 1 },
    { width: "1000", height: "1000", thickness: "0", loadKpa: 1 },
  ]);
  expect(plates[0].stressMpa).toBeCloseTo(7.551, 2);
  expect(plates[1].error.code).toBe("no-size");
  expect(await ask("mass", { width: "608", height: "900", panes: ["4"] })).toMatchObject({ lift: "one" });
  expect(await ask("balance", { sash: "lower", sashKg: 9, oldGlassKg: 4.1, newGlassKg: 5.47 })).toMatchObject({
    beforeKg: 4.25,
  });
});
