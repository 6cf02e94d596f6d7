import { describe, expect, it } from "vitest";
import { facts, finishing, type Over } from "../../../tests/support/step-facts.ts";
import { frameOf } from "../frame/systems.ts";
import { dayOf } from "../units/day.ts";
import type { PaintWindow } from "./paint-window.ts";
import { type Visit, visitFault, visitSteps, visitsFor } from "./visit.ts";

const WINDOW = {
  kind: "window",
  from: dayOf("2026-06-01"),
  closes: dayOf("2026-06-21"),
} as unknown as PaintWindow;

describe("a day to come back", () => {
  it.each<[Visit, string, string | null]>([
    ["paint", "2026-05-31", "too-soon"],
    ["paint", "2026-06-01", null],
    ["paint", "2026-06-21", null],
    ["paint", "2026-06-22", "too-late"],
    ["open", "2026-05-21", "still-shut"],
    ["open", "2026-05-22", null],
    ["snag", "2026-05-20", null],
  ])("to %s on %s: %s", (visit, day, kind) =>
    expect(visitFault(visit, dayOf(day), { paint: WINDOW, shutUntil: dayOf("2026-05-22") })?.kind ?? null).toBe(kind),
  );
  it("what is not painted may be visited any day", () =>
    expect(visitFault("paint", dayOf("2026-05-20"), { paint: null, shutUntil: null })).toBeNull());
});

describe("the visit's own steps", () => {
  it.each<[string, Visit, Over, readonly string[]]>([
    ["a putty sash where it hangs", "paint", {}, ["moved", "trim", "prime", "paint"]],
    [
      "put back wet from the bench",
      "paint",
      { detail: { where: "bench" } },
      ["out", "moved", "trim", "prime", "paint", "refit"],
    ],
    ["metal, nothing primed", "paint", { system: "metal-frame", bed: "putty" }, ["moved", "trim", "paint"]],
    ["a bonded sash", "open", { system: "plastic-bead-outside", bed: "silicone" }, ["unlatch"]],
    ["the whole in spring", "season", {}, ["prime", "paint"]],
    ["a snag has its own list", "snag", {}, []],
  ])("%s", (_, visit, over, ids) => expect(visitSteps(visit, finishing(facts(over))).map((s) => s.id)).toEqual(ids));
  it.each([
    ["timber-putty", "left", ["paint", "open", "snag", "season"]],
    ["timber-putty", "fixed", ["paint", "snag", "season"]],
    ["plastic-bead-inside", "not-said", ["open", "snag"]],
    ["plastic-bead-inside", "fixed", ["snag"]],
  ] as const)("%s, %s: come back for %j", (system, hinge, visits) =>
    expect(visitsFor(frameOf(system), hinge)).toEqual(visits),
  );
});
