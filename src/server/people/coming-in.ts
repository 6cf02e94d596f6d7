import { v7 as uuidv7 } from "uuid";
import type { z } from "zod";
import type { PostAccept, PostBegin, PostSignIn } from "../../contract/people.ts";
import { ok } from "../../core/result.ts";
import type { Database } from "../../db/database.ts";
import {
  type Account,
  accountByName,
  addAccount,
  anyAccount,
  changeAccount,
  inviteByHash,
  takeInvite,
} from "../../db/people.ts";
import type { Outcome } from "../http/endpoint.ts";
import { note } from "./audited.ts";
import { tooManyTries, triesForgiven } from "./limits.ts";
import { GONE, poorPassword, refusedAs, WRONG, waitFirst } from "./outcome.ts";
import { isRight, packed } from "./password.ts";
import { hashOf } from "./secret.ts";
import { openSession } from "./session.ts";
import type { Visit } from "./visit.ts";

type In = { readonly name: string; readonly role: Account["role"] };
type Ask<R extends { readonly input: z.ZodType | null }> = z.output<NonNullable<R["input"]>>;

const fresh = (account: Pick<Account, "name" | "role" | "round" | "password">, now: Date): Account => ({
  id: uuidv7(),
  ...account,
  pin: null,
  pinWrong: 0,
  pinAgainAt: null,
  madeAt: now.toISOString(),
  endedAt: null,
});

/** The first owner: from here on everybody signs in. */
export async function begin(db: Database, at: Visit, asked: Ask<typeof PostBegin>, now: Date): Promise<Outcome<In>> {
  const poor = poorPassword(asked.password, asked.name);
  if (poor) return poor;
  const password = await packed(asked.password);
  // Looked at after the wait for the hash: of two who ask in the same breath, one begins.
  if (anyAccount(db)) return refusedAs(409, "begun", "There is an owner already, who invites everybody else.");
  const account = fresh({ name: asked.name, role: "owner", round: null, password }, now);
  addAccount(db, account);
  openSession(db, account, at, { device: asked.device, now });
  note(db, at, now, "began", account.name);
  return ok({ name: account.name, role: account.role });
}

export async function signIn(db: Database, at: Visit, asked: Ask<typeof PostSignIn>, now: Date): Promise<Outcome<In>> {
  const minutes = await tooManyTries(asked.name, at.address);
  if (minutes !== null) return waitFirst(minutes);
  const account = accountByName(db, asked.name);
  const right = await isRight(account?.password ?? null, asked.password);
  if (!account || !right || account.endedAt !== null) {
    note(db, at, now, "was refused", asked.name);
    return WRONG;
  }
  await triesForgiven(asked.name);
  openSession(db, account, at, { device: asked.device, now });
  note(db, at, now, "signed in", account.name);
  return ok({ name: account.name, role: account.role });
}

/** Takes an invitation up. Of somebody who is here already it sets a new password, which is how a forgotten one is mended. */
export async function accept(db: Database, at: Visit, asked: Ask<typeof PostAccept>, now: Date): Promise<Outcome<In>> {
  const minutes = await tooManyTries("an invitation", at.address);
  if (minutes !== null) return waitFirst(minutes);
  const invite = inviteByHash(db, hashOf(asked.token));
  if (!invite || invite.usedAt !== null || invite.endsAt <= now.toISOString()) return GONE;
  const poor = poorPassword(asked.password, invite.name);
  if (poor) return poor;
  const password = await packed(asked.password);
  if (!takeInvite(db, invite.id, now.toISOString())) return GONE;
  const known = accountByName(db, invite.name);
  const account = known
    ? { ...known, password, role: invite.role, round: invite.round, endedAt: null }
    : fresh({ name: invite.name, role: invite.role, round: invite.round, password }, now);
  if (known) changeAccount(db, known.id, { password, role: invite.role, round: invite.round, endedAt: null });
  else addAccount(db, account);
  openSession(db, account, at, { device: asked.device, now });
  note(db, at, now, "came by an invitation", account.name);
  return ok({ name: account.name, role: account.role });
}
