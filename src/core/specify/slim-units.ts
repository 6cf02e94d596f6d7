import { inches, type LengthUnit, mm, type Nm, nm } from "../units/length.ts";
import type { Stack } from "./stack.ts";

/** Sheet and spacers of what is made for old sashes, from the slimmest. Source: the common lists of unit makers. */
const SLIM: Readonly<Record<LengthUnit, { readonly pane: Nm; readonly spacers: readonly Nm[] }>> = {
  mm: { pane: mm(4), spacers: [6, 8, 10, 12, 16].map(mm) },
  in: {
    pane: inches(0, 1, 8),
    spacers: [inches(0, 1, 4), inches(0, 5, 16), inches(0, 3, 8), inches(0, 1, 2), inches(0, 5, 8)],
  },
};

/**
 * Units of two like sheets that are made for old sashes, in the makes of a tape, from the slimmest.
 * @example slimUnits("mm").map((u) => u.overall) // 14, 16, 18, 20 and 24 mm
 * @example slimUnits("in")[0] // 1/8 - 1/4 - 1/8, 1/2 overall
 */
export const slimUnits = (unit: LengthUnit): readonly Stack[] =>
  SLIM[unit].spacers.map((spacer) => ({
    make: unit === "mm" ? "metric" : "inch",
    panes: [SLIM[unit].pane, SLIM[unit].pane],
    spacers: [spacer],
    overall: nm(2 * SLIM[unit].pane + spacer),
    equalPanes: true,
    off: 0,
    score: 0,
  }));
