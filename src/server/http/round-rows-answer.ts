import type { APIRoute } from "astro";
import { z } from "zod";
import { roundRows } from "../round-page.ts";
import { answer, problem } from "./answer.ts";

const From = z.coerce.number().int().min(0).max(1_000_000).default(0);

/** Lines of a round from a place on, as the round's page asks for them while it is scrolled. */
export const roundRowsAnswer: APIRoute = async ({ params, url }) => {
  const from = From.safeParse(url.searchParams.get("from") ?? undefined);
  if (!from.success)
    return problem(400, { code: "invalid", message: "from: give the place to begin at, 0 for the first." });
  const rows = await roundRows(params["id"] ?? "", from.data);
  return rows
    ? answer({ rows })
    : problem(404, { code: "unknown-id", message: `There is no round ${params["id"]}. See / for those there are.` });
};
