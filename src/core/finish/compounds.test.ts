import { describe, expect, it } from "vitest";
import { Teller } from "../../../tests/support/told.ts";
import { TUB } from "../../../tests/support/tub.ts";
import { foldFirm } from "../round/book.ts";
import { bedOf, COMPOUNDS, compoundById, kindOf, usualCompound, withOwn } from "./compounds.ts";

describe("the firm's own materials", () => {
  it("stand first, by their own name, with the figures of their label", () => {
    const all = withOwn([TUB]);
    expect(all).toHaveLength(COMPOUNDS.length + 1);
    expect(compoundById("Tub 7", all)).toMatchObject({ id: "Tub 7", leastDays: 10, mostDays: 20, leastC: 8 });
    expect(compoundById("Tub 7")).toBeUndefined();
  });
  it("touch and bed like their kind", () => {
    const tub = compoundById("Tub 7", withOwn([TUB]));
    expect(tub && kindOf(tub)).toBe("linseed");
    expect(tub && bedOf(kindOf(tub), "tape")).toBe("putty");
    for (const c of COMPOUNDS) expect(kindOf(c)).toBe(c.id);
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
    ["plastic-bead-inside", "gasket", "tape"],
    ["metal-frame", "putty", "linseed"],
    ["cassette", "silicone", "silicone"],
  ] as const)("%s stuck with %s: %s", (system, bond, id) => expect(usualCompound(system, bond)).toBe(id));
});
