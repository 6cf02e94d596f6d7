import { expect, type Page, test } from "@playwright/test";
import { fromMenu, ready, roundPath } from "./pane-of-ones-own.ts";

/** The middle of a word where it first stands as plain text: in no button, link or field. */
const middleOf = (page: Page, word: string) =>
  page.evaluate((wanted) => {
    const texts = document.createTreeWalker(document.querySelector("main") ?? document.body, NodeFilter.SHOW_TEXT);
    for (let n = texts.nextNode(); n; n = texts.nextNode()) {
      const at = new RegExp(`\\b${wanted}\\b`, "i").exec(n.textContent ?? "")?.index;
      if (at === undefined || n.parentElement?.closest("a, button, label, summary, svg")) continue;
      n.parentElement?.scrollIntoView({ block: "center" });
      const range = document.createRange();
      range.setStart(n, at);
      range.setEnd(n, at + wanted.length);
      const box = range.getBoundingClientRect();
      if (box.width > 0) return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    }
    throw new Error(`${wanted} stands nowhere`);
  }, word);

const tap = async (page: Page, word: string): Promise<void> => {
  const at = await middleOf(page, word);
  await page.mouse.click(at.x, at.y);
};

test("a word of the trade is explained wherever it stands, in the reader's own words", async ({ page }) => {
  const round = new URL(await roundPath(page), "http://round").searchParams.get("round");
  await page.goto(`/rounds/${round}/kit`);
  await ready(page);
  const meaning = page.getByRole("status").filter({ hasText: ": " });
  await tap(page, "packers");
  await expect(meaning.filter({ hasText: "plastic or rubber block" })).toBeVisible();
  // The next tap takes it away; one beside a word shows nothing.
  await page.mouse.click(640, 60);
  await expect(meaning.filter({ hasText: "plastic or rubber block" })).toBeHidden();
  await fromMenu(page, "stop · point");
  await tap(page, "shims");
  await expect(meaning.filter({ hasText: "Shims: plastic or rubber block" })).toBeVisible();
});
