import { describe, expect, it } from "vitest";
import { Teller, uuid } from "../../../tests/support/told.ts";
import type { Payloads } from "../log/kinds.ts";
import { takenTwiceText } from "../words/taken-twice.ts";
import { essentialOf } from "./essential.ts";
import { foldFirm } from "./fold-firm.ts";
import { takenTwiceFor } from "./taken-twice.ts";

const [PORCH, KITCHEN] = [uuid(1), uuid(2)];
const SHEET = { name: "A1", widthNm: 6e8, heightNm: 9e8, thicknessNm: 4e6, glass: "float" as const };
const cut = (pane: string, sheet = "A1"): Payloads["stock.cut"] => ({ sheet, panes: [pane], left: [], spoilt: 0 });

/** Bram takes it for the porch and Nell for the kitchen; `between` tells what happens before, between and after. */
function both(
  sheet: Partial<Payloads["stock.pane"]>,
  after: (t: Teller, nells: ReturnType<Teller["tell"]>) => void = () => {},
) {
  const t = new Teller(0x100);
  t.tell("stock.pane", { ...SHEET, ...sheet }, {});
  t.tell("stock.cut", cut(PORCH), {}, "Bram");
  const nells = t.tell("stock.cut", cut(KITCHEN), {}, "Nell");
  after(t, nells as never);
  return t;
}
const said = (t: Teller) => foldFirm(t.entries).takenTwice;

describe("a sheet that two people took", () => {
  it.each<[string, Teller, number]>([
    ["one was there", both({ count: 1 }), 1],
    ["nobody counted it: one", both({}), 1],
    ["one was there, and its name stays to be bought again", both({ count: 1, least: 2 }), 1],
    ["two were there", both({ count: 2 }), 0],
    ["it is bought as it is needed", both({ bought: true }), 0],
    ["a third took it too", both({ count: 1 }, (t) => t.tell("stock.cut", cut(uuid(3)), {}, "Ada")), 2],
    ["Nell gave hers back", both({ count: 1 }, (t, nells) => t.strike(nells as never)), 0],
    [
      "somebody counted it since",
      both({ count: 1, least: 2 }, (t) => t.tell("stock.counted", { name: "A1", count: 0 }, {})),
      0,
    ],
    ["another lies there since", both({ count: 1 }, (t) => t.tell("stock.pane", { ...SHEET, count: 1 }, {})), 0],
    [
      "of one that never lay there nobody knows",
      both({ count: 1 }, (t, n) => {
        t.strike(n as never);
        t.tell("stock.cut", cut(uuid(4), "Z9"), {}, "Ada");
      }),
      0,
    ],
  ])("%s", (_, t, times) => {
    expect(said(t)).toHaveLength(times);
    // A page that carries no years knows the same.
    expect(foldFirm(essentialOf(t.entries)).takenTwice).toEqual(said(t));
  });
  it("concerns both panes and no other, and says who took it when", () => {
    const [twice] = said(both({ count: 1 }));
    if (!twice) throw new Error("nobody was told");
    expect([PORCH, KITCHEN, uuid(3)].map((p) => takenTwiceFor([twice], p).length)).toEqual([1, 1, 0]);
    expect(takenTwiceText(twice)).toMatch(
      /^Bram took “A1” off the rack at \d\d:\d\d and Nell at \d\d:\d\d, neither knowing of the other: one was there\.$/,
    );
    expect(
      takenTwiceText({ ...twice, again: { ...twice.again, who: "Bram", at: "2026-06-01T09:00:00.000Z" } }),
    ).toMatch(/ and again at 09:00 on 2026-06-01: one was there\.$/);
  });
});
