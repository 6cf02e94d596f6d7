import { expect, type Page, test } from "@playwright/test";
import { v7 as uuidv7 } from "uuid";
import type { System } from "../../src/core/frame/systems.ts";
import { frameOf, SYSTEMS } from "../../src/core/frame/systems.ts";
import { type NodeId, SYSTEM_TREE, type SystemEnd } from "../../src/core/frame/which-system.ts";
import { say } from "../../src/core/words/dialect.ts";
import { addPane, allSent, fromMenu, glassAtHand, heldAs, openStation, openTab, ready } from "./pane-of-ones-own.ts";
import { doAllSteps, leavePaint, lookAllGood, openStep } from "./the-work.ts";

type Way = { readonly answers: readonly string[]; readonly end: SystemEnd };

/** Every way through the questions, with what is tapped. */
const ways = (at: NodeId = "made-of", answers: readonly string[] = []): Way[] =>
  SYSTEM_TREE[at].answers.flatMap((a) =>
    typeof a.to === "string"
      ? ways(a.to, [...answers, say(a.says, "a")])
      : [{ answers: [...answers, say(a.says, "a")], end: a.to }],
  );
/** One way to each end; two where the sash opens or does not. */
const chosen = [...new Map(ways().map((w) => [`${w.end.system} ${w.end.opens}`, w])).values()];

/** Words that belong to one way of holding glass, and never to the others. */
const STRANGE: Readonly<Partial<Record<System, RegExp>>> = {
  "plastic-bead-inside": /sprig|putty(?! kni)|chisel/i,
  "plastic-bead-inside-bonded": /sprig|putty(?! kni)|chisel/i,
  "plastic-bead-outside": /sprig|putty(?! kni)|chisel/i,
  "plastic-no-bead": /sprig|bead|putty(?! kni)|chisel/i,
  cassette: /sprig|bead|putty(?! kni)|chisel/i,
  "compression-moulding": /sprig|bead|chisel/i,
  "timber-putty": /gasket|bead|plug/i,
};

