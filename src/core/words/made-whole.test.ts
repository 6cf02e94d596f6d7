import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, PANE, Teller, uuid } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Hinge } from "../measure/found.ts";
import { WAY_OF_WHOLE } from "../measure/ways.ts";
import { quotedPane } from "../page/quoted-pane.ts";
import { foldPane, type PaneBook } from "../pane/book.ts";
import { inspectionHere } from "../pane/inspection.ts";
import { nextFor } from "../pane/next.ts";
import { lineMass, orderLineOf } from "../pane/order-line.ts";
import { type Reckoning, reckon } from "../pane/reckoning.ts";
import { stepsAt } from "../pane/steps-at.ts";
import { WHOLE_SIZE_WORDS, wholeText } from "../specify/whole.ts";
import { dayOf } from "../units/day.ts";
import { fittedText } from "./fitted.ts";
import { ticketOf } from "./ticket.ts";

/* A sash or a window that is changed whole: what is ordered, what is done, and what is not. */

const today = dayOf("2026-05-20");

function told(t: Teller): { readonly book: PaneBook; readonly r: Reckoning } {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar }) };
}

/** A welded plastic sash, 640 × 980 over its edges, misted; hinged at the left as seen from the room. */
function welded(
  system: System = "plastic-no-bead",
  hinge: Hinge = "left",
  side: "inside" | "outside" = "inside",
): Teller {
  const t = new Teller().opened().added(PANE, system);
  t.tell("pane.corrected", { side });
  t.tell("look.damage", { damage: ["misted"] });
  t.tell("look.urgency", { urgency: "can-wait" });
  t.tell("look.opens", { opens: false });
  t.tell("look.option", { option: "sash", reason: "" });
  t.tell("measure.found", {
    marks: "",
    spacerDate: "",
    hinge,
    held: "not-said",
  });
  for (const [place, text] of [
    ["sash-outside-width", "640"],
    ["sash-outside-height", "980"],
  ] as const)
    t.tell("measure.reading", { place, text, unit: "mm", sure: "first-visit" });
  t.tell("specify.insert", { safety: false });
  return t;
}

