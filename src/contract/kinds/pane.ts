import { z } from "zod";
import { SYSTEMS } from "../../core/frame/systems.ts";
import type { PanePayloads } from "../../core/log/kinds/pane.ts";
import { STATIONS } from "../../core/plan/stations.ts";
import { Id, Name, Share, Short, Text } from "../payload-parts.ts";

const Side = z.enum(["inside", "outside"]);

/** Schemas of what the entries of this station carry. */
export const PANE_SCHEMAS = {
  "pane.added": z.strictObject({
    round: Id,
    address: Name,
    opening: Name,
    light: Short,
    system: z.enum(SYSTEMS),
    side: Side,
    unsaid: z.literal(true).optional(),
  }),
  "pane.corrected": z.strictObject({
    address: Name.optional(),
    opening: Name.optional(),
    light: Short.optional(),
    system: z.enum(SYSTEMS).optional(),
    side: Side.optional(),
  }),
  "note.written": z.strictObject({ station: z.enum(STATIONS), text: Text.min(1) }),
  "step.marked": z.strictObject({
    station: z.enum(STATIONS),
    step: Name,
    state: z.enum(["done", "skipped", "open"]),
    reason: Short,
  }),
  struck: z.strictObject({ entry: Id, reason: Short }),
  unread: z.strictObject({ kind: z.string(), why: z.string(), was: z.string() }),
  "step.sides": z.strictObject({
    station: z.enum(STATIONS),
    step: Name,
    done: z.array(z.string().max(20)).max(120),
  }),
  "photo.added": z.strictObject({
    photo: Id,
    station: z.enum(STATIONS),
    width: z.int().min(1).max(20000),
    height: z.int().min(1).max(20000),
    caption: Short,
    of: Short.optional(),
  }),
  "photo.marked": z.strictObject({
    photo: Id,
    arrows: z.array(z.strictObject({ x1: Share, y1: Share, x2: Share, y2: Share })).max(20),
    caption: Short,
  }),
  "photo.off": z.strictObject({ photo: Id }),
} satisfies { readonly [K in keyof PanePayloads]: z.ZodType<PanePayloads[K]> };
