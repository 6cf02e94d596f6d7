import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "@playwright/test";
import { ready, roundPath } from "./pane-of-ones-own.ts";

// The application keeps itself on the device as it does for everybody.
test.use({ serviceWorkers: "allow" });

const STATIONS = ["look", "takeout", "measure", "specify", "order", "ready", "set", "finish", "signoff", "logbook"];

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

// Every page is opened once and looked at in both sizes: half of them in each of two, which run side by side.
for (const half of [0, 1])
  test(`every page, on phone and desk, part ${half + 1} of 2: no barrier, no complaint in the console`, async ({
    browser,
  }) => {
    test.setTimeout(600_000);
    const context = await browser.newContext({ colorScheme: "light", viewport: DESK, reducedMotion: "reduce" });
    const page = await context.newPage();
    const complaints: string[] = [];
    page.on("console", (m) => ["error", "warning"].includes(m.type()) && complaints.push(m.text()));
    page.on("pageerror", (e) => complaints.push(e.message));
    await page.goto(await roundPath(page));
    await ready(page);
    const pane = (
      await page.getByRole("listitem").filter({ hasText: "Reading room" }).getByRole("link").getAttribute("href")
    )?.split("/")[2];
    const racked = (
      await page
        .getByRole("listitem")
        .filter({ hasText: "upper sash" })
        .filter({ hasText: "No. 3" })
        .getByRole("link")
        .getAttribute("href")
    )?.split("/")[2];
    const idOf = async (words: string): Promise<string> =>
      (
        await page
          .getByRole("list", { name: "Panes of the round" })
          .getByRole("listitem")
          .filter({ hasText: words })
          .getByRole("link")
          .first()
          .getAttribute("href")
      )?.split("/")[2] ?? "";
    const [casement, kitchen, porch] = [await idOf("landward casement"), await idOf("kitchen"), await idOf("porch")];
    const round = new URL(await roundPath(page), "http://round").searchParams.get("round");
    await page.goto("/orders");
    const order = await page.getByRole("list", { name: "The orders" }).getByRole("link").first().getAttribute("href");
    const paths = [
      "/",
      "/panes/new",
      "/rounds/new",
      "/orders",
      order ?? "",
      `${order}/sheet`,
      "/house",
      "/plan",
      "/bench",
      "/bench/rack",
      "/search?q=porch",
      "/learn",
      "/learnt",
      `/windows/${pane}`,
      "/plan/day",
      "/people",
      "/sign-in",
      `/rounds/${round}/openings`,
      `/rounds/${round}/quote`,
      `/rounds/${round}/kit`,
      `/sheets/measuring?round=${round}`,
      "/api",
      "/words",
      ...STATIONS.map((s) => `/panes/${pane}/${s}`),
      `/panes/${racked}/measure`,
      `/panes/${casement}/look`,
      `/panes/${casement}/takeout`,
      `/panes/${porch}/look`,
      `/panes/${porch}/options`,
      `/panes/${porch}/tags`,
      `/panes/${kitchen}/specify`,
      `/panes/${casement}/set`,
      `/panes/${porch}/set`,
      `/panes/${porch}/signoff`,
    ];
    for (const path of paths.filter((_, i) => i % 2 === half)) {
      await page.setViewportSize(PHONE);
      await page.goto(path);
      await ready(page);
      // What is folded up is looked at unfolded.
      if (/\/(measure|look|takeout|specify|set|house)$/.test(path))
        await page.evaluate(() => {
          for (const fold of document.querySelectorAll("details")) fold.open = true;
        });
      // No page has frames: one run in the page itself, without a second page that puts frames together.
      const axe = (rules: Readonly<Record<string, { enabled: boolean }>> = {}) =>
        new AxeBuilder({ page })
          .options({ resultTypes: ["violations"], rules })
          .setLegacyMode(true)
          .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "best-practice"]);
      const said: string[] = [await page.locator("body").innerText()];
      // Colours are one set for both sizes: they are weighed on the phone, in the light and in the dark.
      const looks: [string, Awaited<ReturnType<AxeBuilder["analyze"]>>][] = [["phone", await axe().analyze()]];
      // In the dark only the colours differ: each kind of page is looked at once.
      if (!path.startsWith("/panes/") || path.startsWith(`/panes/${pane}/`)) {
        await page.emulateMedia({ colorScheme: "dark" });
        const colours = new AxeBuilder({ page }).options({ resultTypes: ["violations"] }).setLegacyMode(true);
        looks.push(["phone, dark", await colours.withRules(["color-contrast"]).analyze()]);
        await page.emulateMedia({ colorScheme: "light" });
      }
      await page.setViewportSize(DESK);
      await ready(page);
      looks.push(["desk", await axe({ "color-contrast": { enabled: false } }).analyze()]);
      said.push(await page.locator("body").innerText());
      // Out of a field that is ready to be typed in, and the keys of the page are told; who is not signed in yet has none.
      if (path !== "/sign-in") {
        await page.keyboard.press("Escape");
        await page.keyboard.press("?");
        const keys = page.getByRole("dialog", { name: "Keys" });
        await expect.soft(keys, `${path} tells its keys`).toBeVisible({ timeout: 2000 });
        await page.keyboard.press("Escape");
      }
      // A unit said twice, or a value that is none.
      const slip = /.*(\b(mm|in|kg|lb) \2\b|\bundefined\b|\bNaN\b|\[object ).*/.exec(said.join("\n"));
      expect.soft(slip?.[0] ?? "", path).toBe("");
      const found = looks.flatMap(([at, { violations }]) =>
        violations.map(
          (v) =>
            `${path} ${at} ${v.id}: ${v.nodes
              .map((n) => n.html.slice(0, 140))
              .slice(0, 3)
              .join(" | ")}`,
        ),
      );
      expect.soft(found).toEqual([]);
    }
    expect(complaints).toEqual([]);
    const missing = await page.goto("/panes/none/look");
    expect(missing?.status()).toBe(404);
    await expect(page.getByRole("link", { name: "Back to the round" })).toBeVisible();
    await context.close();
  });
