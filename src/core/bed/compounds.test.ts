import { describe, expect, it } from "vitest";
import { Teller } from "../../../tests/support/told.ts";
import { TUB } from "../../../tests/support/tub.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { frameOf } from "../frame/systems.ts";
import { COMPOUNDS, compoundById, compoundInText, withOwn } from "./compounds.ts";
import { runsInSun } from "./sun.ts";

describe("the firm's own materials", () => {
  it("stand first, by their own name, with the figures of their label", () => {
    const all = withOwn([TUB]);
    expect(all).toHaveLength(COMPOUNDS.length + 1);
    expect(compoundById("Tub 7", all)).toMatchObject({ id: "Tub 7", leastDays: 10, mostDays: 20, leastC: 8 });
    expect(compoundById("Tub 7")).toBeUndefined();
  });
  it("touch and bed like their kind", () => {
    const tub = compoundById("Tub 7", withOwn([TUB]));
    expect(tub).toMatchObject({ kind: "linseed", bed: "putty", workedBy: "hand", oily: true });
    for (const c of COMPOUNDS) expect(c.kind).toBe(c.id);
  });
  it.each([
    ["linseed in a dark one", "linseed", true, null],
    ["acrylic in a light one", "acrylic", false, null],
    ["acrylic in a dark one", "acrylic", true, /bears 75 °C: a dark frame in the sun reaches 80/],
    ["silicone in a dark one", "silicone", true, null],
    ["tape just bears it", "tape", true, null],
  ] as const)("in the sun: %s", (_, id, dark, says) => {
    const c = compoundById(id);
    const got = c ? runsInSun(c, dark) : "none";
    if (says === null) expect(got).toBeNull();
    else expect(got).toMatch(says);
  });
  it("bear what their label says, or else what their kind does", () => {
    expect(withOwn([{ ...TUB, mostC: 55 }])[0]).toMatchObject({ mostC: 55 });
    expect(withOwn([TUB])[0]).toMatchObject({ mostC: 90 });
    const [tub] = withOwn([{ ...TUB, mostC: 55 }]);
    expect(tub && runsInSun(tub, false)).toMatch(/a light frame in the sun reaches 60/);
  });
  it("are replaced by one of the same name, and taken off the list", () => {
    const t = new Teller();
    t.tell("compound.kept", TUB, {});
    t.tell("compound.kept", { ...TUB, leastDays: 12 }, {});
    expect(foldFirm(t.entries).ownCompounds.map((c) => [c.name, c.leastDays])).toEqual([["Tub 7", 12]]);
    t.tell("compound.kept", { ...TUB, gone: true }, {});
    expect(foldFirm(t.entries).compounds).toHaveLength(COMPOUNDS.length);
  });
});

describe("what the firm keeps for next time", () => {
  it("counts what was left behind, keeps what lies on the shelf as it was last counted", () => {
    const t = new Teller();
    t.tell("kit.forgot", { what: "pincers", day: "2026-05-20" }, {});
    t.tell("kit.forgot", { what: "pincers", day: "2026-05-21" }, {});
    t.tell("shelf.kept", { what: "gasket", amount: 20, unit: "m" }, {});
    t.tell("shelf.kept", { what: "gasket", amount: 12, unit: "m" }, {});
    const firm = foldFirm(t.entries);
    expect(firm.forgotten.get("pincers")).toBe(2);
    expect(firm.shelf.get("gasket")?.amount).toBe(12);
  });
});

describe("what is usual", () => {
  it.each([
    ["timber-putty", "putty", "linseed"],
    ["timber-bead", "putty", "silicone"],
    ["timber-bead", "tape", "tape"],
    ["pinned-stop", "silicone", "silicone"],
    ["plastic-bead-inside", "gasket", "gasket"],
    ["plastic-bead-inside-bonded", "tape", "tape"],
    ["metal-frame", "putty", "metal-casement"],
    ["metal-frame", "gasket", "gasket"],
    ["cassette", "silicone", "silicone"],
  ] as const)("%s stuck with %s: %s", (system, bond, id) => expect(frameOf(system).usualBed(bond)).toBe(id));
});

describe("a compound within a sentence", () => {
  it.each([
    ["linseed", "linseed {putty}"],
    ["silicone", "neutral-cure silicone"],
    ["Tub 7", "Tub 7"],
  ])("%s is said as %s", (id, says) => {
    const compound = compoundById(id, withOwn([TUB]));
    expect(compound && compoundInText(compound)).toBe(says);
  });
});
