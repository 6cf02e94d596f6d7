import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { LEANING, ORDER, PANE, Teller, uuid } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { dayOf } from "../units/day.ts";
import { blanksOf } from "./before-order.ts";
import { foldPane } from "./book.ts";
import { nextFor } from "./next.ts";
import { orderLineOf } from "./order-line.ts";
import { reckon } from "./reckoning.ts";
import { tapeUnit } from "./size-grid.ts";
import { standings } from "./standing.ts";
import { stepHold } from "./step-held.ts";
import { stepsAt } from "./steps-at.ts";
import { waitsOf } from "./waits.ts";

const TODAY = dayOf("2026-05-20");
const LINE = uuid(0xd0);

function at(t: Teller) {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  return { book, r, next: nextFor(book, r, TODAY), stations: standings(book, r), waits: waitsOf(book, r, TODAY) };
}

const looked = (t = new Teller().added()) => {
  t.tell("look.damage", { damage: ["cracked"] });
  return t;
};
const byHand = (school: "easy" | "snug", t: Teller) => {
  t.tell("size.rule", { school, off: null, grid: "1 mm" });
  return t;
};
const chosen = (t: Teller) => {
  t.tell("specify.glass", { kind: "float", thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
  return t;
};
const read = (t = looked()) => chosen(t.read(LEANING).read({ "sill-height": "1120", "door-distance": "1900" }));
const lookedIn = (state: "first-visit" | "cleared") => {
  const t = looked();
  t.tell("measure.circumstance", { state });
  return t;
};
const readIn = (state: "first-visit" | "cleared") => read(lookedIn(state));
const clearedLook = () => lookedIn("cleared");
const firstVisit = () => readIn("first-visit");
const clearedThen = () => readIn("cleared");
const riskTaken = (t: Teller) => {
  t.tell("size.risk-taken", { state: "first-visit", reason: "he is away until autumn" });
  return t;
};
const covered = (t: Teller) => {
  t.tell("look.closed", { how: "9 mm board, screwed", since: "2026-05-19", until: "2026-05-29", told: "" });
  return t;
};
const stoodBy = (t: Teller) => {
  t.tell("order.stood-by", { ids: ["safety"], reason: "high up, and no door" });
  return t;
};
const ordered = (t = read()) => {
  const { book, r } = at(t);
  const line = orderLineOf(book, r);
  if (!line) throw new Error("not sized");
  t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
  t.tell("order.line", { line: LINE, ...line }, { order: ORDER, pane: PANE });
  return t;
};
const sent = (due: string, t = ordered()) => {
  t.tell("order.sent", { day: "2026-05-14", due }, { order: ORDER });
  return t;
};
const came = (verdict: "accepted" | "sent-back" | null, t = sent("2026-05-19")) => {
  t.tell("order.arrived", { day: "2026-05-19" }, { order: ORDER });
  if (verdict)
    t.tell(
      "order.checked",
      { line: LINE, width: { text: "608", unit: "mm" }, height: { text: "900", unit: "mm" }, verdict, reason: "" },
      { order: ORDER, pane: PANE },
    );
  return t;
};
const stepped = (t: Teller, ...stations: readonly ("takeout" | "ready")[]) => {
  for (const station of stations) {
    const { book, r } = at(t);
    for (const s of stepsAt(station, book, r))
      t.tell("step.marked", { station, step: s.id, state: "done", reason: "" });
  }
  return t;
};
const set = (day: string, compound = "linseed", t = came("accepted")) => {
  t.tell("set.done", { day, compound, sprigs: 18 });
  return t;
};

describe("the next thing to do", () => {
  it("what broke after it was accepted is ordered again as broken, and not as sent back", () => {
    const t = came("accepted");
    t.tell("order.broke", { line: LINE, whose: "ours", note: "" }, { order: ORDER, pane: PANE });
    expect(at(t).next).toEqual({ station: "order", kind: "order-again", what: "it broke" });
    expect(at(came("sent-back")).next).toEqual({ station: "order", kind: "order-again" });
  });
  it.each([
    ["a fresh pane", () => new Teller().added(), "look", "look"],
    ["looked at", () => looked(), "measure", "read-size"],
    [
      "one width and height",
      () => looked().read({ "width-top": "612", "height-left": "904" }),
      "measure",
      "read-corners",
    ],
    [
      "one diagonal",
      () => looked().read({ "width-top": "612", "height-left": "904", "diagonal-up": "1090" }),
      "measure",
      "read-corners",
    ],
    [
      "both diagonals",
      () => looked().read({ "width-top": "612", "height-left": "904", "diagonal-up": "1091", "diagonal-down": "1091" }),
      "measure",
      "read-rest",
    ],
    ["a reading nobody can read", () => looked().read({ ...LEANING, "width-top": "61x" }), "measure", "read-again"],
    ["readings that disagree", () => looked().read({ ...LEANING, "diagonal-up": "1115" }), "measure", "slip"],
    [
      "racked",
      () => byHand("easy", looked().read({ ...LEANING, "diagonal-up": "1082.5", "diagonal-down": "1098" })),
      "measure",
      "pane-will-not-fit",
    ],
    [
      "racked, and a shallow rebate",
      () => looked().read({ ...LEANING, "diagonal-up": "1079", "diagonal-down": "1101", "rebate-depth": "6" }),
      "measure",
      "no-rectangle",
    ],
    ["a slip", () => looked().read({ ...LEANING, "width-top": "622" }), "measure", "slip"],
    ["all read, but not where it is", () => looked().read(LEANING), "specify", "settle"],
    ["all read", () => readIn("cleared"), "order", "put-on-order"],
    ["where it is stood by, with a word", () => stoodBy(chosen(clearedLook().read(LEANING))), "order", "put-on-order"],
    ["read on a first visit, and taken out since", () => stepped(firstVisit(), "takeout"), "measure", "read-cleared"],
    [
      "the same, and the risk was taken",
      () => covered(riskTaken(stepped(firstVisit(), "takeout"))),
      "order",
      "put-on-order",
    ],
    ["read cleared, nothing over the hole", () => stepped(clearedThen(), "takeout"), "takeout", "close-hole"],
    ["read cleared", () => covered(stepped(clearedThen(), "takeout")), "order", "put-on-order"],
    ["on its way, the hole open", () => stepped(sent("2026-05-22"), "takeout"), "takeout", "close-hole"],
    ["on its way, and boarded", () => covered(stepped(sent("2026-05-22"), "takeout")), "order", "check-in"],
    ["low down in ordinary glass", () => read().read({ "sill-height": "300" }), "specify", "choose-safety"],
    ["on an order", () => ordered(), "order", "send-order"],
    ["on its way", () => sent("2026-05-22"), "order", "check-in"],
    ["late", () => sent("2026-05-18"), "order", "chase"],
    ["come", () => came(null), "order", "check-in"],
    ["sent back", () => came("sent-back"), "order", "order-again"],
    ["accepted", () => came("accepted"), "takeout", "take-out"],
    ["taken out", () => stepped(came("accepted"), "takeout"), "ready", "make-ready"],
    ["ready", () => stepped(came("accepted"), "takeout", "ready"), "set", "set"],
    ["curing", () => set("2026-05-18"), "finish", "wait-paint"],
    ["fit to paint", () => set("2026-05-11"), "finish", "paint"],
    ["past its paint day", () => set("2026-04-15"), "finish", "past-paint"],
    ["silicone: its own steps first", () => set("2026-05-18", "silicone"), "finish", "finish-off"],
  ] as const)("%s", (_, tell, station, kind) => expect(at(tell()).next).toMatchObject({ station, kind }));

  // Linseed putty: from a week after it was set, and by four weeks after it. Today is Wednesday 20 May.
  it.each([
    ["a day too soon", "2026-05-14", "wait-paint", "2026-05-21"],
    ["a week to the day", "2026-05-13", "paint", "2026-06-10"],
    ["nine days", "2026-05-11", "paint", "2026-06-08"],
    ["four weeks to the day", "2026-04-22", "paint", "2026-05-20"],
    ["four weeks and a day", "2026-04-21", "past-paint", "2026-05-19"],
  ] as const)("set %s ago: %s, %s by %s", (_, day, kind, by) =>
    expect(at(set(day)).next).toEqual({ station: "finish", kind, day: dayOf(by) }),
  );

  it("an open hole comes before everything but a look", () => {
    const t = readIn("cleared");
    t.tell("look.urgency", { urgency: "open-hole" });
    expect(at(t).next.kind).toBe("close-hole");
    t.tell("look.closed", { how: "board", since: "2026-05-19", until: "2026-05-22", told: "" });
    expect(at(t).next.kind).toBe("put-on-order");
  });
  it("how the glass is held is said before anything is read from it, ordered or taken out", () => {
    const t = new Teller();
    const where = { round: uuid(0xee), address: "No. 5", opening: "hall", light: "" };
    t.tell("pane.added", { ...where, system: "timber-putty", side: "outside", unsaid: true }, { pane: PANE });
    read(looked(t));
    const { book, r, next } = at(t);
    expect(next).toEqual({ station: "look", kind: "say-held" });
    expect(blanksOf(book, r)[0]).toMatchObject({ id: "held", station: "look" });
    const [first] = stepsAt("takeout", book, r);
    const held = first && stepHold(first, "takeout", book, r, { nowMs: 0, today: TODAY });
    expect(held?.to).toEqual({ station: "look", step: null });
    // Where it opens from alone is no answer; the frame is, and stands for whatever is copied from this pane.
    t.tell("pane.corrected", { side: "inside" });
    expect(at(t).book.heldSaid).toBe(false);
    t.tell("pane.corrected", { system: "timber-bead" });
    expect(at(t).book).toMatchObject({ heldSaid: true, added: { system: "timber-bead", side: "inside" } });
    expect(at(t).next.kind).not.toBe("say-held");
  });
  it.each([
    ["beads, chosen from a list", [{ system: "timber-bead" }], false],
    ["beads, and then its side", [{ system: "timber-bead" }, { side: "outside" }], true],
    ["beads with their side, found by questions", [{ system: "timber-bead", side: "inside" }], true],
    ["putty, that goes in from one side only", [{ system: "timber-putty", side: "outside" }], true],
    [
      "putty, and then beads: the side of putty was the frame's, and nobody's word",
      [{ system: "timber-putty", side: "outside" }, { system: "timber-bead" }],
      false,
    ],
    ["a sash that comes apart: its side makes no difference", [{ system: "plastic-no-bead" }], true],
  ] as const)("from which side it goes in is said, and not taken from the stand-in: %s", (_, corrections, said) => {
    const t = new Teller();
    const where = { round: uuid(0xee), address: "No. 5", opening: "hall", light: "" };
    t.tell("pane.added", { ...where, system: "timber-putty", side: "outside", unsaid: true }, { pane: PANE });
    for (const c of corrections) t.tell("pane.corrected", c);
    expect(at(t).book).toMatchObject({ heldSaid: said, sideSaid: said });
  });
  it.each([
    ["cures for two days: somebody comes back", "2026-05-19", { station: "finish", kind: "come-back" }],
    ["has cured: it is signed off", "2026-05-18", { station: "signoff", kind: "sign-off" }],
  ] as const)("all is done, and the sealant %s", (_, day, next) => {
    const t = set(day, "silicone");
    const { book, r } = at(t);
    for (const s of stepsAt("finish", book, r))
      t.tell("step.marked", { station: "finish", step: s.id, state: "done", reason: "" });
    expect(at(t).next).toMatchObject(next);
  });
  it("what the examination comes to is what is wrong, until somebody ticks it otherwise", () => {
    const t = new Teller().added();
    t.tell("look.answer", { question: "kind", answer: "single" });
    expect(at(t).next.kind).toBe("look");
    t.tell("look.answer", { question: "near", answer: "gone" });
    expect(at(t).book).toMatchObject({ damage: ["gone"], urgency: "open-hole", cause: null });
    expect(at(t).next.kind).toBe("close-hole");
    t.tell("look.urgency", { urgency: "can-wait" });
    t.tell("look.damage", { damage: ["rattling"] });
    expect(at(t).book).toMatchObject({ damage: ["rattling"], urgency: "can-wait" });
  });
  it("from which side a pane goes in is said where it was added with its frame, and not where nobody said that", () => {
    const where = { round: uuid(0xee), address: "No. 5", opening: "hall", light: "", side: "inside" } as const;
    const added = (system: "timber-bead" | "timber-putty", unsaid: boolean) => {
      const t = new Teller();
      t.tell("pane.added", { ...where, system, ...(unsaid ? { unsaid: true as const } : {}) }, { pane: PANE });
      return at(t).book.sideSaid;
    };
    expect([added("timber-bead", false), added("timber-bead", true), added("timber-putty", true)]).toEqual([
      true,
      false,
      true,
    ]);
  });
  it("metal is compound or beads, and nothing follows until it is said which", () => {
    const t = read(looked(new Teller().added(PANE, "metal-frame")));
    expect(at(t).next.kind).toBe("say-held");
    t.tell("takeout.detail", { metal: "beads" });
    expect(at(t).book.heldSaid).toBe(true);
    expect(at(t).next.kind).not.toBe("say-held");
  });
  it("where a new sash was chosen the sash is read, and no glass unless somebody stands by it", () => {
    const t = looked();
    t.tell("look.option", { option: "sash", reason: "" });
    expect(at(t).next).toMatchObject({ station: "measure", kind: "read-size" });
    t.tell("measure.way", { way: "rebate" });
    expect(at(t).next).toMatchObject({ station: "look", kind: "settle" });
    t.tell("order.stood-by", { ids: ["whole"], reason: "the sash maker leaves it unglazed" });
    expect(at(t).next.kind).toBe("read-size");
    t.tell("look.option", { option: "glass", reason: "" });
    expect(at(t).next.kind).toBe("read-size");
  });
  it("a welded sash waits at Look until somebody chose what takes its place", () => {
    const t = looked(new Teller().added(PANE, "plastic-no-bead"));
    t.tell("look.opens", { opens: false });
    expect(at(t).next).toMatchObject({ station: "look", kind: "settle" });
    t.tell("look.option", { option: "sash", reason: "" });
    expect(at(t).next).toMatchObject({ station: "measure", kind: "read-size" });
    t.tell("look.opens", { opens: true });
    t.tell("look.option", { option: "glass", reason: "" });
    expect(at(t).next).toMatchObject({ station: "measure", kind: "read-size" });
  });
  it("the house's usual glass is no choice: it is asked before it is ordered", () =>
    expect(at(looked().read({ ...LEANING, "sill-height": "1120", "door-distance": "1900" })).next).toEqual({
      station: "specify",
      kind: "settle",
      what: "which glass",
      ask: "glass",
    }));
  it("says what is to be settled, and where", () =>
    expect(at(chosen(looked().read(LEANING))).next).toEqual({
      station: "specify",
      kind: "settle",
      what: "ordinary or safety glass",
      ask: "safety",
      place: "sill-height",
    }));
  it.each([
    ["nobody said in what state", () => read(), "in what state it was read"],
    ["on a first visit", () => firstVisit(), "whether to order from these readings"],
  ] as const)("all read, %s: that is said before it is ordered", (_, tell, what) =>
    expect(at(tell()).next).toEqual({ station: "order", kind: "settle", what }),
  );

  it.each([
    ["resealed", "refurbish"],
    ["packed anew", "repack"],
  ] as const)("the old glass goes back, %s: nothing is ordered, it is taken out", (_, option) => {
    const t = read();
    t.tell("look.option", { option, reason: "" });
    const { next, stations } = at(t);
    expect(next).toMatchObject({ station: "takeout", kind: "take-out" });
    expect(stations.order).toEqual({ state: "done", says: { kind: "old-glass" } });
  });
  it("sound glass in a dropped sash: kept or renewed is chosen before anything is read for an order", () => {
    const t = new Teller().added();
    t.tell("look.damage", { damage: ["dropped"] });
    expect(at(t).next.kind).toBe("read-size");
    const answers = {
      kind: "single",
      near: "whole",
      mist: "none",
      opens: "hinged",
      "head-gap": "handle-down",
      moves: "still",
      bed: "sound",
      stamp: "none",
    } as const;
    for (const [question, answer] of Object.entries(answers))
      t.tell("look.answer", { question: question as keyof typeof answers, answer });
    expect(at(t).next).toMatchObject({ station: "look", kind: "keep-or-renew" });
    t.tell("look.option", { option: "glass", reason: "they want it clear" });
    expect(at(t).next.kind).toBe("read-size");
  });
  it("ends when it is painted and signed off", () => {
    const t = set("2026-05-11");
    t.tell("finish.painted", { day: "2026-05-19" });
    expect(at(t).next.kind).toBe("finish-off");
    for (const step of ["sight-line", "sill-clean", "clean", "tell"])
      t.tell("step.marked", { station: "finish", step, state: "done", reason: "" });
    expect(at(t).next.kind).toBe("sign-off");
    t.tell("signoff.signed", { day: "2026-05-20", told: true });
    expect(at(t).next.kind).toBe("signed-off");
    expect(at(t).waits).toEqual([]);
  });
});

describe("how the stations stand", () => {
  it("trouble is told from work not begun", () => {
    expect(at(new Teller().added()).stations.measure.state).toBe("open");
    expect(at(looked().read({ "width-top": "6x" })).stations.measure).toEqual({
      state: "trouble",
      says: { kind: "bad-reading", count: 1 },
    });
    expect(at(read().read({ "sill-height": "300" })).stations.specify.state).toBe("trouble");
    expect(at(came("sent-back")).stations.order.state).toBe("trouble");
    expect(at(came("accepted")).stations.order.state).toBe("done");
  });
  it("every system has its own steps to set it by", () => {
    expect(at(new Teller().added(PANE, "cassette")).stations.set.says.kind).toBe("steps");
    expect(at(new Teller().added(PANE, "cassette")).stations.takeout.says.kind).toBe("steps");
  });
  it("a sash that cannot be opened has nothing to take out", () => {
    const t = new Teller().added(PANE, "plastic-no-bead");
    t.tell("look.opens", { opens: false });
    expect(at(t).stations.takeout.says.kind).toBe("cannot-open");
  });
});

describe("waits", () => {
  it("glass, then late until today", () => {
    expect(at(sent("2026-05-18")).waits).toEqual([
      { kind: "glass", from: dayOf("2026-05-14"), to: dayOf("2026-05-18") },
      { kind: "late", from: dayOf("2026-05-19"), to: TODAY },
    ]);
  });
  it("cure, then the days on which it may be painted", () => {
    expect(at(set("2026-05-18")).waits).toEqual([
      { kind: "cure", from: dayOf("2026-05-18"), to: dayOf("2026-05-24") },
      { kind: "paint", from: dayOf("2026-05-25"), to: dayOf("2026-06-15") },
    ]);
  });
});

describe("the same glass whoever looks", () => {
  it("the tape that read the opening chooses the grid, not the reader", () => {
    expect(tapeUnit(at(read()).book)).toBe("mm");
    const inches = looked().read({ "width-top": "23 11/16", "height-left": "35 1/2" }, "mm");
    expect(tapeUnit(at(inches).book)).toBe("in");
    expect(at(inches).r.rule.grid).toBe("1/16 in");
    expect(tapeUnit(at(looked()).book)).toBe("mm");
  });
  it("goes on the order as it is reckoned", () => {
    const { book, r } = at(read());
    expect(orderLineOf(book, r)).toMatchObject({
      widthNm: 608e6,
      heightNm: 899e6,
      thicknessNm: 4e6,
      label: "No. 5, back bedroom, lower sash",
    });
    expect(orderLineOf(at(looked()).book, at(looked()).r)).toBeNull();
  });
});

describe("how far looking is", () => {
  const cause = (t: Teller) => t.tell("look.cause", { cause: "impact" });
  const urgency = (t: Teller) => t.tell("look.urgency", { urgency: "can-wait" });
  const damage = (t: Teller) => t.tell("look.damage", { damage: ["cracked"] });
  it.each<[string, System, readonly ((t: Teller) => void)[], string, object]>([
    ["nothing said", "timber-putty", [], "open", { kind: "looked", done: 0, of: 3 }],
    ["what is wrong", "timber-putty", [damage], "begun", { kind: "looked", done: 1, of: 3 }],
    ["why alone", "timber-putty", [cause], "begun", { kind: "looked", done: 1, of: 3 }],
    ["how pressing alone", "timber-putty", [urgency], "begun", { kind: "looked", done: 1, of: 3 }],
    ["what and why", "timber-putty", [damage, cause], "begun", { kind: "looked", done: 2, of: 3 }],
    ["all of it", "timber-putty", [damage, cause, urgency], "done", { kind: "done" }],
    [
      "all of it, but not by what metal holds its glass",
      "metal-frame",
      [damage, cause, urgency],
      "begun",
      { kind: "looked", done: 3, of: 4 },
    ],
  ])("%s", (_, system, say, state, says) => {
    const t = new Teller().added(PANE, system);
    for (const one of say) one(t);
    expect(at(t).stations.look).toEqual({ state, says });
  });
});

it("glass that was had without an order stays so once it is set", () => {
  const t = read();
  const size = (text: string) => ({ text, unit: "mm" as const });
  t.tell("order.had", { from: "bought", width: size("600"), height: size("890"), note: "" });
  expect(at(t).stations.order).toEqual({ state: "done", says: { kind: "had" } });
  t.tell("set.done", { day: "2026-05-20", compound: "linseed", sprigs: 8 });
  expect(at(t).stations.order).toEqual({ state: "done", says: { kind: "had" } });
});

it("readings that were copied from a like pane are a guess, and not measured, until one is read for itself", () => {
  const t = looked();
  const reading = (place: string, copied?: true) =>
    t.tell("measure.reading", { place, text: "600", unit: "mm", ...(copied && { copied }) } as never);
  for (const place of ["width-top", "width-middle", "height-left"]) reading(place, true);
  expect(at(t).stations.measure).toMatchObject({ state: "begun", says: { kind: "guessed", done: 3 } });
  // What is said of how the frame stood is said of what was read there, and makes no reading of a copy.
  t.tell("measure.circumstance", { state: "cleared" });
  expect(at(t).stations.measure).toMatchObject({ state: "begun", says: { kind: "guessed", done: 3 } });
  expect(at(t).next).toEqual({ station: "measure", kind: "read-copied", count: 3 });
  for (const place of ["width-top", "width-middle", "height-left"]) reading(place);
  expect(at(t).stations.measure.says.kind).toBe("readings");
});
