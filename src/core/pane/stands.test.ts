import { describe, expect, it } from "vitest";
import { LEANING, ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Payloads } from "../log/kinds.ts";
import { mm, toMm } from "../units/length.ts";
import { sinceOrderedText, ticketOf } from "../words/ticket.ts";
import { foldPane, type PaneBook } from "./book.ts";
import { materialsOf } from "./pane-materials.ts";
import { type Reckoning, reckon } from "./reckoning.ts";
import { settingOf } from "./setting.ts";
import { movedSince } from "./stands.ts";

const { calendar } = foldFirm([]);
const told = (t: Teller): { readonly book: PaneBook; readonly r: Reckoning } => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar }) };
};
const measured = (): Teller =>
  new Teller().opened().added().read(LEANING).read({ "rebate-depth": "10", "rebate-width": "18" });
const ordered = (line: Partial<Payloads["order.line"]> = {}): Teller => {
  const t = measured();
  t.tell("order.opened", { supplier: "S", reference: "OR-1" }, { order: ORDER });
  t.tell("order.line", { ...ORDER_LINE, ...line }, { order: ORDER, pane: PANE });
  return t;
};
const came = (width: string, height: string, verdict: Payloads["order.checked"]["verdict"] = "accepted"): Teller => {
  const t = ordered();
  t.tell("order.sent", { day: "2026-05-12", due: "2026-05-18" }, { order: ORDER });
  t.tell("order.arrived", { day: "2026-05-18" }, { order: ORDER });
  const as = (text: string) => ({ text, unit: "mm" as const });
  t.tell(
    "order.checked",
    { line: ORDER_LINE.line, width: as(width), height: as(height), verdict, reason: verdict === "accepted" ? "" : "x" },
    { order: ORDER },
  );
  return t;
};
const size = (r: Reckoning): readonly number[] | null =>
  r.cut.ok ? [toMm(r.cut.value.glass.width), toMm(r.cut.value.glass.height)] : null;

describe("which pane stands", () => {
  const workedOut = size(told(measured()).r) ?? [];
  const HAD = {
    from: "bought",
    width: { text: "600", unit: "mm" },
    height: { text: "890", unit: "mm" },
    note: "",
  } as const;
  const setToo = () => {
    const t = came("607.5", "899.5");
    t.tell("set.done", { day: "2026-05-20", compound: "linseed", sprigs: null });
    return t;
  };
  it.each<[string, () => Teller, Reckoning["stands"]["as"], readonly number[]]>([
    ["measured", measured, "worked-out", workedOut],
    ["put on an order", () => ordered(), "ordered", [608, 900]],
    ["come and accepted: as it was measured then", () => came("607.5", "899.5"), "accepted", [607.5, 899.5]],
    ["accepted with a note", () => came("607", "900", "accepted-with-note"), "accepted", [607, 900]],
    [
      "accepted, a figure that cannot be read: as it was ordered",
      () => came("about 607", "900"),
      "accepted",
      [608, 900],
    ],
    ["accepted, and nought written for a side", () => came("0", "899.5"), "accepted", [608, 899.5]],
    [
      "glass that is here without an order",
      () => {
        const t = measured();
        t.tell("order.had", HAD);
        return t;
      },
      "accepted",
      [600, 890],
    ],
    [
      "glass that was here, and another ordered since: the one on order",
      () => {
        const t = ordered();
        t.tell("order.had", HAD);
        return t;
      },
      "ordered",
      [608, 900],
    ],
    [
      "glass that was here, and the one on order sent back: what is here",
      () => {
        const t = came("597", "900", "sent-back");
        t.tell("order.had", HAD);
        return t;
      },
      "accepted",
      [600, 890],
    ],
    ["sent back: worked out anew", () => came("597", "900", "sent-back"), "worked-out", workedOut],
    ["set", setToo, "set", [607.5, 899.5]],
  ])("%s", (_, tell, as, glass) => {
    const { r } = told(tell());
    expect([r.stands.as, size(r)]).toEqual([as, glass]);
  });
  it("gaps, packers, putty and weight are of the pane that stands", () => {
    const [one, other] = [told(ordered()), told(came("600", "890"))];
    const gap = (r: Reckoning) => r.cut.ok && toMm(r.cut.value.edgeGap.height);
    expect([gap(one.r), gap(other.r)]).toEqual([1.5, 6.5]);
    expect(other.r.massKg).toBeCloseTo(0.6 * 0.89 * 4 * 2.5, 6);
    expect(other.r.packers?.gap).toBe(6.5e6);
    expect(settingOf(other.book, other.r)?.spots).not.toEqual(settingOf(one.book, one.r)?.spots);
    expect(other.r.putty?.ok && one.r.putty?.ok && other.r.putty.value).not.toEqual(
      one.r.putty?.ok && one.r.putty.value,
    );
    expect(materialsOf(other.book, other.r)).not.toEqual(materialsOf(one.book, one.r));
  });
  it("the ticket says which it is", () => {
    const say = (t: Teller) => {
      const { book, r } = told(t);
      return ticketOf(book, r, { unit: "mm", dialect: "a" });
    };
    expect(say(ordered()).why).toMatch(/^On an order that is not sent yet. Width × height./);
    const sent = ordered();
    sent.tell("order.sent", { day: "2026-05-12", due: "2026-05-18" }, { order: ORDER });
    expect(say(sent).why).toMatch(/^Ordered. Width × height./);
    expect(say(ordered()).size).toMatchObject({ width: "608", height: "900" });
    expect(say(came("607.5", "899.5")).why).toMatch(/^As it came./);
    expect(say(came("607.5", "899.5")).size).toMatchObject({ width: "607.5", height: "899.5" });
  });
});

