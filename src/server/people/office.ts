import QRCode from "qrcode";
import { v7 as uuidv7 } from "uuid";
import type { z } from "zod";
import type { PostChange, PostEndKey, PostEndSession, PostInvite, PostKey } from "../../contract/people.ts";
import { ok } from "../../core/result.ts";
import type { Database } from "../../db/database.ts";
import { roundById } from "../../db/lists.ts";
import {
  accountById,
  addInvite,
  addKey,
  changeAccount,
  changeKey,
  changeSession,
  endSessionsOf,
  ownersLeft,
  sessionById,
} from "../../db/people.ts";
import type { Outcome } from "../http/endpoint.ts";
import { note } from "./audited.ts";
import { NO_SUCH, refusedAs } from "./outcome.ts";
import { hashOf, newSecret } from "./secret.ts";
import type { Visit } from "./visit.ts";

type Ask<R extends { readonly input: z.ZodType | null }> = z.output<NonNullable<R["input"]>>;
type Done = { readonly done: true };
const HOUR_MS = 3_600_000;

const NO_ROUND = "A guest sees one round: say which.";
const LAST_OWNER = "That is the last owner. Make somebody else one first: the firm must not lock itself out.";

export async function invite(db: Database, at: Visit, asked: Ask<typeof PostInvite>, now: Date) {
  const round = asked.role === "guest" ? (asked.round ?? null) : null;
  if (asked.role === "guest" && (round === null || !roundById(db, round)))
    return refusedAs<{ link: string; svg: string; endsAt: string }>(422, "no-round", NO_ROUND);
  const token = newSecret();
  const endsAt = new Date(now.getTime() + asked.hours * HOUR_MS).toISOString();
  addInvite(db, {
    id: uuidv7(),
    hash: hashOf(token),
    name: asked.name,
    role: asked.role,
    round,
    madeBy: at.visitor?.name ?? "",
    madeAt: now.toISOString(),
    endsAt,
    usedAt: null,
  });
  note(db, at, now, "was invited", `${asked.name}, ${asked.role}`);
  const link = `${at.origin}/invite/${token}`;
  return ok({ link, svg: await QRCode.toString(link, { type: "svg", margin: 1 }), endsAt });
}

export function change(db: Database, at: Visit, asked: Ask<typeof PostChange>, now: Date): Outcome<Done> {
  const account = accountById(db, asked.person);
  if (!account) return NO_SUCH;
  const role = asked.role ?? account.role;
  const round = role === "guest" ? (asked.round === undefined ? account.round : asked.round) : null;
  if (role === "guest" && (round === null || !roundById(db, round))) return refusedAs(422, "no-round", NO_ROUND);
  const goes = asked.ended === true || role !== "owner";
  if (account.role === "owner" && account.endedAt === null && goes && ownersLeft(db) === 1)
    return refusedAs(409, "last-owner", LAST_OWNER);
  const endedAt = asked.ended === undefined ? account.endedAt : asked.ended ? now.toISOString() : null;
  changeAccount(db, account.id, { role, round, endedAt });
  if (asked.ended) endSessionsOf(db, account.id, now.toISOString());
  note(db, at, now, asked.ended ? "may come in no more" : "was changed", `${account.name}, ${role}`);
  return ok({ done: true });
}

export function endSession(db: Database, at: Visit, asked: Ask<typeof PostEndSession>, now: Date): Outcome<Done> {
  const session = sessionById(db, asked.session);
  if (!session) return refusedAs(404, "unknown-id", "There is no such session.");
  changeSession(db, session.id, { endedAt: now.toISOString(), lost: asked.lost });
  const whose = accountById(db, session.account)?.name ?? "";
  note(db, at, now, asked.lost ? "device was said to be lost" : "session was ended", `${session.device}, ${whose}`);
  return ok({ done: true });
}

export function makeKey(db: Database, at: Visit, asked: Ask<typeof PostKey>, now: Date) {
  const key = newSecret();
  addKey(db, {
    id: uuidv7(),
    hash: hashOf(key),
    what: asked.what,
    of: asked.of,
    madeAt: now.toISOString(),
    usedAt: null,
    endedAt: null,
  });
  note(db, at, now, "made a key", `${asked.what}, ${asked.of}`);
  return ok({ key, address: asked.what === "calendar" ? `${at.origin}/calendar/${key}.ics` : null });
}

export function endKey(db: Database, at: Visit, asked: Ask<typeof PostEndKey>, now: Date): Outcome<Done> {
  changeKey(db, asked.key, { endedAt: now.toISOString() });
  note(db, at, now, "withdrew a key", asked.key);
  return ok({ done: true });
}
