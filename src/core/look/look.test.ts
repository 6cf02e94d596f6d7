import { describe, expect, it, test } from "vitest";
import { SYSTEMS } from "../frame/systems.ts";
import { directionsOf, type NodeId, outOfReach, SYSTEM_TREE, type SystemEnd } from "../frame/which-system.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import {
  EXAM,
  EXAM_FACTS,
  EXAM_QUESTIONS,
  type ExamAnswer,
  type ExamAnswers,
  type ExamQuestion,
  examDone,
  examQuestions,
  examVerdict,
} from "./exam.ts";
import { type Option, type OptionFacts, optionsFor, ownerNote, recommend } from "./options.ts";

const sealed = { kind: "sealed", near: "whole", far: "whole" } as const;

describe("what is wrong", () => {
  it.each<[string, ExamAnswers, readonly string[], string | null, string | null]>([
    [
      "a stone through one sheet",
      { kind: "single", near: "holed", opens: "fixed", moves: "still", bed: "sound", stamp: "none" },
      ["holed"],
      "impact",
      "open-hole",
    ],
    [
      "a crack square off the edge behind a blind",
      {
        kind: "single",
        near: "cracked",
        crack: "from-edge",
        close: "blind",
        opens: "fixed",
        moves: "still",
        bed: "sound",
        stamp: "none",
      },
      ["cracked"],
      "heat",
      "this-week",
    ],
    [
      "a crack square off the edge, nothing behind",
      {
        kind: "single",
        near: "cracked",
        crack: "from-edge",
        close: "nothing",
        opens: "fixed",
        moves: "still",
        bed: "sound",
        stamp: "none",
      },
      ["cracked"],
      "nail",
      "this-week",
    ],
    [
      "a crack from the corner of a dropped sash",
      {
        kind: "single",
        near: "cracked",
        crack: "from-corner",
        opens: "hinged",
        "head-gap": "handle-down",
        moves: "still",
        bed: "sound",
        stamp: "none",
      },
      ["cracked", "dropped"],
      "packing",
      "this-week",
    ],
    [
      "a crack from the corner of a fixed light",
      {
        kind: "single",
        near: "cracked",
        crack: "from-corner",
        opens: "fixed",
        moves: "still",
        bed: "sound",
        stamp: "none",
      },
      ["cracked"],
      "twist",
      "this-week",
    ],
    [
      "misted inside, water at the foot",
      {
        ...sealed,
        mist: "stays",
        water: "stands",
        close: "nothing",
        opens: "fixed",
        moves: "still",
        bed: "wet",
        stamp: "none",
      },
      ["misted"],
      "water",
      "can-wait",
    ],
    [
      "misted behind a blind",
      {
        ...sealed,
        mist: "stays",
        water: "dry",
        close: "blind",
        opens: "fixed",
        moves: "still",
        bed: "sound",
        stamp: "none",
      },
      ["misted"],
      "heat",
      "can-wait",
    ],
    [
      "misted, and nobody knows why",
      {
        ...sealed,
        mist: "stays",
        water: "dry",
        close: "nothing",
        opens: "fixed",
        moves: "still",
        bed: "sound",
        stamp: "none",
      },
      ["misted"],
      "unknown",
      "can-wait",
    ],
    [
      "outer sheet gone",
      { kind: "sealed", near: "whole", far: "gone", opens: "fixed", moves: "still", bed: "sound", stamp: "none" },
      ["gone"],
      "unknown",
      "today",
    ],
    [
      "both sheets gone",
      { kind: "sealed", near: "gone", far: "gone", opens: "fixed", bed: "sound" },
      ["gone"],
      "unknown",
      "open-hole",
    ],
    [
      "sound, but the putty falls",
      {
        kind: "single",
        near: "whole",
        mist: "none",
        opens: "fixed",
        moves: "rattles",
        bed: "dry-falling",
        stamp: "none",
      },
      ["rattling", "putty-falling"],
      null,
      "can-wait",
    ],
    [
      "only dropped",
      {
        ...sealed,
        mist: "none",
        opens: "hinged",
        "head-gap": "handle-down",
        moves: "still",
        bed: "sound",
        stamp: "none",
      },
      ["dropped"],
      "packing",
      null,
    ],
    [
      "nothing at all",
      { ...sealed, mist: "none", opens: "slides", moves: "still", bed: "sound", stamp: "none" },
      [],
      null,
      null,
    ],
  ])("%s", (_, answers, damage, cause, urgency) => {
    expect(examDone(answers)).toBe(true);
    const v = examVerdict(answers);
    expect([v.damage, v.cause, v.urgency]).toEqual([damage, cause, urgency]);
    expect(v.says.length).toBeGreaterThan(0);
  });
  it("one bad sheet makes it the whole unit's job", () => {
    const v = examVerdict({ kind: "sealed", near: "cracked", far: "whole" });
    expect(v.wholeUnit).toBe(true);
    expect(v.says[0]).toContain("gas is gone");
  });
  it("mist that wipes off is the room's, not the glass's", () => {
    const v = examVerdict({ ...sealed, mist: "wipes-off" });
    expect(v.says.join()).toContain("room damp");
    expect(v.damage).toEqual([]);
  });
  it("asks of a single pane nothing that only a unit has", () => {
    expect(examQuestions({ kind: "single", near: "whole" })).not.toContain("far");
    expect(examQuestions({ kind: "single", near: "whole", mist: "stays" })).not.toContain("water");
    expect(examQuestions({ kind: "single", near: "cracked" })).not.toContain("mist");
    expect(examQuestions({ kind: "single", near: "gone" })).not.toContain("moves");
  });

  /** All ways to the end, by always answering the first open question. */
  const walks = (a: ExamAnswers = {}): ExamAnswers[] => {
    const open = examQuestions(a).find((q) => a[q] === undefined);
    return open ? EXAM[open].flatMap((answer) => walks({ ...a, [open]: answer })) : [a];
  };
  const ends = walks();
  it("every way through has an end, and says something there", () => {
    expect(ends.length).toBeGreaterThan(500);
    for (const end of ends) expect(examVerdict(end).says.length).toBeGreaterThan(0);
  });
  it("asks only what changes what comes of it", () => {
    // The stamp and how it opens go on to the steps and the options; all others must change the verdict for somebody.
    const passedOn: readonly ExamQuestion[] = ["stamp", "opens"];
    for (const q of EXAM_QUESTIONS.filter((k) => !passedOn.includes(k))) {
      const matters = ends.some(
        (end) =>
          end[q] !== undefined &&
          EXAM[q].some((other: ExamAnswer) => {
            const changed = { ...end, [q]: other };
            return JSON.stringify(examVerdict(changed)) !== JSON.stringify(examVerdict(end));
          }),
      );
      expect([q, matters]).toEqual([q, true]);
    }
  });
  it("names every answer", () => {
    for (const q of EXAM_QUESTIONS) expect(Object.keys(EXAM_FACTS[q].answers).sort()).toEqual([...EXAM[q]].sort());
  });
});

