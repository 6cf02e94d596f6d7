import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { frameOf, type System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS, type HouseRules } from "../house/rules.ts";
import type { StockInsert } from "../house/stock.ts";
import { bestCandidate, candidatesFor } from "../specify/candidates.ts";
import { windKpa } from "../specify/wind.ts";
import { mayTouch } from "./bed-here.ts";
import { foldPane } from "./book.ts";
import { candidateFacts } from "./candidates.ts";
import { earlierPane } from "./earlier-pane.ts";
import { reckon } from "./reckoning.ts";
import { readyFacts } from "./step-facts.ts";

const reckoned = (t: Teller, house: HouseRules = HOUSE_DEFAULTS, inserts: readonly StockInsert[] = []) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house, calendar, inserts }) };
};
const sized = (system: System): Teller => {
  const t = new Teller().added(PANE, system);
  t.tell("measure.circumstance", { state: "cleared" });
  for (const [place, text] of [
    ["width-top", "606"],
    ["height-left", "906"],
    ...(frameOf(system).takesUnits ? ([["unit-thickness", "24"]] as const) : []),
    ["pane-thickness", "4"],
  ] as const)
    t.tell("measure.reading", { place, text, unit: "mm", sure: "cleared" });
  return t;
};

describe("what can be there instead", () => {
  const facts = (t: Teller, house?: HouseRules) => {
    const { book, r } = reckoned(t, house);
    const found = candidateFacts(book, r);
    if (!found) throw new Error("no candidates");
    return found;
  };
  it("from 24 mm and panes of 4: 4-16-4 plain, coated, with argon, and three sheets", () => {
    const all = candidatesFor(facts(sized("plastic-bead-inside")));
    expect(all.map((c) => [c.id, c.overallMm, c.heat.toFixed(1)])).toEqual([
      ["same", 24, "2.7"],
      ["coated", 24, "1.4"],
      ["argon", 24, "1.2"],
      ["triple", 24, "1.3"],
    ]);
    expect(bestCandidate(all)?.id).toBe("argon");
  });
  it("a unit of 14 leaves no room for a third sheet", () => {
    const t = sized("plastic-bead-inside");
    t.tell("measure.reading", { place: "unit-thickness", text: "14", unit: "mm" });
    expect(candidatesFor(facts(t)).map((c) => c.id)).toEqual(["same", "coated", "argon"]);
  });
  it("says by how much it is too thick for the rebate, and advises none that is", () => {
    const t = sized("timber-bead").read({ "rebate-width": "30", "bead-width": "10" });
    t.tell("look.answer", { question: "kind", answer: "sealed" });
    // 30 less a bed of 2 and a bead of 10 is 18: a unit of 24 is 6 over.
    const all = candidatesFor(facts(t));
    expect(all.map((c) => c.spareMm)).toEqual([-6, -6, -6, -6]);
    expect(bestCandidate(all)).toBeNull();
  });
  it("in a safety zone every sheet is safety glass, and dearer", () => {
    const t = sized("plastic-bead-inside").read({ "sill-height": "300", "door-distance": "2000" });
    const [same] = candidatesFor(facts(t));
    expect(same?.makeup.panes.every((p) => p.kind === "toughened")).toBe(true);
    const [plain] = candidatesFor(facts(sized("plastic-bead-inside")));
    expect(same?.pence).toBeGreaterThan(plain?.pence ?? 0);
  });
  it("single glass has none", () => {
    const { book, r } = reckoned(sized("timber-putty"));
    expect(candidateFacts(book, r)).toBeNull();
  });
});

describe("what it is set in", () => {
  const compound = (system: System, tell: (t: Teller) => void = () => undefined): string => {
    const t = sized(system);
    tell(t);
    return reckoned(t).r.compound.id;
  };
  const glass = (kind: "laminated" | "float") => (t: Teller) =>
    t.tell("specify.glass", { kind, thickness: { text: "6.4", unit: "mm" }, edges: "arrissed", pattern: "" });
  it.each([
    ["clear glass in a putty sash: putty", "timber-putty", glass("float"), "linseed"],
    ["laminated in a putty sash: not putty", "timber-putty", glass("laminated"), "silicone"],
    [
      "a unit in a putty sash: not putty",
      "timber-putty",
      (t: Teller) => t.tell("look.answer", { question: "kind", answer: "sealed" }),
      "silicone",
    ],
    ["beads of timber: silicone", "timber-bead", () => undefined, "silicone"],
    ["plastic: its gaskets", "plastic-bead-inside", () => undefined, "gasket"],
  ] as const)("%s", (_, system, tell, expected) => expect(compound(system, tell)).toBe(expected));
  it("says why not, of what somebody would use all the same", () => {
    const { book, r } = reckoned(sized("plastic-bead-inside"));
    expect(mayTouch({ kind: "linseed" }, book, r.glass)).toMatchObject({ says: "no" });
  });
});

