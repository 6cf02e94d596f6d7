import { z } from "zod";

const Days = z.int().min(0).max(400).nullable();

export const MostC = z.number().min(0).max(400);

/** The figures of a label. */
export const LABEL = {
  handsOffHours: z.number().min(0).max(2000),
  leastDays: Days,
  mostDays: Days,
  leastC: z.number().min(-40).max(40),
  dryBefore: z.int().min(0).max(30),
  primeRebate: z.boolean(),
};
