import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { NOTHING_FOUND } from "../measure/found.ts";
import { toMm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { gainOf, oldGlass, sashByTimber } from "./sash-weighs.ts";

/* A sash by its timber, and the glass that was in it: 600 × 900 between rebates 10 deep and 18 wide, members of 48 by 44. */

const READ = {
  "width-top": "600",
  "width-bottom": "600",
  "height-left": "900",
  "height-right": "900",
  "rebate-depth": "10",
  "rebate-width": "18",
  "timber-thickness": "44",
  "member-face": "48",
} as const;
/** 676 × 976 outside, 580 × 880 of sight: 149 376 mm² by 44, less 29 600 by 18 of rebate, at 500 kg/m³. */
const TIMBER_KG = 3.02;

const sash = (more: Readonly<Record<string, string>> = {}, double = false) => {
  const t = new Teller().opened().added(PANE, "timber-putty");
  if (double) t.tell("look.option", { option: "double", reason: "warmer" });
  t.read({ ...READ, ...more });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, withFirm(foldFirm(t.entries)));
  if (!r.cut.ok) throw new Error("no size");
  return { book, r, glass: r.cut.value.glass };
};
const kgOf = (width: number, height: number, thick: number): number => (width * height * thick * 2.5) / 1e6;

describe("what hangs on the cords today", () => {
  it("the old glass, as thick as it was read, or taken as 3 until somebody reads it", () => {
    const { book, r, glass } = sash({ "old-thickness": "4" });
    expect(oldGlass(book, r)?.kg).toBeCloseTo(kgOf(toMm(glass.width), toMm(glass.height), 4), 6);
    expect(oldGlass(book, r)?.isRead).toBe(true);
    const unread = sash();
    expect(oldGlass(unread.book, unread.r)?.isRead).toBe(false);
    expect(oldGlass(unread.book, unread.r)?.kg).toBeCloseTo(kgOf(toMm(glass.width), toMm(glass.height), 3), 6);
  });

  it("nobody can say before its size is worked out", () => {
    const t = new Teller().opened().added(PANE, "timber-putty").read({ "old-thickness": "4" });
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const r = reckon(book, withFirm(foldFirm(t.entries)));
    expect([oldGlass(book, r), sashByTimber(book, r), gainOf(book, r)]).toEqual([null, null, null]);
  });

  it("of a unit its two sheets, and never its thickness as solid glass", () => {
    const t = new Teller().opened().added(PANE, "plastic-bead-inside");
    t.read({
      "width-top": "600",
      "width-bottom": "600",
      "height-left": "900",
      "height-right": "900",
      "unit-thickness": "24",
    });
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const r = reckon(book, withFirm(foldFirm(t.entries)));
    const old = oldGlass(book, r);
    const size = r.cut.ok ? r.cut.value.glass : null;
    expect(old?.isRead).toBe(true);
    const sheets = (old?.sheetsMm ?? []).reduce((a, b) => a + b, 0);
    expect(sheets).toBe(8);
    expect(old?.kg).toBeCloseTo(size ? kgOf(toMm(size.width), toMm(size.height), sheets) : 0, 6);
  });

  it("the timber with the rebate that is in it", () => {
    const { book, r } = sash();
    expect((sashByTimber(book, r) ?? 0) - (oldGlass(book, r)?.kg ?? 0)).toBeCloseTo(TIMBER_KG, 2);
  });

  it("is of the sash as it is, not as it will be routed for a unit", () => {
    const { book, r, glass } = sash({}, true);
    // Planned 7 deeper all round, for a pane that is larger by twice that.
    expect(r.planned && toMm(r.planned.by)).toBe(7);
    expect(oldGlass(book, r)?.kg).toBeCloseTo(kgOf(toMm(glass.width) - 14, toMm(glass.height) - 14, 3), 6);
    expect((sashByTimber(book, r) ?? 0) - (oldGlass(book, r)?.kg ?? 0)).toBeCloseTo(TIMBER_KG, 2);
  });

  it.each(["member-face", "timber-thickness", "rebate-depth", "rebate-width"] as const)(
    "not without its %s",
    (place) => {
      const { [place]: _, ...rest } = READ;
      const t = new Teller().opened().added(PANE, "timber-putty").read(rest);
      const book = foldPane(PANE, t.entries);
      if (!book) throw new Error("no pane");
      expect(sashByTimber(book, reckon(book, withFirm(foldFirm(t.entries))))).toBeNull();
    },
  );

  it("not where the rebate would go through its members", () => {
    const { book, r } = sash({ "rebate-width": "44" });
    expect([oldGlass(book, r) === null, sashByTimber(book, r)]).toEqual([false, null]);
  });
});

describe("what hangs on the cords afterwards", () => {
  const gain = (more: Readonly<Record<string, string>>, how: (t: Teller) => unknown) => {
    const t = new Teller().opened().added(PANE, "timber-putty");
    t.read({ ...READ, ...more });
    how(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    return gainOf(book, reckon(book, withFirm(foldFirm(t.entries))));
  };
  const hung = (t: Teller) => t.tell("measure.found", { ...NOTHING_FOUND, hinge: "hung" });
  const glass = (t: Teller, mm: string) =>
    t.tell("specify.glass", { kind: "float", thickness: { text: mm, unit: "mm" }, edges: "as cut", pattern: "" });
  it.each<[string, Readonly<Record<string, string>>, (t: Teller) => unknown, boolean]>([
    ["thicker glass than was read", { "old-thickness": "3" }, (t) => [hung(t), glass(t, "4")], true],
    ["as thick as the old", { "old-thickness": "4" }, (t) => [hung(t), glass(t, "4")], false],
    ["nobody read the old: what is mostly found weighs nothing by itself", {}, (t) => [hung(t), glass(t, "4")], false],
    [
      "a unit for one sheet is heavier, whatever that was",
      {},
      (t) => [hung(t), t.tell("look.option", { option: "double", reason: "" })],
      true,
    ],
    ["it does not slide", { "old-thickness": "3" }, (t) => glass(t, "6"), false],
  ])("%s", (_, more, how, gains) => expect(gain(more, how) !== null).toBe(gains));
});
