import type { Step } from "../steps/step.ts";
import type { StepFacts } from "../takeout/facts.ts";

/** Setting a single pane in putty, in order. */
export function setSteps(f: StepFacts): readonly Step[] {
  if (f.system !== "timber-putty") return [];
  return [
    {
      id: "warm",
      minutes: 2,
      does: "Work the {putty} in your hands to one even roll.",
      why: "Cold {putty} does not stick, and rattles later.",
      tool: "{putty}",
    },
    {
      id: "bed",
      minutes: 6,
      does: "Run the bed all round the {rebate}, no gaps in the corners.",
      why: "A gap in the bed is where water stands, and the pane rattles.",
      tool: "{putty}, thumb",
    },
    {
      id: "pack",
      minutes: 2,
      does: "Put two {packers} on the {sill}, at the marks.",
      why: "The pane stands on them, level, with its gap below.",
      tool: "{packers}",
    },
    {
      id: "face-check",
      minutes: 1,
      does: "Look once more: inside face in, top edge up.",
      why: "After the bed it will not come out whole.",
      tool: "your mark",
    },
    {
      id: "press",
      minutes: 5,
      does: "Set the pane on the {packers} and press evenly at the edges, never in the middle, until the bed is even all round.",
      why: "Pressed in the middle it bows, springs back, and draws air under the bed.",
      tool: "flat hands",
    },
    {
      id: "sprigs",
      minutes: 6,
      does: "Push the {sprigs} in flat on the glass, at the marks.",
      why: "They hold the pane; the {putty} only seals it. One standing off the glass lets it rattle.",
      tool: "{sprigs}, driver or knife",
      never: "Never strike toward the glass.",
    },
    {
      id: "face",
      minutes: 15,
      does: "Run the face {putty} and strike it off from the sight line to the outer edge, corners mitred.",
      why: "Above the sight line it shows from the room; below it water gets behind.",
      tool: "{putty} knife, clean",
    },
    {
      id: "trim",
      minutes: 6,
      does: "Trim the squeezed bed inside, flush with the {rebate}.",
      why: "A ragged bed holds dirt and shows.",
      tool: "knife",
    },
  ];
}
