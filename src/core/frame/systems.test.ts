import { describe, expect, it } from "vitest";
import type { Bond } from "../bed/compound.ts";
import { compatible } from "../bed/touches.ts";
import { DETAIL_NAMES, DETAILS, type Detail } from "./detail.ts";
import type { Fixing, Holds } from "./frame.ts";
import { facePutty, framed, halved, isBeaded, pinned, sashLeaves, sprung } from "./held.ts";
import type { PartKind } from "./part.ts";
import { frameOf, SYSTEMS, type System } from "./systems.ts";
import { detailOf, detailsAsked } from "./told-detail.ts";
import { directionsOf, outOfReach } from "./which-system.ts";

/** What holds it must come apart, and what is pushed in must be drawn. */
const HOLDING: Readonly<Record<Holds, PartKind>> = {
  putty: "face-putty",
  beads: "beads",
  "screwed-sash": "sash-members",
  halves: "cassette-half",
  mouldings: "mouldings",
};
const FIXED: Readonly<Partial<Record<Fixing, PartKind>>> = { sprigs: "sprigs", clips: "clips" };

const everyDetail = (system: System): readonly Detail[] =>
  DETAIL_NAMES.flatMap((name) => Object.keys(DETAILS[name].of).map((value) => detailOf(system, { [name]: value })));

describe.each(SYSTEMS)("%s", (system) => {
  const frame = frameOf(system);
  it("comes apart so that what holds the glass is off before it, whatever is said of it", () => {
    for (const detail of everyDetail(system)) {
      const parts = frame.comesApart(detail).flatMap((l) => l.filter((p): p is PartKind => p !== false));
      expect(parts.filter((p) => p === "glass")).toEqual(["glass"]);
      expect(new Set(parts).size).toBe(parts.length);
      const glass = parts.indexOf("glass");
      expect(parts.indexOf(HOLDING[frame.holds(detail)])).toBeGreaterThanOrEqual(0);
      expect(parts.indexOf(HOLDING[frame.holds(detail)])).toBeLessThan(glass);
      const pushed = FIXED[frame.fixing(detail)];
      if (pushed) expect([pushed, parts.indexOf(pushed) >= 0 && parts.indexOf(pushed) < glass]).toEqual([pushed, true]);
      if (parts.includes("packers")) expect(parts.indexOf("packers")).toBeGreaterThan(glass);
    }
  });
  it("is one kind of thing at a time", () => {
    for (const detail of everyDetail(system)) {
      const f = { system, detail };
      expect([facePutty, isBeaded, framed, halved, sprung].filter((is) => is(f))).toHaveLength(1);
      if (pinned(f)) expect(isBeaded(f)).toBe(true);
      if (frame.comesDown) expect(sashLeaves(f)).toBe(true);
    }
  });
  it("is usually set in what may touch it, whatever the old glass was stuck with", () => {
    const against = { timber: "bare-timber", plastic: "plastic", metal: "aluminium" } as const;
    for (const bond of ["putty", "silicone", "tape", "gasket"] satisfies Bond[])
      expect([bond, compatible(frame.usualBed(bond), [against[frame.material]]).says]).not.toEqual([bond, "no"]);
  });
  it("asks of it what there is to be said, each once", () => {
    const asked = detailsAsked(system, {}, true);
    expect(new Set(asked).size).toBe(asked.length);
    expect(asked.slice(0, 2)).toEqual(["reach", "out"]);
    for (const name of asked) expect(DETAIL_NAMES).toContain(name);
    expect(detailsAsked(system)).not.toContain("out");
  });
});

