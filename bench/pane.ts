import { HOUSE_DEFAULTS } from "../src/core/house/rules.ts";
import type { Entry } from "../src/core/log/kinds.ts";
import { foldPane, type PaneBook } from "../src/core/pane/book.ts";
import { nextFor } from "../src/core/pane/next.ts";
import { reckon } from "../src/core/pane/reckoning.ts";
import { standings } from "../src/core/pane/standing.ts";
import { MONDAY_TO_FRIDAY } from "../src/core/plan/calendar.ts";
import { bestOff, oddsModel } from "../src/core/size/best.ts";
import { drawsFrom, some } from "../src/core/size/draws.ts";
import { chancesIn, drawnIn } from "../src/core/size/lay-chances.ts";
import { dayOf } from "../src/core/units/day.ts";
import { toMm } from "../src/core/units/length.ts";
import { ticketOf } from "../src/core/words/ticket.ts";
import { elevationOf } from "../src/drawing/elevation.ts";
import { sectionOf } from "../src/drawing/section.ts";
import { LEANING, PANE, Teller } from "../tests/support/told.ts";
import { timed } from "./timed.ts";

const calendar = {
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set<never>(),
  wet: new Set<never>(),
  lowC: new Map(),
};

/** A pane with a long history: readings typed again and again, steps ticked and opened, 300 entries in all. */
export function longHistory(): readonly Entry[] {
  const t = new Teller()
    .added()
    .read(LEANING)
    .read({ "rebate-depth": "10", "rebate-width": "18", "sill-height": "1120", "door-distance": "1900" });
  while (t.entries.length < 290) {
    t.read({ "width-top": "612", "width-middle": "611.5" });
    t.tell("step.marked", {
      station: "takeout",
      step: "sheet",
      state: t.entries.length % 2 ? "open" : "done",
      reason: "",
    });
    if (t.entries.length % 7 === 0) t.strike(t.entries.at(-1) as Entry);
  }
  while (t.entries.length < 300) t.tell("look.damage", { damage: ["cracked"] });
  return t.entries;
}

/** Everything that a key press makes the page do, but for putting it on the screen. */
export function recalculate(entries: readonly Entry[]) {
  const book = foldPane(PANE, entries) as PaneBook;
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const cut = r.cut.ok ? r.cut.value : null;
  const lying = cut?.opening.ok ? cut.opening.value : null;
  return [
    standings(book, r),
    nextFor(book, r, dayOf("2026-05-20")),
    ticketOf(book, r, { unit: "mm", dialect: "a" }),
    elevationOf({
      quad: lying?.figure.quad ?? null,
      placed: lying?.placed ?? null,
      about: { width: 600, height: 800 },
      box: { width: 440, height: 520 },
      margin: 64,
    }),
    sectionOf({
      rebateDepth: 10,
      rebateWidth: 18,
      glass: 4,
      bed: 2,
      nose: 0,
      gap: cut ? toMm(cut.edgeGap.height) : 1,
      packed: 1.5,
      holds: "putty" as const,
      opens: "outside" as const,
      box: { width: 380, height: 300 },
    }),
  ];
}

/** A hundred thousand draws of a leaning opening, as the worker does them once its draws are made. */
export function benchOdds() {
  const book = foldPane(PANE, longHistory()) as PaneBook;
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const model = oddsModel(r.odds);
  if (!model || !r.cut.ok) throw new Error("nothing to draw");
  const draws = drawsFrom(20, 100_000, "within");
  const size = { width: toMm(r.cut.value.glass.width), height: toMm(r.cut.value.glass.height) };
  return [
    timed("100 000 draws made", () => drawsFrom(20, 100_000, "within"), 20),
    timed("odds of one size by 100 000 draws", () => chancesIn(drawnIn(model.lay, draws, "year"), size), 10),
    timed(
      "odds of 13 deductions by 20 000 draws",
      () => {
        const drawn = drawnIn(model.lay, some(draws, 20_000), "year");
        return Array.from({ length: 13 }, (_, i) =>
          chancesIn(drawn, { width: toMm(model.full.width) - i, height: toMm(model.full.height) - i }),
        );
      },
      10,
    ),
    timed("the best deduction, each way by itself", () => bestOff(model, r.odds), 60),
  ];
}

export function benchPane() {
  const entries = longHistory();
  const book = foldPane(PANE, entries) as PaneBook;
  return [
    timed(`fold, size and draw a pane of ${entries.length} entries`, () => recalculate(entries)),
    timed("of that, the fold", () => foldPane(PANE, entries)),
    timed("of that, the reckoning", () => reckon(book, { house: HOUSE_DEFAULTS, calendar })),
  ];
}
