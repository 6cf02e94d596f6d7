import { may } from "../../core/people/may.ts";
import type { Role } from "../../core/people/role.ts";
import { ROLE_SAYS } from "../../core/people/role.ts";
import { listRounds } from "../../db/lists.ts";
import {
  accountById,
  anyAccount,
  inviteByHash,
  lastAudit,
  listAccounts,
  listKeys,
  openInvites,
  openSessions,
  passkeysOf,
} from "../../db/people.ts";
import { theDatabase } from "../the-database.ts";
import { tabletBy } from "./own.ts";
import { hashOf } from "./secret.ts";
import { visit } from "./visit.ts";

const MOST_AUDIT = 100;

/** Where somebody goes once they are in: a path of ours, and nothing else. */
export const safeTarget = (to: string | null): string =>
  to && /^\/(?![/\\])[^\s]*$/.test(to) && !to.startsWith("/sign-in") ? to : "/";

export function signInPage(params: URLSearchParams) {
  const db = theDatabase();
  const tablet = tabletBy(db, visit()?.tablet ?? null, new Date());
  const why = params.get("why");
  return {
    begun: anyAccount(db),
    props: {
      to: safeTarget(params.get("to")),
      why: why === "ended" || why === "lost" ? (why as "ended" | "lost") : null,
      tablet: tablet && {
        device: tablet.device,
        people: listAccounts(db).flatMap((a) =>
          a.endedAt === null && a.pin !== null ? [{ id: a.id, name: a.name }] : [],
        ),
      },
    },
  };
}

/** Whom an invitation is for; null where it was used or has ended. */
export function invitedPage(token: string): { readonly name: string; readonly role: Role } | null {
  const found = inviteByHash(theDatabase(), hashOf(token));
  return found && found.usedAt === null && found.endsAt > new Date().toISOString()
    ? { name: found.name, role: found.role }
    : null;
}

export function accountPage() {
  const db = theDatabase();
  const who = visit()?.visitor;
  const account = who && accountById(db, who.person);
  if (!account) return null;
  return {
    name: account.name,
    roleSays: `${account.role}. ${ROLE_SAYS[account.role]}`,
    mayTablet: may(account.role, "people"),
    passkeys: passkeysOf(db, account.id).length,
  };
}

/** Who may come in; null while nobody has to sign in. */
export function peoplePage() {
  const db = theDatabase();
  if (!anyAccount(db)) return null;
  const now = new Date().toISOString();
  const people = listAccounts(db);
  const nameOf = new Map(people.map((p) => [p.id, p.name]));
  return {
    people: people.map((p) => ({
      id: p.id,
      name: p.name,
      role: p.role,
      round: p.round,
      hasPin: p.pin !== null,
      passkeys: passkeysOf(db, p.id).length,
      ended: p.endedAt !== null,
    })),
    invited: openInvites(db, now).map(({ name, role, endsAt }) => ({ name, role, endsAt })),
    devices: openSessions(db, now).map((s) => ({
      id: s.id,
      device: s.device,
      name: nameOf.get(s.account) ?? "",
      seenAt: s.seenAt,
      kind: s.shared ? ("tablet" as const) : s.tablet ? ("unlocked" as const) : ("own" as const),
      isThis: s.id === visit()?.session,
    })),
    keys: listKeys(db).map((k) => ({
      id: k.id,
      what: k.what,
      of: k.of,
      madeAt: k.madeAt,
      usedAt: k.usedAt,
      ended: k.endedAt !== null,
    })),
    audit: lastAudit(db, MOST_AUDIT),
    rounds: listRounds(db).map(({ id, name }) => ({ id, name })),
  };
}
