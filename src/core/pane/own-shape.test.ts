import { describe, expect, it } from "vitest";
import { ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { Shape, Way } from "../measure/ways.ts";
import { dayOf } from "../units/day.ts";
import { mm, nm, toMm } from "../units/length.ts";
import { ticketOf } from "../words/ticket.ts";
import { verdictOf } from "../words/verdict.ts";
import { foldPane } from "./book.ts";
import { nextFor } from "./next.ts";
import { lineMass, orderLineOf } from "./order-line.ts";
import { archDrawn, shareOfRound } from "./own-shape.ts";
import { sidesOf, wayRoundShare } from "./own-sides.ts";
import { reckon } from "./reckoning.ts";
import { unknownsOf } from "./unknowns.ts";

const told = (shape: Shape, read: Readonly<Record<string, string>>, unit: "mm" | "in" = "mm", way: Way = "rebate") => {
  const t = new Teller().opened().added(PANE, "timber-bead");
  t.tell("measure.way", { way });
  t.tell("look.damage", { damage: ["cracked"] });
  t.tell("measure.shape", { shape });
  t.tell("measure.circumstance", { state: "cleared" });
  t.read(read, unit);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, withFirm(foldFirm(t.entries)));
  const size = r.cut.ok ? [toMm(r.cut.value.glass.width), toMm(r.cut.value.glass.height)] : null;
  return { teller: t, book, r, size, ticket: ticketOf(book, r, { unit: "mm", dialect: "a" }) };
};
/** A head that rises from 600 to 900 over a foot of 800: √(800² + 300²) is 854.4, the corners √(800² + 900²) and √(800² + 600²). */
const RAKED = {
  "width-top": "854.5",
  "width-bottom": "800",
  "height-left": "600",
  "height-right": "900",
  "diagonal-up": "1204",
  "diagonal-down": "1000",
  "rebate-depth": "12",
} as const;
const { "diagonal-up": _up, "diagonal-down": _down, ...SIDES } = RAKED;

