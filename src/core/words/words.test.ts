import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, PANE, Teller, uuid } from "../../../tests/support/told.ts";
import { paintWindow } from "../finish/paint-window.ts";
import { HOUSE_DEFAULTS, HOUSE_RULES, houseValueFits } from "../house/rules.ts";
import type { Entry } from "../log/kinds.ts";
import { checkIn } from "../order/check-in.ts";
import { foldPane } from "../pane/book.ts";
import { nextFor } from "../pane/next.ts";
import { reckon } from "../pane/reckoning.ts";
import { readTape } from "../tape/read.ts";
import { writeFeet, writeLength } from "../tape/write.ts";
import { dayOf } from "../units/day.ts";
import { inches, mm } from "../units/length.ts";
import { checkInSentence } from "./check-in.ts";
import { sayDate, sayDay, sayDayFrom } from "./days.ts";
import { meaning, piecesOf, say, TERM_LIST } from "./dialect.ts";
import { entryWords } from "./entry.ts";
import { paintSentence } from "./finish.ts";
import { prefsFrom } from "./prefs.ts";
import { nextWords } from "./standing.ts";
import { tapeErrorSentence } from "./tape-error.ts";

const at = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar }) };
};
const fresh = () => new Teller().added();

describe("the two dialects", () => {
  it.each([
    ["Draw every {sprig}.", "Draw every sprig.", "Draw every point."],
    ["{Packers} on the {sill}.", "Packers on the sill.", "Shims on the sill."],
    ["{rebate} and {beads}", "rebate and beads", "rabbet and stops"],
    ["{nothing} stays", "{nothing} stays", "{nothing} stays"],
  ])("%s", (sentence, a, b) => expect([say(sentence, "a"), say(sentence, "b")]).toEqual([a, b]));
  it("every term has a meaning that a first-year can read, in full", () => {
    for (const t of TERM_LIST)
      for (const d of ["a", "b"] as const) expect([t, /[{}]/.test(meaning(t, d))]).toEqual([t, false]);
  });
});

describe("a sentence taken apart", () => {
  it("has the term behind each trade word, however it is written", () => {
    expect(piecesOf("{Sprigs} hold the {pane}.", "b")).toEqual([
      { text: "Points", term: "sprig" },
      { text: " hold the ", term: null },
      { text: "lite", term: "pane" },
      { text: ".", term: null },
    ]);
  });
  it("put together again is the sentence", () => {
    const sentence = "Lay the {putty} in the {rebate}, {nothing} else.";
    expect(
      piecesOf(sentence, "a")
        .map((p) => p.text)
        .join(""),
    ).toBe(say(sentence, "a"));
  });
});

