import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { out, ready } from "../../../tests/support/step-facts.ts";
import { type Kit, kitOf, oneKit } from "./kit.ts";
import { pastOf, stepByPast, type Timed, type Took, timedAs, timersIn } from "./past.ts";
import type { Step } from "./step.ts";

const step = (over: Partial<Step> = {}): Step => ({ id: "cut-free", does: "", why: "", minutes: 20, ...over });
const took = (minutes: number, metres: number | null = null, name = "cut-free"): Took => ({
  system: "timber-bead",
  station: "takeout",
  step: name,
  minutes,
  metres,
});
const at = (metres: number | null) => ({ system: "timber-bead", station: "takeout", metres }) as const;

const on = (who: string, all: readonly Took[], day = "2026-05-20"): readonly Timed[] =>
  all.map((t) => ({ ...t, who, day }));
const byBram = (all: readonly Took[]) => on("Bram", all);

describe("the firm's own minutes", () => {
  // Bram 10, 12, 14; Nell 6 twice, then a third time; the house's 20 half a time: all multiplied and rooted.
  it.each<[string, number, string | null, number, number, string | undefined]>([
    ["nobody's in particular: all five, 9.7", 2, null, 10, 5, undefined],
    // The others: √20 × 6 × 6, rooted by 2.5: 7.6, worth 1 / (1 / 2.5 + 1) = 0.71; with 10 × 12 × 14 rooted by 3.71.
    ["Bram's own, begun at the others' 7.6", 2, "Bram", 11, 3, "Bram"],
    ["Nell timed it twice: all five still", 2, "Nell", 10, 5, undefined],
    ["Nell's own from the third time on, 7.1", 3, "Nell", 7, 3, "Nell"],
    ["somebody who never timed it", 3, "Ada", 9, 6, undefined],
  ])("%s", (_, nells, who, minutes, timed, by) => {
    const past = pastOf([...byBram([took(10), took(12), took(14)]), ...on("Nell", Array(nells).fill(took(6)))]);
    const now = stepByPast(step(), at(null), past, who);
    expect([now.minutes, now.timed, now.timedBy]).toEqual([minutes, timed, by]);
    expect(now.usual).toBe(20);
  });

  it.each<[string, readonly Took[], Partial<Step>, number | null, number, number | undefined]>([
    // What was timed, the step, its metres now; minutes, how often it was timed.
    ["never timed", [], {}, 4, 20, undefined],
    ["twice is not enough", [took(5), took(6)], {}, 4, 20, undefined],
    ["three times: √20 × 5 × 60 × 6, rooted by 3.5", [took(5), took(60), took(6)], {}, 4, 13, 3],
    ["four: √20 × 4 × 6 × 8 × 100, rooted by 4.5", [took(4), took(6), took(8), took(100)], {}, 4, 12, 4],
    ["five: one that is ten times the middle is not counted", [4, 6, 8, 100, 5].map((m) => took(m)), {}, 4, 6, 4],
    [
      "by the metre: 2, 4, 3 and half of 5, on 4 m",
      [took(6, 3), took(8, 2), took(9, 3)],
      { alongEdge: true },
      4,
      12,
      3,
    ],
    [
      "by the metre, but not sized yet: √20 × 6 × 8 × 9",
      [took(6, 3), took(8, 2), took(9, 3)],
      { alongEdge: true },
      null,
      9,
      3,
    ],
    ["lengths known of two only", [took(6, 3), took(8, 2), took(9)], { alongEdge: true }, 4, 20, undefined],
    ["another variant's times", [took(6), took(7), took(8)], { variant: "hard" }, 4, 20, undefined],
    [
      "its own variant's: √20 × 6 × 7 × 8",
      [6, 7, 8].map((m) => took(m, null, "cut-free/hard")),
      { variant: "hard" },
      4,
      8,
      3,
    ],
    ["never under a minute", [took(0.2), took(0.3), took(0.2)], {}, 4, 1, 3],
  ])("%s", (_, all, over, metres, minutes, timed) => {
    const now = stepByPast(step(over), at(metres), pastOf(byBram(all)));
    expect([now.minutes, now.timed]).toEqual([minutes, timed]);
  });
  it("keeps another frame's times apart", () => {
    const past = pastOf(byBram([took(5), took(6), took(7)]));
    expect(stepByPast(step(), { ...at(4), system: "timber-putty" }, past).minutes).toBe(20);
    expect(stepByPast(step(), { ...at(4), station: "ready" }, past).minutes).toBe(20);
  });
  it("names a variant's times", () => {
    expect([timedAs(step()), timedAs(step({ variant: "soft" }))]).toEqual(["cut-free", "cut-free/soft"]);
  });
  it("keeps each person's newest thirty", () => {
    const past = pastOf([...byBram(Array(40).fill(took(5))), ...on("Nell", [took(9)])]);
    expect([...past.values()].map((t) => [t.length, t.at(-1)?.who])).toEqual([[31, "Nell"]]);
    expect(timersIn(past).toSorted()).toEqual(["Bram", "Nell"]);
  });
  it("lies between the house's word, the shortest and the longest, in whatever order they were timed", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 300 }), { minLength: 3, maxLength: 30 }), (minutes) => {
        const now = stepByPast(step(), at(null), pastOf(byBram(minutes.map((m) => took(m))))).minutes;
        const turned = stepByPast(step(), at(null), pastOf(byBram([...minutes].reverse().map((m) => took(m))))).minutes;
        expect(now).toBe(turned);
        expect(now).toBeGreaterThanOrEqual(Math.min(20, ...minutes));
        expect(now).toBeLessThanOrEqual(Math.max(20, ...minutes));
      }),
    );
  });
});

