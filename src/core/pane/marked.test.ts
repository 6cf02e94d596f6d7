import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { plainUnit } from "../../../tests/support/plain-unit.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { facingMatters } from "../set/facing.ts";
import type { GlassKind } from "../specify/glass.ts";
import { PLAIN_LOOKS } from "../specify/looks.ts";
import { foldPane } from "./book.ts";
import { facingFacts } from "./facing.ts";
import { newBursts, newIsMarked, oldBursts } from "./marked.ts";
import { reckon } from "./reckoning.ts";

const told = (system: System, tell: (t: Teller) => unknown) => {
  const t = new Teller().opened().added(PANE, system).read({ "width-top": "600", "height-left": "900" });
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar }) };
};
const glass = (kind: GlassKind) => (t: Teller) =>
  t.tell("specify.glass", { kind, thickness: { text: "6", unit: "mm" }, edges: "arrissed", pattern: "" });
const unit = (outer: GlassKind, inner: GlassKind) => (t: Teller) =>
  t.tell("specify.makeup", { makeup: plainUnit({ outer: { mm: 4, kind: outer }, inner: { mm: 4, kind: inner } }) });
/** Rule set M: safety glass below 800 mm, and not from there on. */
const high = (t: Teller) => t.read({ "sill-height": "1200", "door-distance": "2000" });
const low = (t: Teller) => t.read({ "sill-height": "200", "door-distance": "2000" });
const mark = (t: Teller) => t.tell("specify.looks", { ...PLAIN_LOOKS, mark: "stamp" });
const old = (stamp: "toughened" | "laminated" | "none") => (t: Teller) =>
  t.tell("look.answer", { question: "stamp", answer: stamp });
const goesBack = (t: Teller) => t.tell("look.option", { option: "repack", reason: "" });
const all =
  (...tells: readonly ((t: Teller) => unknown)[]) =>
  (t: Teller) =>
    tells.map((tell) => tell(t));

describe("whether what goes in carries a mark", () => {
  it.each<[string, System, (t: Teller) => unknown, boolean]>([
    ["float", "timber-putty", all(glass("float"), high), false],
    ["float, and a mark was asked for", "timber-putty", all(glass("float"), high, mark), true],
    ["toughened, wherever it stands", "timber-putty", all(glass("toughened"), high), true],
    ["laminated, low down", "timber-putty", all(glass("laminated"), low), true],
    ["laminated, and nobody read where it stands", "timber-putty", glass("laminated"), true],
    ["laminated where ordinary glass would do", "timber-putty", all(glass("laminated"), high), false],
    ["the same, and a mark was asked for", "timber-putty", all(glass("laminated"), high, mark), true],
    ["the old one was marked, float goes in", "timber-putty", all(old("toughened"), glass("float"), high), false],
    ["the old one was toughened and goes back", "plastic-bead-inside", all(old("toughened"), goesBack), true],
    ["the old one was laminated and goes back", "plastic-bead-inside", all(old("laminated"), goesBack), true],
    ["the old one had no mark and goes back", "plastic-bead-inside", all(old("none"), goesBack), false],
    ["a unit of float", "plastic-bead-inside", all(unit("float", "float"), low), false],
    ["a unit safe on both faces", "plastic-bead-inside", all(unit("laminated", "toughened"), high), true],
    ["laminated on both, high up", "plastic-bead-inside", all(unit("laminated", "laminated"), high), false],
    ["laminated on both, low down", "plastic-bead-inside", all(unit("laminated", "laminated"), low), true],
  ])("%s", (_, system, tell, is) => {
    const { book, r } = told(system, tell);
    expect(newIsMarked(book, r)).toBe(is);
    expect(facingFacts(book, r).stamped).toBe(is);
  });

  it("by a mark that is not there nobody says which face goes in", () => {
    const { book, r } = told("timber-putty", all(glass("laminated"), high));
    expect(facingMatters(facingFacts(book, r))).toBe(false);
    const { book: b, r: of } = told("timber-putty", all(glass("laminated"), low));
    expect(facingMatters(facingFacts(b, of))).toBe(true);
  });
});

describe("whether it bursts", () => {
  it.each<[string, System, (t: Teller) => unknown, old: boolean, fresh: boolean]>([
    ["toughened for plain", "timber-putty", all(old("none"), glass("toughened")), false, true],
    ["plain for toughened", "timber-putty", all(old("toughened"), glass("float")), true, false],
    ["toughened that goes back", "plastic-bead-inside", all(old("toughened"), goesBack), true, true],
    ["a unit with one sheet of it", "plastic-bead-inside", unit("float", "toughened"), false, true],
    ["a unit without", "plastic-bead-inside", unit("float", "laminated"), false, false],
    ["a unit that nobody chose", "plastic-bead-inside", () => undefined, false, false],
  ])("%s", (_, system, tell, was, goes) => {
    const { book, r } = told(system, tell);
    expect([oldBursts(book), newBursts(book, r)]).toEqual([was, goes]);
  });
});
