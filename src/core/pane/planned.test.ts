import { describe, expect, it } from "vitest";
import { ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { dayOf } from "../units/day.ts";
import { mm, nm, toMm } from "../units/length.ts";
import { ticketOf } from "../words/ticket.ts";
import { heldBy } from "./before-order.ts";
import { foldPane } from "./book.ts";
import { nextFor } from "./next.ts";
import { routed } from "./planned.ts";
import { reckon } from "./reckoning.ts";
import { unknownsOf } from "./unknowns.ts";

const READ = {
  "width-top": "600",
  "width-bottom": "600",
  "height-left": "900",
  "height-right": "900",
  "diagonal-up": "1081.7",
  "diagonal-down": "1081.7",
  "rebate-depth": "10",
  "rebate-width": "18",
  "timber-thickness": "44",
} as const;
/** A slim unit for an old sash: 4-6-4. */
const SLIM = {
  panes: [
    { mm: 4, kind: "float" as const },
    { mm: 4, kind: "float" as const },
  ],
  cavities: [{ mm: 6, gas: "air" as const, fill: 1 }],
  coatings: [],
  spacer: "",
};
const told = (option: "double" | "glass" = "double") => {
  const t = new Teller().opened().added();
  t.tell("measure.circumstance", { state: "cleared" });
  t.read(READ);
  t.tell("look.option", { option, reason: "" });
  t.tell("specify.makeup", { makeup: SLIM });
  return t;
};
const now = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, withFirm(foldFirm(t.entries))) };
};

describe("a sash that is to be routed for a sealed unit", () => {
  // Edge seal 12 under cover, 3 of gap, 2 for what is off: 17 deep. The rebate is 10 deep: 7 more on every side, 614 by 914.
  it("is sized for the opening as it will be", () => {
    const { r } = now(told());
    expect(r.planned && toMm(r.planned.by)).toBe(7);
    expect(r.worked.ok && toMm(r.worked.value.governs.width.length)).toBe(614);
    expect(r.worked.ok && toMm(r.worked.value.governs.height.length)).toBe(914);
    expect(toMm(r.readings["rebate-depth"] ?? nm(0))).toBe(17);
  });
  it("is planned so that a unit goes in and is covered: nothing holds it but what is still to be said", () => {
    const { book, r } = now(told());
    expect(r.poor).toBe(false);
    expect(r.chances?.trouble).toBeLessThan(0.02);
    expect(heldBy(book, r).map((c) => c.id)).not.toContain("risk");
  });
  it("says that it is a plan, and that it is read again", () => {
    const { book, r } = now(told());
    expect(ticketOf(book, r, { unit: "mm", dialect: "a" }).why).toContain(
      "Planned: once the rebate is routed 7 mm deeper all round. Read it again then.",
    );
    expect(unknownsOf(book, r).map((u) => u.id)).toContain("rout");
  });
  it("stays a plan when it was routed and nobody read it", () => {
    const t = told();
    t.tell("step.marked", { station: "ready", step: "rout", state: "done", reason: "" });
    const { book, r } = now(t);
    expect(r.planned?.isCut).toBe(true);
    expect(ticketOf(book, r, { unit: "mm", dialect: "a" }).why).toContain("It was routed: read it again.");
  });
  it("a step that was left out has routed nothing", () => {
    const t = told();
    t.tell("step.marked", { station: "ready", step: "rout", state: "skipped", reason: "deep enough after all" });
    expect(now(t).r.planned?.isCut).toBe(false);
  });
  it("ordered by the plan: what was cut is read before anything else, once it is cut", () => {
    const t = told();
    t.tell("look.damage", { damage: ["cracked"] });
    t.tell("order.opened", { supplier: "S", reference: "OR-1" }, { order: ORDER });
    t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
    t.tell("order.sent", { day: "2026-05-12", due: "2026-06-01" }, { order: ORDER });
    const kind = () => {
      const { book, r } = now(t);
      const { kind, ask } = nextFor(book, r, dayOf("2026-05-20"));
      return [kind, ask];
    };
    expect(kind()).toEqual(["check-in", undefined]);
    t.tell("step.marked", { station: "ready", step: "rout", state: "done", reason: "" });
    expect(kind()).toEqual(["settle", "rout"]);
    t.read({ "width-top": "614", "height-left": "914", "rebate-depth": "17" });
    expect(kind()).toEqual(["check-in", undefined]);
  });
  it("goes by what is read once it is routed", () => {
    const t = told();
    t.tell("step.marked", { station: "ready", step: "rout", state: "done", reason: "" });
    t.read({ "width-top": "611", "height-left": "909", "rebate-depth": "15" });
    const { book, r } = now(t);
    expect(r.planned).toBeNull();
    expect(toMm(r.readings["width-top"] ?? nm(0))).toBe(611);
    expect(unknownsOf(book, r).map((u) => u.id)).not.toContain("rout");
  });
  it.each([
    ["single glass again", (t: Teller) => t, "glass"],
    ["a rebate deep and wide enough", (t: Teller) => t.read({ "rebate-depth": "17", "rebate-width": "27" }), "double"],
    ["a depth that nobody read", (t: Teller) => t.read({ "rebate-depth": "" }), "double"],
  ] as const)("is no plan: %s", (_, more, option) => {
    const t = told(option);
    more(t);
    expect(now(t).r.planned).toBeNull();
  });
});

