import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { LINE_STATE_FACTS, LINE_STATES, type LineState } from "../order/line-state.ts";
import { dayOf, writeDay } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { nextFor } from "./next.ts";
import { reckon } from "./reckoning.ts";
import { standings } from "./standing.ts";
import { visitsOf } from "./visits.ts";
import { waitsOf } from "./waits.ts";

/* What happens to a line, one thing after the other, and what the pane does next: every way that a pane goes back. */

const LINE = ORDER_LINE.line;
const about = { order: ORDER };
const mm = (text: string) => ({ text, unit: "mm" as const });
const checked = (t: Teller, width: string, verdict: "accepted" | "sent-back") =>
  t.tell("order.checked", { line: LINE, width: mm(width), height: mm("900"), verdict, reason: "" }, about);
const became = (t: Teller, outcome: "remake" | "credit" | "came", due: string | null = null) =>
  t.tell("order.outcome", { line: LINE, outcome, due, note: "" }, about);

const DO = {
  "sent for 12 May": (t: Teller) => t.tell("order.sent", { day: "2026-05-05", due: "2026-05-12" }, about),
  came: (t: Teller) => t.tell("order.arrived", { day: "2026-05-12" }, about),
  "good, 607": (t: Teller) => checked(t, "607", "accepted"),
  "sent back": (t: Teller) => checked(t, "598", "sent-back"),
  "made again by 26 May": (t: Teller) => became(t, "remake", "2026-05-26"),
  "made again by 15 May": (t: Teller) => became(t, "remake", "2026-05-15"),
  "made again, no day": (t: Teller) => became(t, "remake"),
  credited: (t: Teller) => became(t, "credit"),
  "came again": (t: Teller) => became(t, "came"),
  broke: (t: Teller) => t.tell("order.broke", { line: LINE, whose: "ours", note: "" }, about),
  "taken off": (t: Teller) => t.tell("order.line-dropped", { line: LINE, reason: "" }, about),
} as const;
type Deed = keyof typeof DO;

function after(deeds: readonly Deed[]) {
  const t = new Teller().opened().added(PANE);
  t.tell("look.damage", { damage: ["cracked"] });
  t.read({ "width-middle": "612", "height-middle": "904", "rebate-depth": "11" });
  t.tell("order.opened", { supplier: "Salt Lane", reference: "7" }, about);
  t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
  for (const deed of deeds) DO[deed](t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const today = dayOf("2026-05-20");
  const next = nextFor(book, r, today);
  const glass = waitsOf(book, r, today).find((w) => w.kind === "glass");
  return {
    state: book.line?.line.state ?? null,
    back: book.line?.line.wentBack.map((c) => c.payload.width.text) ?? [],
    stands: r.stands.as,
    width: r.stands.size ? r.stands.size.width / 1e6 : null,
    next: next.day === undefined ? next.kind : `${next.kind} ${writeDay(next.day)}`,
    waits: glass ? writeDay(glass.to) : null,
    fit: writeDay(visitsOf(book, r, today).find((v) => v.part === "fit")?.earliest ?? today),
    order: standings(book, r).order.says.kind,
  };
}

const SENT: readonly Deed[] = ["sent for 12 May"];
const BACK: readonly Deed[] = [...SENT, "came", "sent back"];
const AGAIN: readonly Deed[] = [...BACK, "made again by 26 May"];

describe("one line of an order, by what happened to it", () => {
  it.each<[readonly Deed[], Partial<ReturnType<typeof after>>]>([
    [[], { state: "open", stands: "ordered", width: 608, next: "send-order", order: "on-order", waits: null }],
    [SENT, { state: "sent", stands: "ordered", next: "chase 2026-05-12", waits: "2026-05-12", fit: "2026-05-20" }],
    [[...SENT, "came"], { state: "arrived", stands: "ordered", next: "check-in", waits: null }],
    [[...SENT, "came", "good, 607"], { state: "accepted", stands: "accepted", width: 607, next: "take-out" }],
    [BACK, { state: "sent-back", stands: "worked-out", width: null, next: "order-again", back: [], waits: null }],
    [[...BACK, "credited"], { state: "sent-back", stands: "worked-out", next: "order-again" }],
    [
      AGAIN,
      {
        state: "made-again",
        stands: "ordered",
        width: 608,
        back: ["598"],
        next: "check-in 2026-05-26",
        waits: "2026-05-26",
        fit: "2026-05-26",
        order: "due",
      },
    ],
    [[...BACK, "made again by 15 May"], { next: "chase 2026-05-15", waits: "2026-05-15", fit: "2026-05-20" }],
    [[...BACK, "made again by 15 May", "made again by 26 May"], { next: "check-in 2026-05-26", back: ["598"] }],
    [[...BACK, "made again, no day"], { state: "made-again", next: "check-in", waits: null }],
    [[...AGAIN, "came again"], { state: "arrived", next: "check-in", waits: null }],
    [
      [...AGAIN, "came again", "good, 607"],
      { state: "accepted", stands: "accepted", width: 607, back: ["598"], next: "take-out", order: "done" },
    ],
    [[...AGAIN, "came again", "sent back"], { state: "sent-back", back: ["598"] }],
    [[...AGAIN, "came again", "sent back", "made again by 26 May"], { state: "made-again", back: ["598", "598"] }],
    [[...BACK, "came again"], { state: "sent-back", next: "order-again" }],
    [[...SENT, "came", "good, 607", "broke"], { state: "broke", stands: "worked-out", next: "order-again" }],
    [[...SENT, "came", "good, 607", "broke", "good, 607"], { state: "broke", next: "order-again" }],
    [[...SENT, "came", "broke", "good, 607"], { state: "broke", stands: "worked-out", width: null }],
    [[...SENT, "came", "good, 607", "taken off"], { state: null, stands: "worked-out" }],
    [["taken off", "sent for 12 May"], { state: null, stands: "worked-out" }],
  ])("%j", (deeds, expected) => {
    expect(after(deeds)).toMatchObject(expected);
  });
});

describe("what a state means", () => {
  const where = (given: (s: LineState) => boolean): readonly LineState[] => LINE_STATES.filter(given);
  it("only what was asked for and has not come is on its way", () => {
    expect(where((s) => LINE_STATE_FACTS[s].coming)).toEqual(["sent", "made-again"]);
  });
  it("only what passed at check-in is here", () => {
    expect(where((s) => LINE_STATE_FACTS[s].stands === "accepted")).toEqual(["accepted", "accepted-with-note"]);
  });
  it("nothing is ordered twice: what is to be ordered again stands on nothing", () => {
    expect(where((s) => LINE_STATE_FACTS[s].again)).toEqual(["sent-back", "broke"]);
    expect(where((s) => LINE_STATE_FACTS[s].again && LINE_STATE_FACTS[s].stands !== null)).toEqual([]);
  });
});
