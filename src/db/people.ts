import { and, desc, eq, gt, isNull, lt, sql } from "drizzle-orm";
import type { Role } from "../core/people/role.ts";
import { type Database, mustBeThere, type Running } from "./database.ts";
import { accounts, audit, invites, keys, passkeys, sessions } from "./people-schema.ts";

export type Account = typeof accounts.$inferSelect;
export type Session = typeof sessions.$inferSelect;
export type Invite = typeof invites.$inferSelect;
export type Passkey = typeof passkeys.$inferSelect;
export type Key = typeof keys.$inferSelect;
export type AuditLine = Omit<typeof audit.$inferSelect, "seq">;

/* Accounts */

export const anyAccount = (db: Running): boolean =>
  db.select({ id: accounts.id }).from(accounts).limit(1).get() !== undefined;

export const accountById = (db: Running, id: string): Account | undefined =>
  db.select().from(accounts).where(eq(accounts.id, id)).get();

/** By the name as it was typed: case and spaces at its ends do not matter. */
export const accountByName = (db: Running, name: string): Account | undefined =>
  db.select().from(accounts).where(sql`lower(${accounts.name}) = lower(${name.trim()})`).get();

export const listAccounts = (db: Running): readonly Account[] =>
  db.select().from(accounts).orderBy(accounts.name).all();

export function addAccount(db: Database, account: Account): void {
  mustBeThere(db);
  db.insert(accounts).values(account).run();
}

export const changeAccount = (db: Running, id: string, change: Partial<Omit<Account, "id">>): void => {
  db.update(accounts).set(change).where(eq(accounts.id, id)).run();
};

/** Owners who may still come in. */
export const ownersLeft = (db: Running): number =>
  db
    .select({ id: accounts.id })
    .from(accounts)
    .where(and(eq(accounts.role, "owner" satisfies Role), isNull(accounts.endedAt)))
    .all().length;

/* Sessions */

export const addSession = (db: Running, session: Session): void => {
  db.insert(sessions).values(session).run();
};

export const sessionByHash = (db: Running, hash: string): Session | undefined =>
  db.select().from(sessions).where(eq(sessions.hash, hash)).get();

export const sessionById = (db: Running, id: string): Session | undefined =>
  db.select().from(sessions).where(eq(sessions.id, id)).get();

export const changeSession = (db: Running, id: string, change: Partial<Omit<Session, "id">>): void => {
  db.update(sessions).set(change).where(eq(sessions.id, id)).run();
};

/** Those that have not ended, the one seen last first. */
export const openSessions = (db: Running, now: string): readonly Session[] =>
  db
    .select()
    .from(sessions)
    .where(and(isNull(sessions.endedAt), gt(sessions.endsAt, now)))
    .orderBy(desc(sessions.seenAt))
    .all();

/** Ends all sessions of a person, and those that were unlocked on a tablet that ends. */
export const endSessionsOf = (db: Running, account: string, at: string, but: string | null = null): void => {
  db.update(sessions)
    .set({ endedAt: at })
    .where(
      and(eq(sessions.account, account), isNull(sessions.endedAt), but ? sql`${sessions.id} <> ${but}` : undefined),
    )
    .run();
};

/** What ended long ago is forgotten. */
export const forgetSessions = (db: Running, before: string): void => {
  db.delete(sessions).where(lt(sessions.endsAt, before)).run();
};

/* Invites */

export const addInvite = (db: Running, invite: Invite): void => {
  db.insert(invites).values(invite).run();
};
export const inviteByHash = (db: Running, hash: string): Invite | undefined =>
  db.select().from(invites).where(eq(invites.hash, hash)).get();
export const takeInvite = (db: Running, id: string, at: string): boolean =>
  db
    .update(invites)
    .set({ usedAt: at })
    .where(and(eq(invites.id, id), isNull(invites.usedAt)))
    .run().changes === 1;
export const openInvites = (db: Running, now: string): readonly Invite[] =>
  db
    .select()
    .from(invites)
    .where(and(isNull(invites.usedAt), gt(invites.endsAt, now)))
    .all();

/* Passkeys */

export const addPasskey = (db: Running, passkey: Passkey): void => {
  db.insert(passkeys).values(passkey).run();
};
export const passkeyById = (db: Running, id: string): Passkey | undefined =>
  db.select().from(passkeys).where(eq(passkeys.id, id)).get();
export const passkeysOf = (db: Running, account: string): readonly Passkey[] =>
  db.select().from(passkeys).where(eq(passkeys.account, account)).all();
export const countPasskey = (db: Running, id: string, counter: number): void => {
  db.update(passkeys).set({ counter }).where(eq(passkeys.id, id)).run();
};

/* Keys of programs */

export const addKey = (db: Running, key: Key): void => {
  db.insert(keys).values(key).run();
};
export const keyByHash = (db: Running, hash: string): Key | undefined =>
  db.select().from(keys).where(eq(keys.hash, hash)).get();
export const changeKey = (db: Running, id: string, change: Partial<Omit<Key, "id">>): void => {
  db.update(keys).set(change).where(eq(keys.id, id)).run();
};
export const listKeys = (db: Running): readonly Key[] => db.select().from(keys).orderBy(desc(keys.madeAt)).all();

/* Audit */

export const noteAudit = (db: Running, line: AuditLine): void => {
  db.insert(audit).values(line).run();
};
export const lastAudit = (db: Running, most: number): readonly AuditLine[] =>
  db.select().from(audit).orderBy(desc(audit.seq)).limit(most).all();
