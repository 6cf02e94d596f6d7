import { z } from "zod";
import { SIDES } from "../../core/geometry/quad.ts";
import type { LookPayloads } from "../../core/log/kinds/look.ts";
import { MEMBER_FAULTS, MEMBER_STATES } from "../../core/look/condition.ts";
import { CAUSES, DAMAGES, URGENCIES } from "../../core/look/damage.ts";
import { EARLIER } from "../../core/look/earlier.ts";
import { EXAM, EXAM_QUESTIONS, type ExamAnswer } from "../../core/look/exam.ts";
import { OPTION_KINDS } from "../../core/look/options.ts";
import { SPECIALS } from "../../core/look/special.ts";
import { DayText } from "../lengths.ts";
import { Short, Text } from "../payload-parts.ts";

const Answers = z.enum([...new Set(Object.values(EXAM).flat())] as [ExamAnswer, ...ExamAnswer[]]);

/** Schemas of what the entries of this station carry. */
export const LOOK_SCHEMAS = {
  "look.damage": z.strictObject({ damage: z.array(z.enum(DAMAGES)).max(DAMAGES.length) }),
  "look.cause": z.strictObject({ cause: z.enum(CAUSES) }),
  "look.urgency": z.strictObject({ urgency: z.enum(URGENCIES) }),
  "look.building": z.strictObject({
    year: z.int().min(1000).max(2200).nullable(),
    storey: z.int().min(-3).max(60).nullable(),
  }),
  "look.closed": z.strictObject({ how: Short, since: DayText, until: DayText, told: Short }),
  "look.opened": z.strictObject({ day: DayText }),
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
} satisfies { readonly [K in keyof LookPayloads]: z.ZodType<LookPayloads[K]> };
