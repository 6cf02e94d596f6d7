import { z } from "zod";
import { EXTRAS, PER } from "../core/order/price.ts";
import { MAKES_OF } from "../core/order/sources.ts";
import { TAKES } from "../core/order/their-cutting.ts";
import { GridName } from "./lengths.ts";
import { Name, Pence } from "./payload-parts.ts";

export const TermsSchema = z.strictObject({
  name: Name,
  makes: z.array(z.enum(MAKES_OF)).max(MAKES_OF.length),
  leastPence: Pence,
  deliveryPence: Pence,
  products: z.array(z.strictObject({ product: Name, pencePerM2: Pence })).max(200),
  extras: z.array(z.strictObject({ extra: z.enum(EXTRAS), pence: Pence, per: z.enum(PER) })).max(50),
  grid: GridName.optional(),
  tolerance: z.strictObject({ smallMm: z.number().min(0).max(10), largeMm: z.number().min(0).max(10) }).optional(),
  takes: z.enum(TAKES).optional(),
  unitsIn: z.enum(["mm", "in"]).optional(),
});
