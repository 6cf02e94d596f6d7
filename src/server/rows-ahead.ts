import type { Database } from "../db/database.ts";
import { type PaneRow, paneById } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { log } from "./log.ts";
import { rowsOf } from "./round-rows.ts";
import { today } from "./today.ts";

/** So long after the last write its panes are looked at: what is written together is worked out once, and no write waits. */
const QUIET_MS = 500;
/** Where somebody writes on and on, it is done all the same. */
const LATEST_MS = 5000;
/** More waiting than this is left to whoever opens the round. */
const MOST_WAITING = 500;

const waiting = new Set<string>();
let running = false;
let timer: NodeJS.Timeout | undefined;
let since = 0;

/**
 * Works out the round's lines of panes that were just written to, after the answer is sent and between others' answers:
 * whoever opens the round next finds them made.
 */
export function rowsAhead(db: Database, panes: Iterable<string>): void {
  for (const pane of panes) if (waiting.size < MOST_WAITING) waiting.add(pane);
  if (running || waiting.size === 0) return;
  const now = performance.now();
  if (!timer) since = now;
  else clearTimeout(timer);
  timer = setTimeout(() => void run(db), Math.max(0, Math.min(QUIET_MS, since + LATEST_MS - now))).unref();
}

async function run(db: Database): Promise<void> {
  timer = undefined;
  running = true;
  try {
    while (waiting.size > 0) {
      const now = [...waiting];
      waiting.clear();
      const panes: PaneRow[] = now.flatMap((id) => paneById(db, id) ?? []);
      await rowsOf(db, panes, loadFirm(db), today());
    }
  } catch (err) {
    // Nobody waits for it: the round's page works them out itself, and says so where it cannot.
    log.debug({ err }, "lines were not worked out ahead");
  } finally {
    running = false;
  }
}
