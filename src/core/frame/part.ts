/** What a frame is put together of, as far as it must come apart. */
export const PART_KINDS = [
  "front",
  "release",
  "paint-line",
  "face-putty",
  "clips",
  "sprigs",
  "channel",
  "outer-gasket",
  "wedge-gasket",
  "plugs",
  "caulk-line",
  "corner-screws",
  "cassette-screws",
  "front-fastenings",
  "cassette-half",
  "mouldings",
  "beads",
  "sash-members",
  "bond",
  "glass",
  "packers",
  "bed",
] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** Parts that are reached together: they may come off in any order. What does not apply here is false. */
export type Layer = readonly (PartKind | false)[];
