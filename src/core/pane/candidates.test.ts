import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { NO_SPACER } from "../specify/makeup.ts";
import { mm, toMm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { makeupOfStack, stackChosen, stacksOf, thickerThanRead } from "./candidates.ts";
import { reckon } from "./reckoning.ts";

describe("what a sealed unit was", () => {
  const read = (thickness: string) => {
    const t = new Teller().opened().added(PANE, "plastic-bead-inside");
    t.read({ "unit-thickness": thickness, "pane-thickness": "4", "width-top": "600", "height-left": "900" });
    return t;
  };
  const now = (t: Teller) => {
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    return { book, r: reckon(book, withFirm(foldFirm(t.entries))) };
  };
  const stacksIn = ({ book, r }: ReturnType<typeof now>) => stacksOf(book, r);
  it("is one of the stacks of its thickness, and tapped it is the unit that is ordered", () => {
    const t = read("24");
    const stacks = stacksIn(now(t));
    expect(stacks.slice(0, 3).map((s) => [...s.panes, ...s.spacers].map(toMm))).toEqual([
      [4, 4, 16],
      [4, 5, 15],
      [4, 6, 14],
    ]);
    const [, second] = stacks;
    if (!second) throw new Error("no second stack");
    t.tell("specify.makeup", { makeup: makeupOfStack(second, null, "float") });
    const { book, r } = now(t);
    expect(stackChosen(book.makeup, stacksOf(book, r))).toEqual(second);
    expect(thickerThanRead(book, r)).toBeNull();
  });
  it("is of the commonest sheets where none was read", () => {
    const t = new Teller().opened().added(PANE, "plastic-bead-inside").read({ "unit-thickness": "24" });
    expect(
      stacksIn(now(t))
        .slice(0, 3)
        .map((s) => [...s.panes, ...s.spacers].map(toMm)),
    ).toEqual([
      [4, 4, 16],
      [6, 6, 12],
      [5, 5, 14],
    ]);
  });
  it("keeps gas and coating of what was chosen before", () => {
    const [first, second] = stacksIn(now(read("24")));
    if (!first || !second) throw new Error("no stacks");
    const argon = {
      ...makeupOfStack(first, null, "float"),
      cavities: [{ mm: 16, gas: "argon" as const, fill: 0.9 }],
      coatings: [{ face: 3, emissivity: 0.04 }],
    };
    const now_ = makeupOfStack(second, argon, "float");
    expect(now_.cavities).toEqual([{ mm: 15, gas: "argon", fill: 0.9 }]);
    expect(now_.coatings).toEqual(argon.coatings);
  });
  it("of other sheets it takes the gas, and no coating: its faces are others; its spacer stays as was said", () => {
    const [first] = stacksIn(now(read("24")));
    if (!first) throw new Error("no stacks");
    const two = makeupOfStack(first, null, "float");
    expect([two.coatings, two.spacer]).toEqual([[], NO_SPACER]);
    const coated = {
      ...two,
      cavities: [{ mm: 16, gas: "argon" as const, fill: 0.9 }],
      coatings: [{ face: 3, emissivity: 0.04 }],
      spacer: "warm edge, grey",
    };
    const three = {
      ...first,
      panes: [...first.panes, first.panes[0] ?? mm(4)],
      spacers: [...first.spacers, mm(8)],
    };
    const made = makeupOfStack(three, coated, "float");
    expect([made.coatings, made.spacer, made.cavities.map((c) => c.gas)]).toEqual([
      [],
      "warm edge, grey",
      ["argon", "argon"],
    ]);
  });
  it("keeps each sheet's own kind: laminated inside stays so", () => {
    const [first, second] = stacksIn(now(read("24")));
    if (!first || !second) throw new Error("no stacks");
    const plain = makeupOfStack(first, null, "float");
    const safe = {
      ...plain,
      panes: plain.panes.map((p, i) => ({ ...p, kind: i === 1 ? "laminated" : p.kind })),
    } as const;
    expect(makeupOfStack(second, safe, "float").panes).toEqual([
      { mm: 4, kind: "float" },
      { mm: 5, kind: "laminated" },
    ]);
    expect(makeupOfStack(second, null, "toughened").panes.map((p) => p.kind)).toEqual(["toughened", "toughened"]);
  });
  it("that no longer agrees with what is read says by how much", () => {
    const t = read("24");
    const [first] = stacksIn(now(t));
    if (!first) throw new Error("no stack");
    t.tell("specify.makeup", { makeup: makeupOfStack(first, null, "float") });
    t.read({ "unit-thickness": "28" });
    const { book, r } = now(t);
    expect(thickerThanRead(book, r)).toBe(-4);
    expect(stackChosen(book.makeup, stacksOf(book, r))).toBeUndefined();
  });
});
