import { expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { NOT_MEASURED } from "../log/kinds/refurbish.ts";
import { foldPane } from "./book.ts";
import { openedUnit } from "./opened-unit.ts";
import { reckon } from "./reckoning.ts";

const MEASURED = { spacerMm: 12, boreMm2: 80, channelMm: 4, filledSides: "all", keyLegMm: 25 } as const;

function opened(read: Parameters<Teller["read"]>[0], tell: (t: Teller) => void = () => {}) {
  const t = new Teller().opened().added(PANE, "pinned-stop");
  t.tell("look.damage", { damage: ["misted"] });
  t.tell("look.option", { option: "refurbish", reason: "kept" });
  t.read(read);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return openedUnit(book, reckon(book, { house: HOUSE_DEFAULTS, calendar }));
}

const SIZE = { "old-width": "600", "old-height": "900" };

it("says nothing of what goes in while its size is not read", () => {
  expect(opened({})).toMatchObject({ size: null, needs: null, isRead: false });
});
it("takes the spacer by the thickness that was read: 20 less two sheets of 4 is 12", () => {
  expect(opened({ ...SIZE, "old-thickness": "20" }).unit.spacerMm).toBe(12);
  expect(opened(SIZE).unit.spacerMm).toBe(16);
});
const REBATE = {
  "width-top": "610",
  "width-bottom": "610",
  "height-left": "910",
  "height-right": "910",
  "diagonal-up": "1095.5",
  "diagonal-down": "1095.5",
};
it.each([
  ["the unit edge to edge, whatever the rebate says", { ...REBATE, ...SIZE }, [600, 900]],
  // 610 and 910 less what the odds of a unit take off.
  ["with one side of it not read, by the rebate", { ...REBATE, "old-width": "600" }, [606, 905]],
  ["or the other", { ...REBATE, "old-height": "900" }, [606, 905]],
  ["one side alone", { "old-width": "600" }, null],
] as const)("its size is %s", (_, read, is) => {
  const { size } = opened(read);
  const found = size && [size.widthMm, size.heightMm];
  expect(found).toEqual(is);
});
it("takes only what was measured as measured", () => {
  const t = { ...NOT_MEASURED, channelMm: 6 };
  const got = opened({ ...SIZE, "old-thickness": "24" }, (told) => told.tell("refurbish.unit", t));
  expect(got).toMatchObject({ isRead: false, measured: t, unit: { spacerMm: 16, channelMm: 6, boreMm2: 70 } });
  // 16 × (600 × 900 − 588 × 888) = 16 × 17 856 mm³.
  expect(got.needs?.sealMl).toBeCloseTo(285.696, 6);
});
it("goes by the spacer that somebody measured, and by the unit edge to edge", () => {
  const got = opened({ ...SIZE, "old-thickness": "24" }, (t) => t.tell("refurbish.unit", MEASURED));
  expect(got).toMatchObject({ isRead: true, unit: MEASURED, size: { widthMm: 600, heightMm: 900 } });
  // 12 × (600 × 900 − 592 × 892) = 12 × 11 936 mm³ of seal; the bore 2 740 long as with any spacer.
  expect(got.needs?.sealMl).toBeCloseTo(143.232, 6);
  expect(got.needs?.beadsMl).toBeCloseTo(219.2, 6);
});
