import { describe, expect, it } from "vitest";
import { CalcPaintWindow, PaintCase } from "../../contract/calc-paint-window.ts";
import { PuttyCase } from "../../contract/calc-putty.ts";
import { SizeAnswer, SizeCase } from "../../contract/calc-size.ts";
import { CalcTape, TapeCase } from "../../contract/calc-tape.ts";
import { calcPaintWindow } from "./paint-window.ts";
import { calcPutty } from "./putty.ts";
import { calcSize } from "./size.ts";
import { calcTape } from "./tape.ts";

const value = <T>(outcome: { ok: true; value: T } | { ok: false; error: object }): T => {
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.error));
  return outcome.value;
};

describe("the examples of the interface are true", () => {
  it("tape", () => expect(value(calcTape(TapeCase.parse(CalcTape.example?.in)))).toEqual(CalcTape.example?.out));
  it("paint window", () =>
    expect(value(calcPaintWindow(PaintCase.parse(CalcPaintWindow.example?.in)))).toMatchObject(
      CalcPaintWindow.example?.out as object,
    ));
});

describe("size", () => {
  const readings = {
    "width-top": "612",
    "width-middle": { mm: 611.5 },
    "width-bottom": { nm: 613_000_000 },
    "height-left": "904",
    "height-right": "903",
    "diagonal-up": "1089",
    "diagonal-down": "1091.5",
  };
  const size = (over: object) => calcSize(SizeCase.parse({ readings, ...over }));
  it("takes lengths as text, millimetres or nanometres", () => {
    const a = value(size({ rebateDepth: "10" }));
    expect([a.glass.width.mm, a.glass.height.mm, a.governs.width.place]).toEqual([608, 900, "width-middle"]);
    expect(a.massKg).toBeCloseTo(5.472, 9);
    expect(a.opening?.leastCover?.enough).toBe(true);
    expect(SizeAnswer.safeParse(a).success).toBe(true);
  });
  it("says in which field a length cannot be read, and at which character", () => {
    const found = size({ readings: { ...readings, "width-top": "61x" } });
    expect(found.ok ? null : found.error).toMatchObject({ code: "letters", field: "readings.width-top", at: 2 });
  });
  it.each([
    [{ school: "own" }, "needs-own-figure"],
    [{ school: "like-for-like" }, "needs-old-pane"],
    [{ readings: { "width-top": "600" } }, "needs-height"],
  ])("%j: %s", (over, code) => {
    const found = size(over);
    expect(found.ok ? null : found.error.code).toBe(code);
  });
  it("answers in inches when asked", () => {
    const a = value(
      size({ unit: "in", readings: { "width-top": "23 11/16", "height-left": "35 1/2" }, grid: "1/16 in" }),
    );
    expect([a.glass.width.text, a.glass.height.text]).toEqual(['23 9/16"', '35 3/8"']);
  });
});

describe("putty", () => {
  const CASE = {
    tight: { width: "600", height: "900" },
    glass: { width: "597", height: "897" },
    thickness: "4",
    rebateDepth: "10",
    rebateWidth: "18",
  };
  it("as worked out by hand", () => {
    const a = value(calcPutty(PuttyCase.parse(CASE)));
    expect([a.bedMl, a.faceMl, a.edgeMl].map((v) => Math.round(v * 1000) / 1000)).toEqual([59.2, 178.4, 17.964]);
    expect([a.cartridges310, a.foils600]).toEqual([1, 1]);
  });
  it("has no room where bed and glass fill the rebate", () => {
    const found = calcPutty(PuttyCase.parse({ ...CASE, rebateWidth: "5" }));
    expect(found.ok ? null : found.error.code).toBe("no-front-room");
  });
});

describe("paint window", () => {
  it("takes a label of one's own, and weather by day", () => {
    const a = value(
      calcPaintWindow(
        PaintCase.parse({
          compound: { leastDays: 2, mostDays: 5, leastC: 5, dryBefore: 1 },
          set: "2026-05-04",
          wet: ["2026-05-06"],
          lowC: { "2026-05-05": 1 },
        }),
      ),
    );
    expect(a).toMatchObject({
      opens: "2026-05-07",
      from: "2026-05-08",
      closes: "2026-05-09",
      coldDays: 1,
      unfit: [{ day: "2026-05-07", why: "wet-before" }],
    });
  });
  it("takes no day that is not on the calendar, wherever it stands", () => {
    for (const over of [
      { set: "2026-02-30" },
      { lowC: { "2026-02-30": 1 } },
      { wet: ["2026-13-01"] },
      { daysOff: ["x"] },
    ])
      expect(PaintCase.safeParse({ set: "2026-05-04", ...over }).success).toBe(false);
  });
  it("says that silicone-like labels are not painted", () => {
    const a = value(
      calcPaintWindow(
        PaintCase.parse({ compound: { leastDays: null, mostDays: null, leastC: 5, dryBefore: 0 }, set: "2026-05-04" }),
      ),
    );
    expect(a).toMatchObject({ painted: false, from: null });
  });
});
