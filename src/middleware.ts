import { defineMiddleware } from "astro:middleware";
import { AsyncLocalStorage } from "node:async_hooks";
import type { APIContext, MiddlewareNext } from "astro";
import { noSuchPath } from "./server/http/answer.ts";
import { inTurn } from "./server/http/in-turn.ts";
import { asOf, type KeptPage, keepPage, keptPage, pageKey } from "./server/http/kept-pages.ts";
import { madeOnce } from "./server/http/made-once.ts";
import { wholeAnswer } from "./server/http/whole-answer.ts";
import { log } from "./server/log.ts";
import { asVisit } from "./server/people/as-visit.ts";

const PANE = /^\/panes\/([^/]+)(?:\/[^/]*)?$/;

const isHtml = (answer: Response): boolean => answer.headers.get("content-type")?.startsWith("text/html") === true;

/** A page asked for by many at once is made once, and no more than two are in the making: one is packed, one is drawn. */
const once = madeOnce<KeptPage>();
const turn = inTurn(2);
/** A page that is found under another address comes through here again, and must not wait for itself. */
const within = new AsyncLocalStorage<true>();

/**
 * Every page and answer is made whole before any of it is sent: what breaks on the way becomes a page that says so, and a pane
 * that breaks becomes its logbook, where anything can be struck. A page that nothing was written for since is sent as it was.
 */
export const onRequest = defineMiddleware((context, next) => asVisit(context, () => answered(context, next)));

async function answered(context: APIContext, next: MiddlewareNext): Promise<Response> {
  const key = pageKey(context.request);
  if (key === null || within.getStore()) return made(context, next);
  // Read before the page is made: what is stored meanwhile makes it stale.
  const as = asOf();
  const page =
    keptPage(key, as) ??
    (await once(`${key}\n${as}`, async () => {
      const answer = await turn(() => within.run(true, () => made(context, next)));
      const bytes = answer.body === null ? null : new Uint8Array(await answer.arrayBuffer());
      const page = { status: answer.status, headers: answer.headers, body: bytes };
      if (answer.status === 200 && isHtml(answer)) keepPage(key, as, page);
      return page;
    }));
  return new Response(page.body, { status: page.status, headers: page.headers });
}

async function made({ request, rewrite }: APIContext, next: MiddlewareNext): Promise<Response> {
  let answer: Response;
  try {
    answer = await wholeAnswer(request, await next());
  } catch (err) {
    const { pathname, searchParams } = new URL(request.url);
    const pane = PANE.exec(pathname)?.[1];
    if (pane === undefined || searchParams.has("bare")) throw err;
    log.error({ err, pane }, "a pane's page broke");
    return wholeAnswer(request, await rewrite(`/panes/${pane}/logbook?bare=1`));
  }
  const { pathname } = new URL(request.url);
  // An id with a slash in it is no address of ours; programs are told so as they are told everything.
  return answer.status === 404 && pathname.startsWith("/api/") && isHtml(answer) ? noSuchPath(pathname) : answer;
}
