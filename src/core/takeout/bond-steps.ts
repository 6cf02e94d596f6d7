import { halved } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import type { Step, Uses } from "../steps/step.ts";
import type { Template } from "../text/template.ts";
import { CORNERS } from "./beads.ts";
import { atBench, isGone, type StepFacts } from "./facts.ts";

const LOOSENS = {
  putty: ["a little warmth on the {putty} only", "Warm {putty} lets go; glass beside it may crack."],
  "old-paint": [
    "wet the paint line, and find where it already gives",
    "Wet paint makes no dust; heat on lead makes fumes.",
  ],
  silicone: ["half alcohol, half water, worked into the seam", "Silicone loses its grip on wet glass."],
  tape: ["soapy water or silicone grease on the blade", "A blade slides on wet foam and drags on dry."],
} as const satisfies Readonly<Record<string, readonly [does: Template, why: Template]>>;

const LOOSEN_USES: Readonly<Partial<Record<StepFacts["detail"]["bond"], readonly Uses[]>>> = {
  silicone: [{ what: "alcohol, for half and half with water", unit: "ml", perMetre: 25 }],
  tape: [{ what: "silicone grease", unit: "g", perMetre: 2 }],
};

/** A bond is cut part by part: four sides and four corners. */
export const BOND_PARTS: readonly string[] = [
  "left",
  "right",
  "bottom",
  "top",
  ...CORNERS.map((c) => c.replace("-", " ")),
];

/** Cutting the glass free of what it was stuck with: loosen, cut along the glass, all four sides and corners, then try. */
export function bondSteps(f: StepFacts): readonly Step[] {
  const bond = f.detail.bond;
  if (bond === "gasket" || isGone(f)) return [];
  const [what, why] = LOOSENS[bond === "putty" && f.lead ? "old-paint" : bond];
  // The blade goes in on the side that the beads do not come off: there the glass is stuck.
  const from = atBench(f)
    ? "from the other face, the sash turned over on its blankets"
    : f.side === "outside"
      ? "from the room"
      : "from the side of the fixed leg";
  const catches = frameOf(f.system).across && !halved(f) && !atBench(f);
  return [
    {
      id: "loosen",
      does: `Before the blade: ${what}.`,
      why,
      tools:
        bond === "putty"
          ? f.lead
            ? ["wet sponge"]
            : ["warm cloth"]
          : bond === "silicone"
            ? ["spray bottle"]
            : ["soapy water", "grease"],
      ...(bond === "putty" ? { never: f.lead ? "No heat where paint may hold lead." : "No flame." } : {}),
      minutes: 3,
      ...(LOOSEN_USES[bond] ? { uses: LOOSEN_USES[bond] } : {}),
      hazards: bond === "silicone" ? ["solvent"] : [],
    },
    {
      id: "cut-free",
      uses: [{ what: "spare blade edges", unit: "pieces", perMetre: 0.5 }],
      does: `Cut it free ${from}, blade flat along the glass, strokes overlapping by half.${f.lift === 1 ? "" : " Start where it has parted: heavy glass frees itself as it goes."} Tick sides and corners.`,
      why: "Against the frame the blade scars what stays; a corner left uncut breaks the {pane} when it is prised.",
      tools: ["stiff knife", "long thin blade"],
      never: "Do not prise while a corner is uncut.",
      minutes: 20,
      alongEdge: true,
      asks: "bond",
      ticks: BOND_PARTS,
      gloves: "on",
      hazards: ["knives", ...(f.damage.includes("cracked") ? (["comes-apart"] as const) : [])],
      ...(catches ? { people: 2 as const } : {}),
    },
  ];
}
