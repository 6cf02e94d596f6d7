import type { Step } from "../steps/step.ts";
import type { Mm } from "../units/length.ts";
import type { RefurbishNeeds } from "./beads-and-seal.ts";

/** Drying beads give their water up at so much, °C. Source: common labels of molecular sieve; the label wins. */
export const BEADS_OVEN_C = 200;

/** Spacers longer than this bow inward and are drawn out with a line as the panes close, mm. */
export const BOWS_FROM_MM = 900;

/** Opening, drying and closing a unit, in order. */
export function refurbishSteps(unit: {
  readonly longestMm: Mm | null;
  readonly coated: boolean;
  /** What goes back in; null until the unit's size is known. */
  readonly needs: RefurbishNeeds | null;
  /** What was marked on panes A and B; empty while nobody said. */
  readonly marks: { readonly a: string; readonly b: string };
}): readonly Step[] {
  const marked =
    unit.marks.a || unit.marks.b ? ` A: ${unit.marks.a || "not said"}; B: ${unit.marks.b || "not said"}.` : "";
  const steps: (Step | false)[] = [
    {
      id: "ru-mark",
      unitPart: "panes",
      does: "Mark both {panes} A and B, which way is up, and which face was in the room.",
      why: "Once the {unit} is open nothing else tells them apart.",
      tools: ["wax pencil"],
      minutes: 3,
      asks: "two-panes",
    },
    {
      id: "ru-cut",
      unitPart: "cuts",
      uses: [{ what: "spare blade edges", unit: "pieces", perMetre: 2 }],
      does: "Cut the seal along the glass, on both faces, in many light passes.",
      why: "One deep cut runs into the glass; the blade belongs against the glass, not the spacer.",
      tools: ["long thin blade", "spare edges"],
      minutes: 60,
      gloves: "on",
      hazards: ["knives"],
      asks: "faces",
      ticks: ["room face", "outer face"],
    },
    {
      id: "ru-spacer",
      unitPart: "spacer",
      does: "Free the spacer without bending it, and clean it straight and free of burrs.",
      why: "A bent spacer never lies flat again, and a burr scratches the {pane}.",
      tools: ["thin blade", "flat board", "fine file"],
      never: "Never twist it to break the seal: cut on, and lift it along its whole length.",
      minutes: 20,
      gloves: "on",
      asks: "spacer",
      ticks: ["straight", "no burrs", "clean"],
    },
    {
      id: "ru-empty",
      unitPart: "beads",
      does: "Open one corner and empty the drying beads into a tray; weigh them.",
      why: "What they lose in the oven tells when they are dry.",
      tools: ["tray", "kitchen scale"],
      minutes: 10,
      hazards: ["dust"],
      asks: "opened",
    },
    {
      id: "ru-dry",
      unitPart: "beads",
      does: `Dry the beads at ${BEADS_OVEN_C} °C or as their label says, weighing now and then, until two weighings agree; then into a jar with its lid on.`,
      why: "Beads that still hold water fill up again in a month.",
      tools: ["oven", "tray", "kitchen scale"],
      never: "Not in an oven that is used for food afterwards without cleaning.",
      minutes: 15,
      driesHours: 3,
      asks: "oven",
    },
    {
      id: "ru-clean",
      unitPart: "inside",
      does: "Clean all four inner faces; look along them in slanting light.",
      why: "A film or streak stays inside for good.",
      tools: ["glass cleaner", "vinegar", "lint-free cloth"],
      ...(unit.coated ? { never: "A coated face is only dusted: cleaner marks it." } : {}),
      minutes: 40,
      hazards: ["solvent"],
      asks: "cleaned",
    },
    {
      id: "ru-fill",
      needsDry: true,
      unitPart: "beads",
      does: `Fill the beads back through a funnel, without forcing, and close the corner at once.${unit.needs ? ` About ${unit.needs.beadsG.toFixed(0)} g of them.` : ""}`,
      why: "They take water from the air within minutes.",
      tools: ["funnel", "corner key"],
      minutes: 10,
    },
    {
      id: "ru-square",
      unitPart: "gap",
      does: `Lay {pane}, spacer and {pane} square by their marks, the same gap on every side.${marked}`,
      why: "An uneven gap leaves a thin seal, and that is where it fails.",
      tools: ["square", "two blocks"],
      minutes: 15,
      asks: "gaps",
    },
    (unit.longestMm ?? 0) > BOWS_FROM_MM && {
      id: "ru-line",
      unitPart: "spacer",
      does: "Tie a strong line to the middle of each long spacer, and draw it out straight as the {panes} close.",
      why: "A long spacer bows inward, and shows.",
      tools: ["fishing line"],
      minutes: 10,
      people: 2,
    },
    {
      id: "ru-look",
      unitPart: "inside",
      does: "A last look with a lamp from the side: fluff, fingerprints, marks.",
      why: "Seen later, it is cut open again.",
      tools: ["lamp"],
      minutes: 5,
    },
    {
      id: "ru-seal",
      unitPart: "seal",
      ...(unit.needs ? { uses: [{ what: "unit sealant", unit: "ml", each: Math.round(unit.needs.sealMl) }] } : {}),
      does: "Fill the edge with sealant all round, corners first, press, and wipe it flush; leave it as long as its label says, a day at least.",
      why: "A gap at a corner is where damp comes back.",
      tools: ["unit sealant", "gun", "weights"],
      minutes: 30,
      driesHours: 24,
      hazards: ["solvent"],
    },
    {
      id: "ru-tape",
      unitPart: "edge",
      needsDry: true,
      does: "Tape the edge in the old colour, and label it: resealed, no gas, and the date.",
      why: "Whoever opens this frame next must know what it is.",
      tools: ["edge tape", "label"],
      minutes: 10,
      asks: "closed",
    },
  ];
  return steps.filter((s) => s !== false);
}
