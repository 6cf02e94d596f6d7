import { describe, expect, it } from "vitest";
import { LEANING, ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { rememberBest } from "../size/best.ts";
import { pastOf, timedAs } from "../steps/past.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { stepsAt } from "./steps-at.ts";
import { helpIn } from "./visit-work.ts";
import { visitsOf } from "./visits.ts";

const TODAY = dayOf("2026-05-20");
const BY = withFirm(foldFirm([]), rememberBest(20));

const visits = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return visitsOf(book, reckon(book, BY), TODAY);
};
const inShort = (t: Teller) => visits(t).map((v) => [v.part, v.because.kind, v.earliest - TODAY] as const);

const fresh = () => new Teller().opened().added();
const measured = () => fresh().read(LEANING);
const ordered = (t: Teller, due: string) => {
  const about = { pane: PANE, order: ORDER };
  t.tell("order.opened", { supplier: "Fen End", reference: "" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, about);
  t.tell("order.sent", { day: "2026-05-18", due }, { order: ORDER });
  return t;
};
/** Every step of finishing it is done. */
const finished = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  for (const s of stepsAt("finish", book, reckon(book, BY)))
    t.tell("step.marked", { station: "finish", step: s.id, state: "done", reason: "" });
};
const set = (t: Teller, day: string, compound: string) => {
  t.tell("set.done", { day, compound, sprigs: 8 });
  return t;
};

