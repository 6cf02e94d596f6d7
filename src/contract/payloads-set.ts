import { z } from "zod";
import { COMPOUND_IDS } from "../core/bed/compound.ts";
import { VISITS } from "../core/finish/visit.ts";
import { SYSTEMS } from "../core/frame/systems.ts";
import type { Payloads } from "../core/log/kinds.ts";
import type { SetPayloads } from "../core/log/payloads-set.ts";
import { STATIONS } from "../core/plan/stations.ts";
import { FACING_SIGNS } from "../core/set/facing.ts";
import { DayText } from "./lengths.ts";
import { Id, Name, Short, Text } from "./payload-parts.ts";

const Days = z.int().min(0).max(400).nullable();

const MostC = z.number().min(0).max(400);

/** The figures of a label. */
const LABEL = {
  handsOffHours: z.number().min(0).max(2000),
  leastDays: Days,
  mostDays: Days,
  leastC: z.number().min(-40).max(40),
  dryBefore: z.int().min(0).max(30),
  primeRebate: z.boolean(),
};

/** Schemas of setting, finishing, signing off, and what the firm keeps from them. */
export const SET_PAYLOADS = {
  "set.done": z.strictObject({
    day: DayText,
    compound: Name,
    sprigs: z.int().min(0).max(500).nullable(),
    as: z.strictObject({ kind: z.enum(COMPOUND_IDS), name: Name, mostC: MostC, ...LABEL }).optional(),
  }),
  "set.material": z.strictObject({ what: Name, batch: Short, expiry: DayText.nullable() }),
  "set.tag": z.strictObject({ tag: z.union([Id, z.literal("")]) }),
  "set.facing": z.strictObject({ sign: z.enum(FACING_SIGNS), seen: Short }),
  "finish.painted": z.strictObject({ day: DayText }),
  "finish.paint-left": z.strictObject({ to: z.enum(["customer", "painter"]), note: Short }),
  "finish.visit": z.strictObject({ day: DayText, visit: z.enum(VISITS) }),
  "signoff.snag": z.strictObject({ snag: Id, says: Name, due: DayText.nullable(), done: z.boolean() }),
  "signoff.check": z.strictObject({ item: Name, good: z.boolean(), note: Text }),
  "signoff.signed": z.strictObject({ day: DayText, told: z.boolean() }),
  "lesson.kept": z.strictObject({
    lesson: Id,
    says: Name,
    station: z.enum(STATIONS),
    system: z.enum(SYSTEMS),
    profile: Short,
    address: Short,
    pane: Id,
    gone: z.boolean().optional(),
  }),
  "bed.usual": z.strictObject({ system: z.enum(SYSTEMS), compound: Name }),
  "compound.kept": z
    .strictObject({
      name: Name,
      like: z.enum(COMPOUND_IDS),
      ...LABEL,
      mostC: MostC.optional(),
      approved: z.string().trim().max(120).optional(),
      gone: z.boolean().optional(),
    })
    .refine((c) => c.leastDays === null || c.mostDays === null || c.mostDays >= c.leastDays, {
      path: ["mostDays"],
      error: "It must be painted by a later day than it may be painted from.",
    }),
  "shelf.kept": z.strictObject({ what: Name, amount: z.number().min(0).max(1e6), unit: Short }),
  "kit.forgot": z.strictObject({ what: Name, day: DayText }),
} satisfies { readonly [K in keyof SetPayloads]: z.ZodType<Payloads[K]> };