describe("an opening with a raking side", () => {
  const { book, r, size, ticket } = told("raked", RAKED);
  it("is cut to its own shape: the least gap of 0.5 and a millimetre in along every side, on half millimetres", () => {
    // Upright jambs: 800 less 3 along the foot. The head's 1.5 is square to its slope: 1.5 × 854.4 / 800 = 1.6 upright; and 1.5 in
    // from a jamb it is 300 / 800 × 1.5 = 0.56 lower on the right, higher on the left. 900 − 1.5 − 1.6 − 0.56; 600 − 1.5 − 1.6 + 0.56.
    const at = r.shaped?.corners.map((c) => [toMm(nm(c.x)), toMm(nm(c.y))]) ?? [];
    const near = [
      [0, 0],
      [797, 0],
      [797, 896.3],
      [0, 597.5],
    ] as const;
    for (const [i, [x, y]] of near.entries()) {
      expect(Math.abs((at[i]?.[0] ?? 99) - x)).toBeLessThan(0.8);
      expect(Math.abs((at[i]?.[1] ?? 99) - y)).toBeLessThan(0.8);
    }
    expect(size?.map(Math.round)).toEqual([797, 896]);
  });
  it("has its gap and its cover on every side, and no odds of a rectangle in it", () => {
    const lying = r.cut.ok && r.cut.value.opening.ok ? r.cut.value.opening.value : null;
    expect(lying?.spare).toBeCloseTo(1.5, 1);
    expect(lying?.cover && Object.values(lying.cover).every((c) => c > 10)).toBe(true);
    expect(r.best).toBeNull();
    expect(r.tooBigBy).toBe(0);
    expect(lying?.leastCover?.enough).toBe(true);
    expect(r.chances?.trouble ?? 1).toBeLessThan(0.05);
    expect(r.slips).toEqual([]);
    expect(r.poor).toBe(false);
    // Drawn as it was read: the left side is 600 tall, the right 900.
    expect(lying?.figure.quad.tl.y).toBeCloseTo(600, 0);
    expect(lying?.figure.quad.tr.y).toBeCloseTo(900, 0);
  });
  it("weighs what is cut, and not the rectangle round it", () => {
    // 0.797 × (0.5975 + 0.896) / 2 = 0.595 m², 4 mm: 5.95 kg.
    expect(Math.abs((r.massKg ?? 0) - 5.95)).toBeLessThan(0.02);
    expect(
      shareOfRound([0, 1, 2, 3].map((i) => ({ x: mm([0, 10, 10, 0][i] ?? 0), y: mm([0, 0, 10, 0][i] ?? 0) }))),
    ).toBe(0.5);
  });
  it("is as heavy on its order, and goes there with its corners", () => {
    const line = orderLineOf(book, r);
    expect(line?.corners).toEqual(r.shaped?.corners);
    expect(line && lineMass(line)).toBeCloseTo(r.massKg ?? 0, 6);
  });
  it("asks for nothing but glass and where it stands", () => {
    expect(unknownsOf(book, r).map((u) => u.id)).toEqual(["safety", "glass"]);
    expect(ticket.size?.height).toBe("896");
    expect(ticket.what).toMatch(/^1 off, cut to its shape, 4 mm clear float/);
    expect(ticket.spoken).toMatch(/Cut to shape within that size: corners 0, 0 · 79[67]/);
  });
  it("no size stands before both corners are read", () => {
    const open = told("raked", SIDES);
    expect(open.ticket.size).toBeNull();
    expect(open.ticket.spoken).toMatch(/read both corners/);
    expect(unknownsOf(open.book, open.r)[0]).toMatchObject({ id: "template", place: "diagonal-up" });
    expect(nextFor(open.book, open.r, dayOf("2026-05-20"))).toMatchObject({ kind: "read-corners", count: 2 });
  });
  it("of which only the old pane was read: a template tells the rest", () => {
    const t = told("raked", { "old-width": "797", "old-height": "896" }, "mm", "old-unit");
    expect(unknownsOf(t.book, t.r).find((u) => u.id === "template")?.says).toMatch(/raking side: take a template/);
    expect(orderLineOf(t.book, t.r)?.note).toBe("a raking side: cut to the template that comes with it");
    expect(t.ticket.why).toMatch(/^The rectangle round it: cut to the template/);
  });
  it("keeps the corners it was ordered with, and says when the readings have moved since", () => {
    const t = new Teller().opened().added(PANE, "timber-bead");
    t.tell("measure.shape", { shape: "raked" });
    t.read(RAKED);
    const now = () => {
      const b = foldPane(PANE, t.entries);
      if (!b) throw new Error("no pane");
      return { b, r: reckon(b, withFirm(foldFirm(t.entries))) };
    };
    const line = orderLineOf(now().b, now().r);
    if (!line) throw new Error("no line");
    t.tell("order.opened", { supplier: "S", reference: "OR-1" }, { order: ORDER });
    t.tell("order.line", { ...line, line: ORDER_LINE.line }, { order: ORDER, pane: PANE });
    const ordered = now().r;
    expect(ordered.stands.as).toBe("ordered");
    expect(ordered.shaped?.corners).toEqual(line.corners);
    expect(ordered.moved).toBeNull();
    // Read again, all of it 4 mm wider: √(804² + 300²), √(804² + 900²), √(804² + 600²).
    t.read({ "width-bottom": "804", "width-top": "858", "diagonal-up": "1207", "diagonal-down": "1003" });
    const { r: later } = now();
    expect(later.shaped?.corners).toEqual(line.corners);
    const wider = (later.moved?.by.width ?? 0) / 1e6;
    expect(wider).toBeGreaterThan(3.4);
    expect(wider).toBeLessThan(5.1);
    expect(later.massKg).toBeCloseTo(ordered.massKg ?? 0, 6);
    const gap = later.cut.ok && later.cut.value.opening.ok ? later.cut.value.opening.value.spare : 0;
    expect(gap).toBeCloseTo(1.5, 1);
  });
  it("corners that make no such figure are said", () => {
    const wrong = told("raked", { ...RAKED, "diagonal-up": "1230" });
    expect(nextFor(wrong.book, wrong.r, dayOf("2026-05-20")).kind).toBe("readings-disagree");
  });
  it("in inches as well", () => {
    const inches = told(
      "raked",
      {
        "width-top": "33 5/8",
        "width-bottom": "31 1/2",
        "height-left": "23 5/8",
        "height-right": "35 7/16",
        "diagonal-up": "47 13/32",
        "diagonal-down": "39 3/8",
      },
      "in",
    );
    expect(inches.size?.map(Math.round)).toEqual([797, 896]);
  });
});

