import { type KeptLog, readKept } from "../../core/page/kept.ts";
import { firmReads, type Prefs, prefsFrom } from "../../core/words/prefs.ts";
import { readAllKept } from "../device/kept-store.ts";
import { theCourier } from "../log/courier.ts";

/** What this device keeps, who writes on it, and of when it is. */
export type Here = {
  readonly log: KeptLog;
  readonly people: readonly string[];
  readonly prefs: Prefs;
  readonly agreedAt: number;
};

/** Reads what is kept, with what is still on its way laid over it; null where nothing is. */
export async function readHere(): Promise<Here | null> {
  const kept = await readAllKept(await theCourier().waiting(), Date.now());
  if (!kept) return null;
  const log = readKept(kept);
  return {
    log,
    people: kept.people,
    prefs: prefsFrom(cookie, kept.people[0], firmReads(log.firm.house)),
    agreedAt: kept.agreedAt,
  };
}

const cookie = (name: string): string | undefined => {
  const found = document.cookie.split("; ").find((c) => c.startsWith(`${name}=`));
  return found && decodeURIComponent(found.slice(name.length + 1));
};