describe("readings that moved since it was ordered", () => {
  it("are said from the order on, with the difference and what it means", () => {
    const t = ordered();
    t.read({
      "width-top": "610",
      "width-middle": "609.5",
      "width-bottom": "611",
      "diagonal-up": "1088",
      "diagonal-down": "1090.5",
    });
    const { r } = told(t);
    expect(r.moved?.by.width).toBeLessThan(0);
    expect(size(r)).toEqual([608, 900]);
    expect(sinceOrderedText(r, "mm")).toMatch(
      /^The readings now give \d+ × \d+ mm: \d mm less width.* than was ordered. What stands /,
    );
  });
  it("say of what was ordered, and not of a size that nobody would choose, where none is likely to do any more", () => {
    const t = ordered();
    // Leaning far out, in a shallow rebate: no rectangle keeps its cover.
    t.read({ "rebate-depth": "6", "diagonal-up": "1098", "diagonal-down": "1082" });
    const { r } = told(t);
    expect(r.poor).toBe(true);
    expect(sinceOrderedText(r, "mm")).toMatch(
      /^By what is read now no true rectangle is likely to do\. What stands .*\. Ease the \{rebate\} before it is set, or order it anew\.$/,
    );
    const ticket = ticketOf(told(t).book, r, { unit: "mm", dialect: "a" }).why;
    expect(ticket).toContain("Ease the rebate before it is set, or order it anew.");
    expect(ticket).not.toContain("No size stands until then");
  });
  it("are none where the order itself rounded down to the supplier's grid", () => {
    const { r } = told(measured());
    const worked = r.worked.ok ? r.worked.value.glass : null;
    const step = 1_587_500;
    const onTheirs = (n: number): number => Math.floor(n / step) * step;
    const line = {
      widthNm: onTheirs(worked?.width ?? 0),
      heightNm: onTheirs(worked?.height ?? 0),
      grid: "1/16 in" as const,
    };
    expect(told(ordered(line)).r.moved).toBeNull();
    expect(told(ordered({ ...line, widthNm: line.widthNm - step })).r.moved).not.toBeNull();
  });
});

