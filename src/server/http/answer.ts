import type { Problem } from "../../contract/problem.ts";

const HEADERS = {
  "content-type": "application/json; charset=utf-8",
  "cache-control": "no-store",
  "content-security-policy": "default-src 'none'; frame-ancestors 'none'",
};

/** By which a device sees how far off its own clock is. */
const now = (): { readonly "x-now": string } => ({ "x-now": new Date().toISOString() });

export const answer = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { ...HEADERS, ...now() } });

export type ProblemOf = Problem["error"];

export const problem = (status: number, error: ProblemOf, headers: Record<string, string> = {}): Response =>
  new Response(JSON.stringify({ error }), { status, headers: { ...HEADERS, ...now(), ...headers } });

/** An address for programs at which nothing stands. */
export const noSuchPath = (path: string): Response =>
  problem(404, { code: "no-such-path", message: `There is nothing at ${path}. See /api for what there is.` });