describe("each kind of entry has a line in the logbook", () => {
  const t = fresh();
  const w = (text: string) => ({ text, unit: "mm" as const });
  const line = {
    line: uuid(9),
    widthNm: 6e8,
    heightNm: 9e8,
    thicknessNm: 4e6,
    glass: "float",
    edges: "arrissed",
    pattern: "",
    label: "No. 5",
    grid: "1 mm",
  } as const;
  t.opened();
  t.tell("round.weather", { day: "2026-05-20", wet: true, lowC: 4 }, {});
  t.tell("round.day-off", { day: "2026-05-20", off: true }, {});
  t.tell("house.rule", { rule: "bedMm", value: 3 }, {});
  t.tell("supplier.added", { name: "Salt Lane", cuts: "float", unit: "mm", leadDays: 1 }, {});
  t.tell("pane.corrected", { address: "No. 6" });
  t.tell("note.written", { station: "look", text: "mind the dog" });
  t.tell("step.marked", { station: "takeout", step: "tape-glass", state: "skipped", reason: "gone" });
  t.tell("look.damage", { damage: ["putty-falling"] });
  t.tell("look.cause", { cause: "packing" });
  t.tell("look.urgency", { urgency: "open-hole" });
  t.tell("look.building", { year: null, storey: 1 });
  t.tell("look.closed", { how: "board", since: "2026-05-20", until: "2026-05-22", told: "owner" });
  t.tell("look.opened", { day: "2026-05-21" });
  t.tell("takeout.marks", { insideFace: "cross", topEdge: "" });
  t.tell("takeout.sprigs", { found: 9 });
  t.read({ "width-top": "612", "width-middle": "23 11/16", "width-bottom": "" });
  t.tell("size.rule", { school: "own", off: w("2"), grid: "0.5 mm" });
  t.tell("size.overruled", { width: w("600"), height: w("890"), reason: "paint" });
  t.tell("size.overrule-dropped", {});
  t.tell("specify.glass", { kind: "toughened", thickness: w("4"), edges: "arrissed", pattern: "reeded" });
  t.tell("specify.location", { inDoor: true, wetRoom: false, stairs: false, walkway: true });
  t.tell("order.opened", { supplier: "Salt Lane", reference: "OR-1" }, { order: ORDER });
  t.tell("order.line", line, { order: ORDER, pane: PANE });
  t.tell("order.line-dropped", { line: uuid(9), reason: "size changed" }, { order: ORDER });
  t.tell("order.sent", { day: "2026-05-20", due: "2026-05-22" }, { order: ORDER });
  t.tell("order.arrived", { day: "2026-05-22" }, { order: ORDER });
  t.tell(
    "order.checked",
    { line: uuid(9), width: w("600"), height: w("900"), verdict: "sent-back", reason: "chip" },
    { order: ORDER },
  );
  t.tell("set.done", { day: "2026-05-22", compound: "linseed", sprigs: 18 });
  t.tell("finish.painted", { day: "2026-06-01" });
  t.tell("signoff.check", { item: "still", good: true, note: "" });
  t.tell("signoff.signed", { day: "2026-06-02", told: true });
  t.strike(t.entries[0] as Entry);

  it.each(t.entries.map((e) => [e.kind, e] as const))("%s", (_, e) => {
    for (const dialect of ["a", "b"] as const)
      for (const unit of ["mm", "in"] as const) {
        const words = entryWords(e, { unit, dialect });
        expect(words).toMatch(/^[A-Za-z]/);
        expect(words).not.toMatch(/[{}]|undefined|NaN|null/);
      }
  });
  it("keeps readings as they were written, with their unit", () => {
    const said = t.entries
      .filter((e) => e.kind === "measure.reading")
      .map((e) => entryWords(e, { unit: "in", dialect: "a" }));
    expect(said).toEqual(["width, top: 612 mm", "width, middle: 23 11/16", "width, bottom: taken out"]);
  });
});

