import type { z } from "zod";
import type { PostPassword, PostPin, PostTablet, PostUnlock } from "../../contract/people.ts";
import { PIN_WAIT_MS, pinGuessed, WRONG_PINS } from "../../core/people/account-rules.ts";
import type { Role } from "../../core/people/role.ts";
import { ok } from "../../core/result.ts";
import type { Database } from "../../db/database.ts";
import { accountById, changeAccount, changeSession, endSessionsOf, sessionByHash } from "../../db/people.ts";
import type { Outcome } from "../http/endpoint.ts";
import { note } from "./audited.ts";
import { tooManyTries } from "./limits.ts";
import { NO_SUCH, poorPassword, refusedAs, WRONG, waitFirst } from "./outcome.ts";
import { isRight, packed } from "./password.ts";
import { hashOf, newSecret } from "./secret.ts";
import { openSession, SESSION, setCookie, showName, TABLET } from "./session.ts";
import type { Visit } from "./visit.ts";

type Ask<R extends { readonly input: z.ZodType | null }> = z.output<NonNullable<R["input"]>>;
type Done = { readonly done: true };
const DONE: Outcome<Done> = ok({ done: true });

const NOBODY_IN = "Nobody has to sign in yet: there is no account to change.";

export function signOut(db: Database, at: Visit, now: Date): Outcome<Done> {
  if (at.session) {
    changeSession(db, at.session, { endedAt: now.toISOString() });
    note(db, at, now, "signed out", at.visitor?.name ?? "");
  }
  setCookie(at, SESSION, null);
  showName(at, null);
  return DONE;
}

export async function changePassword(
  db: Database,
  at: Visit,
  asked: Ask<typeof PostPassword>,
  now: Date,
): Promise<Outcome<Done>> {
  const account = at.visitor && accountById(db, at.visitor.person);
  if (!account) return refusedAs(409, "nobody-in", NOBODY_IN);
  const minutes = await tooManyTries(account.name, at.address);
  if (minutes !== null) return waitFirst(minutes);
  if (!(await isRight(account.password, asked.old))) return WRONG;
  const poor = poorPassword(asked.password, account.name);
  if (poor) return poor;
  changeAccount(db, account.id, { password: await packed(asked.password) });
  endSessionsOf(db, account.id, now.toISOString(), at.session);
  note(db, at, now, "changed the password", account.name);
  return DONE;
}

export async function setPin(db: Database, at: Visit, asked: Ask<typeof PostPin>, now: Date): Promise<Outcome<Done>> {
  const account = at.visitor && accountById(db, at.visitor.person);
  if (!account) return refusedAs(409, "nobody-in", NOBODY_IN);
  const minutes = await tooManyTries(account.name, at.address);
  if (minutes !== null) return waitFirst(minutes);
  if (!(await isRight(account.password, asked.password))) return WRONG;
  if (pinGuessed(asked.pin)) return refusedAs(422, "poor-pin", "That PIN is tried first by everybody. Take another.");
  changeAccount(db, account.id, { pin: await packed(asked.pin), pinWrong: 0, pinAgainAt: null });
  note(db, at, now, "set a PIN", account.name);
  return DONE;
}

/** The session that asks becomes the tablet's: by itself it lets nobody in. */
export function makeTablet(db: Database, at: Visit, asked: Ask<typeof PostTablet>, now: Date): Outcome<Done> {
  if (!at.session) return refusedAs(409, "nobody-in", NOBODY_IN);
  const secret = newSecret();
  changeSession(db, at.session, { hash: hashOf(secret), shared: true, device: asked.device });
  setCookie(at, TABLET, secret);
  setCookie(at, SESSION, null);
  showName(at, null);
  note(db, at, now, "made a shared tablet", asked.device);
  return DONE;
}

/** The tablet that a secret is of, while it is one. */
export function tabletBy(
  db: Database,
  secret: string | null,
  now: Date,
): { readonly id: string; readonly device: string } | null {
  const session = secret === null ? undefined : sessionByHash(db, hashOf(secret));
  return session?.shared && session.endedAt === null && session.endsAt > now.toISOString() ? session : null;
}

export async function unlock(
  db: Database,
  at: Visit,
  asked: Ask<typeof PostUnlock>,
  now: Date,
): Promise<Outcome<{ readonly name: string; readonly role: Role }>> {
  const tablet = tabletBy(db, at.tablet, now);
  if (!tablet)
    return refusedAs(409, "no-tablet", "This device is no shared tablet any more. Sign in by name and password.");
  const account = accountById(db, asked.person);
  if (!account || account.endedAt !== null || account.pin === null) return NO_SUCH;
  if (account.pinAgainAt !== null && account.pinAgainAt > now.toISOString())
    return waitFirst(Math.max(1, Math.ceil((Date.parse(account.pinAgainAt) - now.getTime()) / 60_000)));
  // Counted before it is looked at: many at once get no more tries than one after the other.
  const wrong = account.pinWrong + 1;
  const over = wrong >= WRONG_PINS;
  changeAccount(db, account.id, {
    pinWrong: over ? 0 : wrong,
    pinAgainAt: over ? new Date(now.getTime() + PIN_WAIT_MS).toISOString() : null,
  });
  if (!(await isRight(account.pin, asked.pin))) {
    note(db, at, now, "was refused", `${account.name}, by PIN`);
    return over ? waitFirst(PIN_WAIT_MS / 60_000) : refusedAs(401, "wrong", "That is not the PIN.");
  }
  changeAccount(db, account.id, { pinWrong: 0, pinAgainAt: null });
  changeSession(db, tablet.id, { seenAt: now.toISOString() });
  openSession(db, account, at, { device: tablet.device, tablet: tablet.id, now });
  note(db, at, now, "unlocked a tablet", account.name);
  return ok({ name: account.name, role: account.role });
}
