import type { Place } from "../../core/measure/places.ts";
import type { UnknownId } from "../../core/pane/unknowns.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Template } from "../../core/text/template.ts";
import { linkToTab } from "./stage-context.ts";

type SaidUnder = { readonly tab: string; readonly name: Template } | { readonly field: string };

/** Under which tab of its station each is said, and what that tab is called, or in which field; null where a reading or a tap says it. */
export const SAID_UNDER: Readonly<Record<UnknownId, SaidUnder | null>> = {
  held: { tab: "frame", name: "The frame" },
  special: { tab: "building", name: "The building" },
  whole: { tab: "options", name: "What can be done" },
  closed: { tab: "options", name: "What can be done" },
  hangs: null,
  size: null,
  "read-what": null,
  template: null,
  rout: null,
  glass: null,
  makeup: { tab: "units", name: "What could stand here" },
  sash: null,
  thickness: null,
  spacer: null,
  coating: { tab: "found", name: "Bars, coating, marks, hinges" },
  safety: null,
  unsafe: null,
  bars: { tab: "found", name: "Bars, coating, marks, hinges" },
  pattern: { field: "pattern" },
  "pattern-on": { tab: "looks", name: "Looks and parts" },
  "pattern-runs": { tab: "looks", name: "Looks and parts" },
};

/**
 * Where a thing that is not known is said: its station, open at the tab or the field that asks it.
 * @example saidAt("p1", { id: "special", station: "look" }) // "/panes/p1/look#tab-building"
 */
export function saidAt(
  pane: string,
  unknown: { readonly id: string; readonly station: Station; readonly place?: Place | undefined },
): string {
  const under = Object.hasOwn(SAID_UNDER, unknown.id) ? SAID_UNDER[unknown.id as UnknownId] : null;
  const hash =
    unknown.place !== undefined ? `#r-${unknown.place}` : under !== null && "tab" in under ? linkToTab(under.tab) : "";
  return `/panes/${pane}/${unknown.station}${hash}`;
}
