import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ROUND, Teller, uuid } from "../../../tests/support/told.ts";
import { TUB } from "../../../tests/support/tub.ts";
import type { Entry } from "../log/kinds.ts";
import { essentialOf } from "./essential.ts";
import { foldFirm } from "./fold-firm.ts";

type Tell = (t: Teller) => void;
const pick = <T>(given: readonly [T, ...T[]]) => fc.constantFrom(...given);
const name = pick(["A", "B", "C"]);
const firm = {};
const SHEET = { widthNm: 6e8, heightNm: 9e8, thicknessNm: 4e6, glass: "float" as const };

/** One entry of the firm's own, of any kind that is folded and some that are not. */
const told: fc.Arbitrary<Tell> = fc.oneof(
  fc.tuple(pick(["bedMm", "leastGapMm"]), pick([1, 2, 999])).map(
    ([rule, value]): Tell =>
      (t) =>
        void t.tell("house.rule", { rule, value }, firm),
  ),
  fc.tuple(name, fc.nat(20)).map(
    ([n, leadDays]): Tell =>
      (t) =>
        void t.tell("supplier.added", { name: n, cuts: "", unit: "mm", leadDays }, firm),
  ),
  fc.tuple(name, fc.boolean()).map(
    ([n, gone]): Tell =>
      (t) =>
        void t.tell("compound.kept", { ...TUB, name: n, gone }, firm),
  ),
  fc.tuple(pick(["A", "B"]), fc.nat(40), pick(["Nell", "Bram"])).map(
    ([step, minutes, who]): Tell =>
      (t) =>
        void t.tell(
          "work.took",
          { system: "timber-putty", station: "takeout", step, minutes: minutes + 1, metres: null },
          firm,
          who,
        ),
  ),
  fc.tuple(pick(["2026-05-20", "2026-05-21"]), fc.boolean()).map(
    ([day, wet]): Tell =>
      (t) =>
        void t.tell("round.weather", { day, wet, lowC: wet ? 3 : null }, firm),
  ),
  fc.tuple(name, pick(["none", "found"] as const)).map(
    ([address, result]): Tell =>
      (t) =>
        void t.tell("building.lead", { address, result }, firm),
  ),
  fc.tuple(name, fc.nat(4), fc.boolean()).map(
    ([n, count, gone]): Tell =>
      (t) =>
        void t.tell("stock.pane", { ...SHEET, name: n, count, gone }, firm),
  ),
  fc.tuple(name, fc.nat(3)).map(
    ([n, count]): Tell =>
      (t) =>
        void t.tell("stock.counted", { name: n, count }, firm),
  ),
  name.map(
    (sheet): Tell =>
      (t) =>
        void t.tell("stock.cut", { sheet, panes: [], left: [], spoilt: 0 }, firm),
  ),
  fc.constant<Tell>((t) => void t.tell("kit.forgot", { what: "pincers", day: "2026-05-20" }, firm)),
  fc.constant<Tell>((t) => void t.tell("round.opened", { name: "R", place: "" }, { round: ROUND })),
);

describe("what a page carries of the firm's years", () => {
  it("says the same as all of it, whatever was replaced, struck and brought back", () => {
    fc.assert(
      fc.property(fc.array(told, { maxLength: 160 }), fc.array(fc.nat(300), { maxLength: 30 }), (tells, strikes) => {
        const t = new Teller(0x100);
        for (const tell of tells) tell(t);
        for (const n of strikes) {
          const target = t.entries[n % Math.max(1, t.entries.length)];
          if (target) t.strike(target);
        }
        expect(foldFirm(essentialOf(t.entries))).toEqual(foldFirm(t.entries));
      }),
      { numRuns: 120 },
    );
  });
  it("carries a count that a cut went by, though it was counted again since", () => {
    const t = new Teller(0x100);
    t.tell("stock.pane", { ...SHEET, name: "A", count: 1 }, firm);
    t.tell("stock.counted", { name: "A", count: 1 }, firm);
    t.tell("stock.counted", { name: "A", count: 10 }, firm);
    t.tell("stock.cut", { sheet: "A", panes: [], left: [], spoilt: 0 }, firm);
    t.tell("stock.counted", { name: "A", count: 4 }, firm);
    for (let i = 0; i < 80; i++) t.tell("kit.forgot", { what: "pincers", day: "2026-05-20" }, firm);
    expect(foldFirm(essentialOf(t.entries)).stock).toEqual(foldFirm(t.entries).stock);
    expect(foldFirm(t.entries).stock[0]?.count).toBe(4);
  });
  it("carries what each person took, however often the others timed the same step since", () => {
    const t = new Teller(0x100);
    const took = (minutes: number, who: string) =>
      t.tell("work.took", { system: "timber-putty", station: "takeout", step: "A", minutes, metres: null }, firm, who);
    for (const m of [5, 6, 7]) took(m, "Nell");
    for (let i = 0; i < 90; i++) took(20, "Bram");
    const { past } = foldFirm(essentialOf(t.entries));
    expect(past).toEqual(foldFirm(t.entries).past);
    const timed = [...past.values()].flat();
    expect(timed.filter((t) => t.who === "Nell").map((t) => t.minutes)).toEqual([5, 6, 7]);
    expect(timed.filter((t) => t.who === "Bram")).toHaveLength(30);
  });
  it("is short where a firm said the same things for years", () => {
    const t = new Teller(0x100);
    for (let i = 0; i < 2000; i++)
      t.tell("round.weather", { day: `2026-05-${10 + (i % 20)}`, wet: i % 3 === 0, lowC: null }, firm);
    expect(essentialOf(t.entries).length).toBeLessThan(90);
  });
  it("keeps a strike with what it struck, so that it can be brought back", () => {
    const t = new Teller(0x100);
    const rule = t.tell("house.rule", { rule: "bedMm", value: 3 }, firm) as unknown as Entry;
    const strike = t.strike(rule);
    expect(essentialOf(t.entries).map((e) => e.id)).toEqual([uuid(0x100), strike.id]);
  });
});
