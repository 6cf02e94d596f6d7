import { describe, expect, it } from "vitest";
import type { Detail } from "./detail.ts";
import { frameOf, SYSTEMS, type System } from "./systems.ts";
import { detailOf } from "./told-detail.ts";

const inOrder = (system: System, told: Partial<Detail>): string =>
  frameOf(system)
    .comesApart(detailOf(system, told))
    .map((layer) => layer.filter((part) => part !== false).join(" + "))
    .filter(Boolean)
    .join(", ");

/** What comes off before what, as somebody would who takes one apart. */
const TABLE: readonly (readonly [System, Partial<Detail>, string])[] = [
  ["timber-putty", {}, "paint-line, face-putty, sprigs, glass, bed"],
  ["timber-putty", { where: "bench" }, "release, paint-line, face-putty, sprigs, glass, bed"],
  ["timber-bead", {}, "paint-line, beads, bond, glass, packers + bed"],
  ["timber-bead", { where: "bench" }, "release, paint-line, beads, bond, glass, packers + bed"],
  ["timber-bead", { bond: "gasket" }, "paint-line, beads, glass, packers"],
  ["plastic-bead-inside", {}, "wedge-gasket, beads, glass, packers"],
  ["plastic-bead-inside", { gasket: "outer" }, "outer-gasket, beads, glass, packers"],
  ["plastic-bead-inside", { bond: "silicone" }, "wedge-gasket, beads, bond, glass, packers"],
  ["plastic-bead-inside-bonded", {}, "beads, bond, glass, packers + bed"],
  ["plastic-bead-inside-bonded", { where: "bench" }, "release, beads, bond, glass, packers + bed"],
  ["plastic-bead-inside-bonded", { bond: "gasket" }, "beads, glass, packers"],
  ["plastic-bead-outside", {}, "beads, bond, glass, packers + bed"],
  ["plastic-bead-outside", { where: "bench" }, "release, beads, bond, glass, packers + bed"],
  ["plastic-bead-outside", { bond: "gasket" }, "beads, glass, packers"],
  ["plastic-no-bead", {}, "release, corner-screws, sash-members, glass, packers"],
  ["pinned-stop", {}, "channel, paint-line, beads, bond, glass, packers + bed"],
  ["pinned-stop", { where: "bench" }, "release + channel, paint-line, beads, bond, glass, packers + bed"],
  ["cassette", {}, "plugs + caulk-line, cassette-screws, cassette-half, bond, glass, bed"],
  ["cassette", { bond: "gasket" }, "plugs + caulk-line, cassette-screws, cassette-half, glass"],
  ["compression-moulding", {}, "mouldings, bond, glass, bed"],
  ["metal-frame", {}, "paint-line, face-putty, clips, glass, bed"],
  ["metal-frame", { metal: "beads" }, "wedge-gasket, beads, glass, packers"],
  ["in-front", {}, "front-fastenings, release, corner-screws, sash-members, glass"],
];

describe("what comes apart, and in which order", () => {
  it.each(TABLE)("%s %j: %s", (system, told, order) => expect(inOrder(system, told)).toBe(order));
  it("of every system", () => expect(new Set(TABLE.map(([system]) => system))).toEqual(new Set(SYSTEMS)));
});