describe("what a pane still needs somebody to come for", () => {
  it.each([
    [
      "nothing known",
      fresh(),
      [
        ["read", "ready", 0],
        ["fit", "not-ordered", 0],
        ["paint", "follows", 0],
      ],
    ],
    [
      "measured, on no order",
      measured(),
      [
        ["ready", "ready", 0],
        ["fit", "not-ordered", 1],
        ["paint", "follows", 0],
      ],
    ],
    [
      "come today, not checked in",
      (() => {
        const t = ordered(measured(), "2026-05-20");
        t.tell("order.arrived", { day: "2026-05-20" }, { order: ORDER });
        return t;
      })(),
      [
        ["ready", "ready", 0],
        ["fit", "ready", 0],
        ["paint", "follows", 0],
      ],
    ],
    [
      "on order, promised for today: not late yet",
      ordered(measured(), "2026-05-20"),
      [
        ["ready", "ready", 0],
        ["fit", "glass-promised", 0],
        ["paint", "follows", 0],
      ],
    ],
    [
      "on order, promised for yesterday",
      ordered(measured(), "2026-05-19"),
      [
        ["ready", "ready", 0],
        ["fit", "glass-late", 0],
        ["paint", "follows", 0],
      ],
    ],
    [
      "on order, promised for Friday",
      ordered(measured(), "2026-05-22"),
      [
        // Primed the day before, so that it is dry when the glass comes.
        ["ready", "glass-promised", 1],
        ["fit", "glass-promised", 2],
        ["paint", "follows", 0],
      ],
    ],
    [
      "on order, and late",
      ordered(measured(), "2026-05-19"),
      [
        ["ready", "ready", 0],
        ["fit", "glass-late", 0],
        ["paint", "follows", 0],
      ],
    ],
    ["set in linseed today", set(measured(), "2026-05-20", "linseed"), [["paint", "cure", 7]]],
    ["set in linseed nine days ago", set(measured(), "2026-05-11", "linseed"), [["paint", "ready", 0]]],
  ] as const)("%s", (_, t, parts) => {
    expect(inShort(t)).toEqual(parts);
  });

  it("painting waits for as long as what it is set in must cure, and ends with its window", () => {
    const [, fit, paint] = visits(measured());
    expect(paint?.after).toEqual([{ id: fit?.id, lagDays: 6, lagCounts: "all" }]);
    const [only] = visits(set(measured(), "2026-05-18", "linseed"));
    // Linseed: from 7 to 28 days after it was set.
    expect([only?.earliest, only?.latest].map((d) => (d ?? 0) - dayOf("2026-05-18"))).toEqual([7, 28]);
    expect(only?.dry).toBe(true);
  });
  it("a hole is open until its first visit, and that is due today", () => {
    const t = fresh();
    t.tell("look.urgency", { urgency: "open-hole" });
    const [first, second] = visits(t);
    expect([first?.openHole, first?.promised, second?.openHole]).toEqual([true, TODAY, false]);
  });
  it("where it is primed first, the hole is open until then: it is closed for the night", () => {
    const t = ordered(measured(), "2026-05-27");
    t.tell("look.urgency", { urgency: "open-hole" });
    expect(visits(t).map((v) => [v.part, v.openHole])).toEqual([
      ["ready", true],
      ["fit", false],
      ["paint", false],
    ]);
  });
  it("glass that is late, with no new day, is put on none", () => {
    expect(visits(ordered(measured(), "2026-05-19")).map((v) => v.noDate)).toEqual([true, true, false]);
    expect(visits(ordered(measured(), "2026-05-22")).map((v) => v.noDate)).toEqual([false, false, false]);
  });
  it("nothing once it is signed off and painted", () => {
    const t = set(measured(), "2026-05-05", "linseed");
    t.tell("finish.painted", { day: "2026-05-14" });
    t.tell("signoff.signed", { day: "2026-05-14", told: true });
    expect(visits(t)).toEqual([]);
  });
  it("a day wished for is what is promised", () => {
    const t = measured();
    t.tell("look.wants", { by: "2026-05-28", mustLock: false, minds: "" });
    expect(visits(t).find((v) => v.part === "fit")?.promised).toBe(dayOf("2026-05-28"));
  });
  it("a fit in linseed wants no frost, one in gaskets asks nothing of the day", () => {
    expect(visits(measured()).find((v) => v.part === "fit")?.leastC).not.toBeNull();
    const gaskets = new Teller().opened().added(PANE, "plastic-bead-inside").read(LEANING);
    expect(visits(gaskets).find((v) => v.part === "fit")?.leastC).toBeNull();
  });
  it("takes as long as its steps, five minutes at a time, and only those that are not done", () => {
    const t = measured();
    const minutes = (t2: Teller) => visits(t2).find((v) => v.part === "ready")?.minutes ?? 0;
    const before = minutes(t);
    expect(before % 5).toBe(0);
    t.tell("step.marked", { station: "takeout", step: "sheet", state: "done", reason: "" });
    t.tell("step.marked", { station: "takeout", step: "hack", state: "done", reason: "" });
    expect(minutes(t)).toBeLessThanOrEqual(before);
  });
  // Nell hacks putty out in 10 minutes, three times; Bram took 40 once, which is too seldom.
  it("takes whoever timed its steps themselves as long as they take", () => {
    const t = measured();
    const plain = visits(t).find((v) => v.part === "ready");
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const steps = stepsAt("takeout", book, reckon(book, BY));
    const usual = steps.find((s) => s.id === "face-putty");
    if (!usual) throw new Error("no such step");
    expect(usual.minutes).toBe(40);
    const hack = { system: "timber-putty", station: "takeout", step: timedAs(usual), metres: 3 } as const;
    const took = (who: string, minutes: number) => ({ ...hack, minutes, who, day: "2026-05-20" });
    const past = pastOf([took("Nell", 10), took("Nell", 10), took("Nell", 10), took("Bram", 40)]);
    const [out] = visitsOf(book, reckon(book, { ...BY, past }), TODAY).filter((v) => v.part === "ready");
    // Four times in all: √40 × 10 × 10 × 10 × 40, rooted by 4.5, is 16 for everybody; by nobody's own past it was 40.
    expect(out?.minutes).toBe((plain?.minutes ?? 0) - 25);
    expect(out?.minutesBy).toBeUndefined();
    const slow = pastOf([...[1, 2, 3].map(() => took("Nell", 10)), ...[1, 2, 3, 4, 5].map(() => took("Bram", 40))]);
    const again = (peopleSeeEachOther: "yes" | "no") => {
      const house = { ...BY.house, peopleSeeEachOther };
      return visitsOf(book, reckon(book, { ...BY, house, past: slow }), TODAY).find((v) => v.part === "ready");
    };
    // Everybody's 25; Nell's 14, Bram's 34: the others' times are worth one of their own.
    expect(again("yes")?.minutes).toBe((plain?.minutes ?? 0) - 15);
    expect(again("yes")?.minutesBy).toEqual({ Nell: (plain?.minutes ?? 0) - 25, Bram: (plain?.minutes ?? 0) - 5 });
    expect(again("no")?.minutesBy).toBeUndefined();
  });
  it("painting takes the minutes of its own steps, and no helper", () => {
    // Look 2, trim 8, prime 8, paint 20.
    const [paint] = visits(set(measured(), "2026-05-11", "linseed"));
    expect([paint?.minutes, paint?.helperMinutes]).toEqual([40, 0]);
  });
  it("a fit waits for whoever comes before it to read the opening", () => {
    const [read, fit] = visits(fresh());
    expect(read?.part).toBe("read");
    expect(fit?.after).toEqual([expect.objectContaining({ id: read?.id, lagCounts: "working" })]);
    expect(visits(measured())[0]?.after).toEqual([]);
  });
  it("what is shut while its sealant cures is opened once, from the day it may be", () => {
    const t = new Teller().opened().added(PANE, "plastic-bead-inside-bonded").read(LEANING);
    set(t, "2026-05-20", "silicone");
    expect(visits(t).map((v) => [v.part, v.because.kind, v.earliest - TODAY, v.latest, v.openHole])).toEqual([
      ["open", "shut", 2, null, false],
    ]);
    const past = new Teller().opened().added(PANE, "plastic-bead-inside-bonded").read(LEANING);
    set(past, "2026-05-11", "silicone");
    expect(visits(past).map((v) => [v.part, v.because.kind, v.earliest - TODAY])).toEqual([["open", "ready", 0]]);
  });
  it.each<[string, string, string, (t: Teller) => unknown, readonly string[]]>([
    ["gaskets shut nothing", "plastic-bead-inside", "gasket", () => {}, []],
    ["its finish is done: it was opened", "plastic-bead-inside-bonded", "silicone", (t) => finished(t), []],
    ["paint is still to come: that visit opens it", "timber-putty", "linseed", () => {}, ["paint"]],
  ])("opened once more after it is set, or not: %s", (_, system, compound, tell, parts) => {
    const t = new Teller()
      .opened()
      .added(PANE, system as System)
      .read(LEANING);
    set(t, "2026-05-20", compound);
    tell(t);
    expect(visits(t).map((v) => v.part)).toEqual(parts);
  });
  it("no visit for paint follows a fit where somebody else paints", () => {
    const parts = (t: Teller) => visits(t).map((v) => v.part);
    expect(parts(measured())).toContain("paint");
    const left = measured();
    left.tell("finish.paint-left", { to: "customer", note: "" });
    expect(parts(left)).not.toContain("paint");
  });
  it("a pane that is cut here is cut once it is sized: after whoever reads it, or whenever where it is read", () => {
    const cutOf = (t: Teller) => {
      t.tell("order.cut-here", { here: true });
      const all = visits(t);
      return all.find((v) => v.part === "cut")?.after.map((a) => all.find((v) => v.id === a.id)?.part);
    };
    expect(cutOf(measured())).toEqual([]);
    expect(cutOf(fresh())).toEqual(["read"]);
  });
  it("a large pane is not lifted in wind, a small one is", () => {
    const large = new Teller().opened().added().read({ "width-middle": "1600", "height-middle": "1800" });
    expect(visits(large).find((v) => v.part === "fit")?.mostWindMs).not.toBeNull();
    expect(visits(measured()).find((v) => v.part === "fit")?.mostWindMs).toBeNull();
    expect(visits(large).find((v) => v.part === "paint")?.mostWindMs).toBeNull();
  });
});

