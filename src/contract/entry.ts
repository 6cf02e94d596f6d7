import { z } from "zod";
import { MOST_SEEN } from "../core/log/apart.ts";
import type { Entry, Kind, Payloads } from "../core/log/kinds.ts";
import { broughtUp, markedVersion, versionOf } from "../core/log/version.ts";
import { FIRST_DAY, LAST_DAY } from "../core/units/day.ts";
import { FINISH_SCHEMAS } from "./kinds/finish.ts";
import { FIRM_SCHEMAS } from "./kinds/firm.ts";
import { LEARN_SCHEMAS } from "./kinds/learn.ts";
import { LOOK_SCHEMAS } from "./kinds/look.ts";
import { MEASURE_SCHEMAS } from "./kinds/measure.ts";
import { ORDER_SCHEMAS } from "./kinds/order.ts";
import { PANE_SCHEMAS } from "./kinds/pane.ts";
import { PLAN_SCHEMAS } from "./kinds/plan.ts";
import { READY_SCHEMAS } from "./kinds/ready.ts";
import { REFURBISH_SCHEMAS } from "./kinds/refurbish.ts";
import { SET_SCHEMAS } from "./kinds/set.ts";
import { SIGNOFF_SCHEMAS } from "./kinds/signoff.ts";
import { SIZE_SCHEMAS } from "./kinds/size.ts";
import { SPECIFY_SCHEMAS } from "./kinds/specify.ts";
import { TAKEOUT_SCHEMAS } from "./kinds/takeout.ts";
import { Id, Name } from "./payload-parts.ts";

/** One schema for each kind of entry. The types it yields are those of `core/log/kinds`. */
export const PAYLOADS = {
  ...FIRM_SCHEMAS,
  ...PANE_SCHEMAS,
  ...LOOK_SCHEMAS,
  ...TAKEOUT_SCHEMAS,
  ...MEASURE_SCHEMAS,
  ...SIZE_SCHEMAS,
  ...SPECIFY_SCHEMAS,
  ...ORDER_SCHEMAS,
  ...READY_SCHEMAS,
  ...REFURBISH_SCHEMAS,
  ...SET_SCHEMAS,
  ...FINISH_SCHEMAS,
  ...SIGNOFF_SCHEMAS,
  ...LEARN_SCHEMAS,
  ...PLAN_SCHEMAS,
} satisfies { readonly [K in Kind]: z.ZodType<Payloads[K]> };

const About = z.strictObject({ round: Id.optional(), pane: Id.optional(), order: Id.optional() });

/** When it happened. A clock that stands outside the years a firm works in is wrong. */
const At = z.iso
  .datetime({ precision: 3 })
  .refine((at) => at.slice(0, 10) >= FIRST_DAY && at.slice(0, 10) <= LAST_DAY, {
    error: "The clock that wrote this stands outside the years 2000 to 2100. Set it, and write the entry again.",
  })
  .meta({ description: "When it happened, UTC, to the millisecond; from 2000 to 2100" });

const entryOf = <K extends Kind>(kind: K) =>
  z.strictObject({
    id: Id,
    at: At,
    who: Name,
    about: About,
    kind: z.literal(kind),
    payload: PAYLOADS[kind],
    clock: At.optional().meta({ description: "What the writer's own clock said, where `at` was corrected." }),
    seen: z.array(Id).max(MOST_SEEN).optional().meta({
      description:
        "The newest entries of the same thing that the writer had before them; [] for none. Left out: all that are stored. Two who had not seen each other's are both shown.",
    }),
    v: z
      .int()
      .min(1)
      .max(versionOf(kind), {
        error: "A newer version of Plain Pane wrote this. Bring this server up to it, then send it again.",
      })
      .optional()
      .meta({ description: "The version of the payload; left out for the first." }),
  });

const unionOf = (kinds: readonly Kind[]) => {
  const [first, ...others] = kinds as readonly [Kind, ...Kind[]];
  return z.discriminatedUnion("kind", [entryOf(first), ...others.map((k) => entryOf(k))], {
    error: (issue) =>
      issue.code === "invalid_union" ? "No entry is of this kind. See /api for the kinds there are." : undefined,
  });
};
const KINDS = Object.keys(PAYLOADS) as readonly Kind[];
const WRITTEN_KINDS = KINDS.filter((k) => k !== "unread");

/** One fact to be written, checked by the schema of its kind. */
export const EntrySchema = unionOf(WRITTEN_KINDS).meta({ id: "Entry" }) as unknown as z.ZodType<Entry>;

/** One fact as it is read: what this version does not understand comes as `unread`. Built when it is first asked for. */
export const ReadEntrySchema = z.lazy(() => unionOf(KINDS).meta({ id: "ReadEntry" })) as unknown as z.ZodType<Entry>;

/** All or none, and safe to send again: an entry that is already there is passed over. */
export const EntryBatch = z
  .strictObject({
    entries: z.array(EntrySchema).min(1).max(1000),
    sure: z.boolean().optional().meta({
      description: "Said when a strike takes a whole round with its panes off every list: it is asked twice.",
    }),
  })
  .meta({ id: "EntryBatch" });
export type EntryBatch = z.output<typeof EntryBatch>;

export const BatchTaken = z
  .strictObject({ taken: z.array(Id), known: z.array(Id), through: z.int() })
  .meta({ id: "BatchTaken", description: "Entries stored now, those already there, and the log's newest place." });
export type BatchTaken = z.output<typeof BatchTaken>;

/** What an older page sends, as this version writes it: checked after that, like all else. Never throws. */
export function batchBroughtUp(raw: unknown): unknown {
  const batch = raw as { readonly entries?: unknown } | null | undefined;
  if (typeof batch !== "object" || batch === null || !Array.isArray(batch.entries)) return raw;
  return { ...batch, entries: batch.entries.map(entryBroughtUp) };
}

function entryBroughtUp(raw: unknown): unknown {
  const e = raw as { readonly kind?: unknown; readonly v?: unknown; readonly payload?: unknown } | null;
  if (typeof e !== "object" || e === null || typeof e.kind !== "string" || !Object.hasOwn(PAYLOADS, e.kind)) return raw;
  const kind = e.kind as Kind;
  const from = e.v === undefined ? 1 : e.v;
  if (typeof from !== "number" || from >= versionOf(kind)) return raw;
  const up = broughtUp(kind, from, e.payload);
  return up ? { ...e, payload: up.payload, ...markedVersion(kind) } : raw;
}
