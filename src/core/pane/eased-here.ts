import type { HouseRules } from "../house/rules.ts";
import type { Result } from "../result.ts";
import type { OddsInput } from "../size/best.ts";
import type { Cut, CutError } from "../size/cut.ts";
import { type Eased, easeFor } from "../size/ease.ts";

/** What is to be eased of this opening for the pane that stands, and what then goes in; null where nothing lies in it yet. */
export function easedFor(cut: Result<Cut, CutError>, odds: OddsInput, house: HouseRules): Eased | null {
  if (!cut.ok || !odds.figure.ok) return null;
  return easeFor({
    figure: odds.figure.value,
    glass: cut.value.glass,
    depths: odds.depths,
    leastCover: odds.leastCover,
    grid: odds.grid,
    clearance: house.leastGapMm,
  });
}
