import { z } from "zod";
import type { Pence as Money } from "../core/money/pence.ts";
import { MOST_READING } from "../core/tape/read.ts";
import { LengthUnit } from "./lengths.ts";

/** What payloads of entries are made of. */
export const Id = z.uuid();
export const Name = z.string().trim().min(1).max(120);
export const Text = z.string().max(2000);
export const Short = z.string().max(200);
/** As typed, even when it cannot be read: nothing typed is lost. */
export const Written = z.strictObject({ text: z.string().max(60), unit: LengthUnit });
export const Nanometres = z.int().min(1).max(MOST_READING);

/** Whole pence: no part of a penny is ever kept. */
export const Pence = z.int().min(0).max(1_000_000_000) as unknown as z.ZodType<Money, number>;
/** A share of a picture or of an edge. */
export const Share = z.number().min(0).max(1);
