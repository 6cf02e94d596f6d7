import { defineMiddleware } from "astro:middleware";
import { noSuchPath } from "./server/http/answer.ts";
import { asOf, keepPage, keptPage, pageKey } from "./server/http/kept-pages.ts";
import { wholeAnswer } from "./server/http/whole-answer.ts";
import { log } from "./server/log.ts";

const PANE = /^\/panes\/([^/]+)(?:\/[^/]*)?$/;

const isHtml = (answer: Response): boolean => answer.headers.get("content-type")?.startsWith("text/html") === true;

/**
 * Every page and answer is made whole before any of it is sent: what breaks on the way becomes a page that says so, and a pane
 * that breaks becomes its logbook, where anything can be struck. A page that nothing was written for since is sent as it was.
 */
export const onRequest = defineMiddleware(async ({ request, rewrite }, next) => {
  const key = pageKey(request);
  // Read before the page is made: what is stored meanwhile makes it stale.
  const as = key === null ? "" : asOf();
  const kept = key === null ? null : keptPage(key, as);
  if (kept) return new Response(kept.body, { status: kept.status, headers: kept.headers });
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
  if (answer.status === 404 && pathname.startsWith("/api/") && isHtml(answer)) return noSuchPath(pathname);
  if (key === null || answer.status !== 200 || !isHtml(answer)) return answer;
  const page = { status: 200, headers: answer.headers, body: new Uint8Array(await answer.arrayBuffer()) };
  keepPage(key, as, page);
  return new Response(page.body, { status: page.status, headers: page.headers });
});
