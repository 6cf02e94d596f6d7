import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BEADS, facts, ids } from "../../../tests/support/step-facts.ts";
import { DETAIL_NAMES, DETAILS, type Detail } from "../frame/detail.ts";
import { SYSTEMS } from "../frame/systems.ts";
import { readySteps } from "../ready/steps.ts";
import { takeoutSteps } from "../takeout/steps.ts";
import { setSteps } from "./steps.ts";

/** What comes off, and the step that puts it, or a new one, back: the one stands exactly where the other does. */
const PAIRS: readonly (readonly [out: readonly string[], back: readonly string[]])[] = [
  [["wedge-gasket"], ["wedge-back"]],
  [["outer-gasket"], ["outer-back"]],
  [["clips"], ["clips-back"]],
  [["sprigs"], ["sprigs"]],
  [["plugs"], ["plugs-back"]],
  [["corner-screws"], ["corner-screws-back"]],
  [["cassette-screws"], ["screws-round"]],
  [["channel"], ["channel-back"]],
  [["moulding-ends"], ["mouldings-back"]],
  [["bead-order"], ["beads-back"]],
  [["sash-member"], ["member-back"]],
  [["face-putty"], ["face"]],
];

const anyDetail = fc.record(
  Object.fromEntries(DETAIL_NAMES.map((n) => [n, fc.constantFrom(...Object.keys(DETAILS[n].of))])) as unknown as {
    [N in keyof Detail]: fc.Arbitrary<Detail[N]>;
  },
);
const anyPane = fc
  .record({
    system: fc.constantFrom(...SYSTEMS),
    detail: anyDetail,
    damage: fc.subarray(["cracked", "holed", "standing", "dropped", "rotten"] as const),
    sealed: fc.boolean(),
    storey: fc.constantFrom(null, 0, 2),
    lift: fc.constantFrom(1 as const, 2 as const),
    hinge: fc.constantFrom("left" as const, "top" as const, "fixed" as const, "slides" as const),
    tapped: fc.boolean(),
  })
  .map(({ tapped, ...over }) => {
    // A gasket frame of metal has no bed; compound is putty.
    const compound = over.system === "metal-frame" && over.detail.metal === "compound";
    const bed = over.system === "timber-putty" || compound ? ("putty" as const) : over.detail.bond;
    return facts({ ...over, bed, beads: tapped ? BEADS : null });
  });

const before = (all: readonly string[], first: string, then: string): boolean =>
  !all.includes(first) || !all.includes(then) || all.indexOf(first) < all.indexOf(then);

describe("whatever the frame", () => {
  it("what comes off goes back, and nothing goes back that did not come off", () => {
    fc.assert(
      fc.property(anyPane, (f) => {
        const [out, set] = [ids(takeoutSteps(f)), ids(setSteps(f))];
        for (const [off, on] of PAIRS)
          expect([off, out.some((id) => off.includes(id))]).toEqual([off, set.some((id) => on.includes(id))]);
      }),
      { numRuns: 400 },
    );
  });
  it("packers that are put on the map are put in again", () => {
    fc.assert(
      fc.property(anyPane, (f) => {
        if (ids(takeoutSteps(f)).includes("packers-map"))
          expect(ids(setSteps(f)).some((id) => id === "pack" || id === "pack-channel")).toBe(true);
      }),
    );
  });
  it("the order that keeps glass and hands whole", () => {
    fc.assert(
      fc.property(anyPane, (f) => {
        const [out, ready, set] = [ids(takeoutSteps(f)), ids(readySteps(f)), ids(setSteps(f))];
        const orders: readonly (readonly [readonly string[], string, string])[] = [
          [out, "cut-free", "glass-loose"],
          [out, "glass-loose", "lift-out"],
          [out, "shards", "lift-out"],
          [out, "tape-glass", "mark"],
          [ready, "sweep", "dry-fit"],
          [ready, "clean", "wipe"],
          [set, "face-check", "bed-bond"],
          // Before it is bonded; where nothing bonds, with the pane in and before its beads.
          f.bed === "gasket" ? [set, "press", "close-dry"] : [set, "close-dry", "bed-bond"],
          [set, "close-dry", "beads-back"],
          [set, "press", "commit"],
          [set, "commit", "beads-back"],
          [set, "scraps", "beads-back"],
          [set, "locate", "beads-back"],
          [set, "beads-back", "pins"],
        ];
        for (const [all, first, then] of orders)
          expect([first, then, before(all, first, then)]).toEqual([first, then, true]);
      }),
      { numRuns: 400 },
    );
  });
  it("every liner that is laid is drawn out and counted", () => {
    fc.assert(
      fc.property(anyPane, (f) => {
        expect(ids(readySteps(f)).includes("tape-lay")).toBe(ids(setSteps(f)).includes("scraps"));
      }),
    );
  });
});