describe("what is asked of a frame, and of no other", () => {
  const given = (system: System, said: Partial<Detail> = {}): string =>
    frameOf(system).asks(detailOf(system, said)).join(" ");
  it.each<[System, Partial<Detail>, string]>([
    ["timber-putty", {}, "where old paint lost"],
    ["timber-bead", {}, "where fixing bond keep paint lost"],
    ["pinned-stop", {}, "where fixing keep paint lost"],
    ["plastic-bead-outside", {}, "where bond keep"],
    ["plastic-bead-inside", {}, "gasket keep"],
    ["plastic-bead-inside-bonded", {}, "where bond keep"],
    ["plastic-no-bead", {}, ""],
    ["cassette", {}, "halves bond"],
    ["compression-moulding", {}, ""],
    ["metal-frame", { metal: "compound" }, "metal old"],
    ["metal-frame", { metal: "beads" }, "metal gasket keep"],
    ["in-front", {}, ""],
  ])("%s %j: %s", (system, said, asks) => expect(given(system, said)).toBe(asks));
  it("of every system", () =>
    expect(SYSTEMS.filter((system) => given(system) === "")).toEqual(
      expect.arrayContaining(["plastic-no-bead", "compression-moulding", "in-front"]),
    ));
});

describe("frames side by side", () => {
  it("are told apart by name", () => {
    expect(new Set(SYSTEMS.map((s) => frameOf(s).name)).size).toBe(SYSTEMS.length);
    expect(new Set(SYSTEMS.map((s) => frameOf(s).short)).size).toBe(SYSTEMS.length);
  });
  it.each<[System, Partial<ReturnType<typeof frameOf>>]>([
    [
      "timber-putty",
      { material: "timber", worked: "timber", painted: true, canBeEased: true, takesUnits: false, hidesFixings: false },
    ],
    ["timber-bead", { material: "timber", painted: true, canBeEased: true, takesUnits: false, refits: "reverse" }],
    ["pinned-stop", { material: "timber", painted: false, canBeEased: true, takesUnits: true, channelled: true }],
    [
      "plastic-bead-inside",
      { material: "plastic", canBeEased: false, takesUnits: true, glassStays: true, refits: "ends-first" },
    ],
    ["plastic-bead-inside-bonded", { material: "plastic", glassStays: false, across: false, packs: "edges" }],
    ["plastic-bead-outside", { material: "plastic", across: true, glassStays: true, comesDown: false }],
    ["plastic-no-bead", { material: "plastic", packs: "channel", comesDown: true, glassStays: false }],
    ["cassette", { ofDoor: true, packs: "none", across: true, oldPutty: false, refits: "reverse" }],
    ["compression-moulding", { ofDoor: true, packs: "edges", across: false }],
    ["metal-frame", { material: "metal", worked: "metal", oldPutty: true, canBeEased: false, takesUnits: false }],
    ["in-front", { material: "timber", worked: "loose-frame", inFront: true, packs: "none", comesDown: true }],
  ])("%s is as it is built", (system, is) => expect(frameOf(system)).toMatchObject(is));
  it.each<[System, Partial<Detail>, boolean]>([
    ["plastic-bead-inside", {}, true],
    ["plastic-no-bead", {}, true],
    ["metal-frame", { metal: "beads" }, true],
    ["metal-frame", { metal: "compound" }, false],
    ["cassette", {}, false],
    ["timber-bead", {}, false],
  ])("%s %o drains: %s", (system, said, drains) => expect(frameOf(system).drains(detailOf(system, said))).toBe(drains));
  it.each<[System, "inside" | "outside", boolean, ReturnType<typeof directionsOf>]>([
    ["timber-putty", "outside", true, { beads: "outside", cut: null, leaves: "outside" }],
    ["plastic-bead-outside", "outside", true, { beads: "outside", cut: "inside", leaves: "outside" }],
    ["plastic-bead-inside-bonded", "inside", true, { beads: "inside", cut: "outside", leaves: "inside" }],
    ["plastic-bead-inside", "inside", false, { beads: "inside", cut: null, leaves: "inside" }],
  ])("%s from %s, stuck %s: off, cut and out", (system, side, bonded, wanted) => {
    expect(directionsOf(system, side, bonded)).toEqual(wanted);
    expect(outOfReach(wanted, "both")).toEqual([]);
  });
});
