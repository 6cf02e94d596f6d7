import type { Damage } from "../look/damage.ts";
import type { System } from "../look/systems.ts";

/** One thing to do, why, and with what. Words in {braces} are filled in by the reader's dialect. */
export type Step = {
  readonly id: string;
  readonly does: string;
  readonly why: string;
  readonly tool?: string;
  readonly never?: string;
  readonly asks?: "marks" | "sprigs";
};

export type StepFacts = { readonly system: System; readonly damage: readonly Damage[]; readonly storey: number | null };

type Rule = Step & { readonly when?: (f: StepFacts) => boolean };

const has = (f: StepFacts, ...damage: readonly Damage[]): boolean => damage.some((d) => f.damage.includes(d));
const putty = (f: StepFacts): boolean => f.system === "timber-putty";

const RULES: readonly Rule[] = [
  {
    id: "sheet",
    does: "Lay a drop sheet inside and out, wider than the pane is high.",
    why: "Shards travel as far as they fall.",
    tool: "drop sheet",
  },
  {
    id: "clear-below",
    does: "Fence off the ground below.",
    why: "Whatever falls, falls on somebody's path.",
    tool: "tape or a board",
    when: (f) => (f.storey ?? 0) > 0,
  },
  {
    id: "tape-glass",
    does: "Tape both faces of the glass with crosses.",
    why: "Taped shards leave as one skin. A holed pane can still fall apart: hold it.",
    tool: "paper tape",
    when: (f) => !has(f, "gone"),
  },
  {
    id: "mark",
    does: "Mark the inside face and the top edge, before anything moves.",
    why: "A pane or sash turned on the bench looks the same both ways.",
    tool: "wax pencil",
    asks: "marks",
  },
  {
    id: "score-paint",
    does: "Cut the paint line between {putty} and timber, and between {putty} and glass.",
    why: "Uncut paint tears the timber's edge away with the {putty}.",
    tool: "sharp knife",
    when: putty,
  },
  {
    id: "loose-putty",
    does: "Lift off the {putty} that already gives, along the {rebate}, not into it.",
    why: "The loose part shows how hard the rest is, and costs no timber.",
    tool: "putty knife",
    when: (f) => putty(f) && has(f, "putty-falling"),
  },
  {
    id: "face-putty",
    does: "Break out the face {putty}, chisel flat on the {rebate}.",
    why: "Tilted, the chisel eats the {rebate}, and the new pane has nothing to lie on.",
    tool: "hacking knife or narrow chisel, hammer",
    never: "No heat gun beside glass that stays, and none where paint may hold lead.",
    when: putty,
  },
  {
    id: "sprigs",
    does: "Draw every {sprig}, and count them.",
    why: "One left behind cracks the pane as it comes out, or the new one as it goes in.",
    tool: "pincers",
    asks: "sprigs",
    when: putty,
  },
  {
    id: "lift-out",
    does: "Ease the pane out from the top, lower edge last.",
    why: "The bottom edge carries it until both hands have it.",
    tool: "gloves, second person for a large one",
    when: (f) => putty(f) && !has(f, "gone"),
  },
  {
    id: "shards",
    does: "Draw the shards one by one, the top ones first.",
    why: "A shard left at the top comes down while you work below it.",
    tool: "gloves, eye protection, pliers",
    when: (f) => putty(f) && has(f, "gone", "holed", "standing"),
  },
  {
    id: "bed-putty",
    does: "Scrape the old bed off the {rebate}.",
    why: "A lump left behind lifts the new pane and cracks it.",
    tool: "chisel, scraper",
    when: putty,
  },
  {
    id: "bag",
    does: "Bag the glass, sweep, and look at your soles.",
    why: "Nobody should find your work with a foot.",
    tool: "rubble bag, brush, vacuum",
  },
];

/** The take-out steps for this pane, in order. Empty when the system's own steps are not worked out. */
export const takeoutSteps = (f: StepFacts): readonly Step[] =>
  f.system === "timber-putty" ? RULES.filter((r) => r.when?.(f) ?? true).map(({ when: _, ...step }) => step) : [];
