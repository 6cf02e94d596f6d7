import { describe, expect, it } from "vitest";
import { LEANING, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { type Day, dayOf } from "../units/day.ts";
import { aftercareHere } from "./aftercare.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";

const BY = withFirm(foldFirm([]));
/** What is said, with its day where it has one. */
function said(system: System, say: (t: Teller) => void, today?: Day) {
  const t = new Teller().opened().added(PANE, system).read(LEANING);
  say(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return Object.fromEntries(aftercareHere(book, reckon(book, BY), today).map((l) => [l.id, l.day ?? null]));
}
const inLinseed = (t: Teller) => t.tell("set.done", { day: "2026-05-18", compound: "linseed", sprigs: 8 });
const inSilicone = (t: Teller) => t.tell("set.done", { day: "2026-05-18", compound: "silicone", sprigs: null });

const cleaned = (t: Teller, state: "done" | "skipped") =>
  t.tell("step.marked", { station: "finish", step: "clean", state, reason: "" });

describe("stickers on the new glass", () => {
  const areOn = (system: System, say: (t: Teller) => unknown): boolean => {
    const t = new Teller().opened().added(PANE, system).read(LEANING);
    say(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    return aftercareHere(book, reckon(book, BY)).some((l) => /Leave stickers on/.test(l.says));
  };
  it.each<[string, System, (t: Teller) => unknown, boolean]>([
    ["a unit, just set", "plastic-bead-inside", () => undefined, true],
    ["cleaned since", "plastic-bead-inside", (t) => cleaned(t, "done"), false],
    ["its cleaning left out", "plastic-bead-inside", (t) => cleaned(t, "skipped"), true],
    ["signed off", "plastic-bead-inside", (t) => t.tell("signoff.signed", { day: "2026-05-20", told: true }), false],
    ["in putty there never are any", "timber-putty", () => undefined, false],
    [
      "nor on the old glass",
      "plastic-bead-inside",
      (t) => t.tell("look.option", { option: "repack", reason: "" }),
      false,
    ],
  ])("%s", (_, system, say, on) => expect(areOn(system, say)).toBe(on));
});

describe("what the customer of a pane is told", () => {
  it("in linseed, set on 18 May: soft, and painted from a week after it to four weeks", () =>
    expect(said("timber-putty", inLinseed)).toMatchObject({
      soft: null,
      "paint-from": dayOf("2026-05-25"),
      "paint-by": dayOf("2026-06-15"),
      clean: null,
    }));
  it("once it is painted nothing is soft, and no day is named", () => {
    const ids = Object.keys(
      said("timber-putty", (t) => {
        inLinseed(t);
        t.tell("finish.painted", { day: "2026-05-26" });
      }),
    );
    for (const id of ["soft", "paint-from", "paint-by"]) expect(ids).not.toContain(id);
  });
  it("not set yet: no day is promised", () =>
    expect(Object.keys(said("timber-putty", () => undefined))).not.toContain("paint-from"));
  it("in sealant it stays shut until its day, and once that is past nobody is told so", () => {
    const hinged = (t: Teller) => {
      t.tell("look.answer", { question: "opens", answer: "hinge-left" });
      inSilicone(t);
    };
    expect(said("plastic-bead-inside-bonded", hinged, dayOf("2026-05-18"))).toMatchObject({
      shut: dayOf("2026-05-20"),
    });
    expect(Object.keys(said("plastic-bead-inside-bonded", hinged, dayOf("2026-05-25")))).not.toContain("shut");
    // Nobody said what day it is: it is told.
    expect(Object.keys(said("plastic-bead-inside-bonded", hinged))).toContain("shut");
  });
  it("what is fixed is not told to stay shut", () => {
    const fixed = (t: Teller) => {
      t.tell("look.answer", { question: "opens", answer: "fixed" });
      inSilicone(t);
    };
    expect(Object.keys(said("plastic-bead-inside-bonded", fixed))).not.toContain("shut");
  });
  it("a unit is told of its mist and of its drains, a single pane of neither", () => {
    expect(Object.keys(said("plastic-bead-inside", () => undefined))).toEqual(
      expect.arrayContaining(["mist", "drains"]),
    );
    for (const id of ["mist", "drains"]) expect(Object.keys(said("timber-putty", () => undefined))).not.toContain(id);
  });
});
