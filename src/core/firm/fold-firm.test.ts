import { describe, expect, it } from "vitest";
import { Teller } from "../../../tests/support/told.ts";
import { TUB } from "../../../tests/support/tub.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { KINDS, type Kind } from "../log/kinds.ts";
import { WEIGHTS } from "../plan/week.ts";
import { dayOf } from "../units/day.ts";
import { cutsOf } from "./cut-record.ts";
import type { Firm } from "./firm.ts";
import { foldFirm } from "./fold-firm.ts";
import { FIRM_FOLDS } from "./folds.ts";

const aboutNothing = {};
const folded = (say: (t: Teller) => void): Firm => {
  const t = new Teller();
  say(t);
  return foldFirm(t.entries);
};
const tell = (t: Teller) => (kind: Parameters<Teller["tell"]>[0], payload: object) =>
  t.tell(kind, payload, aboutNothing);

const SUPPLIER = { name: "Kiln Yard", cuts: "float", unit: "mm", leadDays: 5 };
const SHEET = { name: "A1", widthNm: 2e9, heightNm: 1e9, thicknessNm: 4e6, glass: "float", count: 2 };
const PIECE = { name: "A1 left", widthNm: 5e8, heightNm: 9e8 };
const CUT = { sheet: "A1", panes: [], left: [PIECE], spoilt: 0 };
const INSERT = {
  family: "Half light",
  outsideWidthNm: 609_600_000,
  outsideHeightNm: 965_200_000,
  seenWidthNm: 558_800_000,
  seenHeightNm: 914_400_000,
  doorFromNm: 44_000_000,
  doorToNm: 45_000_000,
};
const PERSON = { name: "Nell", from: 480, to: 960, weekdays: [1, 2, 3], skills: [] };
const LESSON = {
  lesson: "l1",
  says: "the bottom bead first",
  station: "takeout",
  system: "timber-putty",
  profile: "",
  address: "No. 5",
  pane: "p1",
};
const GONE = { gone: true };

