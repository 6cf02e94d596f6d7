import { expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { Side } from "../geometry/quad.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { toMm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";

/* What stood under the old pane, put on the map when it came out, says how large its opening is. */

type Packer = readonly [edge: Side, thick: string | null];

function opening(packers: readonly Packer[], more: Parameters<Teller["read"]>[0] = {}) {
  const t = new Teller().opened().added(PANE, "plastic-no-bead");
  t.tell("measure.way", { way: "old-unit" });
  t.read({ "old-width": "600", "old-height": "900", "unit-thickness": "24", ...more });
  packers.forEach(([edge, thick], i) => {
    const thickness = thick === null ? null : { text: thick, unit: "mm" as const };
    t.tell("takeout.map", { item: `p${i}`, thing: "packer", edge, share: 0.25, thickness, width: null, material: "" });
  });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const { opening: o } = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const height = o.readings["height-middle"];
  return { height: height === undefined ? null : toMm(height), fit: o.copied?.fit };
}

it.each<[string, readonly Packer[], Parameters<Teller["read"]>[0], ReturnType<typeof opening>]>([
  ["none mapped: as most sit", [], {}, { height: 902, fit: "usual" }],
  ["mapped, their thickness not read", [["bottom", null]], {}, { height: 902, fit: "usual" }],
  ["4 at the foot", [["bottom", "4"]], {}, { height: 908, fit: "packers" }],
  [
    "3 and 4 at the foot",
    [
      ["bottom", "3"],
      ["bottom", "4"],
    ],
    {},
    { height: 907, fit: "packers" },
  ],
  [
    "4 at the foot and 2 at the head",
    [
      ["bottom", "4"],
      ["top", "2"],
    ],
    {},
    { height: 906, fit: "packers" },
  ],
  ["at a side only: says nothing of its height", [["left", "4"]], {}, { height: 902, fit: "usual" }],
  [
    "what was read of them goes before the map",
    [["bottom", "4"]],
    { "old-packed": "2" },
    { height: 904, fit: "packers" },
  ],
])("%s", (_, packers, more, is) => expect(opening(packers, more)).toEqual(is));
