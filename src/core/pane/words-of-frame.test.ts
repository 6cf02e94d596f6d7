import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { frameOf, SYSTEMS, type System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Damage } from "../look/damage.ts";
import { STATIONS } from "../plan/stations.ts";
import { foldPane } from "./book.ts";
import { inspectionHere } from "./inspection.ts";
import { reckon } from "./reckoning.ts";
import { stepsAt } from "./steps-at.ts";

/* What stands in a step or a look speaks of the frame at hand: no timber where all is metal, no sprig where there are clips. */

const DAMAGES: readonly (readonly Damage[])[] = [
  ["cracked"],
  ["holed", "putty-falling"],
  ["rattling", "dropped"],
  ["misted"],
];
const FOREIGN = {
  timber: /\bbare metal\b|\bbare plastic\b|\bmetal primer\b/i,
  plastic: /\btimber\b|\{sprig|\{putty\}|\bmetal primer\b/i,
  metal: /\btimber\b|\{sprig|\bbare plastic\b/i,
} as const;

type Said = { readonly at: string; readonly text: string };

function said(system: System, damage: readonly Damage[], tell: (t: Teller) => unknown): readonly Said[] {
  const t = new Teller().opened().added(PANE, system);
  t.tell("look.damage", { damage });
  t.read({ "width-top": "600", "height-left": "900" });
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  return [
    ...STATIONS.flatMap((station) =>
      stepsAt(station, book, r).flatMap((s) =>
        [s.does, s.why, ...(s.tools ?? []), s.never].flatMap((text) =>
          text ? [{ at: `${station}/${s.id}`, text }] : [],
        ),
      ),
    ),
    ...inspectionHere(book, r).flatMap((i) => [
      { at: `signoff/${i.id}`, text: i.look },
      { at: `signoff/${i.id}`, text: i.ifNot },
    ]),
  ];
}

describe("a frame's own words", () => {
  it.each(SYSTEMS.flatMap((s) => DAMAGES.map((d) => [s, d] as const)))("%s, %j", (system, damage) => {
    const { material } = frameOf(system);
    for (const metal of material === "metal" ? (["compound", "beads"] as const) : ([null] as const))
      for (const { at, text } of said(system, damage, (t) => metal && t.tell("takeout.detail", { metal })))
        expect(`${at}: ${text}`).not.toMatch(FOREIGN[material]);
  });
});
