import { expect, type Page, test } from "@playwright/test";
import { addPane, EIGHT, heldAs, openStation, openTab, ready, type } from "./pane-of-ones-own.ts";

const ticket = (page: Page) => page.getByRole("contentinfo");

test("beads chosen from the list: from which side they come is asked, and nothing goes by the stand-in", async ({
  page,
}) => {
  await addPane(page);
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await heldAs(page, "timber-bead");
  await expect(ticket(page)).toContainText("Say how the glass is held");
  await openTab(page, "The frame");
  await expect(page.getByRole("radio", { name: "inside", exact: true })).toHaveCount(0);
  await page
    .getByRole("group", { name: /goes in from/ })
    .getByRole("button", { name: "inside" })
    .click();
  await expect(page.getByRole("radio", { name: "inside", exact: true })).toBeChecked();
  await expect(page.getByText(/^Beads off from inside/)).toBeVisible();
  await expect(ticket(page)).toContainText("Read width and height");
});

test("what is next to be settled stands at the head of its station, and in what state it was read at Order", async ({
  page,
}) => {
  await addPane(page);
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await openStation(page, "Measure");
  await type(page, EIGHT);
  await openStation(page, "Specify");
  await type(page, { "lower edge above floor": "1120", "nearest door edge": "1900" });
  const first = page.getByRole("region", { name: "To settle" });
  await expect(first).toContainText("First settle which glass.");
  await first.getByRole("button", { name: "4 mm clear float, the house's usual" }).click();
  await expect(first).toHaveCount(0);
  await page.getByRole("button", { name: "Settle: in what state it was read" }).click();
  const side = page.getByRole("region", { name: "Side" });
  await expect(side).toContainText("Nobody said in what state these were read");
  await expect(page.getByRole("button", { name: "Open an order and put it on" })).toHaveCount(0);
  await side.getByRole("button", { name: "cleared rebate" }).click();
  await expect(page.getByRole("button", { name: "Open an order and put it on" })).toBeVisible();
  await expect(ticket(page)).toContainText("Put on an order");
});

test("orders are shown by where they are and by whose they are; what is checked in is folded away", async ({
  page,
}) => {
  await page.goto("/orders");
  await ready(page);
  const list = page.getByRole("list", { name: "The orders" });
  await expect(list.getByText("checked in", { exact: true })).toHaveCount(0);
  const which = page.getByRole("navigation", { name: "Which orders" });
  await which.getByRole("link", { name: /^checked in/ }).click();
  await expect(which.getByRole("link", { name: /^checked in/ })).toHaveAttribute("aria-current", "true");
  await expect(list.getByText("checked in", { exact: true }).first()).toBeVisible();
  await expect(list.getByText("on its way")).toHaveCount(0);
  await page
    .getByRole("navigation", { name: "Whose orders" })
    .getByRole("link", { name: "Salt Lane Glass Counter" })
    .click();
  await expect(list.getByRole("link").first()).toContainText("Salt Lane Glass Counter");
  await expect(list.getByRole("link", { name: /Fen End/ })).toHaveCount(0);
});
