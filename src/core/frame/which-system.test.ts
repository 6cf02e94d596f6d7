import { describe, expect, it, test } from "vitest";
import { SYSTEMS } from "./systems.ts";
import { directionsOf, type NodeId, outOfReach, SYSTEM_TREE, type SystemEnd } from "./which-system.ts";

describe("which system", () => {
  const endsFrom = (id: NodeId, seen: readonly NodeId[] = []): { end: SystemEnd; depth: number }[] => {
    expect(seen).not.toContain(id);
    return SYSTEM_TREE[id].answers.flatMap((a) =>
      typeof a.to === "string" ? endsFrom(a.to, [...seen, id]) : [{ end: a.to, depth: seen.length + 1 }],
    );
  };
  const ends = endsFrom("made-of");
  it("reaches every system, in four questions at most", () => {
    expect(new Set(ends.map((e) => e.end.system))).toEqual(new Set(SYSTEMS));
    expect(Math.max(...ends.map((e) => e.depth))).toBeLessThanOrEqual(4);
  });
  it("no seam on either side and no screws: it cannot be opened", () =>
    expect(ends.filter((e) => !e.end.opens).map((e) => e.end.system)).toEqual(["plastic-no-bead"]));
  it("every question is reached", () => {
    const reached = new Set<NodeId>(["made-of"]);
    for (const node of Object.values(SYSTEM_TREE))
      for (const a of node.answers) if (typeof a.to === "string") reached.add(a.to);
    expect([...reached].sort()).toEqual((Object.keys(SYSTEM_TREE) as NodeId[]).sort());
  });
  it.each([
    ["plastic-bead-outside", "outside", true, { beads: "outside", cut: "inside", leaves: "outside" }],
    ["plastic-bead-inside", "inside", false, { beads: "inside", cut: null, leaves: "inside" }],
    ["timber-putty", "outside", true, { beads: "outside", cut: null, leaves: "outside" }],
  ] as const)("%s, off from %s", (system, side, bonded, expected) =>
    expect(directionsOf(system, side, bonded)).toEqual(expected),
  );
});

describe("faces that the work needs", () => {
  test.each([
    ["timber-putty", "outside", false, "inside", ["outside"]],
    ["timber-putty", "outside", false, "outside", []],
    ["timber-putty", "outside", false, "both", []],
    ["plastic-bead-outside", "outside", true, "inside", ["outside"]],
    ["plastic-bead-outside", "outside", true, "outside", ["inside"]],
    ["plastic-bead-inside", "inside", false, "inside", []],
    ["pinned-stop", "inside", true, "inside", ["outside"]],
  ] as const)("%s from the %s, bonded %s, reached %s", (system, side, bonded, reach, wanted) =>
    expect(outOfReach(directionsOf(system, side, bonded), reach)).toEqual(wanted),
  );
});
