import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { TUB } from "../../../tests/support/tub.ts";
import type { Bond } from "../bed/compound.ts";
import { asUsed, kindNamed, withOwn } from "../bed/compounds.ts";
import type { Detail } from "../frame/detail.ts";
import type { System } from "../frame/systems.ts";
import { bedHere, oldBondOf } from "./bed-here.ts";
import { foldPane } from "./book.ts";

const FLOAT = { kind: "float" } as const;

function told(system: System, tell: (t: Teller) => unknown = () => undefined) {
  const t = new Teller();
  t.added(PANE, system);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return book;
}

describe("what a pane is set in", () => {
  it.each<[string, System, (t: Teller) => unknown, string, string]>([
    ["putty sash, nothing said", "timber-putty", () => undefined, "linseed", "usual"],
    ["beads of timber", "timber-bead", () => undefined, "silicone", "usual"],
    ["wedge gasket: its own gaskets", "plastic-bead-inside", () => undefined, "gasket", "usual"],
    ["bead in the room, taped outside", "plastic-bead-inside-bonded", () => undefined, "tape", "usual"],
    ["taped inside", "plastic-bead-outside", () => undefined, "tape", "usual"],
    ["metal with clips", "metal-frame", () => undefined, "metal-casement", "usual"],
    ["metal with beads", "metal-frame", (t) => t.tell("takeout.detail", { metal: "beads" }), "gasket", "usual"],
    ["a door's cassette", "cassette", () => undefined, "silicone", "usual"],
    ["chosen", "timber-putty", (t) => t.tell("specify.bed", { compound: "acrylic" }), "acrylic", "chosen"],
    [
      "chosen again",
      "timber-putty",
      (t) => ["acrylic", "two-part"].map((compound) => t.tell("specify.bed", { compound })),
      "two-part",
      "chosen",
    ],
    [
      "chosen, no longer on the list",
      "timber-putty",
      (t) => t.tell("specify.bed", { compound: "Tub 9" }),
      "linseed",
      "usual",
    ],
    [
      "set as the entry says",
      "timber-putty",
      (t) => t.tell("set.done", { day: "2026-05-20", compound: "acrylic", sprigs: 8 }),
      "acrylic",
      "set",
    ],
    [
      "set before tape and gasket had two names",
      "plastic-bead-inside",
      (t) => t.tell("set.done", { day: "2026-05-20", compound: "tape", sprigs: null }),
      "gasket",
      "set",
    ],
    [
      "set with tape where tape is usual",
      "plastic-bead-outside",
      (t) => t.tell("set.done", { day: "2026-05-20", compound: "tape", sprigs: null }),
      "tape",
      "set",
    ],
  ])("%s", (_, system, tell, id, from) => {
    const { compound, from: by } = bedHere(told(system, tell), FLOAT);
    expect([compound.id, by]).toEqual([id, from]);
  });
  it("laminated in a putty sash takes what does not cloud it", () => {
    expect(bedHere(told("timber-putty"), { kind: "laminated" })).toMatchObject({
      compound: { id: "silicone" },
      from: "instead",
    });
  });
  it("goes by the firm's usual for such frames, and not for others", () => {
    const by = { compounds: withOwn([TUB]), usualBeds: new Map<System, string>([["timber-putty", "Tub 7"]]) };
    expect(bedHere(told("timber-putty"), FLOAT, by)).toMatchObject({ compound: { id: "Tub 7" }, from: "house" });
    expect(bedHere(told("timber-bead"), FLOAT, by)).toMatchObject({ compound: { id: "silicone" }, from: "usual" });
    expect(bedHere(told("timber-putty"), { kind: "laminated" }, by).from).toBe("instead");
  });
  it("keeps the figures of the day, whatever becomes of the list", () => {
    const [tub] = withOwn([TUB]);
    const set = { day: "2026-05-20", compound: "Tub 7", sprigs: 8, as: asUsed(tub ?? kindNamed("linseed")) };
    const book = told("timber-putty", (t) => t.tell("set.done", set));
    const now = bedHere(book, FLOAT, { compounds: withOwn([{ ...TUB, leastDays: 12, handsOffHours: 96 }]) });
    expect(now.compound).toMatchObject({ id: "Tub 7", leastDays: 10, handsOffHours: 24, bed: "putty", oily: true });
    expect(bedHere(book, FLOAT).compound).toMatchObject({ name: "Tub 7", leastDays: 10 });
  });
});

describe("what the old glass was stuck with", () => {
  it.each<[System, Partial<Detail>, Bond]>([
    ["metal-frame", { bond: "tape" }, "putty"],
    ["metal-frame", { bond: "tape", metal: "beads" }, "tape"],
    ["timber-bead", { bond: "silicone" }, "silicone"],
    ["plastic-bead-outside", { bond: "silicone" }, "silicone"],
    ["timber-bead", {}, "putty"],
  ])("%s, %o: %s", (system, said, bond) => {
    expect(oldBondOf(told(system, (t) => t.tell("takeout.detail", said)))).toBe(bond);
  });
});