describe("what is primed over night", () => {
  const parts = (t: Teller) => visits(t).map((v) => v.part);
  const done = (t: Teller, step: string, at?: string) => {
    t.tell("step.marked", { station: "ready", step, state: "done", reason: "" });
    const last = t.entries.at(-1);
    return at && last ? [...t.entries.slice(0, -1), { ...last, at }] : t.entries;
  };
  it.each<[string, (t: Teller) => void, readonly string[]]>([
    ["for linseed", () => undefined, ["ready", "fit", "paint"]],
    // Dry in four hours: on the same day.
    ["for silicone", (t) => t.tell("specify.bed", { compound: "silicone" }), ["fit"]],
    [
      "left out with a word",
      (t) => t.tell("step.marked", { station: "ready", step: "prime", state: "skipped", reason: "is primed" }),
      ["fit", "paint"],
    ],
  ])("%s: %s", (_, tell, is) => {
    const t = measured();
    tell(t);
    expect(parts(t)).toEqual(is);
  });
  it("is worked on one day, and the glass set from the next on: nothing twice, and nothing of it lost", () => {
    const t = measured();
    const [ready, fit] = visits(t);
    expect(fit?.after).toEqual([{ id: ready?.id, lagDays: 0, lagCounts: "all" }]);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const steps = (station: "takeout" | "ready" | "set") => stepsAt(station, book, reckon(book, BY));
    const sum = (items: readonly { readonly minutes: number }[]) => items.reduce((all, s) => all + s.minutes, 0);
    const upTo = steps("ready").findIndex((s) => s.id === "prime") + 1;
    const five = (n: number) => 5 * Math.ceil(n / 5);
    // Tidied up 10, closed 15; opened again 5, tidied up 10.
    expect([ready?.minutes, fit?.minutes]).toEqual([
      five(sum(steps("takeout")) + sum(steps("ready").slice(0, upTo)) + 25),
      five(sum(steps("ready").slice(upTo)) + sum(steps("set")) + 15),
    ]);
  });
  it("once it is primed the fit waits until it is dry, and no longer", () => {
    const at = (time: string) => {
      const t = measured();
      const entries = done(t, "prime", time);
      const book = foldPane(PANE, entries);
      if (!book) throw new Error("no pane");
      return visitsOf(book, reckon(book, BY), TODAY).map((v) => [v.part, v.earliest - TODAY]);
    };
    // Measured only: a sheet is cut by tomorrow.
    expect(at("2026-05-20T09:00:00.000Z")[0]).toEqual(["fit", 1]);
    expect(at("2026-05-20T23:00:00.000Z")[0]).toEqual(["fit", 1]);
    expect(at("2026-05-21T10:00:00.000Z")[0]).toEqual(["fit", 2]);
  });
});

