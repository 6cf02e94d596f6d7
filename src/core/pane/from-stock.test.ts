import { expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { mm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { proposedStock } from "./from-stock.ts";
import { reckon } from "./reckoning.ts";

/** An opening of 402 by 617 at its tightest, 12 deep, and one pane on the shelf. */
const on = (widthMm: number, heightMm: number) => {
  const teller = new Teller().added().read({
    "width-top": "402",
    "width-bottom": "403.5",
    "height-left": "618",
    "height-right": "617",
    "rebate-depth": "12",
  });
  teller.tell(
    "stock.pane",
    { name: "shelf", widthNm: mm(widthMm), heightNm: mm(heightMm), thicknessNm: mm(4), glass: "float" },
    {},
  );
  const book = foldPane(PANE, teller.entries);
  if (!book) throw new Error("no pane");
  return reckon(book, withFirm(foldFirm(teller.entries))).stock;
};

it.each<[string, number, number, cuts: number | null, proposed: boolean]>([
  // 17 mm short: 8.5 each side of a rebate 12 deep leaves 3.5, half a millimetre over the least, and any lean takes it.
  ["17 mm short of the opening: listed with what it risks, not proposed", 450, 600, 1, false],
  ["cut both ways it is the pane that the odds ask for", 450, 650, 2, true],
  ["as sold, and near enough", 398, 613, 0, true],
  ["as sold, with a millimetre to spare: it likely binds", 401, 616, 0, false],
  ["too short to be covered at all, and to be cut", 450, 590, null, false],
])("a pane from the shelf: %s", (_, width, height, cuts, proposed) => {
  const all = on(width, height);
  expect(all[0]?.cuts ?? null).toBe(cuts);
  expect(proposedStock(all) !== undefined).toBe(proposed);
});
