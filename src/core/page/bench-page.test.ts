import { expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "../pane/book.ts";
import { reckon } from "../pane/reckoning.ts";
import { handTally } from "../practice/hand.ts";
import { dayOf } from "../units/day.ts";
import { composeBench } from "./bench-page.ts";

/* Which panes wait at the bench: glass that somebody here may cut, and nothing else. */

function waits(system: System, tell: (t: Teller) => void) {
  const t = new Teller().opened().added(PANE, system);
  t.read({ "width-middle": "600", "height-middle": "900", "rebate-depth": "10" });
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const hand = { who: "Nell", tries: () => handTally([]) };
  const { groups, not } = composeBench([{ book, r }], foldFirm([]), dayOf("2026-05-20"), hand);
  return { groups: groups.map((g) => g.name), ...not };
}
const glass = (t: Teller, kind: "float" | "toughened") =>
  t.tell("specify.glass", { kind, thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });

it.each<[string, System, (t: Teller) => void, ReturnType<typeof waits>]>([
  [
    "single glass",
    "timber-putty",
    (t) => glass(t, "float"),
    { groups: ["clear float, 4 mm"], toughened: 0, unsized: 0 },
  ],
  ["toughened", "timber-putty", (t) => glass(t, "toughened"), { groups: [], toughened: 1, unsized: 0 }],
  ["a unit nobody chose yet", "plastic-no-bead", () => {}, { groups: [], toughened: 0, unsized: 0 }],
  [
    "glass that goes back",
    "timber-putty",
    (t) => t.tell("look.option", { option: "repack", reason: "" }),
    { groups: [], toughened: 0, unsized: 0 },
  ],
  [
    "a solid panel",
    "timber-bead",
    (t) => t.tell("specify.panel", { panel: { make: "two-thin", mm: 4, lineMm: null, neighbourMm: null } }),
    { groups: [], toughened: 0, unsized: 0 },
  ],
  [
    "a new sash",
    "timber-putty",
    (t) => t.tell("look.option", { option: "sash", reason: "" }),
    { groups: [], toughened: 0, unsized: 0 },
  ],
])("%s", (_, system, tell, is) => expect(waits(system, tell)).toEqual(is));
