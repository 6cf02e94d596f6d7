import { createHash } from "node:crypto";
import { withFirm } from "../core/firm/firm.ts";
import { byPane } from "../core/log/by-pane.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { brokenRow, type RoundRow, rowOf } from "../core/round/row.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import type { Day } from "../core/units/day.ts";
import type { Database } from "../db/database.ts";
import { entriesOfPanes } from "../db/entry-log.ts";
import type { PaneRow } from "../db/lists.ts";
import { breathing } from "./breathing.ts";
import type { LoadedFirm } from "./firm.ts";
import { log } from "./log.ts";

/** Lines of the round that were worked out, by pane, with what they were made of. */
const kept = new Map<string, { readonly of: string; readonly row: RoundRow }>();
const MOST_KEPT = 20_000;
/** Nobody else waits longer than this, and one pane, for a round that is worked out. */
const LONGEST_MS = 20;

/**
 * The lines of these panes, in their order. One is worked out anew only where the pane, an order it is on, the firm's rules
 * or the day changed since. A pane that cannot be worked out has a line that says so; the others stand. A round that nobody
 * opened yet takes a second: others are answered meanwhile.
 */
export async function rowsOf(
  db: Database,
  panes: readonly PaneRow[],
  by: LoadedFirm,
  today: Day,
): Promise<readonly RoundRow[]> {
  const firmKey = createHash("sha1").update(by.key).digest("base64");
  const made = (p: PaneRow): string => `${p.through} ${today} ${firmKey}`;
  const stale = panes.filter((p) => kept.get(p.id)?.of !== made(p));
  const entriesFor = byPane(
    entriesOfPanes(
      db,
      stale.map((p) => p.id),
    ),
  );
  // Held here: what is worked out meanwhile for somebody else, or let go, changes nothing of this answer.
  const rows = new Map(panes.map((p) => [p.id, kept.get(p.id)?.row]));
  const reckonWith = withFirm(by.firm, sharedFindBest);
  const breathe = breathing(LONGEST_MS);
  for (const p of stale) {
    const row = rowFor(p);
    kept.delete(p.id);
    kept.set(p.id, { of: made(p), row });
    rows.set(p.id, row);
    await breathe();
  }
  for (const old of kept.keys()) {
    if (kept.size <= MOST_KEPT) break;
    kept.delete(old);
  }
  return panes.map((p) => rows.get(p.id) ?? brokenRow(asRow(p)));

  function rowFor(p: PaneRow): RoundRow {
    try {
      const book = foldPane(p.id, entriesFor(p.id));
      if (book) return rowOf(book, reckon(book, reckonWith), today);
    } catch (err) {
      log.error({ err, pane: p.id }, "a pane could not be worked out");
    }
    return brokenRow(asRow(p));
  }
}

const asRow = (p: PaneRow) => ({ ...p, system: p.system as RoundRow["system"] });
