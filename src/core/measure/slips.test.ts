import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { inches, mm, type Nm, toMm } from "../units/length.ts";
import { OPENING, type OpeningPlace } from "./places.ts";
import { type SlipInput, type SlipKind, slipsIn, touched } from "./slips.ts";
import { strayFit } from "./stray-fit.ts";

const TRUE: Readonly<Record<OpeningPlace, number>> = {
  "width-top": 612,
  "width-middle": 611.5,
  "width-bottom": 613,
  "height-left": 904,
  "height-middle": 904.5,
  "height-right": 903,
  "diagonal-up": 1089,
  "diagonal-down": 1091.5,
};
const given = (over: Partial<Record<OpeningPlace, number>>, more: Partial<SlipInput> = {}): SlipInput => ({
  readings: Object.fromEntries(OPENING.map((p) => [p, mm(over[p] ?? TRUE[p])])),
  unit: "mm",
  tapeMm: 0.5,
  ...more,
});

describe("a slip in eight readings", () => {
  it.each([
    ["ten too long", { "width-top": 622 }, "width-top", "ten-mm", 612],
    ["ten too short", { "height-right": 893 }, "height-right", "ten-mm", 903],
    ["a corner ten too long", { "diagonal-down": 1101.5 }, "diagonal-down", "ten-mm", 1091.5],
    ["an inch off a tape with both scales", { "width-middle": 636.9 }, "width-middle", "whole-inch", 611.5],
    ["613 written 631", { "width-bottom": 631 }, "width-bottom", "digits-swapped", 613],
    ["904 written 940", { "height-left": 940 }, "height-left", "digits-swapped", 904],
    ["1089 written 1098", { "diagonal-up": 1098 }, "diagonal-up", "digits-swapped", 1089],
    ["a hundred too long", { "height-left": 1004 }, "height-left", "hundred-mm", 904],
  ] as const)("%s", (_, over, place, kind, meant) => {
    const [slip, ...more] = slipsIn(given(over));
    expect(slip).toMatchObject({ place, kind });
    expect(toMm(slip?.meant ?? mm(0))).toBeCloseTo(meant, 6);
    expect(more).toEqual([]);
  });

  it("a width and a height in each other's place", () => {
    const [slip] = slipsIn(given({ "width-top": 904, "height-left": 612 }));
    expect(slip?.kind).toBe("width-for-height");
    expect(slip && touched(slip)).toEqual(["width-top", "height-left"]);
  });

  it("a whole inch on an inch tape", () => {
    const readings = {
      "width-top": inches(23, 11, 16),
      "width-middle": inches(24, 5, 8),
      "width-bottom": inches(23, 11, 16),
      "height-left": inches(35, 1, 2),
      "height-right": inches(35, 1, 2),
    };
    const [slip] = slipsIn({ readings, unit: "in", tapeMm: 0.4 });
    expect(slip).toMatchObject({ place: "width-middle", kind: "whole-inch", meant: inches(23, 5, 8) });
  });

  const INCHES = {
    "width-top": inches(23, 11, 16),
    "width-middle": inches(23, 5, 8),
    "width-bottom": inches(23, 11, 16),
    "height-left": inches(35, 1, 2),
    "height-middle": inches(35, 1, 2),
    "height-right": inches(35, 1, 2),
  };
  it.each<[string, OpeningPlace, Nm, SlipKind, Nm]>([
    ["an inch too short", "height-left", inches(34, 1, 2), "whole-inch", inches(35, 1, 2)],
    ["ten inches too long: the tape's own tens", "width-middle", inches(33, 5, 8), "hundred-mm", inches(23, 5, 8)],
    ["ten inches too short", "height-right", inches(25, 1, 2), "hundred-mm", inches(35, 1, 2)],
    ["35 1/2 written 53 1/2", "height-middle", inches(53, 1, 2), "digits-swapped", inches(35, 1, 2)],
    ["23 11/16 written 32 11/16", "width-top", inches(32, 11, 16), "digits-swapped", inches(23, 11, 16)],
  ])("in inches: %s", (_, place, typed, kind, meant) => {
    const [slip, ...more] = slipsIn({ readings: { ...INCHES, [place]: typed }, unit: "in", tapeMm: 0.4 });
    expect(slip).toMatchObject({ place, kind, meant });
    expect(more).toEqual([]);
  });

  it("something else altogether is asked for again", () => {
    expect(slipsIn(given({ "width-middle": 578 }))[0]).toMatchObject({ place: "width-middle", kind: "misread" });
  });

  it("two slips are both pointed at", () => {
    const found = slipsIn(given({ "width-top": 622, "height-right": 930 }));
    expect(found.map((s) => s.place).sort()).toEqual(["height-right", "width-top"]);
  });

  it("two in each other's place and a third that slipped: once they are put right, the third shows", () => {
    const all = slipsIn(given({ "width-top": 904, "height-left": 612, "height-right": 893 }));
    expect(all.map((s) => [s.place, s.kind, toMm(s.meant), s.with])).toEqual([
      ["width-top", "width-for-height", 612, "height-left"],
      ["height-right", "ten-mm", 903, undefined],
    ]);
  });
  it("no more than two at once: who slips three times reads anew", () => {
    const all = slipsIn(given({ "width-top": 712, "height-right": 1003, "diagonal-up": 1189 }));
    expect(all.length).toBeLessThanOrEqual(2);
  });
  it("a reading that somebody stood by is left alone", () => {
    expect(slipsIn(given({ "width-top": 622 }, { trusted: ["width-top"] })).map((s) => s.place)).not.toContain(
      "width-top",
    );
  });
});

