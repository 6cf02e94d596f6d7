import { expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { LEANING, PANE, SQUARE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "./book.ts";
import { cureName, needsCure } from "./needs-cure.ts";
import { reckon } from "./reckoning.ts";

const size = (width: string, height: string) => (t: Teller) =>
  t.tell("size.overruled", {
    width: { text: width, unit: "mm" },
    height: { text: height, unit: "mm" },
    reason: "try",
  });

function needs(read: Parameters<Teller["read"]>[0], tell: (t: Teller) => unknown = () => {}): boolean {
  const t = new Teller().opened().added(PANE, "timber-putty").read(read);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return needsCure(reckon(book, { house: HOUSE_DEFAULTS, calendar }));
}

it.each<[string, Parameters<Teller["read"]>[0], (t: Teller) => unknown, boolean]>([
  ["nothing read", {}, () => {}, false],
  ["square and deep", { ...SQUARE, "rebate-depth": "12" }, () => {}, false],
  ["square, how deep nobody read", SQUARE, () => {}, false],
  ["a size that does not go in", { ...SQUARE, "rebate-depth": "12" }, size("601", "896"), true],
  ["a size as large as the opening goes in", { ...SQUARE, "rebate-depth": "12" }, size("600", "900"), false],
  [
    "a size that covers too little: 590 in 600, 7 deep, covers 2",
    { ...SQUARE, "rebate-depth": "7" },
    size("590", "896"),
    true,
  ],
  ["leaning more than its rebate covers", { ...LEANING, "rebate-depth": "3" }, () => {}, true],
  [
    "a reading that contradicts the others is settled first",
    { ...SQUARE, "width-top": "700", "rebate-depth": "3" },
    () => {},
    false,
  ],
])("%s", (_, read, tell, is) => expect(needs(read, tell)).toBe(is));

it.each([
  ["a rectangle, or none that fits", null, "What will do instead"],
  ["cut to its own shape as somebody chose", { as: "own" }, "What will do instead"],
  ["a raking side", { as: "raked" }, "Its template"],
] as const)("what it is called: %s", (_, shaped, name) => expect(cureName({ shaped } as never)).toBe(name));
