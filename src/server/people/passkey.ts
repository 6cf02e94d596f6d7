import {
  type AuthenticationResponseJSON,
  generateAuthenticationOptions,
  generateRegistrationOptions,
  type RegistrationResponseJSON,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from "@simplewebauthn/server";
import type { Role } from "../../core/people/role.ts";
import { ok } from "../../core/result.ts";
import type { Database } from "../../db/database.ts";
import { accountById, addPasskey, countPasskey, passkeyById, passkeysOf } from "../../db/people.ts";
import type { Outcome } from "../http/endpoint.ts";
import { note } from "./audited.ts";
import { tooManyTries } from "./limits.ts";
import { refusedAs, WRONG, waitFirst } from "./outcome.ts";
import { openSession } from "./session.ts";
import type { Visit } from "./visit.ts";

const LASTS_MS = 5 * 60_000;
const MOST = 1000;
/** Challenges that are out, until when: each is answered once. */
const out = new Map<string, number>();

function send(challenge: string, now: Date): void {
  for (const [sent, until] of out) if (until < now.getTime() || out.size >= MOST) out.delete(sent);
  out.set(challenge, now.getTime() + LASTS_MS);
}
const isOurs = (challenge: string, now: Date): boolean => {
  const until = out.get(challenge);
  out.delete(challenge);
  return until !== undefined && until >= now.getTime();
};

const rpOf = (at: Visit): string => new URL(at.origin).hostname;

export async function beginPasskey(db: Database, at: Visit, now: Date): Promise<Outcome<Record<string, unknown>>> {
  const account = at.visitor && accountById(db, at.visitor.person);
  if (!account) return refusedAs(409, "nobody-in", "Nobody has to sign in yet: there is no account to make one for.");
  const options = await generateRegistrationOptions({
    rpName: "Plain Pane",
    rpID: rpOf(at),
    userName: account.name,
    userID: new TextEncoder().encode(account.id),
    excludeCredentials: passkeysOf(db, account.id).map((p) => ({ id: p.id })),
    authenticatorSelection: { residentKey: "required", userVerification: "required" },
  });
  send(options.challenge, now);
  return ok({ ...options });
}

export async function addOwnPasskey(
  db: Database,
  at: Visit,
  asked: unknown,
  now: Date,
): Promise<Outcome<{ done: true }>> {
  const account = at.visitor && accountById(db, at.visitor.person);
  if (!account) return refusedAs(409, "nobody-in", "Nobody has to sign in yet: there is no account to make one for.");
  const made = await verifyRegistrationResponse({
    response: asked as RegistrationResponseJSON,
    expectedChallenge: (c) => isOurs(c, now),
    expectedOrigin: at.origin,
    expectedRPID: rpOf(at),
  }).catch(() => null);
  if (!made?.verified) return refusedAs(422, "not-verified", "The passkey did not come through whole. Try once more.");
  const { credential } = made.registrationInfo;
  addPasskey(db, {
    id: credential.id,
    account: account.id,
    publicKey: Buffer.from(credential.publicKey).toString("base64url"),
    counter: credential.counter,
    transports: JSON.stringify(credential.transports ?? []),
    madeAt: now.toISOString(),
  });
  note(db, at, now, "made a passkey", account.name);
  return ok({ done: true });
}

export async function askPasskey(at: Visit, now: Date): Promise<Outcome<Record<string, unknown>>> {
  const options = await generateAuthenticationOptions({ rpID: rpOf(at), userVerification: "required" });
  send(options.challenge, now);
  return ok({ ...options });
}

export async function signInByPasskey(
  db: Database,
  at: Visit,
  asked: { readonly answer: unknown; readonly device: string },
  now: Date,
): Promise<Outcome<{ readonly name: string; readonly role: Role }>> {
  const minutes = await tooManyTries("a passkey", at.address);
  if (minutes !== null) return waitFirst(minutes);
  const response = asked.answer as AuthenticationResponseJSON;
  const kept = typeof response.id === "string" ? passkeyById(db, response.id) : undefined;
  const account = kept && accountById(db, kept.account);
  if (!kept || !account || account.endedAt !== null) return WRONG;
  const done = await verifyAuthenticationResponse({
    response,
    expectedChallenge: (c) => isOurs(c, now),
    expectedOrigin: at.origin,
    expectedRPID: rpOf(at),
    credential: {
      id: kept.id,
      publicKey: new Uint8Array(Buffer.from(kept.publicKey, "base64url")),
      counter: kept.counter,
      transports: JSON.parse(kept.transports),
    },
  }).catch(() => null);
  if (!done?.verified) {
    note(db, at, now, "was refused", `${account.name}, by passkey`);
    return WRONG;
  }
  countPasskey(db, kept.id, done.authenticationInfo.newCounter);
  openSession(db, account, at, { device: asked.device, now });
  note(db, at, now, "signed in", `${account.name}, by passkey`);
  return ok({ name: account.name, role: account.role });
}