describe("what is planned of a rebate", () => {
  // The depth goes by the rebate alone; the width wants the timber too, and goes by the unit: 2 + 14 + 1 + 10 = 27.
  it.each([
    ["deep enough, 9 too narrow", { "rebate-depth": "17" }, { by: 0, wider: 9 }],
    ["the timber not read", { "timber-thickness": "" }, { by: 7, wider: null }],
    ["both to be cut", {}, { by: 7, wider: 9 }],
  ] as const)("%s", (_, more, plan) => {
    const { r } = now(told().read(more));
    expect(r.planned && { by: toMm(r.planned.by), wider: r.planned.wider && toMm(r.planned.wider) }).toEqual(plan);
  });
});

describe("readings of an opening that is routed deeper", () => {
  it("grow twice on each dimension, and diagonals by Pythagoras", () => {
    const out = routed(
      {
        "width-top": mm(600),
        "height-left": mm(900),
        "diagonal-up": nm(Math.round(Math.hypot(600, 900) * 1e6)),
        "depth-left": mm(9),
        "old-width": mm(597),
      },
      { by: mm(5), wider: mm(9) },
    );
    expect(toMm(out["width-top"] ?? nm(0))).toBe(610);
    expect(toMm(out["height-left"] ?? nm(0))).toBe(910);
    expect(toMm(out["diagonal-up"] ?? nm(0))).toBeCloseTo(Math.hypot(610, 910), 5);
    expect(toMm(out["depth-left"] ?? nm(0))).toBe(14);
    // The old pane is what it was.
    expect(toMm(out["old-width"] ?? nm(0))).toBe(597);
  });
  it("diagonals go by the mean of what was read each way, and stay where one way was not read", () => {
    const by = { by: mm(5), wider: mm(9) };
    const diagonal = nm(Math.round(Math.hypot(601, 900) * 1e6));
    const out = routed(
      {
        "width-top": mm(600),
        "width-middle": mm(601),
        "width-bottom": mm(602),
        "height-left": mm(900),
        "diagonal-up": diagonal,
      },
      by,
    );
    expect(toMm(out["diagonal-up"] ?? nm(0))).toBeCloseTo(Math.hypot(611, 910), 5);
    expect(routed({ "width-top": mm(600), "diagonal-up": diagonal }, by)["diagonal-up"]).toBe(diagonal);
    expect(routed({ "height-left": mm(900), "diagonal-up": diagonal }, by)["diagonal-up"]).toBe(diagonal);
  });
});

describe("a plan that is followed holds, whatever the opening leans", () => {
  it.each([
    [600, 900, 0],
    [600, 900, 4],
    [600, 900, 8],
    [900, 900, 8],
    [400, 1200, 6],
  ])("%s × %s leaning %s", (width, height, lean) => {
    const near = (n: number): string => String(Math.round(n * 2) / 2);
    const t = new Teller().opened().added();
    t.tell("measure.circumstance", { state: "cleared" });
    t.tell("look.option", { option: "double", reason: "" });
    t.tell("specify.makeup", { makeup: SLIM });
    t.read({
      ...READ,
      "width-top": near(width),
      "width-bottom": near(width),
      "height-left": near(Math.hypot(height, lean)),
      "height-right": near(Math.hypot(height, lean)),
      "diagonal-up": near(Math.hypot(width + lean, height)),
      "diagonal-down": near(Math.hypot(width - lean, height)),
    });
    const { r } = now(t);
    expect(r.planned).not.toBeNull();
    expect(r.poor).toBe(false);
    expect(r.chances?.trouble).toBeLessThan(0.03);
  });
});
