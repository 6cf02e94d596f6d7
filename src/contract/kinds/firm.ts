import { z } from "zod";
import { COMPOUND_IDS } from "../../core/bed/compound.ts";
import { SYSTEMS } from "../../core/frame/systems.ts";
import { OWN_OF } from "../../core/learn/own-from.ts";
import { PERSON_RULES } from "../../core/learn/person-rule.ts";
import { SUPPLIER_RULES } from "../../core/learn/supplier-rule.ts";
import type { FirmPayloads } from "../../core/log/kinds/firm.ts";
import { EXPLAINS } from "../../core/people/explains.ts";
import { STATIONS } from "../../core/plan/stations.ts";
import { GLASS_KINDS } from "../../core/specify/glass.ts";
import { GAVE, TURNED, UNHOOKS } from "../../core/takeout/profile.ts";
import { LABEL, MostC } from "../label.ts";
import { DayText, LengthUnit } from "../lengths.ts";
import { Id, Name, Nanometres, Pence, Short } from "../payload-parts.ts";
import { TermsSchema } from "../supplier-terms.ts";

/** Schemas of what the entries of this station carry. */
const Own = z.strictObject({ seen: z.int().min(1).max(1_000_000), of: z.enum(OWN_OF) });

export const FIRM_SCHEMAS = {
  "round.opened": z.strictObject({ name: Name, place: Short }),
  "round.weather": z.strictObject({ day: DayText, wet: z.boolean(), lowC: z.number().min(-60).max(60).nullable() }),
  "weather.told": z.strictObject({
    day: DayText,
    days: z
      .array(z.strictObject({ wet: z.boolean(), lowC: z.number().min(-60).max(60).nullable() }))
      .min(1)
      .max(21),
  }),
  "round.day-off": z.strictObject({ day: DayText, off: z.boolean() }),
  "house.rule": z.strictObject({
    rule: Name,
    value: z.union([z.string().max(60), z.number().min(-1e9).max(1e9)]),
    own: Own.optional(),
  }),
  "person.figure": z.strictObject({
    person: Name,
    rule: z.enum(PERSON_RULES),
    value: z.number().min(-20).max(20),
    own: Own,
    gone: z.boolean().optional(),
  }),
  "supplier.figure": z.strictObject({
    supplier: Name,
    rule: z.enum(SUPPLIER_RULES),
    value: z.number().min(-20).max(20),
    own: Own,
    gone: z.boolean().optional(),
  }),
  "person.asked": z.strictObject({ person: Name, system: z.enum(SYSTEMS), of: Name, gone: z.boolean().optional() }),
  "person.explains": z.strictObject({ person: Name, how: z.enum(EXPLAINS) }),
  "supplier.added": z.strictObject({ name: Name, cuts: Short, unit: LengthUnit, leadDays: z.int().min(0).max(365) }),
  "stock.pane": z.strictObject({
    name: Name,
    widthNm: Nanometres,
    heightNm: Nanometres,
    thicknessNm: Nanometres,
    glass: z.enum(GLASS_KINDS),
    pattern: z.string().max(60).optional(),
    tint: z.string().max(60).optional(),
    runs: z.enum(["neither", "up", "across"]).optional(),
    count: z.int().min(0).max(10_000).optional(),
    least: z.int().min(0).max(10_000).optional(),
    bought: z.boolean().optional(),
    costPence: Pence.optional(),
    slot: z.string().max(60).optional(),
    trimNm: z.int().min(0).max(200_000_000).optional(),
    gone: z.boolean().optional(),
  }),
  "stock.cut": z.strictObject({
    sheet: Name,
    panes: z.array(Id).max(200),
    left: z.array(z.strictObject({ name: Name, widthNm: Nanometres, heightNm: Nanometres })).max(50),
    spoilt: z.int().min(0).max(200),
    glass: z.enum(GLASS_KINDS).optional(),
    thicknessNm: Nanometres.optional(),
  }),
  "bench.cutter": z.strictObject({ name: Name, offsetNm: Nanometres, gone: z.boolean().optional() }),
  "stock.counted": z.strictObject({ name: Name, count: z.int().min(0).max(10_000) }),
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
  "firm.details": z.strictObject({
    name: Short,
    address: Short,
    telephone: Short,
    mail: Short,
    taxNumber: Short,
  }),
  "customer.kept": z.strictObject({ address: Name, name: Short, telephone: Short, keyHolder: Short }),
  "customer.forgotten": z.strictObject({ address: Name }),
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
    usual: z.number().positive().max(1440).optional(),
  }),
  "supplier.terms": TermsSchema,
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
} satisfies { readonly [K in keyof FirmPayloads]: z.ZodType<FirmPayloads[K]> };
