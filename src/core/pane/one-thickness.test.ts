import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { LEANING, PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "./book.ts";
import { offItsGasket, takesOneThickness } from "./one-thickness.ts";
import { reckon } from "./reckoning.ts";
import { unknownsOf } from "./unknowns.ts";

/** A single pane of so many millimetres, and how thick the old one was read. */
function here(system: System, chosen: string, old: string, tell: (t: Teller) => void = () => undefined) {
  const t = new Teller().added(PANE, system).read(LEANING);
  tell(t);
  if (old) t.read({ "unit-thickness": old });
  t.tell("specify.glass", { kind: "float", thickness: { text: chosen, unit: "mm" }, edges: "arrissed", pattern: "" });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar }) };
}
const beads = (t: Teller) => void t.tell("takeout.detail", { metal: "beads" });

describe("a frame whose gasket fits one thickness", () => {
  it.each<[string, System, string, string, ((t: Teller) => void) | undefined, number | null]>([
    ["aluminium, the old one's own thickness", "metal-frame", "4", "4", beads, null],
    ["half a millimetre gives", "metal-frame", "4", "4.5", beads, null],
    ["a thicker one does not go in", "metal-frame", "6", "4", beads, 2e6],
    ["a thinner one rattles", "metal-frame", "4", "6", beads, -2e6],
    ["nobody read the old one", "metal-frame", "6", "", beads, null],
    ["putty takes any", "timber-putty", "6", "3", undefined, null],
  ])("%s", (_, system, chosen, old, tell, off) => {
    const { book, r } = here(system, chosen, old, tell);
    expect(offItsGasket(book, r)).toBe(off);
  });
  it("is asked how thick the old one was, and a putty sash is not", () => {
    const asks = ({ book, r }: ReturnType<typeof here>) => unknownsOf(book, r).map((u) => u.id);
    expect(asks(here("metal-frame", "4", "", beads))).toContain("thickness");
    expect(asks(here("metal-frame", "4", "4", beads))).not.toContain("thickness");
    expect(asks(here("timber-putty", "4", ""))).not.toContain("thickness");
    expect(takesOneThickness(here("metal-frame", "4", "").book)).toBe(false);
  });
});
