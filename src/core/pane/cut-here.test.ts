import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { Payloads } from "../log/kinds.ts";
import { toMm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { cutHere } from "./cut-here.ts";
import { reckon } from "./reckoning.ts";

/* Glass that lies here larger than it goes in: a copied pane of 748 × 1136 is what it must become. */

type Glass = Payloads["specify.glass"]["kind"];
const here = (width: string, height: string, more: { kind?: Glass; cuts?: number } = {}) => {
  const t = new Teller().opened().added();
  t.tell("measure.way", { way: "old-unit" });
  t.tell("measure.sits", { sits: "easy" });
  t.read({ "old-width": "748", "old-height": "1136" });
  t.tell("specify.glass", {
    kind: more.kind ?? "float",
    thickness: { text: "4", unit: "mm" },
    edges: "arrissed",
    pattern: "",
  });
  const as = (text: string) => ({ text, unit: "mm" as const });
  t.tell("order.had", {
    from: "rack",
    width: as(width),
    height: as(height),
    note: "",
    ...(more.cuts && { cuts: more.cuts }),
  });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const cut = cutHere(book, reckon(book, withFirm(foldFirm(t.entries))));
  return cut && [toMm(cut.width), toMm(cut.height), cut.edges];
};

describe("glass that is here is cut down to what goes in", () => {
  it.each<[string, Parameters<typeof here>, ReturnType<typeof here>]>([
    ["larger both ways", ["760", "1150"], [748, 1136, 2]],
    ["larger one way", ["760", "1136"], [748, 1136, 1]],
    ["patterned as well", ["760", "1150", { kind: "patterned" }], [748, 1136, 2]],
    // A heat-treated sheet bursts; what is too small one way grows by no cut; what fits is left as it is.
    ["never where it would burst", ["760", "1150", { kind: "toughened" }], null],
    ["too small one way", ["700", "1150"], null],
    ["just right", ["748", "1136"], null],
    ["a millimetre larger, and it goes in all the same", ["749", "1137"], null],
    ["on its way to be cut already", ["760", "1150", { cuts: 2 }], null],
  ])("%s", (_, [width, height, more], cut) => expect(here(width, height, more)).toEqual(cut));
});