describe("which system", () => {
  const endsFrom = (id: NodeId, seen: readonly NodeId[] = []): { end: SystemEnd; depth: number }[] => {
    expect(seen).not.toContain(id);
    return SYSTEM_TREE[id].answers.flatMap((a) =>
      typeof a.to === "string" ? endsFrom(a.to, [...seen, id]) : [{ end: a.to, depth: seen.length + 1 }],
    );
  };
  const ends = endsFrom("made-of");
  it("reaches every system, in four questions at most", () => {
    expect(new Set(ends.map((e) => e.end.system))).toEqual(new Set(SYSTEMS));
    expect(Math.max(...ends.map((e) => e.depth))).toBeLessThanOrEqual(4);
  });
  it("no seam on either side and no screws: it cannot be opened", () =>
    expect(ends.filter((e) => !e.end.opens).map((e) => e.end.system)).toEqual(["plastic-no-bead"]));
  it("every question is reached", () => {
    const reached = new Set<NodeId>(["made-of"]);
    for (const node of Object.values(SYSTEM_TREE))
      for (const a of node.answers) if (typeof a.to === "string") reached.add(a.to);
    expect([...reached].sort()).toEqual((Object.keys(SYSTEM_TREE) as NodeId[]).sort());
  });
  it.each([
    ["plastic-bead-outside", "outside", true, { beads: "outside", cut: "inside", leaves: "outside" }],
    ["plastic-bead-inside", "inside", false, { beads: "inside", cut: null, leaves: "inside" }],
    ["timber-putty", "outside", true, { beads: "outside", cut: null, leaves: "outside" }],
  ] as const)("%s, off from %s", (system, side, bonded, expected) =>
    expect(directionsOf(system, side, bonded)).toEqual(expected),
  );
});

