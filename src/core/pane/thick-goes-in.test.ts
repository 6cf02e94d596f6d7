import { expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { plainUnit } from "../../../tests/support/plain-unit.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { toMm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { thickGoesIn } from "./thick-goes-in.ts";

const mm = (text: string) => ({ text, unit: "mm" as const });
const had = (thickness?: string) => (t: Teller) =>
  t.tell("order.had", {
    from: "bought",
    width: mm("598"),
    height: mm("1048"),
    ...(thickness && { thickness: mm(thickness) }),
    note: "",
  });
const read = (t: Teller) => t.read({ "unit-thickness": "24" });
const sheet = (t: Teller) =>
  t.tell("specify.glass", { kind: "float", thickness: mm("6"), edges: "arrissed", pattern: "" });
const chosen = (t: Teller) => t.tell("specify.makeup", { makeup: plainUnit({ inner: { mm: 6, kind: "float" } }) });

it.each<[string, System, readonly ((t: Teller) => unknown)[], number | null]>([
  ["a unit: nothing read, nothing chosen", "plastic-bead-inside", [], null],
  ["the old one read as 24", "plastic-bead-inside", [read], 24],
  ["26 chosen, whatever was read", "plastic-bead-inside", [read, chosen], 26],
  ["one of 28 is here, before anything was chosen", "plastic-bead-inside", [read, had("28")], 28],
  ["one is here, and nobody measured how thick", "plastic-bead-inside", [read, had()], 24],
  ["one sheet: the house's usual", "timber-putty", [], 4],
  ["6 chosen", "timber-putty", [sheet], 6],
  ["6 chosen, and what is here is 5", "timber-putty", [sheet, had("5")], 5],
])("how thick what goes in is: %s", (_, system, tells, is) => {
  const t = new Teller().opened().added(PANE, system);
  for (const tell of tells) tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const thick = thickGoesIn(book, reckon(book, { house: HOUSE_DEFAULTS, calendar }));
  expect(thick && toMm(thick)).toBe(is);
});
