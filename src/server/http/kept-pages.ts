import { logThrough } from "../../db/entry-log.ts";
import { visitor } from "../people/visit.ts";
import { theDatabase } from "../the-database.ts";
import { today } from "../today.ts";

/** A page as it was sent, packed as its reader takes it. */
export type KeptPage = {
  readonly status: number;
  readonly headers: Headers;
  readonly body: Uint8Array<ArrayBuffer> | null;
};

/** Together they take no more than so much memory. */
const MOST_BYTES = 48_000_000;
const kept = new Map<string, { readonly as: string; readonly page: KeptPage }>();
let bytes = 0;

/** What a page is made of, beside its address: nothing else may change what it says. */
const COOKIES = ["unit", "dialect", "who"] as const;

/** Programs are answered each time; so are pages that say who may come in or are one person's own, which no entry changes. */
const OF_PEOPLE = /^\/(?:api|people|sign-in|invite|account|learn|learnt)(?:\/|$)/;

/** Under what a page is kept; null where it may not be: it is no page that is read. */
export function pageKey(request: Request): string | null {
  const { pathname, search } = new URL(request.url);
  if (request.method !== "GET" || OF_PEOPLE.test(pathname)) return null;
  const cookies = request.headers.get("cookie") ?? "";
  const prefs = COOKIES.map((name) => new RegExp(`(?:^|; )${name}=([^;]*)`).exec(cookies)?.[1] ?? "");
  const packs = /\b(br|gzip)\b/.exec(request.headers.get("accept-encoding") ?? "")?.[1] ?? "";
  return [pathname, search, ...prefs, packs, request.headers.get("host"), visitor()?.role].join("\n");
}

/** How the firm stands: a page is the same until an entry is stored, or the day turns. */
export const asOf = (): string => `${logThrough(theDatabase())} ${today()}`;

export function keptPage(key: string, as: string): KeptPage | null {
  const found = kept.get(key);
  if (!found) return null;
  if (found.as === as) return found.page;
  forget(key);
  return null;
}

export function keepPage(key: string, as: string, page: KeptPage): void {
  forget(key);
  kept.set(key, { as, page });
  bytes += page.body?.length ?? 0;
  for (const oldest of kept.keys()) {
    if (bytes <= MOST_BYTES) break;
    forget(oldest);
  }
}

function forget(key: string): void {
  bytes -= kept.get(key)?.page.body?.length ?? 0;
  kept.delete(key);
}