describe("what can be done about it", () => {
  const facts = (over: Partial<OptionFacts> = {}): OptionFacts => ({
    system: "timber-putty",
    opens: true,
    sealed: false,
    toughened: false,
    coated: null,
    glass: "broken",
    loose: false,
    worst: null,
    mending: { hours: 1, days: 1 },
    doubleHolds: null,
    areaM2: 0.5472,
    paints: true,
    paintWaits: 7,
    heat: { now: 5.8, same: 5.8, better: 1.1 },
    ...over,
  });
  const of = (over: Partial<OptionFacts> = {}) => optionsFor(facts(over), HOUSE_DEFAULTS);
  const one = (kind: Option["kind"], over: Partial<OptionFacts> = {}): Option => {
    const found = of(over).find((o) => o.kind === kind);
    if (!found) throw new Error(kind);
    return found;
  };
  it.each<[string, Partial<OptionFacts>, readonly Option["kind"][], Option["kind"]]>([
    ["a cracked pane in putty", {}, ["glass", "sash", "double", "window"], "glass"],
    [
      "a misted unit",
      { system: "plastic-bead-inside", sealed: true, glass: "seal-gone", paints: false },
      ["refurbish", "glass", "sash", "window"],
      "glass",
    ],
    [
      "a misted toughened unit",
      { system: "plastic-bead-inside", sealed: true, glass: "seal-gone", toughened: true },
      ["glass", "sash", "window"],
      "glass",
    ],
    [
      "a misted coated unit",
      { system: "plastic-bead-inside", sealed: true, glass: "seal-gone", coated: true },
      ["glass", "sash", "window"],
      "glass",
    ],
    ["a broken unit", { system: "plastic-bead-inside", sealed: true }, ["glass", "sash", "window"], "glass"],
    ["a welded sash", { system: "plastic-no-bead", sealed: true, opens: false }, ["sash", "window"], "sash"],
    ["a rotten sash, worth mending", { worst: "mend" }, ["glass", "sash", "double", "window"], "glass"],
    ["a sash past it", { worst: "not-worth" }, ["sash", "double", "window"], "sash"],
    [
      "loose, and the glass sound",
      { glass: "sound", loose: true, system: "plastic-bead-inside", sealed: true, paints: false },
      ["repack", "glass", "sash", "window"],
      "repack",
    ],
    [
      "loose, and nobody examined the glass",
      { glass: "not-looked", loose: true },
      ["repack", "glass", "sash", "double", "window"],
      "glass",
    ],
    ["loose, but cracked", { loose: true }, ["glass", "sash", "double", "window"], "glass"],
    ["too little timber for a unit", { doubleHolds: false }, ["glass", "sash", "window"], "glass"],
    [
      "a large door unit",
      { system: "cassette", sealed: true, areaM2: 2, paints: false },
      ["glass", "insert", "window"],
      "insert",
    ],
    [
      "a small door unit",
      { system: "cassette", sealed: true, areaM2: 0.2, paints: false },
      ["glass", "insert", "window"],
      "glass",
    ],
  ])("%s", (_, over, possible, best) => {
    const all = of(over);
    expect(all.filter((o) => o.possible).map((o) => o.kind)).toEqual(possible);
    expect(recommend(all, facts(over)).kind).toBe(best);
  });
  it("adds up to the penny, rounded once", () => {
    // 0.5472 m² at 55 is 30.10, under the least charge of 35; + 12 + 1.5 h at 45 + 2 visits at 40, a fifth tax.
    expect(one("glass").pence).toBe(Math.round((35 + 12 + 67.5 + 80) * 1.2 * 100));
    // 2 m² at 120, one visit: 240 + 12 + 67.50 + 40.
    expect(one("glass", { sealed: true, areaM2: 2, paints: false }).pence).toBe(43_140);
    expect(one("refurbish", { sealed: true, glass: "seal-gone" }).pence).toBe((22 + 5 * 45 + 2 * 40) * 120);
  });
  it("what is bedded in putty here is painted here, once it may be; a sash comes painted", () => {
    expect(one("glass").paintAfter).toBe(7);
    expect(one("repack", { glass: "sound", loose: true }).paintAfter).toBe(7);
    expect(one("sash").paintAfter).toBeNull();
    expect(one("glass", { paints: false }).paintAfter).toBeNull();
  });
  it("mending is priced by what it takes, where glass alone is changed", () => {
    const mending = { hours: 1.25, days: 1 };
    expect(one("glass", { worst: "mend", mending })).toMatchObject({ hours: 2.75, days: 2, visits: 2 });
    expect(one("glass", { worst: "mend", mending: { hours: 0.5, days: 0 }, paints: false })).toMatchObject({
      hours: 2,
      days: 1,
      visits: 1,
    });
    expect(one("sash", { worst: "mend", mending })).toMatchObject({ hours: 2 });
  });
  it.each<[string, Partial<OptionFacts>, RegExp | null]>([
    ["a cracked unit", { sealed: true }, /nothing is gained by waiting/],
    ["a misted unit", { sealed: true, glass: "seal-gone" }, /gets worse/],
    ["one cracked sheet", {}, null],
    ["a sound unit", { sealed: true, glass: "sound" }, null],
  ])("a note for the owner: %s", (_, over, says) => {
    const note = ownerNote(facts(over));
    if (says === null) expect(note).toBeNull();
    else expect(note).toMatch(says);
  });
  it("a lost seal is counted as lost before, and back after a new unit", () => {
    const heat = { now: 3, same: 2.7, better: 1.1 };
    expect(one("glass", { sealed: true, glass: "seal-gone", heat }).heat).toEqual({ before: 3, after: 1.1 });
    expect(one("refurbish", { sealed: true, glass: "seal-gone", heat }).heat).toEqual({ before: 3, after: 2.7 });
  });
  it("refurbishing carries no guarantee, and is never what we advise", () => {
    expect(one("refurbish", { sealed: true, glass: "seal-gone" }).guarantee).toBe("none");
    const all = of({ sealed: true, glass: "seal-gone" });
    expect(recommend(all, facts({ sealed: true, glass: "seal-gone" })).kind).not.toBe("refurbish");
  });
});

describe("faces that the work needs", () => {
  test.each([
    ["timber-putty", "outside", false, "inside", ["outside"]],
    ["timber-putty", "outside", false, "outside", []],
    ["timber-putty", "outside", false, "both", []],
    ["plastic-bead-outside", "outside", true, "inside", ["outside"]],
    ["plastic-bead-outside", "outside", true, "outside", ["inside"]],
    ["plastic-bead-inside", "inside", false, "inside", []],
    ["pinned-stop", "inside", true, "inside", ["outside"]],
  ] as const)("%s from the %s, bonded %s, reached %s", (system, side, bonded, reach, wanted) =>
    expect(outOfReach(directionsOf(system, side, bonded), reach)).toEqual(wanted),
  );
});
