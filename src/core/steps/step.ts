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
] as const;
export type Ask = (typeof ASKS)[number];

/** One thing to do, why, with what, how long, and by how many. Words in {braces} are filled in by the reader's dialect. */
export type Step = {
  readonly id: string;
  readonly does: string;
  readonly why: string;
  readonly tool?: string;
  readonly never?: string;
  readonly asks?: Ask;
  /** What is worth a photo here, each by what it shows. */
  readonly photos?: readonly string[];
  /** Work, in minutes, by default; the firm's own past replaces it. */
  readonly minutes: number;
  /** 1 when not said. */
  readonly people?: 2;
  /** Gloves on for shards; off where fingers must feel. */
  readonly gloves?: "on" | "off";
  /** Hazards that this step raises, by their ids in the table of cautions. */
  readonly hazards?: readonly string[];
  /** Waits so long before what follows, in hours. */
  readonly driesHours?: number;
  /** Worked along the edge: its time goes by the metre. */
  readonly alongEdge?: boolean;
  /** What makes it quick or slow: its times are kept apart by it. */
  readonly variant?: string;
  /** How often the firm has timed it, where the minutes are its own. */
  readonly timed?: number;
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
