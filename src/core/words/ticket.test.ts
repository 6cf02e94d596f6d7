import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { LEANING, PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Way } from "../measure/ways.ts";
import { foldPane } from "../pane/book.ts";
import { reckon } from "../pane/reckoning.ts";
import { mm, toMm } from "../units/length.ts";
import { massText } from "./mass.ts";
import { sizeShown } from "./size-text.ts";
import { safetyText, ticketOf } from "./ticket.ts";
import { verdictOf } from "./verdict.ts";
import { whySize } from "./why.ts";

const at = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar }) };
};
const fresh = () => new Teller().added();

const easy = (t: Teller) => {
  t.tell("size.rule", { school: "easy", off: null, grid: "1 mm" });
  return t;
};

describe("the ticket", () => {
  const ticket = (t: Teller, unit: "mm" | "in" = "mm", dialect: "a" | "b" = "a") =>
    ticketOf(at(t).book, at(t).r, { unit, dialect });
  const whole = () => fresh().read(LEANING).read({ "sill-height": "1120", "door-distance": "1900" });
  it("says size, then what the cutter needs, then why", () => {
    expect(ticket(whole()).spoken).toBe(
      "608 × 899 mm (width × height). 1 off, 4 mm clear float (the house's usual: nobody chose it), arrissed edges, 5.5 kg. Ordinary glass will do here by the house rule set: lower edge 1120 mm above floor, 1900 mm from a door. No. 5, back bedroom, lower sash.",
    );
  });
  it("in inches it rounds down, and gives the cutter's own size too", () => {
    const t = ticket(whole(), "in");
    expect([t.size?.width, t.size?.height, t.cutterSize]).toEqual(["23 29/32", "35 3/8", "608 × 899 mm"]);
    expect(t.what).toContain("12.1 lb");
  });
  it("speaks the reader's trade words", () => {
    const t = whole();
    t.tell("specify.glass", {
      kind: "toughened",
      thickness: { text: "6", unit: "mm" },
      edges: "polished",
      pattern: "",
    });
    expect(ticket(t, "mm", "b").what).toContain("6 mm tempered, polished edges");
  });
  it.each<[Way, string, string, RegExp]>([
    [
      "window-hole",
      "window-hole-width",
      "window-hole-height",
      /^Width × height of the hole in the wall: its fitting gap/,
    ],
    ["sash-outside", "sash-outside-width", "sash-outside-height", /^Width × height over the sash, outer edge/],
    ["insert-outside", "insert-outside-width", "insert-outside-height", /^Width × height over the insert's frame/],
    ["old-unit", "old-width", "old-height", /^Width × height\. /],
  ])("says of what is made whole by %s what its figures are", (way, w, h, says) => {
    const t = fresh();
    t.tell("measure.way", { way });
    t.read({ [w]: "900", [h]: "1500" });
    expect(ticket(t).why).toMatch(says);
    // Read out it is said once.
    expect(ticket(t).spoken.match(/hole in the wall|outer edge to outer edge|over its frame/g)?.length ?? 1).toBe(1);
  });
  it("says what is missing instead of a size", () => {
    expect(ticket(fresh())).toMatchObject({ size: null, why: "Read one width, and the size can be worked out." });
    const byWay = (way: Way) => {
      const t = fresh();
      t.tell("measure.way", { way });
      return ticket(t).why;
    };
    expect(byWay("old-unit")).toBe("Read the old pane's width and height, edge to edge.");
    expect(byWay("through-glass")).toContain("how far the glass goes in behind it");
    expect(byWay("insert-outside")).toContain("over its frame");
    expect(byWay("insert-inside")).toContain("glass that is seen");
    expect(ticket(fresh().read(LEANING)).why).toContain(
      "Not known until the height above floor and the distance to a door are read",
    );
  });
  it("is in trouble where safety glass is called for, or the pane will not go in", () => {
    expect(ticket(whole().read({ "sill-height": "300" }))).toMatchObject({ trouble: true });
    expect(ticket(easy(whole().read({ "diagonal-up": "1082.5", "diagonal-down": "1098" }))).why).toContain(
      "It will not go in",
    );
  });
  it("never shows a cut size larger than it is", () => {
    for (let tenths = 3000; tenths < 3100; tenths++)
      for (const unit of ["mm", "in"] as const) {
        expect(sizeShown(mm(tenths / 10), unit)).toBeLessThanOrEqual(mm(tenths / 10));
        expect(toMm(sizeShown(mm(tenths / 10), unit))).toBeGreaterThan(tenths / 10 - 0.8);
      }
  });
  it("what came is as thick as it was read to be", () => {
    const came = (thickness: string) => {
      const t = whole();
      t.tell("specify.glass", { kind: "float", thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
      t.tell("order.had", {
        from: "bought",
        width: { text: "608", unit: "mm" },
        height: { text: "900", unit: "mm" },
        thickness: { text: thickness, unit: "mm" },
        note: "",
      });
      return ticket(t).what;
    };
    expect([came("4"), came("3.8")].map((w) => /[\d.]+ mm clear float/.exec(w)?.[0])).toEqual([
      "4 mm clear float",
      "3.8 mm clear float",
    ]);
  });
  it("a unit that is here and was never chosen: as thick as it was measured, and nobody said what it is made of", () => {
    const here = (thickness?: string, read = true) => {
      const t = new Teller().opened().added(PANE, "plastic-bead-inside");
      if (read) t.read(LEANING);
      const mm = (text: string) => ({ text, unit: "mm" as const });
      t.tell("order.had", {
        from: "bought",
        width: mm("600"),
        height: mm("892"),
        ...(thickness && { thickness: mm(thickness) }),
        note: "",
      });
      return ticket(t);
    };
    expect(here("28").what).toMatch(/^1 off, sealed unit of 28 mm, its make not said, about /);
    expect(here().what).toMatch(/^1 off, sealed unit, its make not said, about /);
    expect(here("28").why).toMatch(/^As it is here\. /);
    // Before anything was read it is as large as it is.
    expect(here("28", false)).toMatchObject({
      size: { width: "600", height: "892", unit: "mm" },
      why: "As it is here. Read the opening, and it says whether this goes in.",
      trouble: false,
    });
  });
  it("a pane of 10 kg weighs 22 lb", () => expect(massText(10, "in")).toBe("22.0 lb"));
});

describe("the verdict on readings", () => {
  const verdict = (t: Teller) => verdictOf(at(t).r, { unit: "mm", dialect: "a", leastCoverMm: 3 });
  it.each([
    [fresh(), "waiting", /Read one width/],
    [fresh().read({ "width-top": "612", "height-left": "904" }), "good", /Lean is not known yet/],
    [
      fresh().read(LEANING),
      "good",
      /Leans 3\.5 mm\. The sides bulge in 0\.6 mm\. A square pane goes in with .* to spare/,
    ],
    [
      fresh().read({ ...LEANING, "diagonal-up": "1115" }),
      "trouble",
      /top right: does not fit the others|a whole inch off/,
    ],
    [
      easy(fresh().read({ ...LEANING, "diagonal-up": "1082.5", "diagonal-down": "1098" })),
      "trouble",
      /will not go in: it binds by/,
    ],
    [easy(fresh().read(LEANING).read({ "rebate-depth": "4" })), "trouble", /covers only .* of it at the/],
    [
      fresh().read({ ...LEANING, "diagonal-up": "1079", "diagonal-down": "1101", "rebate-depth": "6" }),
      "trouble",
      /No true rectangle is likely to do: at the best, \d+% would/,
    ],
    [
      fresh().read({ "width-top": "441", "height-left": "696", "rebate-depth": "14", "unit-thickness": "20" }),
      "trouble",
      /The rebate is 14 mm deep and 12 mm of the pane must be covered: that leaves 2 mm for gap, tape and cutter/,
    ],
    [fresh().read({ ...LEANING, "height-left": "914" }), "trouble", /Height, left: ten millimetres off/],
    [fresh().read({ ...LEANING, "width-middle": "609.5" }), "good", /bulge in/],
  ] as const)("%#", (t, tone, says) => {
    const found = verdict(t);
    expect(found.tone).toBe(tone);
    expect(found.says).toMatch(says);
    expect(found.says + (found.more ?? "")).not.toMatch(/NaN|Infinity|undefined|[{}]/);
  });
});

describe("what to do where no size is likely to keep its cover", () => {
  const more = (system: System) => {
    const t = new Teller().added(PANE, system);
    t.tell("look.answer", { question: "kind", answer: "sealed" });
    t.read({ "width-top": "441", "height-left": "696", "rebate-depth": "14", "unit-thickness": "20" });
    return verdictOf(at(t).r, { unit: "mm", dialect: "a", leastCoverMm: 12 }).more;
  };
  it.each<[System, RegExp]>([
    ["timber-bead", /If it stands: deepen it, turn to a wider bead/],
    ["metal-frame", /this frame cannot be eased: turn to a wider bead/],
    ["plastic-bead-inside", /this frame cannot be eased: turn to a wider bead/],
  ])("%s", (system, says) => expect(more(system)).toMatch(says));
});

describe("why this size", () => {
  it.each(["mm", "in"] as const)("every sum has its numbers, rule and source, in %s", (unit) => {
    const sums = whySize(at(fresh().read(LEANING).read({ "rebate-depth": "10" })).r, unit, 0.5);
    expect(sums.map((s) => s.of)).toEqual([
      "Glass width",
      "Glass height",
      "Edge gap",
      "To spare",
      "Least cover",
      "Best odds",
      "Largest true rectangles",
    ]);
    for (const s of sums) {
      expect(s.sum).toMatch(/\d/);
      expect(`${s.sum} ${s.rule} ${s.source}`).not.toMatch(/NaN|Infinity|undefined/);
    }
  });
  it("the width by hand: 611.5 less 3.5 is 608", () => {
    expect(whySize(at(fresh().read(LEANING)).r, "mm", 0.5)[0]?.sum).toBe(
      "611.5 mm (width, middle) − 3.5 mm = 608 mm, down to 608 mm",
    );
  });
  it("nothing sized has no sums", () => expect(whySize(at(fresh()).r, "mm", 0.5)).toEqual([]));
});

describe("safety in words", () => {
  it("cites the readings, and never sounds like a certificate", () => {
    const t = fresh().read(LEANING).read({ "sill-height": "300", "door-distance": "2000" });
    const { book, r } = at(t);
    expect(safetyText(r.safety, book, "mm", "a")).toBe(
      "Safety glass is called for here: it is low down (lower edge 300 mm above floor, 2000 mm from a door).",
    );
  });
  it.each([
    ["toughened", "Safety glass, as is called for here: it is low down (lower edge 300 mm above floor)."],
    ["laminated", "Safety glass, as is called for here: it is low down (lower edge 300 mm above floor)."],
    ["float", "Safety glass is called for here: it is low down (lower edge 300 mm above floor)."],
  ] as const)("says of %s whether it is that", (kind, says) => {
    const t = fresh().read(LEANING).read({ "sill-height": "300" });
    t.tell("specify.glass", { kind, thickness: { text: "6", unit: "mm" }, edges: "arrissed", pattern: "" });
    const { book, r } = at(t);
    expect(safetyText(r.safety, book, "mm", "a")).toBe(says);
  });
});
