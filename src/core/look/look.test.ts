import { describe, expect, it } from "vitest";
import type { Damage } from "./damage.ts";
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
  withTicked,
} from "./exam.ts";

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

  it.each<[string, ExamAnswers, readonly Damage[], ExamAnswers["near"]]>([
    ["one sheet, cracked", { kind: "single" }, ["cracked"], "cracked"],
    ["cracked and holed: the worse", { kind: "single" }, ["cracked", "holed"], "holed"],
    ["shattered and still standing", { kind: "single" }, ["standing", "cracked"], "gone"],
    ["clear plastic, gone", { kind: "acrylic" }, ["gone"], "gone"],
    ["a tick beats what was answered before", { kind: "single", near: "whole" }, ["cracked"], "cracked"],
    ["nothing of the glass ticked", { kind: "single", near: "whole" }, ["rattling", "misted"], "whole"],
    ["of a unit nobody said which sheet", { kind: "sealed" }, ["cracked"], undefined],
    ["nobody said which it is", {}, ["cracked"], undefined],
  ])("what is ticked already is not asked again: %s", (_, answers, damage, near) => {
    const a = withTicked(answers, damage);
    expect(a.near).toBe(near);
    expect(a.kind !== undefined && examQuestions(a).find((q) => a[q] === undefined) === "near").toBe(
      a.kind !== undefined && near === undefined,
    );
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
