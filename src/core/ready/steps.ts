import type { Step, StepFacts } from "../takeout/steps.ts";

/** Make ready for putty, by compound: bare, sound, primed, dry-fitted. */
export function readySteps(f: StepFacts, primeRebate: boolean): readonly Step[] {
  if (f.system !== "timber-putty") return [];
  return [
    {
      id: "clean",
      does: "Clean all four sides of the {rebate} to bare timber. Run a fingertip round.",
      why: "A lump of old {putty} lifts the pane; a crumb is where it cracks.",
      tool: "scraper, vacuum",
    },
    ...(f.damage.includes("rotten")
      ? [
          {
            id: "mend",
            does: "Cut out soft timber, harden and fill, square to the old {rebate}. Let it set.",
            why: "{Sprigs} do not hold in rot, and the pane drops.",
            tool: "chisel, repair paste",
          },
        ]
      : []),
    ...(primeRebate
      ? [
          {
            id: "prime",
            does: "Prime the {rebate} and let it dry.",
            why: "Raw timber drinks the oil out of {putty}, which then cracks and falls.",
            tool: "primer, brush",
          },
        ]
      : [
          {
            id: "prime-label",
            does: "Read the label: prime if it asks for it.",
            why: "This compound mostly needs none; the label wins.",
            tool: "label",
          },
        ]),
    {
      id: "dry-fit",
      does: "Try the new pane dry, with its {packers}.",
      why: "Easing a {rebate} is easy now and hopeless once the bed is in.",
      tool: "the pane, {packers}",
    },
  ];
}
