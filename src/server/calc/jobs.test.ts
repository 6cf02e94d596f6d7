import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { PaneCase } from "../../contract/panes.ts";
import { createDatabase } from "../../db/database.ts";
import { theDatabase } from "../the-database.ts";
import { calcPane } from "./pane.ts";

const folder = mkdtempSync(join(tmpdir(), "plain-pane-jobs-"));
beforeAll(() => {
  process.env["DATABASE_FILE"] = join(folder, "firm.sqlite");
  createDatabase(process.env["DATABASE_FILE"]);
});
afterAll(() => {
  theDatabase().$client.close();
  rmSync(folder, { recursive: true, force: true });
});

const sized = (given: object) => {
  const answer = calcPane(PaneCase.parse(given));
  if (!answer.ok) throw new Error(answer.error.message);
  return answer.value;
};

/** What was read, and what must be ordered: each sum is written beside it. */
type Job = readonly [job: string, of: object, size: readonly [string, string]];

describe("what must be ordered", () => {
  it.each<Job>([
    [
      "putty, the easy school: 600 − 3, 900 − 3",
      { school: "easy", readings: { "width-middle": "600", "height-middle": "900" } },
      ["597 mm", "897 mm"],
    ],
    [
      "the smallest of three rules: 598.5 − 3, 899 − 3, down to the millimetre",
      {
        school: "easy",
        readings: { "width-top": "600", "width-middle": "598.5", "width-bottom": "599", "height-left": "899" },
      },
      ["595 mm", "896 mm"],
    ],
    [
      "a figure of one's own, no school named: 600 − 4, 900 − 4",
      { off: { text: "4", unit: "mm" }, readings: { "width-middle": "600", "height-left": "900" } },
      ["596 mm", "896 mm"],
    ],
    [
      "snug in inches: 16 3/8 − 1/16, 20 1/4 − 1/16",
      { unit: "in", school: "snug", readings: { "width-middle": "16 3/8", "height-middle": "20 1/4" } },
      ['16 5/16"', '20 3/16"'],
    ],
    [
      "by the book in inches: 10 mm off 24 leaves 23.606, down to 23 9/16",
      { unit: "in", school: "by-the-book", readings: { "width-middle": "24", "height-middle": "36" } },
      ['23 9/16"', '35 9/16"'],
    ],
    [
      "an inch tape keeps its grid whoever looks: 23 11/16 − 1/8 is 23 9/16, 598.4875 mm",
      {
        off: { text: "1/8", unit: "in" },
        readings: { "width-middle": { text: "23 11/16", unit: "in" }, "height-left": { text: "35 7/16", unit: "in" } },
      },
      ["598.49 mm", "896.94 mm"],
    ],
    [
      "like for like: the old pane's own size",
      {
        school: "like-for-like",
        readings: { "width-middle": "600", "height-middle": "900", "old-width": "595", "old-height": "896" },
      },
      ["595 mm", "896 mm"],
    ],
    [
      "the old pane copied, which sat tight in timber beads: nothing comes off",
      { system: "timber-bead", way: "old-unit", sits: "tight", readings: { "old-width": "598", "old-height": "898" } },
      ["598 mm", "898 mm"],
    ],
    [
      "copied from metal, sat easy",
      { system: "metal-frame", way: "old-unit", sits: "easy", readings: { "old-width": "412", "old-height": "615" } },
      ["412 mm", "615 mm"],
    ],
    [
      "copied in inches, loose: as it was read",
      { unit: "in", way: "old-unit", sits: "loose", readings: { "old-width": "23 1/2", "old-height": "35 5/16" } },
      ['23 1/2"', '35 5/16"'],
    ],
    [
      "copied on packers: they are room, and are not added to it",
      {
        system: "plastic-bead-inside",
        way: "old-unit",
        sits: "packed",
        readings: { "old-width": "596", "old-height": "896", "old-packed": "3" },
      },
      ["596 mm", "896 mm"],
    ],
    [
      "a door insert over its frame",
      {
        system: "cassette",
        way: "insert-outside",
        readings: { "insert-outside-width": "560", "insert-outside-height": "960", "door-thickness": "44" },
      },
      ["560 mm", "960 mm"],
    ],
    [
      "a door insert by what is seen, in inches",
      {
        unit: "in",
        system: "cassette",
        way: "insert-inside",
        readings: { "insert-inside-width": "22", "insert-inside-height": "36", "door-thickness": "1 3/4" },
      },
      ['22"', '36"'],
    ],
    [
      "through standing glass that goes in 8: 580 + 16, and nothing off",
      { way: "through-glass", readings: { "sight-width": "580", "sight-height": "880", "goes-in": "8" } },
      ["596 mm", "896 mm"],
    ],
    [
      "the same in inches: 22 + 3/4",
      {
        unit: "in",
        way: "through-glass",
        readings: { "sight-width": "22", "sight-height": "34", "goes-in": "3/8" },
      },
      ['22 3/4"', '34 3/4"'],
    ],
    [
      "through standing glass with a rebate 10 deep, easy: 580 + 20 − 3",
      {
        school: "easy",
        way: "through-glass",
        readings: { "sight-width": "580", "sight-height": "880", "cover-guess": "10" },
      },
      ["597 mm", "897 mm"],
    ],
  ])("%s", (_, given, size) => {
    const got = sized(given);
    expect([got.size?.width.text, got.size?.height.text]).toEqual(size);
    expect(got.declined).toBe(false);
  });
});

describe("what must be said instead", () => {
  const square = {
    "width-top": "600",
    "width-middle": "600",
    "width-bottom": "600",
    "height-left": "900",
    "height-middle": "900",
    "height-right": "900",
  };
  it("an opening that leans 16 mm: the diagonals 1091 and 1072 of 600 × 900; no size stands", () => {
    const got = sized({
      readings: { ...square, "diagonal-up": "1091", "diagonal-down": "1072", "rebate-depth": "8" },
    });
    expect(got).toMatchObject({ size: null, declined: true, why: expect.stringContaining("ease the rebate") });
    // (1091² − 1072²) / (4 × 600) = 17.1 along the head.
    expect(got.leastCoverMm.needed).toBe(3);
    expect(got.opening.leanMm).toBeCloseTo((1091 ** 2 - 1072 ** 2) / (4 * 600), 0);
  });
  it("one reading an inch off the others is pointed at, with what was meant", () => {
    const got = sized({ readings: { ...square, "width-middle": "574.6", "diagonal-up": "1081.7" } });
    expect(got.slips[0]).toMatchObject({ place: "width-middle", kind: "whole-inch" });
    expect(got.slips[0]?.meantMm).toBeCloseTo(600, 6);
  });
  it("a depth nobody read decides nothing: cover is not known", () => {
    const got = sized({ readings: square });
    expect([got.coverMm, got.trouble?.coverLost]).toEqual([null, null]);
  });
  it("how an old pane sat decides its room: easy 2, loose 4, on packers of 3 twice that", () => {
    const play = (sits: string, more: object = {}) =>
      sized({ way: "old-unit", sits, readings: { "old-width": "596", "old-height": "896", ...more } }).opening.copied
        ?.playMm;
    expect([play("tight"), play("easy"), play("loose"), play("packed", { "old-packed": "3" })]).toEqual([0, 2, 4, 6]);
  });
});
