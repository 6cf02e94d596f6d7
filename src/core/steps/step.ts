import type { Side } from "../geometry/quad.ts";
import type { WorkBelief } from "../learn/own-minutes.ts";
import type { Template } from "../text/template.ts";
import type { Hazard } from "./hazard.ts";
import type { StepId } from "./step-id.ts";
import type { Tool } from "./tool.ts";

/** What a step wants to be told before it can be left. */
export const ASKS = [
  "marks",
  "sprigs",
  "faces",
  "beads",
  "plugs",
  "screws",
  "nails",
  "packers",
  "bond",
  "water",
  "sides",
  "drains",
  "dry-fit",
  "tags",
  "dries",
  "scraps",
  "length",
  "held",
  "facing",
  "gaps",
  "brace",
  "rounds",
  "open-time",
  "seal-path",
  "pins",
  "seated",
  "groove",
  "holder",
  "spacer",
  "weather",
  "rating",
  "two-panes",
  "opened",
  "oven",
  "cleaned",
  "closed",
] as const;
export type Ask = (typeof ASKS)[number];

/** What is used up at a step, by the metre of edge, by the pane, or along its diagonals. Source: trade practice, edited by use. */
export type Uses = {
  readonly what: string;
  readonly unit: "ml" | "m" | "g" | "pieces";
  readonly perMetre?: number;
  readonly each?: number;
  readonly diagonals?: number;
};

/** Parts of a unit that is opened and closed again. */
export type UnitPart = "panes" | "cuts" | "spacer" | "beads" | "inside" | "gap" | "seal" | "edge";

/** One thing to do, why, with what, how long, and by how many. Words in {braces} are filled in by the reader's dialect. */
export type Step = {
  readonly id: StepId;
  readonly does: Template;
  readonly why: Template;
  readonly tools?: readonly Tool[];
  readonly never?: Template;
  readonly asks?: Ask;
  /** What is worth a photo here, each by what it shows. */
  readonly photos?: readonly Template[];
  /** Work, in minutes, by default; the firm's own past replaces it. */
  readonly minutes: number;
  /** The part of an opened unit that it is about: drawn in place of the sash. */
  readonly unitPart?: UnitPart;
  /** The side of the sash that it is done at. */
  readonly at?: Side;
  /** 1 when not said. */
  readonly people?: 2;
  /** Gloves on for shards; off where fingers must feel. */
  readonly gloves?: "on" | "off";
  /** Hazards that this step raises. */
  readonly hazards?: readonly Hazard[];
  /** What can be ticked one by one: sides, faces, parts of a bond. */
  readonly ticks?: readonly string[];
  readonly uses?: readonly Uses[];
  /** It opens tape, sealant or {putty}: what was to be looked at before must be done, and its seat clean. */
  readonly wet?: true;
  /** A look that is too late once anything wet is open. */
  readonly gate?: true;
  /** It goes by what the pane is set in, and waits until somebody said. */
  readonly ofBed?: true;
  /** What was primed, filled or sealed before must be dry. */
  readonly needsDry?: true;
  /** The pane has been tried dry before it. */
  readonly afterFit?: true;
  /** Nothing is cut away before the new one is checked in. */
  readonly needsNew?: true;
  /** What goes in must be here: checked in, or said to be at hand. */
  readonly needsPane?: true;
  /** What holds the glass must be cut all round before it. */
  readonly afterCut?: true;
  /** Nobody does it in rain, outside. */
  readonly dryDay?: true;
  /** It paints what may not be painted too soon. */
  readonly paints?: true;
  /** So many screws stay in after it, on purpose. */
  readonly leaves?: number;
  /** Waits so long before what follows, in hours. */
  readonly driesHours?: number;
  /** Worked along the edge: its time goes by the metre. */
  readonly alongEdge?: boolean;
  /** What makes it quick or slow: its times are kept apart by it. */
  readonly variant?: string;
  /** How often the firm has timed it, where the minutes are its own. */
  readonly timed?: number;
  /** What the house says of it, and what is believed of its time, where the minutes are the firm's own. */
  readonly usual?: number;
  readonly timedBelief?: WorkBelief;
  /** Who, where they are one person's own. */
  readonly timedBy?: string | null;
};

/** What a list of steps takes: hands-on minutes, waiting hours, and whether a second person is needed. */
export function effortOf(steps: readonly Step[]): {
  readonly minutes: number;
  readonly waitHours: number;
  readonly people: 1 | 2;
} {
  return {
    minutes: steps.reduce((sum, s) => sum + s.minutes, 0),
    waitHours: steps.reduce((sum, s) => sum + (s.driesHours ?? 0), 0),
    people: steps.some((s) => s.people === 2) ? 2 : 1,
  };
}
