import type { Running } from "../../db/database.ts";
import { noteAudit } from "../../db/people.ts";
import type { Visit } from "./visit.ts";

/** What is noted of who comes in. */
export type Noted =
  | "began"
  | "signed in"
  | "was refused"
  | "signed out"
  | "was invited"
  | "came by an invitation"
  | "was changed"
  | "may come in no more"
  | "session was ended"
  | "device was said to be lost"
  | "changed the password"
  | "set a PIN"
  | "unlocked a tablet"
  | "made a shared tablet"
  | "made a key"
  | "withdrew a key"
  | "made a passkey";

/** Notes who did what to whom, and from where, for the owner's audit page. */
export const note = (db: Running, at: Visit, now: Date, what: Noted, about: string): void =>
  noteAudit(db, {
    at: now.toISOString(),
    who: at.visitor?.name ?? "",
    what,
    about: about.slice(0, 200),
    from: at.address,
  });
