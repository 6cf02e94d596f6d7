import { describe, expect, it } from "vitest";
import { LEANING, ORDER, PANE, Teller, uuid } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Entry } from "../log/kinds.ts";
import { foldPane } from "../pane/book.ts";
import { reckon } from "../pane/reckoning.ts";
import { dayOf } from "../units/day.ts";
import { alertWords } from "../words/alert.ts";
import { alertsOf, settable } from "./alerts.ts";
import { boardFacts } from "./board-facts.ts";
import { rowOf } from "./row.ts";

const TODAY = dayOf("2026-05-20");
const row = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const { house, calendar } = foldFirm([]);
  return rowOf(book, reckon(book, { house, calendar }), TODAY);
};
const told = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { id: PANE, where: `${book.added.address}, ${book.added.opening}`, facts: boardFacts(book) };
};
const BY = { today: TODAY, calendar: foldFirm([]).calendar };
const looked = () => {
  const t = new Teller().added();
  t.tell("look.damage", { damage: ["cracked"] });
  return t;
};

describe("a line of the round", () => {
  it("can be gathered into an order once it is sized, and not twice", () => {
    expect(row(looked())).toMatchObject({ canOrder: false, line: null });
    const t = looked().read(LEANING);
    expect(row(t)).toMatchObject({
      canOrder: true,
      line: { widthNm: 608e6, label: "No. 5, back bedroom, lower sash" },
    });
    t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
    t.tell("order.line", { line: uuid(1), ...row(t).line } as never, { order: ORDER, pane: PANE });
    expect(row(t).canOrder).toBe(false);
  });
  it("counts the days a hole has been closed for now, until the pane is set", () => {
    const t = looked();
    t.tell("look.closed", { how: "board", since: "2026-05-14", until: "2026-05-19", told: "" });
    expect(row(t)).toMatchObject({ closedDays: 6 });
    t.tell("set.done", { day: "2026-05-20", compound: "linseed", sprigs: null });
    expect(row(t).closedDays).toBeNull();
  });
  it("has nine stations in the order of the work", () =>
    expect(row(looked()).stations.map((s) => s.station)).toHaveLength(9));
});

describe("what cannot wait", () => {
  const hole = () => {
    const t = looked();
    t.tell("look.urgency", { urgency: "open-hole" });
    return t;
  };
  const boarded = (until: string) => {
    const t = hole();
    t.tell("look.closed", { how: "board", since: "2026-05-14", until, told: "" });
    return t;
  };
  const late = () => {
    const t = looked().read(LEANING);
    t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
    t.tell("order.line", { line: uuid(1), ...row(t).line } as never, { order: ORDER, pane: PANE });
    t.tell("order.sent", { day: "2026-05-10", due: "2026-05-18" }, { order: ORDER });
    return t;
  };
  const cracking = () => {
    const t = looked();
    t.tell("set.done", { day: "2026-04-15", compound: "linseed", sprigs: null });
    return t;
  };
  it.each([
    ["an open hole", hole, "open-hole", /is an open hole/],
    ["a board that stays too long", () => boarded("2026-05-19"), "closed-over", /has been boarded for 6 days/],
    ["late glass", late, "late", /glass is late/],
    ["putty past its day", cracking, "past-paint", /past its paint day/],
  ] as const)("%s", (_, tell, kind, says) => {
    const alerts = alertsOf([told(tell())], BY);
    expect(alerts.map((a) => a.kind)).toEqual([kind]);
    for (const a of alerts) {
      expect(alertWords(a, "a").says).toMatch(says);
      expect(alertWords(a, "a").todo.length).toBeGreaterThan(10);
    }
  });
  it.each([
    ["2026-05-19", /look at the board and tell the customer/],
    ["2026-05-17", /^3 days longer than planned: ring the customer today/],
    ["2026-05-13", /^7 days longer than planned: go there/],
  ])("a board until %s asks for more the longer it stays", (until, todo) => {
    const [alert] = alertsOf([told(boarded(until))], BY);
    expect(alert && alertWords(alert, "a").todo).toMatch(todo);
  });
  it("tells two days ahead of a board whose day comes without glass", () => {
    const [alert] = alertsOf([told(boarded("2026-05-22"))], BY);
    expect(alert && alertWords(alert, "a").says).toMatch(/is closed up until Fri 22 May$/);
  });
  it("leaves a supplier alone who was asked and was given time, and rings again after it", () => {
    const asked = (day: string, due: string | null) => {
      const t = late();
      t.tell("order.chased", { day, how: "telephone", says: "", due }, { order: ORDER });
      return alertsOf([told(t)], BY).map((a) => alertWords(a, "a").todo);
    };
    expect(asked("2026-05-19", null)).toEqual([]);
    expect(asked("2026-05-18", null)).toEqual(["was due Mon 18 May: ring them again, asked once so far"]);
    expect(asked("2026-05-18", "2026-05-27")).toEqual([]);
  });
  it("is silent about a board that is still in time", () =>
    expect(alertsOf([told(boarded("2026-05-25"))], BY)).toEqual([]));
  it("puts holes first, whatever the order of the walk", () => {
    expect(alertsOf([told(late()), told(hole())], BY).map((a) => a.kind)).toEqual(["open-hole", "late"]);
  });
  it("counts what can be set", () => expect(settable([told(looked())])).toBe(0));
});

describe("the firm's book", () => {
  const t = new Teller();
  t.tell("house.rule", { rule: "bedMm", value: 3 }, {});
  t.tell("house.rule", { rule: "bedMm", value: 99 }, {});
  t.tell("house.rule", { rule: "nonsense", value: 1 }, {});
  t.tell("supplier.added", { name: "S", cuts: "", unit: "mm", leadDays: 1 }, {});
  t.tell("supplier.added", { name: "S", cuts: "float", unit: "in", leadDays: 4 }, {});
  t.tell("round.weather", { day: "2026-05-20", wet: true, lowC: 2 }, {});
  t.tell("round.weather", { day: "2026-05-20", wet: false, lowC: null }, {});
  t.tell("round.weather", { day: "2026-05-21", wet: true, lowC: -1 }, {});
  t.tell("round.day-off", { day: "2026-05-22", off: true }, {});
  const firm = foldFirm(t.entries);
  it("takes a rule's last value that makes sense", () => expect(firm.house).toEqual({ ...HOUSE_DEFAULTS, bedMm: 3 }));
  it("a supplier given again replaces the old", () =>
    expect(firm.suppliers).toMatchObject([{ name: "S", unit: "in", leadDays: 4 }]));
  it("knows the days by their last word", () => {
    expect([...firm.calendar.wet]).toEqual([dayOf("2026-05-21")]);
    expect([...firm.calendar.lowC]).toEqual([[dayOf("2026-05-21"), -1]]);
    expect([...firm.calendar.daysOff]).toEqual([dayOf("2026-05-22")]);
  });
  it("forgets what is struck", () => {
    const s = new Teller(90);
    s.strike(t.entries[0] as Entry);
    expect(foldFirm([...t.entries, ...s.entries]).house.bedMm).toBe(2);
  });
});
