import type { APIContext } from "astro";
import { publicOrigin } from "../public-origin.ts";
import { theDatabase } from "../the-database.ts";
import { whatStops } from "./gate.ts";
import { cameBy, cookieOf, SESSION, TABLET } from "./session.ts";
import { during, type Visit, visit } from "./visit.ts";

/** Answers a request as a visit of whoever is signed in; what they may not do is not done. The one way in. */
export async function asVisit(context: APIContext, answer: () => Promise<Response>): Promise<Response> {
  // A page that is found under another address, or breaks into another, is the same visit.
  if (visit()) return answer();
  const { request, url, params } = context;
  const db = theDatabase();
  const now = new Date();
  const cookies = request.headers.get("cookie");
  const came = cameBy(db, cookieOf(cookies, SESSION), now);
  const at: Visit = {
    visitor: came.kind === "in" ? came.visitor : null,
    session: came.kind === "in" ? came.session.id : null,
    tablet: cookieOf(cookies, TABLET),
    address: addressOf(context),
    origin: publicOrigin(request),
    agent: (request.headers.get("user-agent") ?? "").slice(0, 200),
    cookies: [],
  };
  const asked = {
    pattern: context.routePattern,
    method: request.method,
    url,
    params,
    authorization: request.headers.get("authorization"),
  };
  return during(at, async () => {
    const stopped = await whatStops(db, asked, came, now);
    const response = stopped ?? (await answer());
    if (at.cookies.length === 0) return response;
    const headers = new Headers(response.headers);
    for (const cookie of at.cookies) headers.append("set-cookie", cookie);
    return new Response(response.body, { status: response.status, headers });
  });
}

function addressOf(context: APIContext): string {
  try {
    return context.clientAddress;
  } catch {
    return "";
  }
}
