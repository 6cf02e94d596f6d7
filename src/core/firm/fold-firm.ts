import type { Entry, EntryOf, Kind, Payloads } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";
import type { Firm } from "./firm.ts";
import { FIRM_FOLDS, firmOf, isFirmKind, nothingTold, type Told } from "./folds.ts";

type AnyFold = (told: Told, payload: Payloads[Kind], entry: EntryOf<Kind>) => void;

/** Folds the entries that are about no pane: house rules, suppliers, weather and days off. */
export function foldFirm(entries: readonly Entry[]): Firm {
  const told = nothingTold();
  // The table pairs each kind with a fold of its own payload.
  for (const e of readLog(entries).standing)
    if (isFirmKind(e.kind)) (FIRM_FOLDS[e.kind] as AnyFold)(told, e.payload, e as EntryOf<Kind>);
  return firmOf(told);
}
