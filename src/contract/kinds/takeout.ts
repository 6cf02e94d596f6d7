import { z } from "zod";
import { DETAIL_NAMES, DETAILS, type Detail } from "../../core/frame/detail.ts";
import { SIDES } from "../../core/geometry/quad.ts";
import type { TakeoutPayloads } from "../../core/log/kinds/takeout.ts";
import { BEAD_SCHOOLS, CORNERS } from "../../core/takeout/beads.ts";
import { COUNTED } from "../../core/takeout/counts.ts";
import { WASTES } from "../../core/takeout/disposal.ts";
import { FRONTS } from "../../core/takeout/facts.ts";
import { THINGS } from "../../core/takeout/how-it-was.ts";
import { DayText } from "../lengths.ts";
import { Id, Share, Short, Written } from "../payload-parts.ts";

const Joint = z.union([
  z.strictObject({ kind: z.literal("mitred") }),
  z.strictObject({ kind: z.enum(["runs", "laps"]), side: z.enum(SIDES) }),
]);
const detail = Object.fromEntries(
  DETAIL_NAMES.map((n) => [n, z.enum(Object.keys(DETAILS[n].of) as [string, ...string[]]).optional()]),
);

/** Schemas of what the entries of this station carry. */
export const TAKEOUT_SCHEMAS = {
  "takeout.marks": z.strictObject({ insideFace: Short, topEdge: Short }),
  "takeout.sprigs": z.strictObject({ found: z.int().min(0).max(500) }),
  "takeout.detail": z.strictObject(detail) as unknown as z.ZodType<Partial<Detail>>,
  "takeout.front": z.strictObject({
    front: z
      .array(z.strictObject({ what: z.enum(FRONTS), kept: Short, fate: z.enum(["back", "thrown"]) }))
      .max(FRONTS.length),
  }),
  "takeout.joints": z.strictObject({
    joints: z.partialRecord(z.enum(CORNERS), Joint),
    school: z.enum(BEAD_SCHOOLS),
  }),
  "takeout.map": z.strictObject({
    item: Id,
    thing: z.enum(THINGS),
    edge: z.enum(SIDES),
    share: Share,
    thickness: Written.nullable(),
    width: Written.nullable(),
    material: Short,
  }),
  "takeout.map-off": z.strictObject({ item: Id }),
  "takeout.counted": z.strictObject({
    what: z.enum(COUNTED),
    way: z.enum(["out", "back"]),
    count: z.int().min(0).max(999),
  }),
  "takeout.profile": z.strictObject({ profile: Short }),
  "takeout.broken": z.strictObject({ beads: z.array(z.enum(SIDES)).max(SIDES.length) }),
  "waste.out": z.strictObject({ waste: z.enum(WASTES), bags: z.int().min(0).max(99), where: Short }),
  "hands.booked": z.strictObject({
    day: DayText,
    from: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: "Give the hour as 09:30." }),
    hours: z.number().positive().max(12),
    helper: Short,
  }),
} satisfies { readonly [K in keyof TakeoutPayloads]: z.ZodType<TakeoutPayloads[K]> };
