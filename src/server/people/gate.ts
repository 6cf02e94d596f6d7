import { may } from "../../core/people/may.ts";
import type { Visitor } from "../../core/people/role.ts";
import type { Running } from "../../db/database.ts";
import { roundOfPane } from "../../db/lists.ts";
import { anyAccount, changeKey, keyByHash } from "../../db/people.ts";
import { panesOfPhoto } from "../../db/photos.ts";
import { problem } from "../http/answer.ts";
import { doingOf } from "./doings.ts";
import { INNER } from "./inner.ts";
import { tooManyWrites } from "./limits.ts";
import { hashOf } from "./secret.ts";
import type { Came } from "./session.ts";

/** Nobody has to sign in until there is an owner. */
export const signInWanted = (db: Running): boolean => anyAccount(db);

export type Asked = {
  readonly pattern: string;
  readonly method: string;
  readonly url: URL;
  readonly params: { readonly [name: string]: string | undefined };
  readonly authorization: string | null;
};

/** What stands in the way of a request; null where nothing does. The one place at which it is decided who may do what. */
export async function whatStops(db: Running, asked: Asked, came: Came, now: Date): Promise<Response | null> {
  const doing = doingOf(asked.pattern, asked.method);
  if (doing === null) return refused(asked, "unlisted");
  if (doing === "come-in" || !signInWanted(db)) return null;
  if (doing === "supply" && byKey(db, asked.authorization, now)) return null;
  if (came.kind !== "in") return notIn(asked, came.kind);
  const { visitor } = came;
  if (!may(visitor.role, doing)) return refused(asked, visitor.role === "guest" ? "guest" : "role");
  if (visitor.role === "guest" && doing === "read-round") {
    const at = elsewhere(db, asked, visitor);
    if (at) return at;
  }
  if (asked.method !== "GET" && asked.method !== "HEAD" && doing !== "calculate") {
    const minutes = await tooManyWrites(visitor.person);
    if (minutes !== null)
      return problem(
        429,
        { code: "too-often", message: `That was too much at once. It goes on by itself in ${minutes} min.` },
        { "retry-after": String(minutes * 60) },
      );
  }
  return null;
}

/** A guest who asks for anything but their round. */
function elsewhere(db: Running, { pattern, params, url }: Asked, visitor: Visitor): Response | null {
  const own = visitor.round;
  if (pattern === "/") {
    return url.searchParams.get("round") === own || own === null ? null : toPage(`/?round=${own}`);
  }
  const id = params["id"] ?? "";
  const rounds = pattern.startsWith("/rounds/") || pattern.startsWith("/api/rounds/");
  const photo = pattern.startsWith("/api/photos/");
  const found = rounds ? [id] : (photo ? panesOfPhoto(db, id) : [id]).map((pane) => roundOfPane(db, pane));
  return own !== null && found.includes(own) ? null : refused({ pattern }, "guest");
}

/** Whether a program comes by a key that still holds. */
function byKey(db: Running, authorization: string | null, now: Date): boolean {
  const secret = /^Bearer ([\w-]{20,})$/.exec(authorization ?? "")?.[1];
  if (secret === INNER) return true;
  const key = secret ? keyByHash(db, hashOf(secret)) : undefined;
  if (!key || key.endedAt !== null || key.what !== "supplier") return false;
  changeKey(db, key.id, { usedAt: now.toISOString() });
  return true;
}

const isProgram = (pattern: string): boolean => pattern.startsWith("/api/");

const toPage = (to: string): Response =>
  new Response(null, { status: 303, headers: { location: to, "cache-control": "no-store" } });

function notIn(asked: Asked, why: "none" | "ended" | "lost"): Response {
  if (!isProgram(asked.pattern)) {
    const to = encodeURIComponent(asked.url.pathname + asked.url.search);
    return toPage(`/sign-in?to=${to}${why === "none" ? "" : `&why=${why}`}`);
  }
  return problem(401, {
    code: why === "lost" ? "device-lost" : "sign-in",
    message:
      why === "lost"
        ? "The office said that this device is lost: what it keeps is wiped."
        : "Sign in first. What was written here is kept, and goes out then.",
  });
}

function refused({ pattern }: { readonly pattern: string }, why: "unlisted" | "guest" | "role"): Response {
  const message = {
    unlisted: "Nobody may ask that here.",
    guest: "A guest sees one round, and this is not in it. Ask whoever invited you.",
    role: "Your role does not cover this. An owner of the firm can do it, or change your role.",
  }[why];
  if (isProgram(pattern)) return problem(403, { code: "not-yours", message });
  return new Response(
    `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Not yours · Plain Pane</title><h1>This is not open to you</h1><p>${message}</p><p><a href="/">Back to the round</a></p></html>`,
    { status: 403, headers: { "content-type": "text/html; charset=utf-8", "cache-control": "no-store" } },
  );
}
