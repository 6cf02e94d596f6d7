import type { UnknownId } from "../../core/pane/unknowns.ts";
import type { Station } from "../../core/plan/stations.ts";
import { usePane } from "./pane-context.ts";

/** What stands at the head of a station to be settled first; null where something else is next. */
export function useAskedFirst(station: Station): UnknownId | null {
  const { next } = usePane();
  return next.kind === "settle" && next.station === station ? (next.ask ?? null) : null;
}
