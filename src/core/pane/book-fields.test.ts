import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { Kind, Payloads } from "../log/kinds.ts";
import { foldPane, type PaneBook } from "./book.ts";

/* What is told of a pane stands in its book under one name: what was told last, and nothing where nobody told it. */

const bookOf = (tell: (t: Teller) => void): PaneBook => {
  const t = new Teller().added();
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return book;
};
const told = <K extends Kind>(kind: K, ...payloads: readonly object[]) =>
  bookOf((t) => {
    for (const p of payloads) t.tell(kind, p as Payloads[K]);
  });

/** Kinds that the book keeps as they are told, and where. */
const WHOLE: readonly (readonly [kind: Kind, field: keyof PaneBook])[] = [
  ["measure.bars", "bars"],
  ["measure.coating", "coating"],
  ["measure.found", "found"],
  ["size.risk-taken", "risk"],
  ["size.rule", "rule"],
  ["size.overruled", "overrule"],
  ["size.shaped", "shaped"],
  ["takeout.marks", "marks"],
  ["specify.glass", "glass"],
  ["specify.location", "location"],
  ["specify.sash", "sash"],
  ["specify.match", "match"],
  ["specify.sun", "sun"],
  ["specify.looks", "looks"],
  ["specify.hinges", "hinges"],
  ["specify.parts", "parts"],
  ["look.closed", "closed"],
  ["order.stood-by", "stoodByOrder"],
  ["order.had", "had"],
  ["set.done", "set"],
  ["set.facing", "facing"],
  ["finish.visit", "visit"],
  ["finish.paint-left", "paintLeft"],
];
/** Kinds of which the book keeps one field: its name in the payload, in the book, and what stands while nobody told it. */
const ONE: readonly (readonly [kind: Kind, name: string, field: keyof PaneBook, unsaid: unknown])[] = [
  ["measure.circumstance", "state", "circumstance", null],
  ["measure.shape", "shape", "shape", null],
  ["measure.sits", "sits", "sits", null],
  ["size.basis", "basis", "basis", "glass"],
  ["look.cause", "cause", "cause", null],
  ["takeout.sprigs", "found", "sprigsFound", null],
  ["specify.makeup", "makeup", "makeup", null],
  ["specify.exposure", "exposure", "exposure", null],
  ["specify.bed", "compound", "bed", null],
  ["specify.insert", "safety", "insertSafe", null],
  ["specify.panel", "panel", "panel", null],
  ["set.tag", "tag", "tag", null],
  ["finish.painted", "day", "painted", null],
];

describe("the book of a pane", () => {
  it.each(WHOLE)("%s stands under %s as it was told last", (kind, field) => {
    expect(bookOf(() => {})[field]).toBeNull();
    expect(told(kind, { told: 1 }, { told: 2 })[field]).toEqual({ told: 2 });
  });
  it.each(ONE)("%s: its %s stands under %s as it was told last", (kind, name, field, unsaid) => {
    expect(bookOf(() => {})[field]).toBe(unsaid);
    expect(told(kind, { [name]: "first" }, { [name]: "last" })[field]).toBe("last");
  });
  it.each([
    ["size.overruled", "size.overrule-dropped", "overrule"],
    ["size.shaped", "size.shaped-dropped", "shaped"],
    ["look.closed", "look.opened", "closed"],
  ] as const)("%s is taken back by %s, and told anew after it stands again", (kind, back, field) => {
    const both = (...kinds: readonly Kind[]) =>
      bookOf((t) => {
        for (const [i, k] of kinds.entries()) t.tell(k, { told: i } as never);
      })[field];
    expect(both(kind, back)).toBeNull();
    expect(both(kind, back, kind)).toEqual({ told: 2 });
    expect(both(back, kind)).toEqual({ told: 1 });
  });
  it("a remake that is taken back is none, and another's stays", () => {
    const book = told("remake.kept", { line: "a", why: "x" }, { line: "b", why: "y" }, { line: "a", gone: true });
    expect([...book.remakes]).toEqual([["b", { line: "b", why: "y" }]]);
  });
  it("who fitted and who signed is kept with it", () => {
    const fit = told("set.fit", { went: "easy" }).fit;
    expect([fit?.who, fit?.went]).toEqual(["Nell", { went: "easy" }]);
    expect(told("signoff.signed", { day: "2026-05-20", told: true }).signed).toEqual({
      day: "2026-05-20",
      told: true,
      who: "Nell",
    });
    expect([bookOf(() => {}).fit, bookOf(() => {}).signed]).toEqual([null, null]);
  });
  it("a place that was read a second time keeps both readings, of the second the newest", () => {
    const at = (text: string) => ({ place: "width-top", text, unit: "mm" }) as never;
    const book = bookOf((t) => {
      t.tell("measure.reading", at("600"));
      t.tell("measure.again", at("601"));
      t.tell("measure.again", at("602"));
    });
    expect([book.readings["width-top"]?.text, book.again["width-top"]?.text]).toEqual(["600", "602"]);
  });
  it("materials add up, of what fell short the newest word stands, in its first place", () => {
    expect(told("set.material", { what: "putty" }, { what: "putty" }).materials).toHaveLength(2);
    const snags = told("signoff.snag", { snag: "a", state: 1 }, { snag: "b" }, { snag: "a", state: 2 }).snags;
    expect(snags).toEqual([{ snag: "a", state: 2 }, { snag: "b" }]);
  });
  it("a step that is opened again is not done; a visit without a day is none; of a look the newest stands", () => {
    const step = { station: "set", step: "clean", reason: "" };
    expect(told("step.marked", { ...step, state: "done" }).steps.has("set/clean")).toBe(true);
    expect(told("step.marked", { ...step, state: "done" }, { ...step, state: "open" }).steps.size).toBe(0);
    const visit = { part: "fit", person: "Nell", helper: null };
    expect(told("plan.visit", { ...visit, day: "2026-05-20" }).visits.get("fit")?.day).toBe("2026-05-20");
    expect(told("plan.visit", { ...visit, day: "2026-05-20" }, { ...visit, day: null }).visits.size).toBe(0);
    expect(
      told("signoff.check", { item: "still", good: false }, { item: "still", good: true }).checks.get("still"),
    ).toEqual({ item: "still", good: true });
  });
});
