import { z } from "zod";
import { OPENING, type OpeningPlace } from "../core/measure/places.ts";
import { GridName } from "./lengths.ts";

/** What page and worker say to each other about the odds of one pane. Lengths in nm where whole, else mm. */
const Nanometres = z.int().min(0);
const Mm = z.number();
const Range = z.strictObject({ lo: Mm, hi: Mm });
const Sides = z.strictObject({ left: Nanometres, right: Nanometres, bottom: Nanometres, top: Nanometres });
const Size = z.strictObject({ width: Nanometres, height: Nanometres });

export const OddsJob = z.strictObject({
  id: z.int(),
  readings: z.strictObject(
    Object.fromEntries(OPENING.map((p) => [p, Nanometres.optional()])) as Record<
      OpeningPlace,
      z.ZodOptional<typeof Nanometres>
    >,
  ),
  grid: GridName,
  depths: Sides.nullable(),
  leastCover: Nanometres,
  errors: z.strictObject({
    tape: Mm,
    cutting: z.strictObject({ kind: z.enum(["within", "spread"]), mm: Mm, off: Mm.optional() }),
    perMetre: Range,
    lies: z.enum(["centred", "pushed"]),
    costs: z.strictObject({ binds: Mm, coverLost: Mm }),
    alike: Mm,
    doubtMm: Mm,
    unread: z.strictObject({ leanMmPerM: Mm, taperMm: Mm, bowMm: Mm }),
    when: z.enum(["day", "year"]),
  }),
  sizes: z.array(Size),
  steps: z.int().min(1).max(50),
  samples: z.int().min(100).max(1_000_000),
  seed: z.int(),
});
export type OddsJob = z.output<typeof OddsJob>;

export const Chances = z.strictObject({ binds: Mm, coverLost: Mm.nullable(), trouble: Mm });

/** Progress while it draws, then the answer; nothing more comes of a job once a newer one has been asked. */
export type OddsReply =
  | { readonly kind: "progress"; readonly id: number; readonly share: number }
  | {
      readonly kind: "done";
      readonly id: number;
      readonly samples: number;
      readonly seed: number;
      readonly standardError: number;
      readonly from: "figure" | "usual-lean";
      /** Chances with so many grid steps off both ways alike. */
      readonly curve: readonly z.output<typeof Chances>[];
      readonly sizes: readonly z.output<typeof Chances>[];
    }
  | { readonly kind: "nothing"; readonly id: number };
