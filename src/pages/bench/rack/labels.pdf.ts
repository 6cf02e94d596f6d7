import type { APIRoute } from "astro";
import { rackLabelsPdf } from "../../../server/documents/labels-pdf.ts";
import { problem } from "../../../server/http/answer.ts";
import { labelsOn } from "../../../server/http/labels-on.ts";
import { readPrefs } from "../../../server/prefs.ts";
import { publicOrigin } from "../../../server/public-origin.ts";
import { rackNow } from "../../../server/rack-page.ts";

/** Labels for what lies in the rack: of the pieces named, or of all. */
export const GET: APIRoute = async ({ cookies, request, url }) => {
  const names = new Set(url.searchParams.getAll("of"));
  const pieces = rackNow().filter((p) => names.size === 0 || names.has(p.name));
  if (pieces.length === 0)
    return problem(404, {
      code: "nothing-there",
      message: "None of these lies in the rack. See /bench/rack for what does.",
    });
  const made = await rackLabelsPdf(pieces, readPrefs(cookies), publicOrigin(request), labelsOn(url.searchParams));
  return new Response(new Uint8Array(made), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": 'inline; filename="rack-labels.pdf"',
      "cache-control": "no-store",
    },
  });
};