describe("the firm's own figures", () => {
  it("change what safety says", () => {
    const t = sized("timber-putty").read({ "sill-height": "850", "door-distance": "2000" });
    expect(reckoned(t).r.safety?.kind).toBe("not-needed");
    expect(reckoned(t, { ...HOUSE_DEFAULTS, safeLowZoneMm: 900 }).r.safety?.kind).toBe("needed");
  });
  it.each([
    ["town", 0, 0.7],
    ["town", 2, 0.86],
    ["coast", 0, 1.4],
    ["sheltered", -1, 0.5],
  ] as const)("wind, %s, floor %i: %f kPa", (exposure, floor, kpa) =>
    expect(windKpa(exposure, floor, HOUSE_DEFAULTS)).toBeCloseTo(kpa, 9),
  );
});

describe("an opening that was done before", () => {
  it("leaves its frame's answers and notes, but no reading", () => {
    const t = sized("plastic-bead-inside");
    t.tell("takeout.joints", { joints: { "top-left": { kind: "mitred" } }, school: "longest" });
    t.tell("takeout.profile", { profile: "ovolo" });
    t.tell("note.written", { station: "set", text: "the latch sticks" });
    t.tell("set.done", { day: "2026-05-10", compound: "tape", sprigs: null });
    const was = earlierPane(reckoned(t).book);
    expect([was.setDay, was.profile, was.notes, was.fitted]).toEqual([
      "2026-05-10",
      "ovolo",
      ["the latch sticks"],
      null,
    ]);
    expect(was.joints?.joints["top-left"]).toEqual({ kind: "mitred" });
    expect(JSON.stringify(was)).not.toContain("606");
  });
  it.each<[string, (t: Teller) => unknown, boolean]>([
    ["neither set nor signed off", () => undefined, true],
    ["set", (t) => t.tell("set.done", { day: "2026-05-10", compound: "tape", sprigs: null }), false],
    [
      "signed off, though nobody said that it was set",
      (t) => t.tell("signoff.signed", { day: "2026-05-10", told: true }),
      false,
    ],
  ])("is open work: %s", (_, tell, open) => {
    const t = sized("timber-putty");
    tell(t);
    expect(earlierPane(reckoned(t).book).isOpen).toBe(open);
  });
  it("was what was had without an order, where its thickness was measured too", () => {
    const mm = (text: string) => ({ text, unit: "mm" as const });
    const had = (thickness?: string) => {
      const t = sized("timber-putty");
      t.tell("order.had", {
        from: "bought",
        width: mm("600"),
        height: mm("900"),
        ...(thickness && { thickness: mm(thickness) }),
        note: "",
      });
      return earlierPane(reckoned(t).book).fitted;
    };
    expect([had("4"), had()]).toEqual([{ widthMm: 600, heightMm: 900, thicknessMm: 4 }, null]);
  });
  it("was the pane that came, and not the one that was ordered", () => {
    const t = sized("timber-putty");
    t.tell("order.opened", { supplier: "Salt Lane", reference: "1" }, { order: ORDER });
    t.tell("order.line", { ...ORDER_LINE }, { order: ORDER, pane: PANE });
    const fitted = () => earlierPane(reckoned(t).book).fitted;
    expect(fitted()).toEqual({ widthMm: 608, heightMm: 900, thicknessMm: 4 });
    const mm = (text: string) => ({ text, unit: "mm" as const });
    t.tell(
      "order.checked",
      {
        line: ORDER_LINE.line,
        width: mm("608"),
        height: mm("899"),
        thickness: mm("4.1"),
        verdict: "accepted",
        reason: "",
      },
      { order: ORDER },
    );
    expect(fitted()).toEqual({ widthMm: 608, heightMm: 899, thicknessMm: 4.1 });
  });
});

describe("what it lies in follows from what it is set in", () => {
  const bed = (system: System, tell: (t: Teller) => void = () => undefined): string => {
    const t = sized(system);
    tell(t);
    const { book, r } = reckoned(t);
    return readyFacts(book, r).bed;
  };
  it.each<[string, System, (t: Teller) => void, string]>([
    ["putty sash", "timber-putty", () => undefined, "putty"],
    ["timber beads, whatever the old bed was", "timber-bead", () => undefined, "silicone"],
    ["timber beads on tape", "timber-bead", (t) => t.tell("takeout.detail", { bond: "tape" }), "tape"],
    ["plastic, gasket", "plastic-bead-inside", () => undefined, "gasket"],
    ["plastic, tape", "plastic-bead-outside", () => undefined, "tape"],
    ["cassette in sealant", "cassette", () => undefined, "silicone"],
    ["cassette with its own gasket", "cassette", (t) => t.tell("takeout.detail", { bond: "gasket" }), "gasket"],
    ["steel in compound", "metal-frame", () => undefined, "putty"],
    ["aluminium with gaskets", "metal-frame", (t) => t.tell("takeout.detail", { metal: "beads" }), "gasket"],
    [
      "a unit in a putty sash is never in putty",
      "timber-putty",
      (t) => t.tell("look.answer", { question: "kind", answer: "sealed" }),
      "silicone",
    ],
    [
      "set in what it was set in",
      "timber-bead",
      (t) => t.tell("set.done", { day: "2026-05-10", compound: "acrylic", sprigs: null }),
      "putty",
    ],
  ])("%s", (_, system, tell, expected) => expect(bed(system, tell)).toBe(expected));
});
