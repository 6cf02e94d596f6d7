import type { Template } from "../text/template.ts";

/** How the glass looks, beyond what it is: what has to match its neighbours and cannot be guessed by a cutter. */
export type Looks = {
  readonly tint: string;
  /** The pattern of one sheet of a sealed unit, by name; a single pane says its own with its kind. */
  readonly pattern?: string | undefined;
  readonly patternOn?: "not-said" | "outer" | "inner" | undefined;
  /** Which way the pattern's lines run, as the pane stands. */
  readonly runs: "not-said" | "neither" | "up" | "across";
  /** Where the textured face goes. */
  readonly texture: "outside" | "room" | "not-said";
  /** Safety stamp, maker's mark or date that must show, and in which corner. */
  readonly mark: string;
  readonly markAt: "bottom-left" | "bottom-right" | "top-left" | "top-right";
};

export const RUNS = ["not-said", "neither", "up", "across"] as const;
export const TEXTURES = ["not-said", "outside", "room"] as const;
export const PATTERN_ON = ["not-said", "outer", "inner"] as const;
export const MARK_CORNERS = ["bottom-left", "bottom-right", "top-left", "top-right"] as const;

export const PLAIN_LOOKS: Looks = { tint: "", runs: "not-said", texture: "not-said", mark: "", markAt: "bottom-right" };

/** Each as a button has it. */
export const RUN_NAMES: Readonly<Record<Looks["runs"], string>> = {
  "not-said": "not said",
  neither: "no direction",
  up: "lines upright",
  across: "lines across",
};

const RUNS_TEXT: Readonly<Record<Looks["runs"], string>> = {
  "not-said": "",
  up: "lines run upright",
  across: "lines run across",
  neither: "",
};

/** As it goes on a ticket. @example "bronze tint, reeded on the inner sheet, lines run upright, texture to the room, mark bottom right" */
export const looksText = (l: Looks): string =>
  [
    l.tint && `${l.tint} tint`,
    l.pattern && patternText(l.pattern, l.patternOn),
    RUNS_TEXT[l.runs],
    l.texture === "not-said" ? "" : `texture to the ${l.texture}`,
    l.mark && `${l.mark} ${l.markAt.replace("-", " ")}`,
  ]
    .filter(Boolean)
    .join(", ");

const patternText = (pattern: string, on: Looks["patternOn"]): string =>
  on === "outer" || on === "inner" ? `${pattern} on the ${on} sheet` : `${pattern}, on which sheet is not said`;

/** Parts that can come with the glass. */
export const PARTS = ["beads", "tape", "packers", "gasket", "sealant", "plugs", "screws"] as const;
export type Part = (typeof PARTS)[number];
export const PART_NAMES: Readonly<Record<Part, Template>> = {
  beads: "{beads}",
  tape: "glazing tape",
  packers: "{packers}",
  gasket: "gasket",
  sealant: "neutral-cure silicone",
  plugs: "screw plugs",
  screws: "screws",
};
