import { logThrough } from "../db/entry-log.ts";
import { theDatabase } from "./the-database.ts";

type Hear = (through: number) => void;

/** Pages that are told when something was stored, by this server or by another on the same file. */
const listeners = new Set<Hear>();
const MOST_LISTENERS = 500;
/** Another server on the file tells nobody here: the file is looked at so often. */
const LOOK_MS = 1000;

let last = 0;
let looking: NodeJS.Timeout | null = null;

/** Tells everybody who listens where the log stands, if it stands elsewhere than when they were told last. */
export function lookForNews(): void {
  if (listeners.size === 0) return;
  const through = logThrough(theDatabase());
  if (through === last) return;
  last = through;
  for (const hear of listeners) hear(through);
}

/** Listens until the answer is called. Null where too many listen already: they ask by themselves. */
export function listenLive(hear: Hear): (() => void) | null {
  if (listeners.size >= MOST_LISTENERS) return null;
  if (listeners.size === 0) last = logThrough(theDatabase());
  listeners.add(hear);
  looking ??= setInterval(quietly, LOOK_MS).unref();
  return () => {
    listeners.delete(hear);
    if (listeners.size > 0 || !looking) return;
    clearInterval(looking);
    looking = null;
  };
}

/** A file that cannot be read now is said by whoever asks for a page. */
function quietly(): void {
  try {
    lookForNews();
  } catch {
    // Looked at again in a while.
  }
}
