import { expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, SQUARE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { type Hinge, NOTHING_FOUND } from "../measure/found.ts";
import { foldPane } from "./book.ts";
import { braceHere } from "./brace-here.ts";
import { reckon } from "./reckoning.ts";

/* A plastic sash of 600 by 900; its packers stand a quarter in, so that head and foot are half the pane's width apart. */

const brace = (
  hinge: Hinge,
  gaps: Readonly<Record<string, string>>,
  size: Readonly<Record<string, string>> = SQUARE,
) => {
  const t = new Teller().opened().added(PANE, "plastic-bead-inside");
  t.tell("measure.found", { ...NOTHING_FOUND, hinge });
  t.read({ ...size, ...gaps });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const found = braceHere(book, r);
  const width = r.cut.ok ? r.cut.value.glass.width / 1e6 : 0;
  return found && { drop: found.dropMm, more: found.moreMm, byHand: (found.dropMm * (width / 2)) / 600 };
};
const gaps = (hinge: string, handle: string) => ({ "head-gap-hinge": hinge, "head-gap-handle": handle });

it("5 lower at the handle: half of that and a little less more at its head, as the pane is a little narrower", () => {
  for (const hinge of ["left", "right"] as const) {
    const found = brace(hinge, gaps("3", "8"));
    expect(found?.drop).toBe(5);
    expect(found?.more).toBeCloseTo(found?.byHand ?? 0, 9);
    expect(found?.more).toBeCloseTo(2.5, 1);
  }
});
it.each<[string, Hinge, Readonly<Record<string, string>>, Readonly<Record<string, string>>?]>([
  ["only one gap was read", "left", { "head-gap-hinge": "3" }],
  ["and the other alone", "left", { "head-gap-handle": "8" }],
  ["it hangs square", "left", gaps("3", "3")],
  ["within half a millimetre", "left", gaps("3", "3.5")],
  ["higher at the handle than at the hinge", "left", gaps("8", "3")],
  ["it is fixed: nothing braces it", "fixed", gaps("3", "8")],
  ["hung at the top", "top", gaps("3", "8")],
  ["its size is not worked out", "left", gaps("3", "8"), {}],
])("nothing to add where %s", (_, hinge, read, size) => expect(brace(hinge, read, size)).toBeNull());
