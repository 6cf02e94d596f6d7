import { describe, expect, it } from "vitest";
import { CAUSES } from "../look/damage.ts";
import { dayOf } from "../units/day.ts";
import { type AftercareFacts, aftercareOf } from "./aftercare.ts";

const facts: AftercareFacts = {
  sealed: false,
  toughened: false,
  coated: false,
  bed: "putty",
  opens: true,
  shutUntil: dayOf("2026-05-22"),
  paintFrom: dayOf("2026-05-27"),
  paintBy: dayOf("2026-06-17"),
  painted: false,
  cause: "hail",
  drains: false,
  stickers: false,
};
const ids = (over: Partial<AftercareFacts> = {}) => aftercareOf({ ...facts, ...over }).map((l) => l.id);

describe("what the customer does and leaves alone", () => {
  it.each<[string, Partial<AftercareFacts>, readonly string[], readonly string[]]>([
    ["putty", {}, ["shut", "soft", "paint-from", "paint-by", "cause", "clean"], ["mist", "smell", "drains"]],
    ["putty, painted", { painted: true }, ["clean"], ["soft", "paint-from", "paint-by"]],
    ["a fixed light", { opens: false }, ["soft"], ["shut"]],
    [
      "a coated unit in sealant",
      { sealed: true, coated: true, bed: "silicone", drains: true, paintFrom: null, paintBy: null },
      ["shut", "smell", "drains", "mist", "clean"],
      ["soft", "paint-by", "toughened"],
    ],
    ["safety glass", { toughened: true }, ["toughened"], []],
    ["nobody knows why", { cause: null }, ["clean"], ["cause"]],
  ])("%s", (_, over, has, hasNot) => {
    const all = ids(over);
    expect(all).toEqual(expect.arrayContaining([...has]));
    for (const id of hasNot) expect(all).not.toContain(id);
  });
  it("stickers are left on as long as there are any", () => {
    const clean = (over: Partial<AftercareFacts>) =>
      aftercareOf({ ...facts, ...over }).find((l) => l.id === "clean")?.says;
    expect(clean({})).toBe("Clean with plain water and a little soap.");
    expect(clean({ stickers: true })).toBe(
      "Clean with plain water and a little soap. Leave stickers on until we take them off.",
    );
    expect(clean({ stickers: true, coated: true })).toMatch(/no scouring powder\. Leave stickers on/);
  });
  it("every cause has its own sentence, in plain words", () => {
    const said = CAUSES.map((cause) => aftercareOf({ ...facts, cause }).find((l) => l.id === "cause")?.says ?? "");
    expect(new Set(said).size).toBe(CAUSES.length);
    for (const s of said) expect(s).not.toMatch(/rebate|putty|sprig|packer|bead|unit\b|\{/);
  });
  it("says its days", () => {
    expect(aftercareOf(facts).find((l) => l.id === "paint-by")?.day).toBe(dayOf("2026-06-17"));
  });
});
