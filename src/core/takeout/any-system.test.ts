import { describe, expect, it, test } from "vitest";
import { BEADS, facts, finishing, ids, inOrder, type Over, out } from "../../../tests/support/step-facts.ts";
import { finishSteps } from "../finish/steps.ts";
import { DETAIL_NAMES, DETAILS, type Detail } from "../frame/detail.ts";
import { SYSTEMS, type System } from "../frame/systems.ts";
import { CAUTION_IDS } from "../look/cautions.ts";
import { readySteps } from "../ready/steps.ts";
import { setSteps } from "../set/steps.ts";
import { FRONTS } from "./facts.ts";
import { sheetFor } from "./front-steps.ts";
import { takeoutSteps } from "./steps.ts";

describe("any pane of any system", () => {
  const every = SYSTEMS.flatMap((system: System): Over[] => [
    { system },
    { system, damage: ["gone"], storey: 2, lift: 2, front: [...FRONTS], lead: true },
    { system, damage: ["rotten", "putty-falling", "holed"], toughened: true, hinge: "slides", beads: BEADS },
    ...DETAIL_NAMES.flatMap((n) =>
      Object.keys(DETAILS[n].of).map((v): Over => ({ system, detail: { [n]: v } as Partial<Detail>, beads: BEADS })),
    ),
  ]);
  it.each(every.map((over) => [`${over.system} ${JSON.stringify(over.detail ?? over.damage ?? "")}`, over] as const))(
    "%s: reasons, no step twice, guard first, sweep last, hazards that are in the table",
    (_, over) => {
      const f = facts(over);
      for (const steps of [takeoutSteps(f), readySteps(f), setSteps(f), finishSteps(finishing(f))]) {
        expect(new Set(ids(steps)).size).toBe(steps.length);
        for (const s of steps) {
          expect([s.id, s.why.length > 10, s.minutes > 0]).toEqual([s.id, true, true]);
          for (const h of s.hazards ?? []) expect(CAUTION_IDS).toContain(h);
        }
      }
      const all = ids(takeoutSteps(f));
      expect([all[0], all.at(-1)]).toEqual(["sheet", "bag"]);
      expect(all.indexOf("mark")).toBeLessThan(all.findIndex((id) => id === "lift-out" || id === "shards"));
      if (f.lead) for (const s of takeoutSteps(f)) expect(s.does).not.toMatch(/heat|warm/i);
    },
  );
});

describe("setting and finishing in putty", () => {
  it("beds before it presses, sprigs before the face putty", () => {
    const all = ids(setSteps(facts()));
    inOrder(all, ["bed", "pack", "face-check", "press", "sprigs", "face"]);
  });
  it("looks along a putty line only where there is one", () => {
    const looked = (over: Over) => ids(finishSteps(finishing(facts(over)))).includes("sight-line");
    expect(looked({})).toBe(true);
    expect(looked({ system: "metal-frame" })).toBe(true);
    expect(looked({ system: "metal-frame", detail: { metal: "beads" } })).toBe(false);
    expect(looked({ system: "plastic-bead-inside" })).toBe(false);
    expect(looked({ system: "timber-bead" })).toBe(false);
  });
});

describe("the sheet under the work", () => {
  test.each([
    [600, 990, { out: 1000, along: 1600 }],
    [600, 1000, { out: 1000, along: 1600 }],
    [455, 1371, { out: 1400, along: 1900 }],
  ])("%s × %s mm", (width, height, wanted) => expect(sheetFor({ width, height })).toEqual(wanted));

  test("its size is said, and the card of the new pane is used where there is one", () => {
    const [sheet] = out({ size: { width: 600, height: 990 }, cardKept: true });
    expect(sheet?.does).toContain("1000 mm out from the wall, and at least 1600 mm along it");
    expect([sheet?.does, sheet?.tools?.join(", ")].join()).toMatch(/card the new \{pane\} came in.*delivery card/);
    expect(out()[0]?.does).not.toMatch(/card|\d/);
  });
});