const pane = { metres: 3, diagonalM: 1, waste: 0.1 };
const amount = (kit: Kit, what: string): number | undefined => kit.uses.find((u) => u.what === what)?.amount;

describe("what to have with one", () => {
  it.each<[string, readonly Step[], string, number | undefined]>([
    ["tape for both faces: four diagonals of 1 m", out(), "paper tape", 5],
    ["spare edges at every second metre", out({ system: "timber-bead" }), "spare blade edges", 2],
    ["grease for tape: 2 g a metre", out({ system: "compression-moulding" }), "silicone grease", 7],
    [
      "alcohol for silicone: 25 ml a metre",
      out({ system: "pinned-stop" }),
      "alcohol, for half and half with water",
      83,
    ],
    ["none for putty", out(), "alcohol, for half and half with water", undefined],
    ["tape of 3 m and waste", ready({ system: "compression-moulding" }), "glazing tape", 4],
    ["masking on four lines", ready({ system: "pinned-stop" }), "masking tape", 14],
    ["on one, round the outer half of an insert", ready({ system: "cassette", whole: "insert" }), "masking tape", 4],
    ["primer at 12 ml a metre", ready(), "primer", 40],
  ])("%s", (_, steps, what, expected) => expect(amount(kitOf(steps, pane), what)).toBe(expected));

  it.each<[string, readonly Step[], readonly string[]]>([
    ["breaking out", out({ damage: ["holed"] }), ["eye protection", "cut-resistant gloves", "dust mask"]],
    ["upstairs", out({ storey: 1 }), ["ladder with stabiliser, or a tower"]],
    ["two to lift", out({ lift: 2 }), ["rated suction cups", "glass carrier"]],
    ["an old toughened one", out({ toughened: true }), ["bucket"]],
  ])("packs what is worn or stood on: %s", (_, steps, things) => {
    const { tools } = kitOf(steps, pane);
    for (const thing of things) expect(tools).toContain(thing);
    expect(new Set(tools).size).toBe(tools.length);
  });
  it("no ladder on the ground floor", () =>
    expect(kitOf(out(), pane).tools.some((t) => t.includes("ladder"))).toBe(false));
  it("names each tool once", () => {
    const { tools } = kitOf(out(), pane);
    expect(tools.length).toBe(new Set(tools).size);
    expect(tools).toEqual(expect.arrayContaining(["drop sheet", "pincers", "wax pencil"]));
  });
  it("leaves amounts out until the pane is sized", () => {
    expect(kitOf(out(), { metres: null, diagonalM: null, waste: 0.1 }).uses).toEqual([]);
  });
  it("adds up over panes", () => {
    const one = kitOf(ready(), pane);
    const three = oneKit([one, one, kitOf(ready({ system: "pinned-stop" }), pane)]);
    expect(amount(three, "primer")).toBe(40 + 40 + 27);
    expect(three.tools.filter((t) => t === "vacuum")).toHaveLength(1);
  });
});
