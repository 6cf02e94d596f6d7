import type { LengthUnit } from "../units/length.ts";
import { believed, learnSpread, spreadOf, spreadWithin } from "./belief.ts";
import { parted } from "./outliers.ts";
import {
  type By,
  figure,
  LEAST_SPREAD_MM,
  MEAN_WORTH,
  type OwnFigure,
  SPREAD_WORTH,
  SURE,
  seen,
} from "./own-figure.ts";
import type { PaneSeen } from "./seen.ts";

/** How readings by one kind of tape scatter, by the places that were read twice. */
export function tapeFigure(panes: readonly PaneSeen[], tape: LengthUnit, by: By): OwnFigure {
  const rule = tape === "mm" ? "tapeErrorMm" : "tapeErrorInchesMm";
  const all = panes.flatMap((p) => p.twice.filter((t) => t.tape === tape));
  const { usual, outliers } = parted(all, (t) => t.byMm, LEAST_SPREAD_MM);
  const prior = believed({ mean: 0, worth: MEAN_WORTH, spread: by.defaults[rule], spreadWorth: SPREAD_WORTH });
  // Two readings of one place differ by √2 of what one is off.
  const b = learnSpread(
    prior,
    usual.map((t) => seen(t.byMm / Math.SQRT2, t.day, by.today)),
  );
  return figure({
    id: `tape-${tape}`,
    rule,
    says: tape === "mm" ? "Spread of a reading, metric tape" : "Spread of a reading, inch tape",
    own: spreadOf(b),
    within: spreadWithin(b, SURE),
    from: { seen: usual.length, of: "second readings" },
    outliers: outliers.map((t) => ({ byMm: t.byMm, of: `read twice by ${t.who}`, day: t.day })),
    worth: SPREAD_WORTH,
    by,
  });
}
