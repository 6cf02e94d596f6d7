import { z } from "zod";
import { DETAIL_NAMES, DETAILS, type Detail } from "../core/frame/detail.ts";
import { SYSTEMS } from "../core/frame/systems.ts";
import { SIDES } from "../core/geometry/quad.ts";
import type { BeforePayloads } from "../core/log/payloads-before.ts";
import { MEMBER_FAULTS, MEMBER_STATES } from "../core/look/condition.ts";
import { EARLIER } from "../core/look/earlier.ts";
import { EXAM, EXAM_QUESTIONS, type ExamAnswer } from "../core/look/exam.ts";
import { OPTION_KINDS } from "../core/look/options.ts";
import { SPECIALS } from "../core/look/special.ts";
import { STATIONS } from "../core/plan/stations.ts";
import { DRY_FITS } from "../core/ready/dry-fit.ts";
import { HARDWARE, HARDWARE_FATES } from "../core/ready/hardware.ts";
import { FILLED } from "../core/refurbish/beads-and-seal.ts";
import { CLEANERS, RESULTS } from "../core/refurbish/cleaners.ts";
import { BEAD_SCHOOLS, CORNERS } from "../core/takeout/beads.ts";
import { COUNTED } from "../core/takeout/counts.ts";
import { WASTES } from "../core/takeout/disposal.ts";
import { FRONTS } from "../core/takeout/facts.ts";
import { THINGS } from "../core/takeout/how-it-was.ts";
import { GAVE, TURNED, UNHOOKS } from "../core/takeout/profile.ts";
import { DayText } from "./lengths.ts";
import { Id, Name, Short, Text, Written } from "./payload-parts.ts";

const Answers = z.enum([...new Set(Object.values(EXAM).flat())] as [ExamAnswer, ...ExamAnswer[]]);
const Share = z.number().min(0).max(1);
const Joint = z.union([
  z.strictObject({ kind: z.literal("mitred") }),
  z.strictObject({ kind: z.enum(["runs", "laps"]), side: z.enum(SIDES) }),
]);
const detail = Object.fromEntries(
  DETAIL_NAMES.map((n) => [n, z.enum(Object.keys(DETAILS[n].of) as [string, ...string[]]).optional()]),
);

const SpacerIn = z.number().min(0).max(100).nullable();

/** Looking, taking out and making ready. */
export const BEFORE_PAYLOADS = {
  "firm.details": z.strictObject({
    name: Short,
    address: Short,
    telephone: Short,
    mail: Short,
    taxNumber: Short,
  }),
  "customer.kept": z.strictObject({ address: Name, name: Short, telephone: Short, keyHolder: Short }),
  "building.lead": z.strictObject({ address: Name, result: z.enum(["none", "found"]) }),
  "profile.known": z.strictObject({
    profile: Name,
    unhooks: z.enum(UNHOOKS).nullable(),
    gave: z.enum(GAVE).nullable(),
    turned: z.enum(TURNED).nullable().optional(),
    tape: z.enum(["thin", "thick"]).nullable(),
    brittle: z.boolean(),
    lesson: Short,
  }),
  "work.took": z.strictObject({
    system: z.enum(SYSTEMS),
    station: z.enum(STATIONS),
    step: Name,
    minutes: z.number().positive().max(1440),
    metres: z.number().positive().max(100).nullable(),
  }),
  "look.answer": z
    .strictObject({ question: z.enum(EXAM_QUESTIONS as [keyof typeof EXAM]), answer: Answers.nullable() })
    .refine((a) => a.answer === null || (EXAM[a.question] as readonly string[]).includes(a.answer), {
      error: "That is not an answer to this question.",
    }),
  "look.opens": z.strictObject({ opens: z.boolean() }),
  "look.special": z.strictObject({ special: z.array(z.enum(SPECIALS)).max(SPECIALS.length), licensed: Short }),
  "look.condition": z.strictObject({
    member: z.enum(SIDES),
    state: z.enum(MEMBER_STATES),
    fault: z.enum(MEMBER_FAULTS).optional(),
    note: Short,
  }),
  "look.option": z.strictObject({ option: z.enum(OPTION_KINDS), reason: Short }),
  "look.earlier": z.strictObject({ found: z.array(z.enum(EARLIER)).max(EARLIER.length) }),
  "look.wants": z.strictObject({ by: DayText.nullable(), mustLock: z.boolean(), minds: Text }),
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
  "step.sides": z.strictObject({
    station: z.enum(STATIONS),
    step: Name,
    done: z.array(z.string().max(20)).max(120),
  }),
  "ready.dry-fit": z.strictObject({ fit: z.enum(DRY_FITS), note: Short }),
  "ready.hardware": z.strictObject({ what: z.enum(HARDWARE), fate: z.enum(HARDWARE_FATES) }),
  "ready.drains": z.strictObject({
    found: z.int().min(0).max(99),
    clear: z.int().min(0).max(99),
    sleeved: z.int().min(0).max(99).optional(),
    note: Short,
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
  "refurbish.gaps": z.strictObject({ left: SpacerIn, right: SpacerIn, top: SpacerIn, bottom: SpacerIn }),
  "refurbish.panes": z.strictObject({ a: Short, b: Short }),
  "refurbish.unit": z.strictObject({
    spacerMm: z.number().min(3).max(40),
    boreMm2: z.number().min(1).max(1000),
    channelMm: z.number().min(1).max(20),
    filledSides: z.union([z.enum(FILLED), z.literal(2), z.literal(4)]),
    keyLegMm: z.number().min(0).max(100),
  }),
  "refurbish.weighed": z.strictObject({ grams: z.number().min(0).max(20000), minutes: z.int().min(0).max(10000) }),
  "refurbish.cleaned": z.strictObject({ cleaner: z.enum(CLEANERS), result: z.enum(RESULTS) }),
  "refurbish.closed": z.strictObject({ day: DayText, sealant: Short, lookAgain: DayText }),
} satisfies { readonly [K in keyof BeforePayloads]: z.ZodType<BeforePayloads[K]> };
