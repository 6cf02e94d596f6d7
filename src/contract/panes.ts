import { z } from "zod";
import { FIRST_SYSTEM, SYSTEMS } from "../core/frame/systems.ts";
import { DAMAGES } from "../core/look/damage.ts";
import { OPENING, PLACES, type Place } from "../core/measure/places.ts";
import { SHAPES, SITS, WAYS } from "../core/measure/ways.ts";
import { HOLDS } from "../core/size/lay.ts";
import { SCHOOLS } from "../core/size/school.ts";
import { SPECIFY_SCHEMAS } from "./kinds/specify.ts";
import { DayText, GridName, LengthOut, LengthUnit } from "./lengths.ts";
import { Written } from "./payload-parts.ts";
import { route } from "./route.ts";

const Mm = z.number();
const Size = z.strictObject({ width: LengthOut, height: LengthOut });
const Side = z.enum(["left", "right", "bottom", "top"]);
const Sides = <T extends z.ZodType>(schema: T) =>
  z.strictObject({ left: schema, right: schema, bottom: schema, top: schema });
const Point = z.strictObject({ x: Mm, y: Mm });
const Chance = z.number().min(0).max(1);

const SIZED = {
  opening: z.looseObject({
    way: z.enum(WAYS),
    readings: z
      .record(z.string(), LengthOut)
      .meta({ description: "What the size rests on: as read, or as it follows from the way." }),
    plannedDeeperMm: Mm.nullable().meta({
      description: "The rebate is to be routed so much deeper all round: readings and size are those of the plan.",
    }),
    plannedWiderMm: Mm.nullable().meta({ description: "And so much wider, through the glass." }),
    takes: z
      .array(
        z.strictObject({
          unit: z.string(),
          overallMm: Mm,
          routWiderMm: Mm.nullable(),
          upstandLeftMm: Mm.nullable(),
          holds: z.boolean().nullable(),
        }),
      )
      .nullable()
      .meta({
        description:
          "Where a unit goes in place of one sheet: the units that are made for such sashes, the one we would take first, and what each costs the timber. Null where that is not asked.",
      }),
    guessedDoubtMm: Mm.nullable(),
    copied: z.strictObject({ of: z.string(), playMm: Mm.nullable(), fit: z.string() }).nullable().meta({
      description: "Ordered as it was read: its room beyond its own size, both sides together, and what that rests on.",
    }),
    corners: z.strictObject({ bl: Point, br: Point, tr: Point, tl: Point }).nullable(),
    leanMm: Mm.nullable(),
    outOfSquareMm: Mm.nullable(),
    bowMm: z.strictObject({ width: Mm.nullable(), height: Mm.nullable() }).nullable(),
    assumptions: z.array(z.string()),
    says: z.string().nullable(),
  }),
  slips: z.array(
    z.strictObject({ place: z.string(), with: z.string().nullable(), kind: z.string(), meantMm: Mm, says: z.string() }),
  ),
  stands: z.enum(["worked-out", "ordered", "accepted", "set"]),
  grid: GridName,
  school: z.enum(SCHOOLS),
  size: Size.nullable().meta({ description: "The pane that stands; null where none does: not measured, or declined." }),
  sizeSays: z.string().nullable(),
  workedOut: Size.nullable().meta({ description: "By the readings and choices of now, whatever is on order." }),
  deduction: z.strictObject({ width: LengthOut, height: LengthOut, source: z.string() }).nullable(),
  moved: z.strictObject({ byMm: z.strictObject({ width: Mm, height: Mm }), says: z.string() }).nullable(),
  gapsMm: Sides(z.strictObject({ least: Mm, most: Mm })).nullable(),
  coverMm: Sides(Mm).nullable().meta({ description: "null while no rebate depth is read." }),
  spareMm: Mm.nullable(),
  turnDegrees: Mm.nullable(),
  fits: z.boolean().nullable(),
  leastCoverMm: z.strictObject({ needed: Mm, side: Side.nullable(), is: Mm.nullable() }),
  trouble: z
    .strictObject({ binds: Chance, coverLost: Chance.nullable(), either: Chance, when: z.enum(["day", "year"]) })
    .nullable(),
  declined: z.boolean(),
  why: z.string().nullable(),
  eased: z.looseObject({ size: Size }).nullable(),
} as const;

export const SizedPane = z.strictObject(SIZED).meta({ id: "SizedPane" });

