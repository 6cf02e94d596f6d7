/** The nine stations of a pane, in the usual order of the work. Any of them can be opened at any time. */
export const STATIONS = [
  "look",
  "takeout",
  "measure",
  "specify",
  "order",
  "ready",
  "set",
  "finish",
  "signoff",
] as const;
export type Station = (typeof STATIONS)[number];

export const STATION_NAMES: Readonly<Record<Station, string>> = {
  look: "Look",
  takeout: "Take out",
  measure: "Measure",
  specify: "Specify",
  order: "Order",
  ready: "Make ready",
  set: "Set",
  finish: "Finish",
  signoff: "Sign off",
};

export const isStation = (text: string | undefined): text is Station => STATIONS.some((s) => s === text);