describe("an opening with an arch or a curve", () => {
  it.each<[string, Readonly<Record<string, string>>, number, number]>([
    // Springing at 500, crown at 700: the sheet must give the crown.
    [
      "an arch",
      { "width-middle": "800", "height-left": "500", "height-middle": "700", "height-right": "500" },
      800,
      700,
    ],
    [
      "a bowed side",
      { "width-top": "600", "width-middle": "640", "width-bottom": "600", "height-middle": "900" },
      640,
      900,
    ],
  ])("%s: the rectangle round it, by the greatest", (_, read, w, h) => {
    const { size, r, book } = told("odd", read);
    expect(r.slips).toEqual([]);
    expect(size?.[0]).toBeGreaterThanOrEqual(w - 6);
    expect(size?.[0]).toBeLessThan(w);
    expect(size?.[1]).toBeGreaterThanOrEqual(h - 6);
    expect(size?.[1]).toBeLessThan(h);
    // A template tells the rest: no corner is asked for.
    expect(nextFor(book, r, dayOf("2026-05-20")).kind).not.toMatch(/corners|rest|slip/);
    expect(unknownsOf(book, r).map((u) => u.id)).toContain("template");
  });
});

/** Springs at 500 in both jambs, crown 700 over a width of 600: radius 325. Both corners, foot to springing: √(600² + 500²) is 781. */
const ARCHED = {
  "width-middle": "600",
  "width-bottom": "601",
  "height-left": "500",
  "height-middle": "700",
  "height-right": "500",
  "diagonal-up": "781",
  "diagonal-down": "781",
  "rebate-depth": "12",
} as const;

describe("an opening whose head is part of a circle", () => {
  const { book, r, size, ticket } = told("arched", ARCHED);
  it("is cut 1.5 in all round, and its size is the rectangle round it", () => {
    expect(size).toEqual([597, 697]);
    expect(r.tooBigBy).toBe(0);
    expect(r.slips).toEqual([]);
    expect(r.best).toBeNull();
    expect(r.shaped?.as).toBe("arched");
  });
  it("weighs its outline: 597 × 498.1 and the segment above it, 4 mm", () => {
    // Half angle asin(298.5 / 323.5) is 1.1751; the segment 323.5² × (1.1751 − sin 1.1751 × cos 1.1751) is 85 769 mm².
    // (297 366 + 85 769) mm² × 10 kg/m² is 3.83 kg.
    expect(r.massKg).toBeCloseTo(3.83, 1);
  });
  it("is said by foot, sides, crown and radius, and needs no template and no face", () => {
    expect(ticket.spoken).toMatch(
      /Cut to shape within that size: foot 597, both sides 498(\.1)? to where the head springs, 697 at its crown in the middle; the head is part of a circle, radius 323\.5 mm/,
    );
    expect(unknownsOf(book, r).map((u) => u.id)).toEqual(["safety", "glass"]);
    expect(orderLineOf(book, r)?.note).toBeUndefined();
    expect(orderLineOf(book, r)?.corners).toHaveLength(35);
  });
  it.each([
    { name: "no springing", without: ["height-left", "height-right"] as const, place: "height-left" },
    { name: "no crown", without: ["height-middle"] as const, place: "height-middle" },
  ])("$name: no size stands, and it is asked for", ({ without, place }) => {
    const left = Object.fromEntries(
      Object.entries(ARCHED).filter(([p]) => !(without as readonly string[]).includes(p)),
    );
    const open = told("arched", left);
    expect(open.ticket.size).toBeNull();
    expect(unknownsOf(open.book, open.r)[0]).toMatchObject({ id: "template", place });
  });
  it("that is no part of a circle is cut to a template, once one is taken", () => {
    const pointed = told("arched", { ...ARCHED, "height-middle": "830" });
    expect(unknownsOf(pointed.book, pointed.r)[0]).toMatchObject({ id: "template", station: "measure" });
    expect(pointed.r.shaped).toBeNull();
    expect(orderLineOf(pointed.book, pointed.r)?.note).toBe(
      "not of straight sides: cut to the template that comes with it",
    );
    pointed.teller.tell("measure.template", { taken: true });
    const again = foldPane(PANE, pointed.teller.entries);
    expect(again && unknownsOf(again, pointed.r).some((u) => u.id === "template")).toBe(false);
  });
  it("another curve is said to be its template's, and a rebate too shallow for it is said first", () => {
    const by = { unit: "mm", dialect: "a", leastCoverMm: 3 } as const;
    const read = { "width-middle": "600", "height-middle": "830" };
    expect(verdictOf(told("odd", { ...read, "rebate-depth": "12" }).r, by)).toMatchObject({ tone: "good", more: null });
    expect(verdictOf(told("odd", { ...read, "rebate-depth": "2" }).r, by).tone).toBe("trouble");
  });
  it("one that springs higher on one side is said to", () => {
    const verdict = verdictOf(told("arched", { ...ARCHED, "height-right": "506" }).r, {
      unit: "mm",
      dialect: "a",
      leastCoverMm: 3,
    });
    expect(verdict).toMatchObject({ tone: "trouble" });
    expect(verdict.says).toMatch(/springs 6 mm higher/);
  });
});