/** All that the page of a pane knows of it. */
export const WholePane = z
  .looseObject({
    id: z.string(),
    readings: z.array(
      z.strictObject({
        place: z.string(),
        text: z.string(),
        unit: LengthUnit,
        who: z.string(),
        state: z.string().nullable(),
        nm: z.int().nullable(),
        says: z.string().nullable(),
      }),
    ),
    state: z.string(),
    ...SIZED,
    glass: z.looseObject({ says: z.string(), kind: z.string(), thicknessMm: Mm, chosen: z.boolean() }),
    massKg: z.number().nullable(),
    holds: z.strictObject({
      by: z.string().nullable(),
      all: z.array(z.string()),
      reasons: z.array(z.strictObject({ id: z.string(), at: z.string(), says: z.string() })),
    }),
    stations: z.array(
      z.strictObject({
        station: z.string(),
        state: z.string(),
        says: z.string(),
        steps: z.array(
          z.strictObject({
            id: z.string(),
            does: z.string(),
            why: z.string(),
            minutes: z.number(),
            people: z.int(),
            state: z.string(),
            reason: z.string(),
            held: z.string().nullable(),
          }),
        ),
      }),
    ),
    packers: z.looseObject({}).nullable(),
    quantities: z.looseObject({}),
    waits: z.array(z.strictObject({ kind: z.string(), from: DayText, to: DayText })),
    next: z.strictObject({ station: z.string(), kind: z.string(), day: z.string().nullable(), says: z.string() }),
    ticket: z.strictObject({ says: z.string(), trouble: z.boolean() }),
  })
  .meta({ id: "WholePane" });

const Reader = {
  unit: LengthUnit.default("mm").meta({ description: "The reader's unit, for texts." }),
  dialect: z.enum(["a", "b"]).default("a"),
};

export const GetPane = route({
  method: "get",
  path: "/api/panes/{id}",
  says: "Everything that the page of a pane knows of it.",
  more: "Readings, opening, the pane that stands and as what, its chances, what holds it off an order, every station's steps with their state, packers, quantities, waits, the next thing to do, and the ticket in words.",
  input: z.strictObject({ id: z.string().max(60), ...Reader }),
  output: WholePane,
});

export const GetRound = route({
  method: "get",
  path: "/api/rounds/{id}",
  says: "A round with its panes: what each needs next, its waits, and the pane that stands.",
  more: "At most 200 panes at once: `from` is the place to begin at, 0 for the first.",
  input: z.strictObject({
    id: z.string().max(60),
    from: z.coerce.number().int().min(0).max(1_000_000).default(0),
    ...Reader,
  }),
  output: z.looseObject({
    id: z.string(),
    name: z.string(),
    count: z.int(),
    panes: z.array(WholePane),
  }),
});

const Readings = z.strictObject(
  Object.fromEntries(PLACES.map((p) => [p, z.union([z.string().max(60), Written]).optional()])) as Record<
    Place,
    z.ZodOptional<z.ZodUnion<[z.ZodString, typeof Written]>>
  >,
);

export const PaneCase = z
  .strictObject({
    ...Reader,
    system: z.enum(SYSTEMS).default(FIRST_SYSTEM),
    way: z.enum(WAYS).default("rebate"),
    readings: Readings.meta({
      description:
        'By place, as read: "601.5", "23 11/16", or {"text": "23 11/16", "unit": "in"}. A plain number is in `unit`.',
    }),
    sits: z.enum(SITS).optional().meta({ description: "How the old pane sat." }),
    shape: z.enum(SHAPES).optional().meta({ description: "Which way round the opening is, by eye." }),
    damage: z
      .array(z.enum(DAMAGES))
      .max(DAMAGES.length)
      .default([])
      .meta({ description: "What is wrong with it: mist between its sheets says that it is a sealed unit." }),
    stoodBy: z
      .array(z.enum(OPENING))
      .max(8)
      .default([])
      .meta({ description: "Readings that were read again and found right." }),
    school: z.enum(SCHOOLS).optional(),
    off: Written.optional(),
    grid: GridName.optional(),
    hold: z.enum(HOLDS).optional(),
    glass: SPECIFY_SCHEMAS["specify.glass"].optional(),
    makeup: SPECIFY_SCHEMAS["specify.makeup"].shape.makeup.optional(),
  })
  .meta({ id: "PaneCase" });
export type PaneCase = z.output<typeof PaneCase>;

export const CalcPane = route({
  method: "post",
  path: "/api/calc/pane",
  says: "What the page of a pane takes, and what it answers: opening, slips, size, chance of trouble, and whether it is declined and why.",
  more: "By the house's rules of this firm. The size is the one with the least chance of trouble over the year, unless a school is named; a copy is ordered as it was read.",
  input: PaneCase,
  output: SizedPane,
  batch: true,
  example: {
    in: {
      readings: {
        "width-top": "612",
        "width-bottom": "613",
        "height-left": "904",
        "height-right": "903",
        "rebate-depth": "10",
      },
    },
    out: "608 × 899 mm or so, with its chances",
  },
});
