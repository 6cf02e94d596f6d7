import { describe, expect, it } from "vitest";
import { type Cuts, type CutTally, cutsOf, tallied, whoCuts } from "./cut-record.ts";

const given = (
  glass: CutTally["glass"],
  mm: number | null,
  who: string,
  cutWell: number,
  spoilt: number,
): CutTally => ({
  glass,
  thicknessNm: mm === null ? null : mm * 1e6,
  who,
  cutWell,
  spoilt,
});
const RECORD = [
  given("float", 4, "Nell", 3, 1),
  given("float", 6, "Bram", 5, 0),
  given("float", 4, "Nell", 7, 1),
  given("patterned", 4, "Nell", 2, 2),
  // Cut before the sheet's kind was kept with it.
  given(null, null, "Bram", 20, 1),
].reduce<readonly CutTally[]>(tallied, []);

describe("whose hand is surest", () => {
  const by = (who: string, cutWell: number, spoilt: number) => given("float", 4, who, cutWell, spoilt);
  it.each<[string, readonly CutTally[], readonly string[]]>([
    ["nobody", [], []],
    ["nine pieces say nothing", [by("Nell", 9, 0)], []],
    ["ten do", [by("Nell", 9, 1)], ["Nell"]],
    ["fewer that ran off first", [by("Bram", 12, 3), by("Nell", 40, 0)], ["Nell", "Bram"]],
    // (1 + 1) / 121 is less than 1 / 30.
    [
      "ten without a fault are not surer than a hundred with one",
      [by("Ada", 10, 0), by("Bram", 100, 1)],
      ["Bram", "Ada"],
    ],
    ["alike: by name", [by("Nell", 20, 0), by("Ada", 20, 0)], ["Ada", "Nell"]],
    ["of another thickness", [given("float", 6, "Nell", 40, 0)], []],
    ["of another kind", [given("laminated", 4, "Nell", 40, 0)], []],
  ])("%s", (_, record, names) =>
    expect(whoCuts(record, { glass: "float", thicknessNm: 4e6 }).map((c) => c.who)).toEqual(names),
  );
});

describe("what was cut on the bench", () => {
  it("is one tally for a person and a glass", () => expect(RECORD).toHaveLength(4));
  it.each<[string, Parameters<typeof cutsOf>[1], Cuts]>([
    ["all of it", {}, { cutWell: 37, spoilt: 5 }],
    ["4 mm float", { glass: "float", thicknessNm: 4e6 }, { cutWell: 10, spoilt: 2 }],
    ["4 mm of any kind", { thicknessNm: 4e6 }, { cutWell: 12, spoilt: 4 }],
    ["by Bram", { who: "Bram" }, { cutWell: 25, spoilt: 1 }],
    ["6 mm by Nell: none", { who: "Nell", thicknessNm: 6e6 }, { cutWell: 0, spoilt: 0 }],
  ])("%s", (_, which, cuts) => expect(cutsOf(RECORD, which)).toEqual(cuts));
});
