import type { z } from "zod";

/** One endpoint as both sides know it. The readable page and the OpenAPI document are made from these. */
export type Route<In extends z.ZodType = z.ZodType, Out extends z.ZodType = z.ZodType> = {
  readonly method: "get" | "post";
  readonly path: string;
  readonly says: string;
  /** What the answer means, its units, rule and source, for a stranger who reads the page. */
  readonly more?: string;
  readonly input: In | null;
  /** What an older program sends, brought up before it is checked. */
  readonly before?: (raw: unknown) => unknown;
  readonly output: Out;
  /** A calculation takes one case, or an array of up to 1 000. */
  readonly batch?: boolean;
  readonly example?: { readonly in: z.input<In>; readonly out: unknown };
};

export const route = <In extends z.ZodType, Out extends z.ZodType>(told: Route<In, Out>): Route<In, Out> => told;

export const MOST_CASES = 1000;
