import { describe, expect, it } from "vitest";
import { LEANING, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { HouseRules } from "../house/rules.ts";
import { rememberBest } from "../size/best.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { visitsOf } from "./visits.ts";

const BY = withFirm(foldFirm([]), rememberBest(20));
const TODAY = dayOf("2026-05-20");

type Told = {
  readonly tell?: (t: Teller) => void;
  readonly house?: Partial<HouseRules>;
  readonly system?: "timber-putty" | "plastic-bead-inside";
  /** What a test of the building's paint found. */
  readonly lead?: "found" | "none";
};

const visits = ({ tell, house, system = "timber-putty", lead }: Told) => {
  const t = new Teller()
    .opened()
    .added(PANE, system, system === "timber-putty" ? "outside" : "inside")
    .read(LEANING);
  tell?.(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const leadTests = new Map(lead ? [[book.added.address, lead]] : []);
  return visitsOf(book, reckon(book, { ...BY, leadTests, house: { ...BY.house, ...house } }), TODAY);
};
const upstairs = (t: Teller): void => {
  t.tell("look.building", { year: 1960, storey: 1 });
};
const fireDoor = (t: Teller): void => {
  t.tell("look.special", { special: ["fire"], licensed: "" });
};

const each = ([skills, wind]: readonly [readonly string[], number | null]) =>
  (["ready", "fit", "paint"] as const).map((part) => [part, skills, wind] as const);

describe("what whoever comes should be licensed for, and how much wind it stands", () => {
  it.each<[string, Told, readonly (readonly [part: string, skills: readonly string[], wind: number | null])[]]>([
    ["putty on the ground, paint never tested", {}, each([[], null])],
    [
      "lead found: where old paint is disturbed",
      { lead: "found" },
      [
        ["ready", ["lead"], null],
        ["fit", [], null],
        ["paint", [], null],
      ],
    ],
    ["the firm asks for no licence", { lead: "found", house: { leadLicence: "never" } }, each([[], null])],
    [
      "never tested, and the firm takes it for lead",
      { house: { leadLicence: "unless it was tested clear" } },
      [
        ["ready", ["lead"], null],
        ["fit", [], null],
        ["paint", [], null],
      ],
    ],
    ["tested clear", { lead: "none", house: { leadLicence: "unless it was tested clear" } }, each([[], null])],
    ["upstairs: a ladder each time", { tell: upstairs }, each([["height"], 10])],
    ["a ladder stands less by the house", { tell: upstairs, house: { ladderWindMs: 7 } }, each([["height"], 7])],
    ["beads and gaskets in the room, upstairs", { tell: upstairs, system: "plastic-bead-inside" }, [["fit", [], null]]],
    [
      "a fire door: to take out and to fit, not to paint",
      { tell: fireDoor },
      [
        ["ready", ["fire"], null],
        ["fit", ["fire"], null],
        ["paint", [], null],
      ],
    ],
  ])("%s", (_, told, wanted) => {
    expect(visits(told).map((v) => [v.part, v.skills, v.mostWindMs])).toEqual(wanted);
  });
});
