import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { type Option, type OptionFacts, optionName, optionsFor, ownerNote, recommend } from "./options.ts";

describe("what can be done about it", () => {
  const facts = (over: Partial<OptionFacts> = {}): OptionFacts => ({
    system: "timber-putty",
    opens: true,
    sealed: false,
    sealedUsual: false,
    toughened: false,
    coated: null,
    glass: "broken",
    acrylic: false,
    loose: false,
    packingFailed: false,
    worst: null,
    mending: { hours: 1, days: 1 },
    doubleHolds: null,
    areaM2: 0.5472,
    paints: true,
    takesNight: false,
    paintWaits: 7,
    leads: {},
    heat: { now: 5.8, same: 5.8, better: 1.1 },
    ...over,
  });
  const given = (over: Partial<OptionFacts> = {}) => optionsFor(facts(over), HOUSE_DEFAULTS);
  const one = (kind: Option["kind"], over: Partial<OptionFacts> = {}): Option => {
    const found = given(over).find((o) => o.kind === kind);
    if (!found) throw new Error(kind);
    return found;
  };
  it.each<[string, Partial<OptionFacts>, string]>([
    ["one sheet of glass", {}, "new glass is flat, old glass is wavy"],
    ["clear plastic", { acrylic: true }, "glass where plastic was: clear, and heavier"],
    ["a unit", { sealed: true }, "spacer, tint and bars must be matched"],
  ])("what new glass looks like where there was %s", (_, over, match) => expect(one("glass", over).match).toBe(match));
  it.each<[string, Partial<OptionFacts>, readonly Option["kind"][], Option["kind"]]>([
    ["a cracked pane in putty", {}, ["glass", "sash", "double", "window"], "glass"],
    [
      "a storm pane: the window behind it is another job",
      { system: "in-front", paints: false },
      ["glass", "sash"],
      "glass",
    ],
    [
      "a misted unit",
      { system: "plastic-bead-inside", sealed: true, glass: "seal-gone", paints: false },
      ["refurbish", "glass", "sash", "window"],
      "glass",
    ],
    [
      "a misted toughened unit",
      { system: "plastic-bead-inside", sealed: true, glass: "seal-gone", toughened: true },
      ["glass", "sash", "window"],
      "glass",
    ],
    [
      "a misted coated unit",
      { system: "plastic-bead-inside", sealed: true, glass: "seal-gone", coated: true },
      ["glass", "sash", "window"],
      "glass",
    ],
    ["a broken unit", { system: "plastic-bead-inside", sealed: true }, ["glass", "sash", "window"], "glass"],
    ["a welded sash", { system: "plastic-no-bead", sealed: true, opens: false }, ["sash", "window"], "sash"],
    ["a rotten sash, worth mending", { worst: "mend" }, ["glass", "sash", "double", "window"], "glass"],
    ["a sash past it", { worst: "not-worth" }, ["sash", "double", "window"], "sash"],
    [
      "loose, and the glass sound",
      { glass: "sound", loose: true, system: "plastic-bead-inside", sealed: true, paints: false },
      ["repack", "glass", "sash", "window"],
      "repack",
    ],
    [
      "loose, and nobody examined the glass",
      { glass: "not-looked", loose: true },
      ["repack", "glass", "sash", "double", "window"],
      "glass",
    ],
    [
      "loose, its packing said to have failed, and the glass not examined",
      { glass: "not-looked", loose: true, packingFailed: true },
      ["repack", "glass", "sash", "double", "window"],
      "repack",
    ],
    ["loose, but cracked", { loose: true }, ["glass", "sash", "double", "window"], "glass"],
    ["too little timber for a unit", { doubleHolds: false }, ["glass", "sash", "window"], "glass"],
    [
      "a large door unit",
      { system: "cassette", sealed: true, areaM2: 2, paints: false },
      ["glass", "insert", "window"],
      "insert",
    ],
    [
      "a small door unit",
      { system: "cassette", sealed: true, areaM2: 0.2, paints: false },
      ["glass", "insert", "window"],
      "glass",
    ],
  ])("%s", (_, over, possible, best) => {
    const all = given(over);
    expect(all.filter((o) => o.possible).map((o) => o.kind)).toEqual(possible);
    expect(recommend(all, facts(over)).kind).toBe(best);
  });
  it.each([
    ["one sheet, as was said", { sealed: false, sealedUsual: false }, "new glass alone"],
    ["a unit, as was seen", { sealed: true, sealedUsual: false }, "a new {unit} alone"],
    ["a unit, as such frames mostly hold", { sealed: true, sealedUsual: true }, "new glass or {unit} alone"],
  ] as const)("glass is called by what was there: %s", (_, f, is) => {
    expect(optionName("glass", f)).toBe(is);
    expect(optionName("sash", f)).toBe("new sash");
  });
  it("adds up to the penny, rounded once", () => {
    // 0.5472 m² at 55 is 30.10, under the least charge of 35; + 12 + 1.5 h at 45 + 2 visits at 40, a fifth tax.
    expect(one("glass").pence).toBe(Math.round((35 + 12 + 67.5 + 80) * 1.2 * 100));
    // 2 m² at 120, one visit: 240 + 12 + 67.50 + 40.
    expect(one("glass", { sealed: true, areaM2: 2, paints: false }).pence).toBe(43_140);
    expect(one("refurbish", { sealed: true, glass: "seal-gone" }).pence).toBe((22 + 5 * 45 + 2 * 40) * 120);
  });
  it("what is bedded in putty here is painted here, once it may be; a sash comes painted", () => {
    expect(one("glass").paintAfter).toBe(7);
    expect(one("repack", { glass: "sound", loose: true }).paintAfter).toBe(7);
    expect(one("sash").paintAfter).toBeNull();
    expect(one("glass", { paints: false }).paintAfter).toBeNull();
  });
  it.each([
    ["set, and nothing waits", false, false, 1],
    ["primed over night, and set", false, true, 2],
    ["set, and painted", true, false, 2],
    ["primed over night, set, and painted", true, true, 3],
  ])("glass alone takes the visits that there are: %s", (_, paints, takesNight, visits) =>
    expect(one("glass", { paints, takesNight }).visits).toBe(visits),
  );
  it("mending is priced by what it takes, where glass alone is changed", () => {
    const mending = { hours: 1.25, days: 1 };
    // Mended, set on another day, painted on a third.
    expect(one("glass", { worst: "mend", mending })).toMatchObject({ hours: 2.75, days: 2, visits: 3 });
    // The firm's own glass shop takes 3: the mending comes on top.
    expect(one("glass", { worst: "mend", mending, leads: { glass: 3 } })).toMatchObject({ days: 4 });
    expect(one("window", { leads: { window: 12 } }).days).toBe(12);
    expect(one("window").days).toBe(HOUSE_DEFAULTS.daysMade);
    expect(one("glass", { worst: "mend", mending: { hours: 0.5, days: 0 }, paints: false })).toMatchObject({
      hours: 2,
      days: 1,
      visits: 1,
    });
    expect(one("sash", { worst: "mend", mending })).toMatchObject({ hours: 2 });
  });
  it.each<[string, Partial<OptionFacts>, RegExp | null]>([
    ["a cracked unit", { sealed: true }, /nothing is gained by waiting/],
    ["a misted unit", { sealed: true, glass: "seal-gone" }, /gets worse/],
    ["one cracked sheet", {}, null],
    ["a sound unit", { sealed: true, glass: "sound" }, null],
    ["a cracked pane in a frame that mostly holds a unit, nobody looked", { sealed: true, sealedUsual: true }, null],
  ])("a note for the owner: %s", (_, over, says) => {
    const note = ownerNote(facts(over));
    if (says === null) expect(note).toBeNull();
    else expect(note).toMatch(says);
  });
  it("a lost seal is counted as lost before, and back after a new unit", () => {
    const heat = { now: 3, same: 2.7, better: 1.1 };
    expect(one("glass", { sealed: true, glass: "seal-gone", heat }).heat).toEqual({ before: 3, after: 1.1 });
    expect(one("refurbish", { sealed: true, glass: "seal-gone", heat }).heat).toEqual({ before: 3, after: 2.7 });
  });
  it("of a pane in front no heat is told: the two together lose it", () =>
    expect(given({ system: "in-front" }).map((o) => o.heat)).toEqual(
      given().map(() => ({ before: null, after: null })),
    ));
  it("refurbishing carries no guarantee, and is never what we advise", () => {
    expect(one("refurbish", { sealed: true, glass: "seal-gone" }).guarantee).toBe("none");
    const all = given({ sealed: true, glass: "seal-gone" });
    expect(recommend(all, facts({ sealed: true, glass: "seal-gone" })).kind).not.toBe("refurbish");
  });
});