describe("wind that a pane is not carried in", () => {
  const winds = (width: string, height: string) =>
    Object.fromEntries(
      visits(fresh().read({ "width-middle": width, "height-middle": height, "rebate-depth": "10" })).map((v) => [
        v.part,
        v.mostWindMs,
      ]),
    );
  it("none is named under a square metre", () =>
    expect(Object.values(winds("800", "1000")).every((w) => w === null)).toBe(true));
  it("8 m/s from there on, where it is carried and nowhere else", () => {
    const by = winds("1010", "1010");
    expect(by.fit).toBe(8);
    expect(
      Object.entries(by)
        .filter(([part]) => part !== "fit" && part !== "take-out" && part !== "ready")
        .every(([, w]) => w === null),
    ).toBe(true);
  });
});

describe("when two are needed of a visit", () => {
  const given = (minutes: number, people?: 2) => ({ minutes, ...(people && { people }) });
  it.each<[string, Parameters<typeof helpIn>[0], ReturnType<typeof helpIn>]>([
    ["nobody", [given(30), given(12)], { from: 0, minutes: 0 }],
    ["all of it", [given(30, 2), given(12, 2)], { from: 0, minutes: 45 }],
    ["from the beginning, for 6", [given(6, 2), given(30)], { from: 0, minutes: 10 }],
    // 12 alone, then 6: from 10, till 18.
    ["in the middle", [given(12), given(6, 2), given(30)], { from: 10, minutes: 10 }],
    // Till 12 + 6 + 20 + 4 = 42, from 10.
    [
      "to lift out and to lift in",
      [given(12), given(6, 2), given(20), given(4, 2), given(15)],
      { from: 10, minutes: 35 },
    ],
    ["at the end", [given(20), given(5, 2)], { from: 20, minutes: 5 }],
  ])("%s", (_, steps, is) => expect(helpIn(steps)).toEqual(is));
});