describe("other sentences", () => {
  it("tape errors all say what to do", () => {
    for (const text of [
      "",
      "-1",
      "1e3",
      "1x",
      "1?",
      "1/",
      "1/3",
      "17/16",
      "1,200",
      "1.2.3",
      "1.",
      "9".repeat(20),
      "1+-",
      "mm",
      "1 2",
      "1mm in",
      "1.5 1/2",
      "1/2 mm",
      "1' 12",
      "1.5' 2",
      "1' 2mm",
      "0-",
    ]) {
      const read = readTape(text, "mm");
      expect([text, read.ok]).toEqual([text, false]);
      if (!read.ok) expect(tapeErrorSentence(read.error)).toMatch(/^.{12,}[.]$/);
    }
  });
  it.each([
    [608, 900, "Width and height exactly as ordered."],
    [608.5, 900, "Within tolerance: width 0.5 mm too large (1 mm allowed)."],
    [608, 897, "Out of tolerance: height 3 mm too small (1 mm allowed). Send it back, or say why it may stay."],
    [
      608.5,
      897,
      "Out of tolerance: height 3 mm too small (1 mm allowed). Within it: width 0.5 mm too large (1 mm allowed). Send it back, or say why it may stay.",
    ],
    [900, 608, "Width and height are the wrong way about. Turn it, and see whether pattern and label allow it."],
  ])("came %d × %d: %s", (w, h, sentence) => {
    const check = checkIn({
      ordered: { width: mm(608), height: mm(900) },
      came: { width: mm(w), height: mm(h) },
      tolerance: { small: mm(1), large: mm(2), limit: mm(1500) },
    });
    expect(checkInSentence(check, "mm")).toBe(sentence);
  });
  it.each([
    ["455 mm read as 17 29/32: less than a tape shows", 454.81875, "Width and height exactly as ordered."],
    ["a 64th is a difference", 454.6, 'Within tolerance: width 1/64" too small (1/32" allowed).'],
  ])("in inches, %s", (_, came, sentence) => {
    const check = checkIn({
      ordered: { width: mm(455), height: mm(757) },
      came: { width: mm(came), height: mm(757) },
      tolerance: { small: mm(1), large: mm(2), limit: mm(1500) },
    });
    expect(checkInSentence(check, "in")).toBe(sentence);
  });
  it("says when to paint, or why not", () => {
    const linseed = { leastDays: 7, mostDays: 28, leastC: 5, dryBefore: 1 };
    expect(paintSentence(paintWindow(linseed, dayOf("2026-05-04"), calendar))).toBe(
      "Paint from Mon 11 May, by Mon 1 Jun or it cracks.",
    );
    expect(paintSentence(paintWindow({ ...linseed, leastDays: null }, dayOf("2026-05-04"), calendar))).toContain(
      "cannot be painted",
    );
    expect(paintSentence(paintWindow({ ...linseed, mostDays: 3 }, dayOf("2026-05-04"), calendar))).toContain(
      "not cured before its last day",
    );
  });
  it("the next thing is an order to oneself, in the reader's words", () => {
    const { book, r } = at(fresh());
    expect(nextWords(nextFor(book, r, dayOf("2026-05-20")), "b")).toBe("Look: say what is wrong");
  });
  it.each([
    [inches(22, 5, 16), `1' 10 5/16"`],
    [inches(12), `1' 0"`],
    [inches(0, 3, 4), `3/4"`],
  ])("feet and inches", (length, text) => expect(writeFeet(length)).toBe(text));
  it("a length for people", () =>
    expect([writeLength(inches(2, 3, 16), "in"), writeLength(mm(601.5), "mm")]).toEqual([`2 3/16"`, "601.5 mm"]));
  it("strange cookies are the default", () => {
    expect(prefsFrom(() => "<x>")).toMatchObject({ unit: "mm", dialect: "a" });
    expect(prefsFrom((n) => ({ unit: "in", dialect: "b", who: "  Bram " })[n])).toEqual({
      unit: "in",
      dialect: "b",
      who: "Bram",
    });
  });
  it("house rules take only what lies between their ends", () => {
    expect([
      houseValueFits("bedMm", 3),
      houseValueFits("bedMm", 11),
      houseValueFits("bedMm", Number.NaN),
      houseValueFits("school", "snug"),
      houseValueFits("school", "x"),
    ]).toEqual([true, false, false, true, false]);
    for (const [rule, fact] of Object.entries(HOUSE_RULES))
      expect([rule, houseValueFits(rule as never, fact.value), fact.source !== ""]).toEqual([rule, true, true]);
  });
});

describe("days as they are said", () => {
  const [here, there] = [dayOf("2026-05-20"), dayOf("2025-12-31")];
  it.each([
    [sayDay(here), "Wed 20 May"],
    [sayDate(here), "Wed 20 May 2026"],
    [sayDayFrom(here, here), "Wed 20 May"],
    [sayDayFrom(there, here), "Wed 31 Dec 2025"],
  ])("%s", (said, is) => expect(said).toBe(is));
});
