import type { Frame } from "./frame.ts";
import { OF_TIMBER } from "./made-of.ts";

/** Single glass on a bed of putty, sprigs, a fillet of putty outside. */
export const timberPutty: Frame = {
  ...OF_TIMBER,
  name: "Timber, face {putty}",
  short: "{putty}",
  holds: () => "putty",
  fixing: () => "sprigs",
  usualBed: () => "linseed",
  comesApart: (d) => [
    [d.where === "bench" && "release"],
    ["paint-line"],
    ["face-putty"],
    ["sprigs"],
    ["glass"],
    ["bed"],
  ],
  asks: () => ["where", "old", "paint", "lost"],
  usual: { bond: "putty" },
  takesUnits: false,
  painted: true,
  hidesFixings: false,
  channelled: false,
};