describe("what is ordered as it was read", () => {
  const copy = (readings: Record<string, string>, unit: "mm" | "in", sits?: Payloads["measure.sits"]["sits"]) => {
    const t = new Teller().opened().added(PANE, "plastic-bead-inside");
    t.tell("measure.way", { way: "old-unit" });
    if (sits) t.tell("measure.sits", { sits });
    t.read(readings, unit);
    return told(t).r;
  };
  it.each<[string, Record<string, string>, "mm" | "in", string, readonly number[]]>([
    ["whole millimetres", { "old-width": "600", "old-height": "900" }, "mm", "1 mm", [600, 900]],
    ["half a millimetre", { "old-width": "601.5", "old-height": "900" }, "mm", "0.5 mm", [601.5, 900]],
    ["sixteenths", { "old-width": "27 9/16", "old-height": "40" }, "in", "1/16 in", [27.5625 * 25.4, 40 * 25.4]],
    ["thirty-seconds", { "old-width": "27 17/32", "old-height": "40" }, "in", "1/32 in", [27.53125 * 25.4, 40 * 25.4]],
    [
      "packed by five: still the pane",
      { "old-width": "600", "old-height": "900", "old-packed": "5" },
      "mm",
      "1 mm",
      [600, 900],
    ],
  ])("an old pane in %s", (_, readings, unit, grid, glass) => {
    const r = copy(readings, unit, "easy");
    expect([r.rule.grid, size(r)?.map((n) => Math.round(n * 1e3) / 1e3)]).toEqual([
      grid,
      glass.map((n) => Math.round(n * 1e3) / 1e3),
    ]);
  });
  it("its room is what its packers say, and that is what it is packed by", () => {
    const r = copy({ "old-width": "600", "old-height": "900", "old-packed": "5" }, "mm", "packed");
    expect(r.cut.ok && toMm(r.cut.value.edgeGap.width)).toBe(5);
    expect(r.chances?.binds).toBeLessThan(0.01);
  });
  it("its odds are of the fit that was told, and none are given where nobody said", () => {
    expect(copy({ "old-width": "600", "old-height": "900" }, "mm").chances).toBeNull();
    expect(copy({ "old-width": "600", "old-height": "900" }, "mm", "loose").chances?.binds).toBeLessThan(0.2);
    expect(copy({ "old-width": "600", "old-height": "900" }, "mm", "tight").chances?.binds).toBeGreaterThan(0.5);
  });
});

describe("glass that is here without an order", () => {
  const had = (width: string, height: string, thickness: string | null = null) => {
    const t = measured();
    t.tell("order.had", {
      from: "bought",
      width: { text: width, unit: "mm" },
      height: { text: height, unit: "mm" },
      ...(thickness === null ? {} : { thickness: { text: thickness, unit: "mm" as const } }),
      note: "",
    });
    return t;
  };
  it.each<[string, Teller, unknown, number | null]>([
    ["stands as it was measured", had("607", "899", "6"), ["accepted", [607, 899]], 6],
    ["whose thickness nobody measured", had("607", "899"), ["accepted", [607, 899]], null],
    ["whose width cannot be read does not stand", had("about", "899"), ["worked-out", null], null],
    ["whose height cannot be read does not stand", had("607", "about"), ["worked-out", null], null],
  ])("%s", (_, t, stands, thick) => {
    const { r } = told(t);
    const sized = r.stands.size ? [toMm(r.stands.size.width), toMm(r.stands.size.height)] : null;
    expect([r.stands.as, sized]).toEqual(stands);
    expect(r.stands.thickness === null ? null : toMm(r.stands.thickness)).toBe(thick);
  });
});

describe("by how much it moved", () => {
  const line = { ...ORDER_LINE, corners: undefined } as unknown as Parameters<typeof movedSince>[0];
  it.each([
    ["not at all", 608, 900, null],
    ["2 wider, 3 lower", 610, 897, [2, -3]],
    ["lower alone", 608, 898, [0, -2]],
    ["by less than the grid, upward: rounding did that", 608.4, 900.9, null],
  ])("%s", (_, width, height, by) => {
    const moved = movedSince(line, { width: mm(width), height: mm(height) });
    expect(moved && [toMm(mm(moved.by.width / 1e6)), toMm(mm(moved.by.height / 1e6))]).toEqual(by);
  });
  it.each([
    ["608 asked for where 609 was worked out: theirs come 1 larger", 609, 901, null],
    ["now 611 and 901: 2 wider", 611, 901, [2, 0]],
    ["now 608: 1 narrower, though it is the figure on the order", 608, 901, [-1, 0]],
  ])("and what was left off because theirs come larger is no difference: %s", (_, width, height, by) => {
    const asked = { ...ORDER_LINE, theirsLargerNm: { width: mm(1), height: mm(1) } } as unknown as Parameters<
      typeof movedSince
    >[0];
    const moved = movedSince(asked, { width: mm(width), height: mm(height) });
    expect(moved && [toMm(mm(moved.by.width / 1e6)), toMm(mm(moved.by.height / 1e6))]).toEqual(by);
  });
  it("nothing, while nothing is ordered or nothing is worked out", () => {
    expect(movedSince(null, { width: mm(600), height: mm(900) })).toBeNull();
    expect(movedSince(line, null)).toBeNull();
  });
});
