import type { HouseRules } from "../house/rules.ts";
import type { Readings } from "../measure/reckoned.ts";
import { readsWhole } from "../measure/ways.ts";
import type { Cut } from "../size/cut.ts";
import { type Glass, isSafetyGlass } from "../specify/glass.ts";
import { type SafetyVerdict, safetyOf } from "../specify/safety.ts";
import { mm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { insertIsSafe } from "./insert-safe.ts";
import { locationOf } from "./location.ts";
import { safetyFigures } from "./safety-figures.ts";
import type { Stands } from "./stands.ts";

/** Whether this place calls for safety glass, by where it was read to be and how large the pane is. */
export const safetyHere = (
  book: PaneBook,
  readings: Readings,
  { glass }: Pick<Cut, "glass">,
  house: HouseRules,
): SafetyVerdict =>
  safetyOf(
    house.safetySet,
    {
      ...locationOf(book),
      noDoorWithin: book.location?.noDoorMm ? mm(book.location.noDoorMm) : null,
      sillHeight: readings["sill-height"] ?? null,
      doorDistance: readings["door-distance"] ?? null,
      width: glass.width,
      height: glass.height,
    },
    safetyFigures(house),
  );

/** What a small pane may be in the place of safety glass. */
const SMALL_MAY_BE = mm(6);

/**
 * Whether safety glass is called for and this is none. Of what is made whole its own maker's glass counts.
 * @example a small pane low down, clear float of 6 mm // false; of 5 mm // true
 */
export function isUnsafe(
  book: Pick<PaneBook, "way" | "insertSafe">,
  stands: Pick<Stands, "line">,
  safety: SafetyVerdict | null,
  glass: Pick<Glass, "kind" | "thickness">,
): boolean {
  if (safety?.kind !== "needed" && safety?.kind !== "small-pane-6mm") return false;
  if (readsWhole(book.way)) return !insertIsSafe(book, stands);
  return !isSafetyGlass(glass.kind) && (safety.kind === "needed" || glass.thickness < SMALL_MAY_BE);
}