type Told = readonly [kind: Parameters<Teller["tell"]>[0], payload: object];
/** What was told, in order; what is asked of the firm then; and the answer. */
const CASES: readonly (readonly [string, readonly Told[], (firm: Firm) => unknown, unknown])[] = [
  ["nothing: the house's defaults", [], (f) => f.house, HOUSE_DEFAULTS],
  ["nothing: nobody decided a rule", [], (f) => f.decided.size, 0],
  ["a rule", [["house.rule", { rule: "bedMm", value: 3 }]], (f) => f.house.bedMm, 3],
  ["a rule is decided", [["house.rule", { rule: "bedMm", value: 3 }]], (f) => [...f.decided], ["bedMm"]],
  [
    "a rule twice: the newest",
    [
      ["house.rule", { rule: "bedMm", value: 3 }],
      ["house.rule", { rule: "bedMm", value: 1 }],
    ],
    (f) => f.house.bedMm,
    1,
  ],
  ["a rule nobody knows", [["house.rule", { rule: "gone", value: 3 }]], (f) => f.decided.size, 0],
  [
    "a value that does not fit its rule",
    [["house.rule", { rule: "bedMm", value: "thick" }]],
    (f) => [f.house.bedMm, f.decided.size],
    [HOUSE_DEFAULTS.bedMm, 0],
  ],
  [
    "a figure of the firm's own, then somebody's word",
    [
      ["house.rule", { rule: "bedMm", value: 2, own: { from: 34 } }],
      ["house.rule", { rule: "bedMm", value: 3 }],
    ],
    (f) => f.own.size,
    0,
  ],
  [
    "a figure of one person's tape, and how much they are told",
    [
      ["person.figure", { person: "Nell", rule: "cutOffMm", value: 0.8, own: { seen: 34, of: "sides" } }],
      ["person.figure", { person: "Nell", rule: "tapeErrorMm", value: 0.4, own: { seen: 9, of: "second readings" } }],
      ["person.figure", { person: "Nell", rule: "tapeErrorMm", value: 0.5, own: { seen: 9, of: "sides" }, gone: true }],
      ["person.figure", { person: "Nell", rule: "cutOffUnitMm", value: 99, own: { seen: 9, of: "sides" } }],
      ["person.explains", { person: "Bram", how: "little" }],
    ],
    (f) => [[...(f.ofPeople.get("Nell") ?? [])], f.house.cutOffMm, [...f.explains]],
    [[["cutOffMm", { value: 0.8, own: { seen: 34, of: "sides" } }]], HOUSE_DEFAULTS.cutOffMm, [["Bram", "little"]]],
  ],
  [
    "figures of one supplier's cutting: one that no rule allows is none, and one given back is gone",
    [
      ["supplier.figure", { supplier: "Fen End", rule: "cutOffMm", value: 1.2, own: { seen: 34, of: "sides" } }],
      ["supplier.figure", { supplier: "Fen End", rule: "cutErrorMm", value: 99, own: { seen: 34, of: "sides" } }],
      ["supplier.figure", { supplier: "Quay", rule: "cutErrorMm", value: 2, own: { seen: 34, of: "sides" } }],
      [
        "supplier.figure",
        { supplier: "Quay", rule: "cutErrorMm", value: 1, own: { seen: 34, of: "sides" }, gone: true },
      ],
    ],
    (f) => [...f.ofSuppliers].map(([name, figures]) => [name, [...figures]]),
    [
      ["Fen End", [["cutOffMm", { value: 1.2, own: { seen: 34, of: "sides" } }]]],
      ["Quay", []],
    ],
  ],
  [
    "a supplier twice: one, as said last, in its first place",
    [
      ["supplier.added", SUPPLIER],
      ["supplier.added", { ...SUPPLIER, name: "Other" }],
      ["supplier.added", { ...SUPPLIER, leadDays: 7 }],
    ],
    (f) => f.suppliers.map((s) => [s.name, s.leadDays]),
    [
      ["Kiln Yard", 7],
      ["Other", 5],
    ],
  ],
  [
    "terms of a supplier",
    [["supplier.terms", { name: "Kiln Yard", makes: [] }]],
    (f) => [...f.terms.keys()],
    ["Kiln Yard"],
  ],
  [
    "the firm's name",
    [["firm.details", { name: "Dale & Daughter", address: "", telephone: "", mail: "", taxNumber: "" }]],
    (f) => f.details.name,
    "Dale & Daughter",
  ],
  [
    "a customer, by address",
    [["customer.kept", { address: "No. 5", name: "Mrs. Orme", telephone: "", keyHolder: "" }]],
    (f) => f.customers.get("No. 5")?.name,
    "Mrs. Orme",
  ],
  [
    "a customer who asked to be forgotten, however the address was typed",
    [
      ["customer.kept", { address: "No. 5", name: "Mrs. Orme", telephone: "", keyHolder: "" }],
      ["customer.forgotten", { address: "no. 5 " }],
    ],
    (f) => f.customers.size,
    0,
  ],
  [
    "the next one at that address is kept",
    [
      ["customer.forgotten", { address: "No. 5" }],
      ["customer.kept", { address: "No. 5", name: "Mr. Dell", telephone: "", keyHolder: "" }],
    ],
    (f) => f.customers.get("No. 5")?.name,
    "Mr. Dell",
  ],
  [
    "a test for lead",
    [["building.lead", { address: "No. 5", result: "found" }]],
    (f) => f.leadTests.get("No. 5"),
    "found",
  ],
  ["a profile", [["profile.known", { profile: "R70" }]], (f) => [...f.profiles.keys()], ["R70"]],
  [
    "a material of the firm's own stands among the usual ones",
    [["compound.kept", TUB]],
    (f) => [f.ownCompounds.length, f.compounds[0]?.name],
    [1, TUB.name],
  ],
  [
    "a material taken off",
    [
      ["compound.kept", TUB],
      ["compound.kept", { ...TUB, ...GONE }],
    ],
    (f) => f.ownCompounds.length,
    0,
  ],
  [
    "the usual bed of a frame",
    [["bed.usual", { system: "timber-bead", compound: "glazing tape" }]],
    (f) => f.usualBeds.get("timber-bead"),
    "glazing tape",
  ],
  ["a lesson", [["lesson.kept", LESSON]], (f) => f.lessons.map((l) => l.says), ["the bottom bead first"]],
  [
    "a lesson taken back",
    [
      ["lesson.kept", LESSON],
      ["lesson.kept", { ...LESSON, ...GONE }],
    ],
    (f) => f.lessons.length,
    0,
  ],
  ["the shelf", [["shelf.kept", { what: "putty", amount: 2.5, unit: "kg" }]], (f) => f.shelf.get("putty")?.amount, 2.5],
  [
    "left behind twice",
    [
      ["kit.forgot", { what: "hacking knife", day: "2026-05-04" }],
      ["kit.forgot", { what: "hacking knife", day: "2026-05-05" }],
    ],
    (f) => f.forgotten.get("hacking knife"),
    2,
  ],
  [
    "counted in the rack, one fewer, and when",
    [
      ["stock.pane", SHEET],
      ["stock.counted", { name: SHEET.name, count: 1 }],
    ],
    (f) => [f.stock[0]?.count, f.counted.get(SHEET.name)?.who],
    [1, "Nell"],
  ],
  [
    "counted as none: off the list; what is not listed, or bought as it is needed, is not counted",
    [
      ["stock.pane", SHEET],
      ["stock.pane", { ...SHEET, name: "bought", bought: true }],
      ["stock.counted", { name: SHEET.name, count: 0 }],
      ["stock.counted", { name: "nowhere", count: 4 }],
      ["stock.counted", { name: "bought", count: 4 }],
    ],
    (f) => [f.stock.map((s) => [s.name, s.count]), [...f.counted.keys()]],
    [[["bought", 2]], [SHEET.name]],
  ],
  ["a sheet on the rack", [["stock.pane", SHEET]], (f) => f.stock[0]?.count, 2],
  [
    "one of two sheets cut: one is left, and its piece",
    [
      ["stock.pane", SHEET],
      ["stock.cut", CUT],
    ],
    (f) => f.stock.map((s) => [s.name, s.count, s.thicknessNm]),
    [
      ["A1", 1, 4e6],
      ["A1 left", 1, 4e6],
    ],
  ],
  [
    "the last sheet cut: its piece alone is left",
    [
      ["stock.pane", { ...SHEET, count: 1 }],
      ["stock.cut", CUT],
    ],
    (f) => f.stock.map((s) => s.name),
    ["A1 left"],
  ],
  [
    "a sheet nobody counted is one",
    [
      ["stock.pane", { ...SHEET, count: undefined }],
      ["stock.cut", CUT],
    ],
    (f) => f.stock.map((s) => s.name),
    ["A1 left"],
  ],
  [
    "a sheet that is bought as it is needed stays to be bought",
    [
      ["stock.pane", { ...SHEET, count: undefined, bought: true }],
      ["stock.cut", CUT],
    ],
    (f) => f.stock.map((s) => [s.name, s.count]),
    [
      ["A1", undefined],
      ["A1 left", 1],
    ],
  ],
  [
    "two cuts whose left-overs are called alike: both lie there",
    [
      ["stock.pane", SHEET],
      ["stock.cut", CUT],
      ["stock.cut", CUT],
    ],
    (f) => f.stock.map((s) => s.name),
    ["A1 left", "A1 left (2)"],
  ],
  [
    "what came out right on the bench, and what broke",
    [
      ["stock.pane", SHEET],
      ["stock.cut", { ...CUT, panes: ["p-1", "p-2", "p-3"], spoilt: 1 }],
      ["stock.cut", { ...CUT, panes: [], spoilt: 2 }],
    ],
    (f) => cutsOf(f.cutting),
    { cutWell: 3, spoilt: 3 },
  ],
  [
    "the last of what the firm keeps two of: it stays on the list, to be bought, and cannot be cut again",
    [
      ["stock.pane", { ...SHEET, count: 1, least: 2 }],
      ["stock.cut", CUT],
      ["stock.cut", { ...CUT, left: [{ name: "again", widthNm: 3e8, heightNm: 3e8 }] }],
    ],
    (f) => f.stock.map((s) => [s.name, s.count]),
    [
      ["A1", 0],
      ["A1 left", 1],
    ],
  ],
  [
    "counted as none, and two are kept",
    [
      ["stock.pane", { ...SHEET, least: 2 }],
      ["stock.counted", { name: SHEET.name, count: 0 }],
    ],
    (f) => f.stock.map((s) => [s.name, s.count]),
    [["A1", 0]],
  ],
  [
    "what is left of a patterned sheet is of that pattern and tint, with its lines as they ran",
    [
      ["stock.pane", { ...SHEET, glass: "patterned", pattern: "reeded", tint: "grey", runs: "across" }],
      ["stock.cut", CUT],
    ],
    (f) => [f.stock[1]?.pattern, f.stock[1]?.tint, f.stock[1]?.runs],
    ["reeded", "grey", "across"],
  ],
  ["a cut of a sheet that is not there leaves nothing", [["stock.cut", CUT]], (f) => f.stock.length, 0],
  [
    "an insert of one family in two sizes",
    [
      ["stock.insert", INSERT],
      ["stock.insert", { ...INSERT, outsideHeightNm: 5e8 }],
    ],
    (f) => f.inserts.length,
    2,
  ],
  [
    "an insert taken off the list",
    [
      ["stock.insert", INSERT],
      ["stock.insert", { ...INSERT, ...GONE }],
    ],
    (f) => f.inserts.length,
    0,
  ],
  [
    "a wet day with its least temperature",
    [["round.weather", { day: "2026-05-20", wet: true, lowC: 3 }]],
    (f) => [f.calendar.wet.has(dayOf("2026-05-20")), f.calendar.lowC.get(dayOf("2026-05-20"))],
    [true, 3],
  ],
  [
    "dry after all, and nobody knows how cold",
    [
      ["round.weather", { day: "2026-05-20", wet: true, lowC: 3 }],
      ["round.weather", { day: "2026-05-20", wet: false, lowC: null }],
    ],
    (f) => [f.calendar.wet.size, f.calendar.lowC.size],
    [0, 0],
  ],
  [
    "freezing is a temperature",
    [["round.weather", { day: "2026-05-20", wet: false, lowC: 0 }]],
    (f) => [...f.calendar.lowC.values()],
    [0],
  ],
  [
    "a day off, and worked after all",
    [
      ["round.day-off", { day: "2026-05-20", off: true }],
      ["round.day-off", { day: "2026-05-21", off: true }],
      ["round.day-off", { day: "2026-05-20", off: false }],
    ],
    (f) => [...f.calendar.daysOff],
    [dayOf("2026-05-21")],
  ],
  ["somebody who works", [["plan.person", PERSON]], (f) => f.plan.people.map((p) => p.name), ["Nell"]],
  [
    "somebody who left",
    [
      ["plan.person", PERSON],
      ["plan.person", { ...PERSON, ...GONE }],
    ],
    (f) => f.plan.people.length,
    0,
  ],
  [
    "two days away of one person",
    [
      ["plan.away", { name: "Nell", day: "2026-05-20", away: true, why: "" }],
      ["plan.away", { name: "Nell", day: "2026-05-21", away: true, why: "" }],
    ],
    (f) => f.plan.away.get("Nell")?.size,
    2,
  ],
  [
    "a road is the same both ways",
    [
      ["plan.road", { from: "yard", to: "Ottermole Row", minutes: 20 }],
      ["plan.road", { from: "Ottermole Row", to: "yard", minutes: 25 }],
    ],
    (f) => [...f.plan.roads.values()],
    [25],
  ],
  [
    "where a place lies",
    [["plan.where", { place: "yard", latitude: 53, longitude: -2 }]],
    (f) => f.plan.where.get("yard")?.latitude,
    53,
  ],
  [
    "what a week is weighed by",
    [["plan.weight", { what: "uneven", value: 9 }]],
    (f) => f.plan.weights,
    { ...WEIGHTS, uneven: 9 },
  ],
  [
    "late on a day",
    [["plan.late", { name: "Nell", day: "2026-05-20", minutes: 40 }]],
    (f) => [...f.plan.late.values()],
    [40],
  ],
];

describe("what is told of a firm", () => {
  it.each(CASES)("%s", (_, told, asked, answer) => {
    expect(
      asked(
        folded((t) => {
          for (const [kind, payload] of told) tell(t)(kind, payload);
        }),
      ),
    ).toEqual(answer);
  });

  it("is not told by what was struck", () => {
    const firm = folded((t) => t.strike(t.tell("house.rule", { rule: "bedMm", value: 3 }, aboutNothing)));
    expect([firm.house.bedMm, firm.decided.size]).toEqual([HOUSE_DEFAULTS.bedMm, 0]);
  });

  it("is every kind that is about no round, no pane and no order", () => {
    const ofTheFirm = (Object.keys(KINDS) as Kind[]).filter((k) => KINDS[k].about.length === 0);
    expect(Object.keys(FIRM_FOLDS).sort()).toEqual(ofTheFirm.filter((k) => k !== "struck" && k !== "unread").sort());
  });
});
