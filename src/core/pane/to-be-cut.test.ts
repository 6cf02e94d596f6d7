import { describe, expect, it } from "vitest";
import { LEANING, ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { YARD } from "../plan/yard.ts";
import { rememberBest } from "../size/best.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { nextFor } from "./next.ts";
import { reckon } from "./reckoning.ts";
import { isToBeCut, mayBeCutHere } from "./to-be-cut.ts";
import { visitsOf } from "./visits.ts";

const TODAY = dayOf("2026-05-20");
const BY = withFirm(foldFirm([]), rememberBest(20));
const at = (tell: (t: Teller) => void, system?: "timber-putty" | "plastic-bead-inside") => {
  const t = new Teller().opened().added(PANE, system).read(LEANING);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, BY) };
};
const said = (t: Teller) => void t.tell("order.cut-here", { here: true });
const glass = (kind: "float" | "laminated" | "toughened") => (t: Teller) =>
  void t.tell("specify.glass", { kind, thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
const onOrder = (sent: boolean) => (t: Teller) => {
  t.tell("order.opened", { supplier: "Fen End", reference: "" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, { pane: PANE, order: ORDER });
  if (sent) t.tell("order.sent", { day: "2026-05-18", due: "2026-05-22" }, { order: ORDER });
};

describe("what somebody here can cut", () => {
  it.each<[string, (t: Teller) => void, boolean]>([
    ["float on no order", glass("float"), true],
    ["laminated", glass("laminated"), true],
    ["toughened: it falls to pieces", glass("toughened"), false],
    ["on an order that is not sent", onOrder(false), true],
    ["on an order that is on its way", onOrder(true), false],
    ["its old glass goes back", (t) => void t.tell("look.option", { option: "repack", reason: "" }), false],
    ["a raking side: it is cut to four points", (t) => void t.tell("measure.shape", { shape: "raked" }), false],
    ["a curve: only a template tells", (t) => void t.tell("measure.shape", { shape: "odd" }), false],
    [
      "bought, and here",
      (t) =>
        void t.tell("order.had", {
          from: "bought",
          width: { text: "597", unit: "mm" },
          height: { text: "897", unit: "mm" },
          note: "",
        }),
      false,
    ],
  ])("%s: %s", (_, tell, may) => {
    const { book, r } = at(tell);
    expect(mayBeCutHere(book, r)).toBe(may);
  });
  it("a sealed unit is nobody's to cut", () => {
    const { book, r } = at(() => {}, "plastic-bead-inside");
    expect(mayBeCutHere(book, r)).toBe(false);
  });
});

describe("said to be cut here", () => {
  const { book, r } = at(said);
  it("has time at the bench before it is fitted, under a roof and in the yard", () => {
    const visits = visitsOf(book, r, TODAY);
    expect(visits.map((v) => v.part)).toEqual(["ready", "cut", "fit", "paint"]);
    const [ready, cut, fit] = visits;
    expect(cut).toMatchObject({ place: YARD, minutes: 10, outside: false, after: [] });
    expect(fit).toMatchObject({ earliest: TODAY, because: { kind: "follows", part: "cut" } });
    expect(fit?.after.map((a) => a.id)).toEqual([ready?.id, cut?.id]);
  });
  it.each<[string, (t: Teller) => void]>([
    ["not after all", (t) => void t.tell("order.cut-here", { here: false })],
    ["put on an order instead, not sent yet", onOrder(false)],
    ["ordered instead", onOrder(true)],
    ["toughened after all", glass("toughened")],
  ])("%s: no time at the bench", (_, then) => {
    const now = at((t) => {
      said(t);
      then(t);
    });
    expect(isToBeCut(now.book, now.r)).toBe(false);
    expect(visitsOf(now.book, now.r, TODAY).some((v) => v.part === "cut")).toBe(false);
  });
  it("what is next is the bench, once an order would be", () => {
    const ready = at((t) => {
      t.tell("look.damage", { damage: ["cracked"] });
      t.tell("measure.circumstance", { state: "cleared" });
      t.read({ "sill-height": "1200", "rebate-depth": "12", "rebate-width": "14" });
      t.tell("specify.location", {
        inDoor: false,
        wetRoom: false,
        stairs: false,
        walkway: false,
        noDoorMm: 300,
      });
      glass("float")(t);
      said(t);
    });
    expect(nextFor(ready.book, ready.r, TODAY)).toEqual({ station: "order", kind: "cut-here" });
  });
});
