import type { APIRoute } from "astro";
import type { z } from "zod";
import type { Route } from "../../contract/route.ts";
import type { Database } from "../../db/database.ts";
import { type Visit, visit } from "../people/visit.ts";
import { theDatabase } from "../the-database.ts";
import { endpoint, type Outcome } from "./endpoint.ts";

/** An endpoint whose use case needs to know who asks, from where. */
export const peopleEndpoint = <In extends z.ZodType, Out extends z.ZodType>(
  route: Route<In, Out>,
  run: (
    db: Database,
    at: Visit,
    asked: z.output<In>,
    now: Date,
  ) => Outcome<z.output<Out>> | Promise<Outcome<z.output<Out>>>,
): APIRoute =>
  endpoint(route, (asked) => {
    const at = visit();
    if (!at) throw new Error("asked outside of a request");
    return run(theDatabase(), at, asked, new Date());
  });
