import { z } from "zod";
import { LengthIn, LengthOut } from "./lengths.ts";
import { BY, Unit } from "./opening-case.ts";
import { route } from "./route.ts";

export const DepthCase = z
  .strictObject({
    unit: Unit,
    rebateWidth: LengthIn.meta({ description: "Upstand to outer face." }),
    bed: LengthIn.default({ mm: 2 }),
    glass: LengthIn.meta({ description: "The pane or the whole unit." }),
    faceClearance: LengthIn.default({ mm: 0 }),
    bead: LengthIn.default({ mm: 0 }).meta({ description: "The bead across, or the least room the putty needs." }),
    rout: z
      .strictObject({
        rebateDepth: LengthIn,
        depthNeeded: LengthIn.meta({ description: "Cover and edge gap together." }),
        timber: LengthIn.meta({ description: "Thickness of the sash member, through the glass." }),
        face: LengthIn.optional().meta({ description: "The member's face, in the plane of the glass." }),
        twoSided: z.boolean().default(false).meta({ description: "A bar with a rebate on both sides." }),
        leastUpstand: LengthIn.default({ mm: 6 }),
        leastWeb: LengthIn.default({ mm: 12 }),
      })
      .optional()
      .meta({ description: "Turning a single-glazed sash into a sealed one." }),
  })
  .meta({ id: "DepthCase" });
export type DepthCase = z.output<typeof DepthCase>;

/** Lengths that may be less than nothing are given in mm. */
const Signed = z.strictObject({ mm: z.number(), nm: z.int() });

export const DepthAnswer = z
  .strictObject({
    needed: LengthOut,
    spare: Signed.meta({ description: "Rebate width less what is needed; less than 0 stands proud." }),
    proud: LengthOut,
    front: Signed.meta({ description: "Room left for bead or putty." }),
    cures: z
      .strictObject({
        slimmerBead: LengthOut.nullable(),
        thinnerGlass: LengthOut.nullable(),
        thinnerBed: LengthOut.nullable(),
        widerRebate: LengthOut,
      })
      .nullable(),
    bedToFlush: LengthOut.nullable(),
    rout: z
      .strictObject({
        width: z.strictObject({ needed: LengthOut, by: LengthOut }),
        depth: z.strictObject({ needed: LengthOut, by: LengthOut }),
        upstandLeft: Signed,
        upstandHolds: z.boolean(),
        webLeft: Signed.nullable(),
        webHolds: z.boolean().nullable(),
        holds: z.boolean(),
      })
      .nullable(),
    says: z.string(),
    ...BY,
  })
  .meta({ id: "DepthAnswer" });

export const CalcDepth = route({
  method: "post",
  path: "/api/calc/depth",
  says: "Whether bed, glass and bead find room through the thickness, and what routing for a sealed unit leaves of the timber.",
  more: "Needed width = bed + glass or unit + face clearance + bead. Upstand left = timber less the new width, web left = face less the new depth on each rebated side; each must be at least the rule, inclusive.",
  input: DepthCase,
  output: DepthAnswer,
  batch: true,
  example: { in: { rebateWidth: "18", glass: "6", bead: "12" }, out: "2 mm proud: a bead of 10, or 4 mm glass" },
});
