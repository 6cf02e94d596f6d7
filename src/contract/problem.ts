import { z } from "zod";

/** The one shape of every error. `message` says what to do; `at` counts characters from 0 in a text as typed. */
export const Problem = z
  .strictObject({
    error: z.strictObject({
      code: z.string(),
      message: z.string(),
      at: z.int().optional(),
      field: z.string().optional(),
      problems: z.array(z.strictObject({ path: z.string(), message: z.string() })).optional(),
    }),
  })
  .meta({ id: "Problem" });
export type Problem = z.output<typeof Problem>;