/** A step that must stand at Set, and one that must not, in either dialect. */
const AT_SET: Readonly<Record<System, readonly [has: RegExp, hasNot: RegExp]>> = {
  "timber-putty": [/Push the (sprigs|points) in flat/, /wedge gasket/],
  "timber-bead": [/Press each (bead|stop) down and in/, /wedge gasket in/],
  "plastic-bead-inside": [/Press the wedge gasket in/, /Push the (sprigs|points) in/],
  "plastic-bead-inside-bonded": [/go back in the reverse/, /Press the wedge gasket in/],
  "plastic-bead-outside": [/Turn the liner's ends out/, /Push the (sprigs|points) in/],
  "plastic-no-bead": [/Put the corner screws back by hand/, /go back in the reverse/],
  "pinned-stop": [/Run one unbroken bead/, /Push the (sprigs|points) in/],
  cassette: [/All screws by hand, snug/, /Push the (sprigs|points) in/],
  "compression-moulding": [/The two sides first, then head and foot sprung/, /Push the (sprigs|points) in/],
  "metal-frame": [/Put each clip or peg back|go back in the reverse/, /Push the (sprigs|points) in/],
  "in-front": [/Tap the member back along the glass/, /Push the (sprigs|points) in/],
};

/** From the cleared opening to the customer's page: set, finished and signed off, by its own steps. */
async function toTheEnd(page: Page, system: System, path: string): Promise<void> {
  const station = page.getByRole("region", { name: "Station" });
  await openStation(page, "Set");
  const [has, hasNot] = AT_SET[system];
  await expect(station.getByRole("checkbox", { name: has })).toBeVisible();
  await expect(station.getByRole("checkbox", { name: hasNot })).toHaveCount(0);
  await expect(station.getByText("not worked out")).toHaveCount(0);
  await doAllSteps(page);
  await station.getByRole("button", { name: "It is set", exact: true }).click();
  await openStation(page, "Finish");
  await leavePaint(page);
  await doAllSteps(page);
  await openStation(page, "Sign off");
  await lookAllGood(page);
  await openTab(page, "What fell short");
  await station.getByLabel("What is to be put right").fill("paint run at the foot");
  await station.getByRole("button", { name: "Keep" }).click();
  await expect(station.getByText("paint run at the foot")).toBeVisible();
  const early = station.getByLabel(/Why is it closed before/);
  if (await early.isVisible()) await early.fill("the agent has the key and was told");
  await station.getByRole("button", { name: "Sign it off", exact: true }).click();
  await expect(station.getByText(/^Signed off/)).toBeVisible();
  await allSent(page);
  const pdf = await page.request.get(`${path}/aftercare.pdf`);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe("%PDF-");
}

async function tickAll(page: Page, station: "Take out" | "Make ready"): Promise<number> {
  await openStation(page, station);
  const many = await doAllSteps(page);
  if (many > 0) await expect(page.getByRole("link", { name: new RegExp(station) })).toContainText("done");
  return many;
}

test("every system is there", () => {
  expect(new Set(chosen.map((w) => w.end.system))).toEqual(new Set(SYSTEMS));
});

chosen.forEach((way, i) => {
  test(`from Look to signed off: ${say(frameOf(way.end.system).short, "a")}${way.end.opens ? "" : ", welded"}`, async ({
    page,
  }) => {
    // Forty steps and looks ticked one by one.
    test.slow();
    const { path } = await addPane(page);
    await page.getByRole("checkbox", { name: "cracked" }).check();
    await openTab(page, "The frame");
    await page.getByRole("button", { name: "Find out by questions" }).click();
    for (const answer of way.answers) await page.getByRole("button", { name: answer, exact: true }).click();
    await expect(page.locator("[data-system]")).toHaveAttribute("data-system", way.end.system);
    if (!way.end.opens) {
      await expect(page.getByText("This sash lets nothing out: no seam")).toBeVisible();
      await openTab(page, "What can be done");
      await expect(page.getByText("We would take: new sash")).toBeVisible();
      await openStation(page, "Take out");
      await expect(page.getByText("choose a new sash under Look")).toBeVisible();
      expect(await page.getByRole("checkbox", { name: /^Step/ }).count()).toBe(0);
      return;
    }
    await openTab(page, "What can be done");
    await expect(page.getByText(/We would take: (new glass or sealed unit|complete insert)/)).toBeVisible();
    const out = await tickAll(page, "Take out");
    expect(out).toBeGreaterThan(8);
    const strange = STRANGE[way.end.system];
    if (strange)
      for (const step of await page
        .locator("ol > li")
        .filter({ has: page.getByRole("checkbox", { name: /^Step/ }) })
        .allInnerTexts())
        expect(step).not.toMatch(strange);
    await allSent(page);
    await glassAtHand(page);
    expect(await tickAll(page, "Make ready")).toBeGreaterThan(2);
    await allSent(page);
    await page.reload();
    await ready(page);
    await expect(page.getByRole("link", { name: /Make ready/ })).toContainText("done");
    // Every other one goes on in inches and the other words.
    if (i % 2 === 1) {
      await fromMenu(page, "stop · point");
      await fromMenu(page, "in");
    }
    await toTheEnd(page, way.end.system, path);
  });
});

test("an examination asks only what matters, and its verdict is kept with one tap", async ({ page }) => {
  await addPane(page);
  await page.getByRole("button", { name: /Examine it, question by question/ }).click();
  for (const answer of [
    "sealed unit",
    "whole",
    "whole",
    "stays: it is inside",
    "stands there",
    "nothing",
    "fixed",
    "still",
    "wet",
    "none to be seen",
  ])
    await page.getByRole("group").getByRole("button", { name: answer, exact: true }).click();
  await expect(page.getByText("Its seal has failed and water stands inside")).toBeVisible();
  await expect(page.getByText("Water that stands in the frame drowns the next seal")).toBeVisible();
  await page
    .getByRole("button", { name: /^Keep it: misted or wet inside; water standing in the frame; can wait/ })
    .click();
  await expect(page.getByRole("checkbox", { name: "misted or wet inside" })).toBeChecked();
  await expect(page.getByLabel("Why it failed")).toHaveValue("water");
  // An answer is taken back, and the questions that hung on it go.
  await page.getByRole("button", { name: "Mist, stain or drops: ask again" }).click();
  await page.getByRole("button", { name: "wipes off", exact: true }).click();
  await expect(page.getByText("room damp on a cold face")).toBeVisible();
  await expect(page.getByRole("button", { name: /Water at the foot/ })).toHaveCount(0);
});

test("corners that contradict are named; put right, the beads come out in order and go back in its reverse", async ({
  page,
}) => {
  await addPane(page);
  await heldAs(page, "timber-bead");
  await openStation(page, "Take out");
  await openStep(page, /Tap how the beads meet/);
  const corner = (name: string) => page.getByRole("button", { name: new RegExp(`^Corner ${name}`) });
  const tap = async (name: string, times: number) => {
    for (let i = 0; i < times; i++) await corner(name).click();
  };
  // Each runs through at one end and butts at the other, all the way round.
  await tap("bottom left", 2);
  await tap("bottom right", 3);
  await tap("top right", 2);
  await tap("top left", 3);
  const wrong = page.getByRole("alert").filter({ hasText: "cannot all be so" });
  await expect(wrong.filter({ hasText: "bottom left" })).toBeVisible();
  const order = page.getByRole("checkbox", { name: /Tap how the beads meet/ });
  await order.click();
  await expect(order).not.toBeChecked();
  await page.getByRole("button", { name: "All mitred" }).click();
  await expect(wrong).toHaveCount(0);
  await expect(page.getByRole("group", { name: "Beads, in the order out: left, right, bottom, top" })).toBeVisible();
  await expect(page.getByText("Last, with a hand on the pane: the top bead").first()).toBeVisible();
  await openStation(page, "Set");
  await openTab(page, "How it was");
  await expect(page.getByText("Beads go back top, bottom, right, left").first()).toBeVisible();
});

test("a sash that wants a licence holds its steps until a name stands there", async ({ page }) => {
  await addPane(page);
  await openTab(page, "The building");
  await page.getByRole("checkbox", { name: "fire door or fire-rated glass" }).check();
  await openStation(page, "Take out");
  await expect(page.getByRole("alert").filter({ hasText: "fire-glazing installer" })).toBeVisible();
  await expect(page.getByRole("checkbox", { name: /^Step 1:/ })).toBeDisabled();
  await openStation(page, "Look");
  await openTab(page, "The building");
  await page.getByLabel("Who does it, or approved it").fill("Orla Fenn, fire doors");
  await page.getByLabel("Who does it, or approved it").blur();
  await openStation(page, "Take out");
  await expect(page.getByRole("checkbox", { name: /^Step 1:/ })).toBeEnabled();
});

test("a screw under a plug holds its step; the count back is asked when it is set", async ({ page }) => {
  await addPane(page);
  await heldAs(page, "cassette");
  await openStation(page, "Take out");
  await openStep(page, /Lift every plug/);
  await page.getByRole("spinbutton", { name: "plugs out" }).fill("12");
  await page.getByRole("spinbutton", { name: "plugs out" }).blur();
  // Four stay in on purpose at the first turn; all twelve are out at the last.
  await openStep(page, /With a hand on each half/);
  await page.getByRole("spinbutton", { name: "screws out" }).fill("11");
  await page.getByRole("spinbutton", { name: "screws out" }).blur();
  await expect(page.getByText("1 screw is still under a plug")).toBeVisible();
  const step = page.getByRole("checkbox", { name: /With a hand on each half/ });
  await step.click();
  await expect(step).not.toBeChecked();
  await expect(page.getByPlaceholder("Why?")).toBeVisible();
  await page.getByRole("spinbutton", { name: "screws out" }).fill("12");
  await page.getByRole("spinbutton", { name: "screws out" }).blur();
  await expect(page.getByText("still under a plug")).toHaveCount(0);
  await step.check();
  await openStation(page, "Set");
  await openStep(page, /Press the plugs in/);
  await page.getByRole("spinbutton", { name: "plugs back" }).fill("12");
  await page.getByRole("spinbutton", { name: "plugs back" }).blur();
  await openStep(page, /All screws by hand, snug/);
  await page.getByRole("spinbutton", { name: "screws back" }).fill("10");
  await page.getByRole("spinbutton", { name: "screws back" }).blur();
  await expect(page.getByText("Not all is back: 2 screws. Where are they?")).toBeVisible();
});

test("tried dry and too big: the step is held, and says where to go", async ({ page }) => {
  await addPane(page);
  await glassAtHand(page);
  await openStation(page, "Make ready");
  await openStep(page, /Try the new pane dry/);
  await page.getByRole("radio", { name: "does not go in" }).check();
  await expect(page.getByText("Read the opening again before anything is cut")).toBeVisible();
  const step = page.getByRole("checkbox", { name: /Try the new pane dry/ });
  await step.click();
  await expect(step).not.toBeChecked();
  await page.getByRole("radio", { name: "goes in free" }).check();
  await step.check();
  await expect(step).toBeChecked();
});

test("a misted unit is refurbished: what it takes, until two weighings agree, and the mark it leaves", async ({
  page,
}) => {
  await addPane(page);
  await heldAs(page, "plastic-bead-inside");
  await page.getByRole("checkbox", { name: "misted or wet inside" }).check();
  await page.getByRole("button", { name: "Choose open, dry and reseal the sealed unit" }).click();
  await page.getByLabel("Why this one").fill("nobody makes the bars any more");
  await page.getByRole("button", { name: "Choose", exact: true }).click();
  await openStation(page, "Make ready");
  // Each question stands at its own step: the two panes, the freed spacer, the oven, the mark that it keeps.
  await page.getByLabel("Pane A: mark, up, which face in the room").fill("wax cross, up, room");
  await openStep(page, /Open one corner and empty/);
  for (const [name, text] of [
    ["old pane, width", "600"],
    ["old pane, height", "900"],
  ] as const)
    await page.getByRole("textbox", { name, exact: true }).fill(text);
  await page.keyboard.press("Tab");
  await expect(page.getByText(/^What is not measured is taken as such units mostly are: Drying beads/)).toBeVisible();
  await page.getByLabel("spacer wide, mm").fill("12");
  await page.keyboard.press("Tab");
  // 12 × (600 × 900 − 592 × 892) mm³ are 143 ml; a bore of 70 mm² and 2 740 mm are 192 ml, 144 g.
  await expect(
    page.getByText(/as such units mostly are: Drying beads 144 g \(192 ml\); edge sealant 143 ml: 1 tube/),
  ).toBeVisible();
  for (const [name, text] of [
    ["its bore, mm²", "70"],
    ["spacer in from the edge, mm", "4"],
    ["leg of a corner key, mm", "25"],
  ] as const) {
    await page.getByLabel(name).fill(text);
    await page.keyboard.press("Tab");
  }
  // All of it measured now: the same, and no word of what is usual.
  await expect(page.getByText(/^Drying beads 144 g \(192 ml\); edge sealant 143 ml: 1 tube/)).toBeVisible();
  await openStep(page, /Dry the beads/);
  const weigh = async (minutes: string, grams: string) => {
    await page.getByLabel("minutes in the oven").fill(minutes);
    await page.getByLabel("g on the scale").fill(grams);
    await page.getByRole("button", { name: "Weighed" }).click();
  };
  await weigh("0", "172");
  await weigh("60", "165");
  await expect(page.getByText("7.0 g lost so far")).toBeVisible();
  await weigh("120", "165");
  await expect(page.getByText("Dry: the weight no longer falls")).toBeVisible();
  await openStep(page, /Tape the edge in the old colour/);
  await expect(page.getByRole("alert").filter({ hasText: "First say with what it was closed" })).toBeVisible();
  await page.getByLabel("Sealant used").fill("unit sealant, black");
  await page.getByRole("button", { name: "The sealed unit is closed again" }).click();
  await expect(page.getByText("no gas, no guarantee. Look again")).toBeVisible();
});

test("the customer's page and the tags print from what was looked at", async ({ page }) => {
  const { address, path } = await addPane(page);
  await page.getByRole("checkbox", { name: "cracked" }).check();
  await allSent(page);
  await page.getByRole("link", { name: "the customer's page" }).click();
  await expect(page.getByText("We would take: new glass or sealed unit alone.")).toBeVisible();
  await expect(page.getByText(/^£\d+\.\d\d$/).first()).toBeVisible();
  await expect(page.getByText(address)).toBeVisible();
  await page.goto(`${path}/tags`);
  await expect(page.getByRole("img", { name: "Square that opens this pane's page" })).toHaveCount(3);
  // The fourth stays at the window for whoever comes next.
  await expect(page.getByRole("img", { name: "Square that opens all that was ever done to this window" })).toHaveCount(
    1,
  );
  await expect(page.getByText("goes back into this opening and no other")).toBeVisible();
});

test("another like it takes the frame's answers along, and no reading", async ({ page }) => {
  const { address } = await addPane(page);
  await heldAs(page, "plastic-bead-outside");
  await openStation(page, "Measure");
  await page.getByRole("textbox", { name: "width, top", exact: true }).fill("600");
  await page.keyboard.press("Tab");
  await openStation(page, "Look");
  await openTab(page, "Another like it");
  await page.getByLabel("Which opening").fill("larder");
  await page.getByRole("button", { name: "Add it" }).click();
  await allSent(page);
  await page.getByRole("link", { name: `${address}, larder` }).click();
  await ready(page);
  await openTab(page, "The frame");
  await expect(page.locator("[data-system]")).toHaveAttribute("data-system", "plastic-bead-outside");
  await openStation(page, "Measure");
  await expect(page.getByRole("textbox", { name: "width, top", exact: true })).toHaveValue("");
});

test("paint tested once stands for the whole building", async ({ page }) => {
  const { address } = await addPane(page);
  await openTab(page, "The building");
  await page.getByLabel("Year built, about").fill("1900");
  await page.getByLabel("Year built, about").blur();
  const hurts = page.getByRole("region", { name: "What can hurt" });
  await expect(hurts).toContainText("Paint may hold lead");
  await page.getByRole("button", { name: "Tested: none" }).click();
  await expect(hurts).not.toContainText("Paint may hold lead");
  await allSent(page);
  // A second pane of the same address knows.
  const id = uuidv7();
  const { entries } = (await (await page.request.get("/api/entries")).json()) as {
    entries: { about: { round?: string } }[];
  };
  const round = entries.find((e) => e.about.round)?.about.round;
  const sent = await page.request.post("/api/entries", {
    data: {
      entries: [
        {
          id: uuidv7(),
          at: new Date().toISOString(),
          who: "Test",
          about: { pane: id },
          kind: "pane.added",
          payload: { round, address, opening: "attic", light: "", system: "timber-putty", side: "outside" },
        },
      ],
    },
  });
  expect(sent.ok()).toBe(true);
  await page.goto(`/panes/${id}/look`);
  await ready(page);
  await openTab(page, "The building");
  await expect(page.getByText("none found")).toBeVisible();
  await expect(hurts).not.toContainText("Paint may hold lead");
});
