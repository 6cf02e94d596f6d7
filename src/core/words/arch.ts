import type { Corner } from "../log/kinds/size.ts";
import { type Arch, headAt, type NoArch } from "../size/arch.ts";
import { isCurved } from "../size/shaped.ts";
import { writeLength, writeNumber } from "../tape/write.ts";
import type { Template } from "../text/template.ts";
import { type LengthUnit, mm, nm, toMm } from "../units/length.ts";

const FINE = { places: 1, ticks: 32 } as const;

/**
 * What proves that a head is part of a circle, and what to do where it is not.
 * @example 600 wide, springs at 500, crown 700 // "By these readings the head is part of a circle of 325 mm radius. Hold the tape 150 mm in from either jamb: …"
 */
export function archProof(arch: Arch, unit: LengthUnit): Template {
  const text = (v: number): string => writeLength(mm(v), unit, FINE);
  const quarter = arch.width / 4;
  return `By these readings the head is part of a circle, radius ${text(arch.radius)}. Hold the tape ${text(quarter)} in from either jamb: it must show ${text(headAt(arch, quarter))} from {sill} to head. Where it does not, say it is another curve, and take a template.`;
}

/** Why readings make no arch, and what to do. */
export function noArchText(error: NoArch, unit: LengthUnit): string {
  const text = (v: number): string => writeLength(mm(v), unit, FINE);
  const template = "Read it again; if it stands, take a template.";
  switch (error.kind) {
    case "not-read":
      return "Read the width, both jambs to where the head springs, and the middle to its crown.";
    case "uneven":
      return `The head springs ${text(error.by)} higher on one side than on the other: no part of one circle does. ${template}`;
    case "leans":
      return `From each foot to where the head springs opposite differs by ${text(error.by)}: it leans, and its head is not upright. ${template}`;
    case "flat":
      return "The crown is no higher than where the head springs: read the height in the middle again.";
    case "pointed":
      return `The head rises ${text(error.by)} more than half its width: it is a pointed or a raised arch, and no part of one circle. ${template}`;
  }
}

/**
 * The outline of a pane that is cut to shape, as it is said to a cutter; a head in many points by its circle.
 * @example an arched one // "foot 597, sides 498.2 to where the head springs, 697 at its crown, radius 323.5 mm"
 */
export function outlineText(corners: readonly Corner[], unit: LengthUnit): string {
  const text = (v: number): string => writeNumber(nm(Math.round(v)), unit, FINE);
  if (!isCurved(corners))
    return `corners ${corners.map((c) => `${text(c.x)}, ${text(c.y)}`).join(" · ")} ${unit} from the bottom left, seen from the side it goes in`;
  const width = Math.max(...corners.map((c) => c.x));
  const crown = Math.max(...corners.map((c) => c.y));
  const spring = corners[2]?.y ?? 0;
  const rise = crown - spring;
  const radius = ((width / 2) ** 2 + rise ** 2) / (2 * rise);
  return `foot ${text(width)}, both sides ${text(spring)} to where the head springs, ${text(crown)} at its crown in the middle; the head is part of a circle, radius ${text(mm(Math.round(toMm(nm(Math.round(radius))) * 2) / 2))} ${unit}`;
}