describe("what holds a pane that is cut to shape, along its own sides", () => {
  it.each<[string, readonly (readonly [number, number])[], readonly number[], number]>([
    // 3, 4 and 5: a ramp of 300 beside 400, on a foot of 300.
    [
      "a ramp",
      [
        [0, 0],
        [300, 0],
        [300, 400],
        [0, 800],
      ],
      [300, 400, 500, 800],
      2000 / 2200,
    ],
    [
      "a rectangle",
      [
        [0, 0],
        [600, 0],
        [600, 900],
        [0, 900],
      ],
      [600, 900, 600, 900],
      1,
    ],
  ])("%s", (_, points, sides, share) => {
    const corners = points.map(([x, y]) => ({ x: mm(x), y: mm(y) }));
    const { bottom, right, top, left } = sidesOf(corners);
    expect([bottom, right, top, left].map(toMm)).toEqual(sides);
    expect(wayRoundShare(corners)).toBeCloseTo(share, 9);
  });
  it("an arched head is one side, as long as its arc: 2 × 323.5 × asin(298.5 / 323.5) = 760.3", () => {
    const corners = told("arched", ARCHED).r.shaped?.corners ?? [];
    const { bottom, right, top, left } = sidesOf(corners);
    expect(Math.abs(toMm(top) - 760.3)).toBeLessThan(1.5);
    expect([bottom, right, left].map((side) => Math.round(toMm(side)))).toEqual([597, 498, 498]);
  });
  it("sprigs stand along it, 75 from its ends and 225 apart at most; putty by the way round", () => {
    const t = new Teller().opened().added(PANE, "timber-putty");
    t.tell("measure.shape", { shape: "arched" });
    t.read({ ...ARCHED, "rebate-width": "18" });
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const r = reckon(book, withFirm(foldFirm(t.entries)));
    // 597: 447 between, two pitches, three. 498: 348, two, three. 760: 610, three, four. 3 + 3 + 4 + 3.
    expect(r.sprigs?.count).toBe(13);
    const round = new Teller().opened().added(PANE, "timber-putty");
    round.read({ "width-middle": "600", "height-middle": "700", "rebate-depth": "12", "rebate-width": "18" });
    const other = foldPane(PANE, round.entries);
    if (!other) throw new Error("no pane");
    const full = reckon(other, withFirm(foldFirm(round.entries))).putty;
    // (597 + 498.2 + 760.3 + 498.2) / (2 × (597 + 697)) is 0.909.
    const share = r.putty?.ok && full?.ok ? r.putty.value.bedMl / full.value.bedMl : 0;
    expect(share).toBeCloseTo(0.909, 2);
  });
});

describe("an arch as it is drawn", () => {
  // 600 wide, springs at 500, crown at 700: radius (300² + 200²) ÷ 400 = 325. Least gap 0.5 and a millimetre: 1.5 all round.
  const drawn = archDrawn({ width: 600, spring: 500, crown: 700, radius: 325 }, 0.5);
  const range = (points: readonly { readonly x: number; readonly y: number }[] = []) => [
    Math.min(...points.map((p) => p.x)),
    Math.max(...points.map((p) => p.x)),
    Math.min(...points.map((p) => p.y)),
    Math.max(...points.map((p) => p.y)),
  ];
  it("its opening from its own foot", () => {
    expect(range(drawn?.opening).map((v) => Math.round(v * 100) / 100)).toEqual([0, 600, 0, 700]);
    expect(drawn?.spring).toBe(500);
  });
  it("its pane where it lies in it, a millimetre and a half off on every side", () =>
    expect(range(drawn?.pane).map((v) => Math.round(v * 100) / 100)).toEqual([1.5, 598.5, 1.5, 698.5]));
  it("nothing where no pane is left", () =>
    expect(archDrawn({ width: 2, spring: 1, crown: 2, radius: 1 }, 5)).toBeUndefined());
});
