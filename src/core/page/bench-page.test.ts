import { expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, ORDER_LINE, PANE, SQUARE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "../pane/book.ts";
import { reckon } from "../pane/reckoning.ts";
import { handTally } from "../practice/hand.ts";
import { PLAIN_LOOKS } from "../specify/looks.ts";
import { dayOf } from "../units/day.ts";
import { sheetText } from "../words/glass.ts";
import { composeBench } from "./bench-page.ts";

/* Which panes wait at the bench: glass that somebody here may cut, and nothing else. */

const HAND = { who: "Nell", tries: () => handTally([]) };

function waiting(system: System, tell: (t: Teller) => void) {
  const t = new Teller().opened().added(PANE, system);
  t.tell("measure.circumstance", { state: "cleared" });
  t.read({ ...SQUARE, "rebate-depth": "10", "sill-height": "1200" });
  t.tell("specify.location", { inDoor: false, wetRoom: false, stairs: false, walkway: false, noDoorMm: 300 });
  t.tell("specify.glass", { kind: "float", thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  return composeBench([{ book, r }], foldFirm([]), dayOf("2026-05-20"), HAND);
}

function bench(system: System, tell: (t: Teller) => void) {
  const { groups, waits, toughened } = waiting(system, tell);
  return [
    groups.map((g) => sheetText(g, { dialect: "a", unit: "mm" })).join("; "),
    waits.map((w) => w.next.kind).join(),
    toughened,
  ];
}
const REEDED = { kind: "patterned", thickness: { text: "4", unit: "mm" }, edges: "arrissed" } as const;
const FLOAT = "4 mm clear float";

it.each<[string, System, (t: Teller) => void, ReturnType<typeof bench>]>([
  ["single glass, all settled", "timber-putty", () => {}, [FLOAT, "", 0]],
  [
    "read on a first visit, and nobody said that it may be cut by that",
    "timber-putty",
    (t) => t.tell("measure.circumstance", { state: "first-visit" }),
    ["", "settle", 0],
  ],
  [
    "that was said",
    "timber-putty",
    (t) => {
      t.tell("measure.circumstance", { state: "first-visit" });
      t.tell("size.risk-taken", { state: "first-visit", reason: "seen" });
    },
    [FLOAT, "", 0],
  ],
  [
    "readings copied from the pane beside it",
    "timber-putty",
    (t) => {
      for (const [place, text] of Object.entries(SQUARE))
        t.tell("measure.reading", { place: place as "width-top", text, unit: "mm", copied: true });
    },
    ["", "read-copied", 0],
  ],
  [
    "where safety glass is called for, and this is none",
    "timber-putty",
    (t) => t.read({ "sill-height": "300" }),
    ["", "choose-safety", 0],
  ],
  [
    "a tint is a glass of its own",
    "timber-putty",
    (t) => t.tell("specify.looks", { ...PLAIN_LOOKS, tint: "bronze" }),
    ["4 mm bronze clear float", "", 0],
  ],
  [
    "a pattern whose lines run nobody said which way",
    "timber-putty",
    (t) => t.tell("specify.glass", { ...REEDED, pattern: "reeded" }),
    ["", "settle", 0],
  ],
  [
    "it was said",
    "timber-putty",
    (t) => {
      t.tell("specify.glass", { ...REEDED, pattern: "reeded" });
      t.tell("specify.looks", { ...PLAIN_LOOKS, runs: "across" });
    },
    ["4 mm patterned, reeded", "", 0],
  ],
  [
    "on an order that was not sent",
    "timber-putty",
    (t) => {
      t.tell("order.opened", { supplier: "Salt Lane", reference: "1" }, { order: ORDER });
      t.tell("order.line", { ...ORDER_LINE, widthNm: 596e6, heightNm: 896e6 }, { order: ORDER, pane: PANE });
    },
    [FLOAT, "", 0],
  ],
  [
    "on one that was sent",
    "timber-putty",
    (t) => {
      t.tell("order.opened", { supplier: "Salt Lane", reference: "1" }, { order: ORDER });
      t.tell("order.line", { ...ORDER_LINE, widthNm: 596e6, heightNm: 896e6 }, { order: ORDER, pane: PANE });
      t.tell("order.sent", { day: "2026-05-20", due: "2026-05-22" }, { order: ORDER });
    },
    ["", "", 0],
  ],
  ["a slip in its readings", "timber-putty", (t) => t.read({ "width-bottom": "660" }), ["", "slip", 0]],
  [
    "toughened",
    "timber-putty",
    (t) =>
      t.tell("specify.glass", {
        kind: "toughened",
        thickness: { text: "4", unit: "mm" },
        edges: "arrissed",
        pattern: "",
      }),
    ["", "", 1],
  ],
  [
    "a unit nobody chose yet",
    "plastic-no-bead",
    (t) => t.tell("look.answer", { question: "kind", answer: "sealed" }),
    ["", "", 0],
  ],
  ["glass that goes back", "timber-putty", (t) => t.tell("look.option", { option: "repack", reason: "" }), ["", "", 0]],
  [
    "a solid panel",
    "timber-bead",
    (t) => t.tell("specify.panel", { panel: { make: "two-thin", mm: 4, lineMm: null, neighbourMm: null } }),
    ["", "", 0],
  ],
  ["a new sash", "timber-putty", (t) => t.tell("look.option", { option: "sash", reason: "" }), ["", "", 0]],
])("%s", (_, system, tell, is) => expect(bench(system, tell)).toEqual(is));

it("on an order that is not sent it is cut by one's own marks, and not by a supplier's", () => {
  const size = (tell: (t: Teller) => void) => {
    const [pane] = waiting("timber-putty", tell).groups[0]?.panes ?? [];
    return pane && [pane.widthNm, pane.heightNm];
  };
  const own = size(() => {});
  const listed = size((t) => {
    t.tell("order.opened", { supplier: "Quay", reference: "" }, { order: ORDER });
    t.tell("order.line", { ...ORDER_LINE, widthNm: 590_550_000, grid: "1/16 in" }, { order: ORDER, pane: PANE });
  });
  expect(own).toBeDefined();
  expect(listed).toEqual(own);
});
