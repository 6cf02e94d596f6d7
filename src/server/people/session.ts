import { v7 as uuidv7 } from "uuid";
import type { Visitor } from "../../core/people/role.ts";
import type { Running } from "../../db/database.ts";
import {
  type Account,
  accountById,
  addSession,
  changeSession,
  forgetSessions,
  type Session,
  sessionByHash,
  sessionById,
} from "../../db/people.ts";
import { hashOf, newSecret } from "./secret.ts";
import type { Visit } from "./visit.ts";

const DAY_MS = 86_400_000;
/** A device stays signed in while it is used once in a month. */
const STAYS_MS = 30 * DAY_MS;
/** Unlocked on a shared tablet, and left alone: locked again. */
const TABLET_MS = 15 * 60_000;
/** How exactly it is noted when a session was last seen. */
const NOTE_MS = 60_000;

export const SESSION = "pp-session";
export const TABLET = "pp-tablet";

/** How a request stands that comes with a session, or with none. */
export type Came =
  | { readonly kind: "in"; readonly visitor: Visitor; readonly session: Session }
  | { readonly kind: "none" }
  | { readonly kind: "ended" }
  /** The office said that this device is lost: it wipes what it keeps. */
  | { readonly kind: "lost" };

export const cookieOf = (header: string | null, name: string): string | null =>
  new RegExp(`(?:^|; )${name}=([^;]+)`).exec(header ?? "")?.[1] ?? null;

const until = (now: Date, session: { readonly tablet: string | null }): string =>
  new Date(now.getTime() + (session.tablet ? TABLET_MS : STAYS_MS)).toISOString();

/** Who comes by this secret, and that they were seen. */
export function cameBy(db: Running, secret: string | null, now: Date): Came {
  if (secret === null) return { kind: "none" };
  const session = sessionByHash(db, hashOf(secret));
  if (!session) return { kind: "none" };
  if (session.lost) return { kind: "lost" };
  if (session.endedAt !== null || session.endsAt <= now.toISOString()) return { kind: "ended" };
  const tablet = session.tablet ? sessionById(db, session.tablet) : null;
  if (tablet?.lost) return { kind: "lost" };
  // By itself a shared tablet lets nobody in; and who was unlocked on one goes with it.
  if (session.shared || (session.tablet && (!tablet || tablet.endedAt !== null))) return { kind: "ended" };
  const account = accountById(db, session.account);
  if (!account || account.endedAt !== null) return { kind: "ended" };
  if (now.getTime() - Date.parse(session.seenAt) > NOTE_MS)
    changeSession(db, session.id, { seenAt: now.toISOString(), endsAt: until(now, session) });
  return { kind: "in", visitor: visitorOf(account), session };
}

export const visitorOf = (a: Account): Visitor => ({ person: a.id, name: a.name, role: a.role, round: a.round });

/** Opens a session for somebody on the device that asks, and sets its cookies. */
export function openSession(
  db: Running,
  account: Account,
  at: Visit,
  who: { readonly device: string; readonly tablet?: string | null; readonly now: Date },
): Session {
  const secret = newSecret();
  const tablet = who.tablet ?? null;
  const session: Session = {
    id: uuidv7(),
    hash: hashOf(secret),
    account: account.id,
    device: who.device,
    tablet,
    shared: false,
    madeAt: who.now.toISOString(),
    seenAt: who.now.toISOString(),
    endsAt: until(who.now, { tablet }),
    endedAt: null,
    lost: false,
  };
  addSession(db, session);
  forgetSessions(db, new Date(who.now.getTime() - 365 * DAY_MS).toISOString());
  setCookie(at, SESSION, secret);
  showName(at, account.name);
  return session;
}

/** A secret that only the server reads: no script of a page, and no page of another site. */
export function setCookie(at: Visit, name: string, secret: string | null): void {
  at.cookies.push(
    `${name}=${secret ?? ""}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${secret === null ? 0 : STAYS_MS / 1000}${secure(at)}`,
  );
}

/** What the page may read: whose name stands on what is written here. It lets nobody in. */
export function showName(at: Visit, name: string | null): void {
  const age = name === null ? 0 : STAYS_MS / 1000;
  if (name !== null)
    at.cookies.push(`who=${encodeURIComponent(name)}; Path=/; SameSite=Lax; Max-Age=${age}${secure(at)}`);
  at.cookies.push(`signed=${name === null ? "" : "in"}; Path=/; SameSite=Lax; Max-Age=${age}${secure(at)}`);
}

const secure = (at: Visit): string => (at.origin.startsWith("https:") ? "; Secure" : "");
