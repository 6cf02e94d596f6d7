import { z } from "zod";
import { SYSTEMS } from "../core/frame/systems.ts";
import type { Entry, Kind, Payloads } from "../core/log/kinds.ts";
import { CAUSES, DAMAGES, URGENCIES } from "../core/look/damage.ts";
import { COATED, HELD, HINGES } from "../core/measure/found.ts";
import { OPENING, PLACES } from "../core/measure/places.ts";
import { CIRCUMSTANCES, SHAPES, SITS, WAYS } from "../core/measure/ways.ts";
import { STATIONS } from "../core/plan/stations.ts";
import { BASES } from "../core/size/basis.ts";
import { HOLDS } from "../core/size/lay.ts";
import { SCHOOLS } from "../core/size/school.ts";
import { GLASS_KINDS } from "../core/specify/glass.ts";
import { FIRST_DAY, LAST_DAY } from "../core/units/day.ts";
import { DayText, GridName, LengthUnit } from "./lengths.ts";
import { Id, Name, Nanometres, Short, Text, Written } from "./payload-parts.ts";
import { BEFORE_PAYLOADS } from "./payloads-before.ts";
import { ORDER_PAYLOADS } from "./payloads-order.ts";
import { SET_PAYLOADS } from "./payloads-set.ts";
import { BarsSchema, CornerPoint, SPECIFY_PAYLOADS } from "./payloads-specify.ts";

const Side = z.enum(["inside", "outside"]);

/** One schema for each kind of entry. The types it yields are those of `core/log/kinds`. */
export const PAYLOADS = {
  ...BEFORE_PAYLOADS,
  ...SET_PAYLOADS,
  "round.opened": z.strictObject({ name: Name, place: Short }),
  "round.weather": z.strictObject({ day: DayText, wet: z.boolean(), lowC: z.number().min(-60).max(60).nullable() }),
  "round.day-off": z.strictObject({ day: DayText, off: z.boolean() }),
  "house.rule": z.strictObject({ rule: Name, value: z.union([z.string().max(60), z.number().min(-1e9).max(1e9)]) }),
  "supplier.added": z.strictObject({ name: Name, cuts: Short, unit: LengthUnit, leadDays: z.int().min(0).max(365) }),
  "stock.pane": z.strictObject({
    name: Name,
    widthNm: Nanometres,
    heightNm: Nanometres,
    thicknessNm: Nanometres,
    glass: z.enum(GLASS_KINDS),
    gone: z.boolean().optional(),
  }),
  "stock.insert": z.strictObject({
    family: Name,
    outsideWidthNm: Nanometres,
    outsideHeightNm: Nanometres,
    seenWidthNm: Nanometres,
    seenHeightNm: Nanometres,
    doorFromNm: Nanometres,
    doorToNm: Nanometres,
    gone: z.boolean().optional(),
  }),
  "pane.added": z.strictObject({
    round: Id,
    address: Name,
    opening: Name,
    light: Short,
    system: z.enum(SYSTEMS),
    side: Side,
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
  "look.damage": z.strictObject({ damage: z.array(z.enum(DAMAGES)).max(DAMAGES.length) }),
  "look.cause": z.strictObject({ cause: z.enum(CAUSES) }),
  "look.urgency": z.strictObject({ urgency: z.enum(URGENCIES) }),
  "look.building": z.strictObject({
    year: z.int().min(1000).max(2200).nullable(),
    storey: z.int().min(-3).max(60).nullable(),
  }),
  "look.closed": z.strictObject({ how: Short, since: DayText, until: DayText, told: Short }),
  "look.opened": z.strictObject({ day: DayText }),
  "takeout.marks": z.strictObject({ insideFace: Short, topEdge: Short }),
  "takeout.sprigs": z.strictObject({ found: z.int().min(0).max(500) }),
  "measure.reading": z.strictObject({
    place: z.enum(PLACES),
    ...Written.shape,
    sure: z.enum(CIRCUMSTANCES).optional(),
  }),
  "measure.again": z.strictObject({ place: z.enum(OPENING), ...Written.shape }),
  "measure.stood-by": z.strictObject({ place: z.enum(PLACES), text: z.string().max(60) }),
  "measure.way": z.strictObject({ way: z.enum(WAYS) }),
  "measure.circumstance": z.strictObject({ state: z.enum(CIRCUMSTANCES) }),
  "measure.shape": z.strictObject({ shape: z.enum(SHAPES) }),
  "measure.sits": z.strictObject({ sits: z.enum(SITS) }),
  "measure.bars": BarsSchema,
  "measure.coating": z.strictObject({
    coated: z.enum(COATED),
    face: z.int().min(1).max(6).nullable(),
    how: Short,
  }),
  "measure.found": z.strictObject({
    hinge: z.enum(HINGES),
    marks: Short,
    spacerDate: Short,
    held: z.enum(HELD),
  }),
  "size.rule": z.strictObject({
    school: z.enum(SCHOOLS),
    off: Written.nullable(),
    offHeight: Written.nullable().optional(),
    grid: GridName,
    hold: z.enum(HOLDS).optional(),
  }),
  "size.shaped": z.strictObject({ corners: z.array(CornerPoint).length(4), reason: Text.min(1) }),
  "size.shaped-dropped": z.strictObject({}),
  "size.overruled": z.strictObject({ width: Written, height: Written, reason: Text.min(1) }),
  "size.overrule-dropped": z.strictObject({}),
  "size.basis": z.strictObject({ basis: z.enum(BASES) }),
  "size.risk-taken": z.strictObject({ state: z.enum([...CIRCUMSTANCES, "not-said"]), reason: Short }),
  ...SPECIFY_PAYLOADS,
  ...ORDER_PAYLOADS,
  struck: z.strictObject({ entry: Id, reason: Short }),
  unread: z.strictObject({ kind: z.string(), why: z.string(), was: z.string() }),
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

/** One fact as it is read: what this version does not understand comes as `unread`. */
export const ReadEntrySchema = unionOf(KINDS).meta({ id: "ReadEntry" }) as unknown as z.ZodType<Entry>;

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
