import { describe, expect, it } from "vitest";
import { ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { pence } from "../money/pence.ts";
import { foldPane } from "../pane/book.ts";
import { NOTHING_SEEN, type PaneSeen, tells } from "./seen.ts";
import { seenOnPane } from "./seen-on-pane.ts";

const ON_ORDER = { order: ORDER };
const BOTH = { order: ORDER, pane: PANE };

/** A pane of 608 × 900 on its way, opening 612 × 904. */
const ordered = (): Teller => {
  const t = new Teller()
    .opened()
    .added()
    .read({ "width-top": "612", "width-bottom": "612", "height-left": "904", "height-right": "904" });
  t.tell("order.opened", { supplier: "Salt Lane", reference: "1" }, ON_ORDER);
  t.tell("order.line", { ...ORDER_LINE }, BOTH);
  t.tell("order.sent", { day: "2026-05-04", due: "2026-05-06" }, ON_ORDER);
  t.tell("order.arrived", { day: "2026-05-06" }, ON_ORDER);
  return t;
};
const came = (width: string, height: string, verdict: "accepted" | "sent-back" = "accepted"): Teller => {
  const t = ordered();
  t.tell(
    "order.checked",
    {
      line: ORDER_LINE.line,
      width: { text: width, unit: "mm" },
      height: { text: height, unit: "mm" },
      verdict,
      reason: verdict === "accepted" ? "" : "too small",
    },
    ON_ORDER,
    "Bram",
  );
  return t;
};
const seen = (t: Teller): PaneSeen => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return seenOnPane(book);
};

describe("what a pane tells of the firm's own errors", () => {
  it("nothing, until something came or was read twice", () => {
    expect(seen(ordered())).toEqual(NOTHING_SEEN);
    expect(tells(seen(ordered()))).toBe(false);
  });
  it.each<[string, string, readonly "misted"[], { readonly year: number; readonly failed: boolean } | null]>([
    ["a year in the spacer of a misted unit", "03/09", ["misted"], { year: 2009, failed: true }],
    ["of one that holds", "2014", [], { year: 2014, failed: false }],
    ["no year in it", "worn off", [], null],
    ["a year that lies ahead of the day", "2031", [], null],
  ])("%s", (_, spacerDate, damage, made) => {
    const t = new Teller().opened().added(PANE, "plastic-bead-inside");
    t.tell("look.damage", { damage: [...damage] });
    t.tell("measure.found", { hinge: "left", marks: "", spacerDate, held: "bead" });
    const got = seen(t).made;
    if (made === null) expect(got).toBeNull();
    else expect(got).toMatchObject(made);
  });
  it("608 × 900 ordered, 609 × 899.5 came: 1 larger, 0.5 smaller, as Bram read them", () => {
    const s = seen(came("609", "899.5"));
    expect(s.sides.map((x) => x.byMm)).toEqual([1, -0.5]);
    expect(s.sides[0]).toMatchObject({
      supplier: "Salt Lane",
      sealed: false,
      who: "Bram",
      tape: "mm",
      day: "2026-05-06",
    });
    expect(s.came).toEqual([{ supplier: "Salt Lane", day: "2026-05-06", back: false, make: "single" }]);
    expect(s.back).toEqual([]);
  });
  it.each([
    ["a size that cannot be read", "abc", [0]],
    ["another pane altogether", "300", [0]],
  ])("%s tells nothing of that side", (_, width, off) =>
    expect(seen(came(width, "900")).sides.map((x) => x.byMm)).toEqual(off),
  );
  it("sent back: it came back, with what was said, until somebody says why", () => {
    const t = came("598", "900", "sent-back");
    expect(seen(t).back).toMatchObject([{ said: "too small", why: null, whose: null, pence: null }]);
    const [{ line = "" } = {}] = seen(t).back;
    t.tell("remake.kept", {
      line,
      day: "2026-05-07",
      why: "made-wrong",
      whose: "supplier",
      pence: pence(1800),
      note: "",
    });
    expect(seen(t).back).toMatchObject([
      { said: "too small", why: "made-wrong", whose: "supplier", pence: pence(1800) },
    ]);
    t.tell("remake.kept", {
      line,
      day: "2026-05-07",
      why: "made-wrong",
      whose: "supplier",
      pence: pence(1800),
      note: "",
      gone: true,
    });
    expect(seen(t).back).toMatchObject([{ why: null }]);
  });
  it("failed where it was set: in the ledger without a line", () => {
    const t = came("608", "900");
    t.tell("set.done", { day: "2026-05-08", compound: "linseed", sprigs: 8 });
    t.tell("remake.kept", {
      line: "",
      day: "2026-06-08",
      why: "failed-after",
      whose: "ours",
      pence: null,
      note: "fell out",
    });
    expect(seen(t).back).toMatchObject([{ line: "", supplier: "Salt Lane", said: "fell out", why: "failed-after" }]);
  });

  describe("a place read twice", () => {
    const again = (text: string, who: string, unit: "mm" | "in" = "mm"): PaneSeen => {
      const t = ordered();
      t.tell("measure.again", { place: "width-top", text, unit }, { pane: PANE }, who);
      return seen(t);
    };
    it.each([
      ["by the same writer: the first less the second", "611.5", "Nell", "mm", [0.5]],
      ["by somebody else: two hands differ, and one tape is asked for", "611.5", "Bram", "mm", []],
      ["with another tape", "24 3/32", "Nell", "in", []],
      ["so far off that it was another place", "640", "Nell", "mm", []],
      ["not to be read", "six hundred", "Nell", "mm", []],
    ] as const)("%s", (_, text, who, unit, by) => expect(again(text, who, unit).twice.map((x) => x.byMm)).toEqual(by));
  });

  describe("how it went in", () => {
    const wentIn = (more: object, before?: (t: Teller) => void): PaneSeen => {
      const t = came("609", "900");
      before?.(t);
      t.tell("set.fit", { went: "easy", ...more });
      return seen(t);
    };
    it("612 read, 609 came, 2.5 of room seen: the opening closed by 0.5", () => {
      const s = wentIn({ width: { text: "2.5", unit: "mm" } });
      expect(s.room).toMatchObject([{ material: "timber", byMm: -0.5, lengthMm: 612 }]);
      expect(s.went).toMatchObject({ went: "easy" });
    });
    it("without a room nothing of the frame", () => expect(wentIn({}).room).toEqual([]));
    it("an opening that tapers has no one size", () =>
      expect(
        wentIn({ width: { text: "2.5", unit: "mm" } }, (t) => {
          t.read({ "width-bottom": "616" });
        }).room,
      ).toEqual([]));
  });
  it("a strike takes all of it back", () => {
    const t = came("609", "899.5");
    const check = t.entries.find((e) => e.kind === "order.checked");
    if (check) t.strike(check);
    expect(seen(t).sides).toEqual([]);
  });
});
