import { describe, expect, it } from "vitest";
import { proudSays } from "./proud.ts";
import { puttyExtra } from "./putty-extra.ts";

describe("a bead that stands out", () => {
  it.each([
    [0, null],
    [0.5, null],
    [0.6, /block along it/],
    [1.4, /block along it/],
    [1.5, /wrong side/],
    [4, /groove/],
  ] as const)("%d mm", (mm, says) => {
    const said = proudSays(mm);
    if (says === null) expect(said).toBeNull();
    else expect(said).toMatch(says);
  });
});

describe("putty for corners and head", () => {
  it.each([
    // 12 for four corners; a quarter of the way round is head: a tenth of 100 ml.
    ["a square, sound", { faceMl: 400, widthMm: 500, heightMm: 500, chewed: false }, 22],
    ["a square, chewed", { faceMl: 400, widthMm: 500, heightMm: 500, chewed: true }, 34],
    // A sixth of the way round.
    ["twice as high as wide", { faceMl: 120, widthMm: 400, heightMm: 800, chewed: false }, 14],
  ])("%s", (_, given, ml) => expect(puttyExtra(given)).toBeCloseTo(ml, 9));
});
