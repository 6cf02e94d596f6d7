import { expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { foldPane } from "../pane/book.ts";
import { reckon } from "../pane/reckoning.ts";
import { mm } from "../units/length.ts";
import { goesIn } from "./goes-in.ts";

/* 512 × 1203 between the walls of a rebate 18 deep, read square: what is said of the pane that came, before anything is opened. */

const READ = {
  "width-top": "512",
  "width-middle": "512",
  "width-bottom": "512",
  "height-left": "1203",
  "height-middle": "1203",
  "height-right": "1203",
  "diagonal-up": "1307.4",
  "diagonal-down": "1307.4",
  "rebate-depth": "18",
} as const;

const said = (system: System, width: number, height: number): string | null => {
  const t = new Teller().opened().added(PANE, system);
  t.tell("measure.circumstance", { state: "cleared" });
  t.read(READ);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, withFirm(foldFirm(t.entries)));
  return goesIn(r.odds, { width: mm(width), height: mm(height) }, { canEase: r.canEase, got: "ordered" })?.says ?? null;
};

it.each<[string, System, number, number, RegExp]>([
  ["as ordered", "plastic-no-bead", 507, 1198, /It will go in\.$/],
  [
    "as high as the opening, in timber",
    "timber-putty",
    507,
    1203,
    /^It binds .* ease the opening first, or send this one back\.$/,
  ],
  [
    "the same in plastic, which nobody eases",
    "plastic-no-bead",
    507,
    1203,
    /^It binds [^:]* yet: send this one back\.$/,
  ],
  ["the same in steel", "metal-frame", 507, 1203, /^It binds [^:]* yet: send this one back\.$/],
])("%s", (_, system, width, height, says) => expect(said(system, width, height)).toMatch(says));