describe("how much likelier a slip is", () => {
  /** One reading in 60 slips; of those so many at one of eight places, in one of the ways that it may have gone. */
  it.each<[string, Partial<Record<OpeningPlace, number>>, number]>([
    ["ten", { "width-top": 622 }, 40],
    ["a hundred", { "height-left": 1004 }, 200],
    ["an inch, on a tape with both scales", { "width-middle": 636.9 }, 80],
    ["two digits", { "width-bottom": 631 }, 40],
    ["a width and a height", { "width-top": 904, "height-left": 612 }, 60],
  ])("%s: by what it takes away of what is odd, times its share", (_, over, oneOf) => {
    const input = given(over);
    const [slip] = slipsIn(input);
    const odd = (readings: SlipInput["readings"]): number => strayFit(readings, input.tapeMm)?.oddness ?? 0;
    const mended = {
      ...input.readings,
      ...(slip && { [slip.place]: slip.meant }),
      ...(slip?.with && { [slip.with]: input.readings[slip.place] }),
    };
    expect(slip?.logOdds).toBeCloseTo((odd(input.readings) - odd(mended)) / 2 - Math.log(oneOf * 60), 9);
  });

  it("one that fits nothing, by what is left without it: at one of eight places, one of a thousand half millimetres", () => {
    const input = given({ "width-middle": 578 });
    const { "width-middle": _, ...others } = input.readings;
    const odd = (readings: SlipInput["readings"]): number => strayFit(readings, input.tapeMm)?.oddness ?? 0;
    expect(slipsIn(input)[0]?.logOdds).toBeCloseTo((odd(input.readings) - odd(others)) / 2 - Math.log(8000 * 60), 9);
  });

  it("does not lie in the place of one that nobody read", () => {
    const { "height-middle": _, "height-right": __, ...readings } = given({ "width-middle": 578 }).readings;
    expect(slipsIn({ ...given({}), readings })).toMatchObject([{ place: "width-middle", kind: "misread" }]);
  });
});

describe("all widths typed as heights", () => {
  const turned = given({
    "width-top": 904,
    "width-middle": 904.5,
    "width-bottom": 903,
    "height-left": 612,
    "height-middle": 611.5,
    "height-right": 613,
  });
  it("cannot be told from the readings, but from the eye", () => {
    expect(slipsIn(turned)).toEqual([]);
    expect(slipsIn({ ...turned, shape: "upright" })[0]?.kind).toBe("widths-for-heights");
    expect(slipsIn({ ...turned, shape: "lying" })).toEqual([]);
  });
  it("and from the old pane", () => {
    expect(slipsIn({ ...turned, old: { width: mm(609), height: mm(900) } })[0]?.kind).toBe("widths-for-heights");
  });
});

describe("no slip", () => {
  it.each([
    ["the true set", {}],
    ["a lean of a finger's breadth", { "diagonal-up": 1080, "diagonal-down": 1100.5 }],
    ["a taper of 4", { "width-top": 609, "width-middle": 611 }],
    ["a bow of 3", { "width-middle": 609.5 }],
  ] as const)("%s", (_, over) => expect(slipsIn(given(over))).toEqual([]));

  it("widths alone are not turned about, however it looks by eye", () => {
    const widths = { "width-top": mm(612), "width-middle": mm(611.5), "width-bottom": mm(613) };
    expect(slipsIn({ ...given({}, { shape: "lying" }), readings: widths })).toEqual([]);
  });
  it("touches its place, and the other's where two changed places", () => {
    expect(touched({ place: "width-top", kind: "ten-mm", meant: mm(600), logOdds: 3 })).toEqual(["width-top"]);
    expect(
      touched({ place: "width-top", kind: "width-for-height", meant: mm(600), logOdds: 3, with: "height-left" }),
    ).toEqual(["width-top", "height-left"]);
  });
  it("one or two readings contradict nothing", () => {
    expect(slipsIn({ readings: { "width-top": mm(612), "height-left": mm(94) }, unit: "mm", tapeMm: 0.5 })).toEqual([]);
  });

  it("honest tapes raise no alarm", () => {
    const off = fc.double({ min: -1, max: 1, noNaN: true });
    fc.assert(
      fc.property(fc.tuple(...OPENING.map(() => off)), (errors) => {
        const over = Object.fromEntries(OPENING.map((p, i) => [p, TRUE[p] + (errors[i] ?? 0)]));
        expect(slipsIn(given(over))).toEqual([]);
      }),
    );
  });
});