describe("a new sash, over the old one", () => {
  it("is ordered as large as it was read, glazed, as it hangs seen from outside", () => {
    const { book, r } = told(welded());
    const line = orderLineOf(book, r);
    expect(line).toMatchObject({
      widthNm: 640e6,
      heightNm: 980e6,
      whole: { what: "sash", over: "outside", safety: false, hangs: "right" },
    });
    expect(line?.whole && wholeText(line.whole)).toBe(
      "new sash, glazed, hinged at the right, seen from outside, ordinary glass in it",
    );
    // Two sheets of 4 as large as the sash: 0.64 × 0.98 × 8 mm × 2.5 kg, and its frame on top.
    expect(line && lineMass(line)).toBeCloseTo(12.54, 2);
    expect(ticketOf(book, r, { unit: "mm", dialect: "a" }).spoken).toMatch(/640 × 980 mm .*new sash, over the sash/);
    expect(fittedText(book, r, { unit: "mm", dialect: "a" })).toBe("A new sash, with its glass in it");
  });
  it.each<[Hinge, "inside" | "outside", Hinge | undefined]>([
    ["left", "outside", "left"],
    ["left", "inside", "right"],
    ["right", "inside", "left"],
    ["top", "inside", "top"],
    ["hung", "outside", "hung"],
    ["not-said", "inside", undefined],
  ])("hangs %s seen from %s: %s on its order", (hinge, side, hangs) => {
    const { book, r } = told(welded("plastic-no-bead", hinge, side));
    expect(orderLineOf(book, r)?.whole?.hangs).toBe(hangs);
  });
  it("is packed, sprigged and puttied by nobody, whatever it is of", () => {
    for (const system of ["timber-putty", "plastic-no-bead", "metal-frame"] as const) {
      const { r } = told(welded(system));
      expect([r.packers, r.sprigs, r.putty, r.compound.bed, r.poor, r.tooBigBy]).toEqual([
        null,
        null,
        null,
        "gasket",
        false,
        0,
      ]);
    }
  });
  it("has steps at every station, though nothing comes out of the old one", () => {
    const { book, r } = told(welded());
    const ids = (["takeout", "ready", "set", "finish"] as const).map((at) => stepsAt(at, book, r).map((s) => s.id));
    expect(ids).toEqual([
      ["sheet", "whole-compare", "sash-off", "sash-parts"],
      ["frame-clean", "dry-fit"],
      ["sash-hang", "sash-even", "sash-latch"],
      ["clean"],
    ]);
  });
  it.each<[string, System, readonly ("cracked" | "misted")[], readonly string[]]>([
    ["cracked: taped first", "plastic-no-bead", ["cracked"], ["whole-tape"]],
    ["of timber: holes plugged, and painted", "timber-putty", ["misted"], ["screw-holes", "whole-paint"]],
  ])("%s", (_, system, damage, more) => {
    const t = welded(system);
    t.tell("look.damage", { damage: [...damage] });
    const { book, r } = told(t);
    const ids = (["takeout", "ready", "set", "finish"] as const).flatMap((at) =>
      stepsAt(at, book, r).map((s) => s.id as string),
    );
    expect(ids).toEqual(expect.arrayContaining([...more]));
  });
  it.each<[Hinge, RegExp, readonly string[]]>([
    ["left", /lowest hinge or stay first/, []],
    ["top", /stays' screws/, []],
    ["slides", /lift it into the head/, []],
    ["hung", /Knot each cord/, ["spring-balance"]],
    ["fixed", /Cut the seal/, []],
  ])("%s: is freed as it hangs", (hinge, does, hazards) => {
    const { book, r } = told(welded("plastic-no-bead", hinge));
    const off = stepsAt("takeout", book, r).find((s) => s.id === "sash-off");
    expect(off?.does).toMatch(does);
    expect(off?.hazards?.filter((h) => h === "spring-balance")).toEqual(hazards);
  });
  it.each<["insert" | "sash" | "window", number]>([
    ["insert", HOUSE_DEFAULTS.insertEach],
    ["sash", HOUSE_DEFAULTS.sashEach],
    ["window", HOUSE_DEFAULTS.windowEach],
  ])("%s: is quoted at what such a thing costs, and no putty with it", (what, each) => {
    const t = welded(what === "insert" ? "cassette" : "plastic-no-bead");
    t.tell("look.option", { option: what, reason: "" });
    t.tell("measure.way", { way: WAY_OF_WHOLE[what] });
    t.read({
      "insert-outside-width": "640",
      "insert-outside-height": "980",
      "window-hole-width": "1200",
      "window-hole-height": "1300",
    });
    const { book, r } = told(t);
    const quoted = quotedPane(book, r, { firm: foldFirm([]), today, record: [], dialect: "a", unit: "mm" });
    expect([quoted?.glassPence, quoted?.materialsPence]).toEqual([each * 100, 0]);
  });
  it("is looked at as a sash before it is signed off", () => {
    const looks = (hinge: Hinge) => {
      const { book, r } = told(welded("plastic-no-bead", hinge));
      return inspectionHere(book, r).map((i) => i.id);
    };
    expect(looks("left")).toEqual(expect.arrayContaining(["gaps", "opens", "clean", "told"]));
    expect(looks("fixed")).not.toContain("opens");
    for (const given of ["still", "bed-line", "gasket", "screws", "cavity"]) expect(looks("left")).not.toContain(given);
  });
  it("goes by way of its order to its fit, and never back to a rebate", () => {
    const t = welded();
    t.read({ "sill-height": "1120", "door-distance": "1900" });
    const next = () => {
      const { book, r } = told(t);
      return nextFor(book, r, today).kind;
    };
    expect(next()).toBe("put-on-order");
    const { book, r } = told(t);
    const line = orderLineOf(book, r);
    if (!line) throw new Error("no line");
    t.tell("order.opened", { supplier: "Heronsgate Door Works", reference: "" }, { order: ORDER });
    t.tell("order.line", { ...line, line: uuid(0xd0) }, { order: ORDER, pane: PANE });
    expect(next()).toBe("send-order");
    t.tell("order.sent", { day: "2026-05-05", due: "2026-06-02" }, { order: ORDER });
    t.tell("order.arrived", { day: "2026-05-19" }, { order: ORDER });
    expect(next()).toBe("check-in");
    t.tell(
      "order.checked",
      {
        line: uuid(0xd0),
        width: { text: "640", unit: "mm" },
        height: { text: "980", unit: "mm" },
        verdict: "accepted",
        reason: "",
      },
      { order: ORDER },
    );
    expect(next()).toBe("take-out");
  });
});

describe("a whole window, by the hole in the wall", () => {
  it.each<[string, Readonly<Record<string, string>>, number, number]>([
    ["one of each", { "window-hole-width": "1210", "window-hole-height": "1340" }, 1210, 1340],
    [
      "three of each, the least in the middle and at the right",
      {
        "window-hole-width": "1210",
        "window-hole-width-middle": "1206.5",
        "window-hole-width-sill": "1209",
        "window-hole-height": "1340",
        "window-hole-height-middle": "1338",
        "window-hole-height-right": "1335",
      },
      1206.5,
      1335,
    ],
    [
      "at the sill and in the middle alone",
      { "window-hole-width-sill": "1209", "window-hole-height-middle": "1338" },
      1209,
      1338,
    ],
  ])("its hole counts at its least: %s", (_, readings, width, height) => {
    const t = new Teller().opened().added(PANE, "timber-putty");
    t.tell("look.option", { option: "window", reason: "" });
    t.read(readings);
    const { book, r } = told(t);
    const line = orderLineOf(book, r);
    expect([line?.widthNm, line?.heightNm]).toEqual([width * 1e6, height * 1e6]);
  });
  it("is ordered as the hole, and its order says that nothing was taken off", () => {
    const t = new Teller().opened().added(PANE, "timber-putty");
    t.tell("look.option", { option: "window", reason: "" });
    t.read({ "window-hole-width": "1210", "window-hole-height": "1340" });
    const { book, r } = told(t);
    const whole = orderLineOf(book, r)?.whole;
    expect(whole).toMatchObject({ what: "window", over: "hole" });
    expect(whole && WHOLE_SIZE_WORDS[whole.what][whole.over]).toMatch(
      /hole in the wall.*take off your own fitting gap/,
    );
    expect(stepsAt("takeout", book, r).map((s) => s.id)).toContain("window-out");
    expect(stepsAt("takeout", book, r).find((s) => s.id === "window-out")?.never).toMatch(/lintel/);
    expect(stepsAt("set", book, r).map((s) => s.id)).toEqual(["window-in", "sash-even", "sash-latch"]);
    expect(stepsAt("finish", book, r).map((s) => s.id)).toEqual(["window-seal", "whole-paint", "clean"]);
  });
});
