import type { Step } from "../steps/step.ts";
import type { StepFacts } from "../takeout/facts.ts";

export function finishSteps(f: StepFacts): readonly Step[] {
  if (f.system !== "timber-putty") return [];
  return [
    {
      id: "sight-line",
      minutes: 2,
      does: "Look along the {putty} from both sides.",
      why: "No {putty} above the sight line from the room, no bare {rebate} from outside.",
    },
    {
      id: "clean",
      minutes: 5,
      does: "Clean the glass with a dry cloth and whiting, not with water yet.",
      why: "Wet cleaning drags fresh {putty} off the edge.",
      tool: "cloth, whiting",
    },
    {
      id: "tell",
      minutes: 2,
      does: "Tell the customer: leave it shut, nothing leans on it, paint is still to come.",
      why: "Soft {putty} is the one part they can spoil.",
    },
    {
      id: "paint",
      minutes: 20,
      does: "Paint inside the window, 2 mm on to the glass.",
      why: "The lap seals the edge of the {putty}. Too early it wrinkles, too late it cracks.",
      tool: "paint, brush, tape",
    },
  ];
}
