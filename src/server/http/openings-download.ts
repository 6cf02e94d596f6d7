import type { APIRoute } from "astro";
import { openingsCsv } from "../round-openings.ts";
import { problem } from "./answer.ts";

/** A round's openings as a CSV file. */
export const openingsDownload: APIRoute = ({ params }) => {
  const csv = openingsCsv(params["id"] ?? "");
  if (csv === undefined)
    return problem(404, {
      code: "unknown-id",
      message: `There is no round ${params["id"]}. See / for those there are.`,
    });
  return new Response(`\ufeff${csv}`, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="openings.csv"',
      "cache-control": "no-store",
    },
  });
};
