import { expect, test } from "@playwright/test";
import { readTape } from "../../src/core/tape/read.ts";
import { addPane, ready } from "./pane-of-ones-own.ts";

test("a tape is read by the keyboard alone: wrong says by how much, right comes again another day", async ({
  page,
}) => {
  await page.context().addCookies([{ name: "who", value: "Tess%20Learner", url: "http://127.0.0.1:4399" }]);
  await page.goto("/learn");
  await ready(page);
  await page.getByRole("button", { name: /^Read the tape/ }).click();
  const reading = page.getByLabel("reading, mm");
  await expect(reading).toBeFocused();
  await page.keyboard.type("5");
  await page.keyboard.press("Enter");
  const said = page.getByRole("status");
  await expect(said).toContainText(/Off by [\d.]+ mm/);
  await expect(said).toContainText(/It stands at \d+ mm/);
  await page.keyboard.press("Enter");
  await expect(said).toHaveCount(0);
  // The edge stands where the picture says: from the marks on either side of it.
  const at = await page.getByRole("img", { name: /A tape/ }).evaluate((svg) => {
    const edge = Number(/M([\d.]+)/.exec(svg.querySelector("path[stroke='var(--wax)']")?.getAttribute("d") ?? "")?.[1]);
    const figures = [...svg.querySelectorAll("g")].flatMap((g) => {
      const text = g.querySelector("text")?.textContent;
      const x = /M([\d.]+)/.exec(g.querySelector("path")?.getAttribute("d") ?? "")?.[1];
      return text && x ? [{ mm: Number(text), x: Number(x) }] : [];
    });
    const [a, b] = [figures[0], figures[figures.length - 1]];
    if (!a || !b) throw new Error("no figures on the tape");
    return a.mm + ((edge - a.x) / (b.x - a.x)) * (b.mm - a.mm);
  });
  await page.keyboard.type(String(Math.round(at)));
  await page.keyboard.press("Enter");
  await expect(said).toContainText("Right.");
  expect(readTape(String(Math.round(at)), "mm").ok).toBe(true);
  await page.getByRole("button", { name: "All exercises" }).click();
  await expect(page.getByRole("button", { name: /^Read the tape/ })).toContainText("50% right, level 1");
  await page.reload();
  await ready(page);
  await expect(page.getByRole("button", { name: /^Read the tape/ })).toContainText("50% right");
});

for (const [name, size] of [
  ["desk", { width: 1280, height: 800 }],
  ["phone", { width: 390, height: 844 }],
] as const)
  test(`every exercise can be answered, and says what is right; ${name}`, async ({ page }) => {
    test.slow();
    await page.setViewportSize(size);
    await page.context().addCookies([{ name: "who", value: `All%20${name}`, url: "http://127.0.0.1:4399" }]);
    await page.goto("/learn");
    await ready(page);
    const names = await page
      .getByRole("main")
      .getByRole("list", { name: "Exercises" })
      .getByRole("listitem")
      .evaluateAll((all) => all.map((li) => li.querySelector("span span")?.textContent ?? ""));
    expect(names).toHaveLength(14);
    for (const exercise of names) {
      await page.getByRole("list", { name: "Exercises" }).getByRole("button", { name: exercise }).click();
      const question = page.getByRole("region", { name: "Question" });
      await expect(question.getByRole("heading")).not.toBeEmpty();
      const fields = await question.getByRole("textbox").all();
      if (fields.length > 0) {
        for (const f of fields) await f.fill("500");
        await question.getByRole("button", { name: /That is it/ }).click();
      } else if (exercise === "Square a sash against the clock") {
        const bench = page.getByRole("region", { name: "Picture" });
        const hangs = bench.getByRole("img");
        const before = await hangs.getAttribute("aria-label");
        await bench.getByRole("button", { name: "More at the head, by the handle" }).click();
        await expect(hangs).not.toHaveAttribute("aria-label", before ?? "");
        await bench.getByRole("button", { name: "It hangs square" }).click();
      } else if (exercise === "Date the paint") {
        await page.getByRole("region", { name: "Picture" }).getByRole("button").nth(9).click();
      } else if (exercise === "Order the beads out") {
        for (const side of ["left", "right", "bottom", "top"])
          await question.getByRole("button", { name: new RegExp(side) }).click();
      } else await question.getByRole("listitem").first().getByRole("button").click();
      await expect(question.getByRole("status")).toContainText(/Right\.|Not that\.|Off by/);
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      expect([exercise, wide]).toEqual([exercise, 0]);
      await question.getByRole("button", { name: "All exercises" }).click();
    }
  });

test("a break in an opening that was done before begins with what is known of its frame", async ({ page }) => {
  await page.goto("/search?q=weir+cottages+3+kitchen");
  await page.getByRole("link", { name: /Weir Cottages 3, kitchen/ }).click();
  await page.waitForURL(/\/panes\//);
  const id = new URL(page.url()).pathname.split("/")[2];
  await page.goto(`/windows/${id}`);
  await ready(page);
  await expect(page.getByText("Repaired once.")).toBeVisible();
  await expect(page.getByRole("region", { name: "Other openings at this address" })).toContainText("landing");
  await page.getByRole("combobox").last().selectOption({ label: "Weir Cottages, through the year" });
  await page.getByRole("button", { name: /Begin, with what is known/ }).click();
  await page.waitForURL(/\/panes\/[^/]+\/look/);
  await ready(page);
  await expect(page.getByText("This opening was done before")).toBeVisible();
  await page.getByRole("link", { name: "its whole life" }).click();
  await expect(page.getByText("It is being repaired now.")).toBeVisible();
});

test("whoever wants little explained taps for the why of a step, and others do not", async ({ page }) => {
  const who = `Terse ${process.pid}`;
  await addPane(page);
  const work = page.url().replace(/[^/]+$/, "takeout");
  const as = (name: string) =>
    page.context().addCookies([{ name: "who", value: encodeURIComponent(name), url: "http://127.0.0.1:4399" }]);
  await as(who);
  await page.goto("/learn");
  await ready(page);
  await page.getByRole("radio", { name: /^Little/ }).click();
  await expect(page.getByRole("radio", { name: /^Little/ })).toBeChecked();
  const why = page.getByRole("region", { name: "Station" }).locator(".step-card summary", { hasText: /^Why$/ });
  await expect
    .poll(async () => {
      await page.goto(work);
      await ready(page);
      return why.count();
    })
    .toBe(1);
  await as(`Other ${who}`);
  await page.goto(work);
  await ready(page);
  await expect(page.locator(".step-card")).toBeVisible();
  await expect(why).toHaveCount(0);
});
