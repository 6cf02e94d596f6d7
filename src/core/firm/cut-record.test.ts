import { describe, expect, it } from "vitest";
import { type Cuts, type CutTally, cutsOf, tallied } from "./cut-record.ts";

const of = (glass: CutTally["glass"], mm: number | null, who: string, cutWell: number, spoilt: number): CutTally => ({
  glass,
  thicknessNm: mm === null ? null : mm * 1e6,
  who,
  cutWell,
  spoilt,
});
const RECORD = [
  of("float", 4, "Nell", 3, 1),
  of("float", 6, "Bram", 5, 0),
  of("float", 4, "Nell", 7, 1),
  of("patterned", 4, "Nell", 2, 2),
  // Cut before the sheet's kind was kept with it.
  of(null, null, "Bram", 20, 1),
].reduce<readonly CutTally[]>(tallied, []);

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
