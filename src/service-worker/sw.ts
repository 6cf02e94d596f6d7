import { clientsClaim } from "workbox-core";
import { ExpirationPlugin } from "workbox-expiration";
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from "workbox-precaching";
import { registerRoute } from "workbox-routing";
import { CacheFirst, NetworkFirst } from "workbox-strategies";

declare const self: ServiceWorkerGlobalScope;
/** Every file of the build, and the page that stands in for others; put in when it is built. */
declare const __FILES__: readonly { readonly url: string; readonly revision: string | null }[];

/** Which page stands in for those that cannot be fetched. */
const STAND_IN = "/device";
/** A page that has not come by then is not waited for: the signal is there in name only. */
const PAGE_MS = 4000;
const PHOTOS_SMALL = "pp-photos-small";
const WEEKS_S = 60 * 86_400;

precacheAndRoute([...__FILES__]);
cleanupOutdatedCaches();
clientsClaim();

/** An answer, or none within the time that a page is waited for. */
async function inTime(request: Request): Promise<Response> {
  const stop = new AbortController();
  const late = setTimeout(() => stop.abort(), PAGE_MS);
  try {
    return await fetch(request, { signal: stop.signal });
  } finally {
    clearTimeout(late);
  }
}

/** Something between here and the server answers in its place. */
const isBetween = (status: number): boolean => status === 502 || status === 503 || status === 504;

registerRoute(
  ({ request, url }) =>
    request.mode === "navigate" && !url.pathname.startsWith("/api/") && !/\.\w+$/.test(url.pathname),
  async ({ request }) => {
    try {
      const answer = await inTime(request);
      if (!isBetween(answer.status)) return answer;
    } catch {
      // No signal: what this device keeps stands in.
    }
    return (await matchPrecache(STAND_IN)) ?? Response.error();
  },
);

/** A photo never changes: as it was seen here, else from the server, else the small one that is kept with its round. */
const seen = new CacheFirst({
  cacheName: "pp-photos",
  plugins: [new ExpirationPlugin({ maxEntries: 300, maxAgeSeconds: WEEKS_S, purgeOnQuotaError: true })],
});
registerRoute(
  ({ url, request }) => request.method === "GET" && url.pathname.startsWith("/api/photos/") && url.search === "",
  async (options) => {
    try {
      return await seen.handle(options);
    } catch {
      return (await (await caches.open(PHOTOS_SMALL)).match(options.url.pathname)) ?? Response.error();
    }
  },
);

registerRoute(({ url }) => url.pathname === "/mark.svg", new NetworkFirst());

// A page that was told of a newer version and says when: what it is in the middle of keeps its own files until then.
self.addEventListener("message", (event) => {
  if (event.data === "take over") void self.skipWaiting();
});
