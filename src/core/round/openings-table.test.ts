import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { LEANING, PANE, Teller, uuid } from "../../../tests/support/told.ts";
import { foldPane, type PaneBook } from "../pane/book.ts";
import { rowProblemSentence } from "../words/openings-table.ts";
import { type PaneRow, panesFrom, saysElse, tableOf } from "./openings-table.ts";

const book = (t: Teller, pane = PANE): PaneBook => {
  const found = foldPane(pane, t.entries);
  if (!found) throw new Error("no pane");
  return found;
};
/** The pane as the import would tell it. */
function told(row: PaneRow): PaneBook {
  const t = new Teller();
  const about = { pane: row.id ?? PANE };
  t.tell("pane.added", { round: uuid(1), ...row.added }, about);
  t.tell("measure.way", { way: row.way }, about);
  if (row.state) t.tell("measure.circumstance", { state: row.state }, about);
  for (const r of row.readings) t.tell("measure.reading", { ...r, ...(row.state ? { sure: row.state } : {}) }, about);
  return book(t, about.pane);
}

describe("headings", () => {
  it.each([
    ["Width, top (in)", "23 11/16", "width-top", "in"],
    ["w top", "612", "width-top", "mm"],
    ["TOP WIDTH mm", "612", "width-top", "mm"],
    ["Diag_up", "1089", "diagonal-up", "mm"],
    ["rabbet depth [mm]", "10", "rebate-depth", "mm"],
    ["Height", "904", "height-middle", "mm"],
    ["back width top", "611", "back-width-top", "mm"],
  ] as const)("%s", (heading, text, place, unit) => {
    const { panes, problems } = panesFrom({
      headings: ["Address", "Window", heading],
      rows: [["No. 5", "back bedroom", text]],
    });
    expect(problems).toEqual([]);
    expect(panes[0]?.readings).toEqual([{ place, text, unit }]);
  });
});

describe("rows with something wrong", () => {
  const headings = ["address", "opening", "system", "unit", "width top", "colour"];
  const from = (...row: string[]) => panesFrom({ headings, rows: [row] });
  it.each([
    [["", "hall", "", "", "612"], /Row 2: give the address/, 0],
    [["No. 5", "hall", "putty and string", "", "612"], /“putty and string” is not one of the system/, 0],
    [["No. 5", "hall", "", "cubits", "612"], /“cubits” is not one of the unit/, 0],
    [["No. 5", "hall", "", "", "61x"], /Row 2, width, top, “61x”: .*is not a unit.* It is kept as it is/, 1],
    [["No. 5", "hall", "Timber, face putty", "in", "23 1/2"], /^Column 6: “colour” is not a heading/, 1],
  ] as const)("%j", (row, says, count) => {
    const { panes, problems } = from(...row);
    expect(panes).toHaveLength(count);
    expect(problems.map(rowProblemSentence).join("\n")).toMatch(new RegExp(says.source, "m"));
  });
  it.each([
    ["no frame", "", "", true, "outside"],
    ["a frame that goes in from one side", "plastic-bead-inside", "", false, "inside"],
    ["a frame that may go in from either", "timber-bead", "", true, "outside"],
    ["the same with its side", "timber-bead", "inside", false, "inside"],
  ] as const)("%s: how it is held is known, or asked", (_, system, side, isAsked, stands) => {
    const { panes } = panesFrom({
      headings: ["address", "opening", "system", "side"],
      rows: [["No. 5", "hall", system, side]],
    });
    expect(panes[0]?.added.unsaid ?? false).toBe(isAsked);
    expect(panes[0]?.added.side).toBe(stands);
  });
  it("empty rows are passed over, and no heading at all is said", () => {
    expect(from("", "", "", "", "").panes).toEqual([]);
    expect(panesFrom({ headings: ["x", "y"], rows: [["1", "2"]] }).problems).toEqual([{ kind: "no-headings" }]);
  });
});

describe("what a cell says against what stands", () => {
  const w = (text: string, unit: "mm" | "in" = "mm") => ({ text, unit });
  it.each([
    ["the same", w("612"), w("612"), false],
    ["the same value in another unit", w("24 in"), w("24", "in"), false],
    ["another value", w("613"), w("612"), true],
    ["nothing stood there", w("612"), undefined, true],
    ["the same that nobody can read", w("61?x"), w("61?x"), false],
    ["what could not be read, put right", w("612"), w("61?x"), true],
  ] as const)("%s", (_, cell, standing, differs) => expect(saysElse(cell, standing)).toBe(differs));
});

describe("out and in again", () => {
  it("keeps every reading as it was written, in either unit", () => {
    const t = new Teller().added().read(LEANING).read({ "rebate-depth": "3/8", "sill-height": "1120" });
    t.read({ "rebate-width": "11/16-", "old-width": "23.5" }, "in").read({ lip: "61?x" });
    const before = book(t);
    const table = tableOf([before]);
    const { panes } = panesFrom(table);
    const after = panes[0] && told(panes[0]);
    for (const [place, r] of Object.entries(before.readings)) {
      const again = after?.readings[place as keyof PaneBook["readings"]];
      expect(again?.read.ok && again.read.value.adjusted).toBe(r?.read.ok && r.read.value.adjusted);
    }
    expect(after && tableOf([after])).toEqual(table);
  });

  it("whatever is in the cells, what comes out goes in the same", () => {
    const reading = fc.oneof(
      fc.constantFrom("612", "611.5", "23 11/16", "5/8-", "601,5", "1' 2", "12 in", "61x", "9 mm+"),
      fc.string({ maxLength: 12 }).map((s) => s.trim()),
    );
    fc.assert(
      fc.property(
        fc.array(reading, { minLength: 3, maxLength: 3 }),
        fc.constantFrom("mm" as const, "in" as const),
        (texts, unit) => {
          const [a = "", b = "", c = ""] = texts;
          const t = new Teller().added().read({ "width-top": a, "height-left": b }, unit).read({ "rebate-depth": c });
          const table = tableOf([book(t)]);
          const { panes } = panesFrom(table);
          const again = panes[0] && tableOf([told(panes[0])]);
          expect(again?.rows[0]?.slice(1)).toEqual(table.rows[0]?.slice(1).map((cell) => cell.trim()));
        },
      ),
    );
  });
});
