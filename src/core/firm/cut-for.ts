import type { Entry, EntryOf } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";

/**
 * The entry that took a sheet off the rack for this pane alone, the newest that holds; null where there is none, or the sheet
 * was cut for others too and cannot lie there whole again.
 * @example taken from the rack for one pane, and not struck // that entry: struck, the sheet lies there again
 */
export function cutFor(entries: readonly Entry[], pane: string): EntryOf<"stock.cut"> | null {
  const cut = readLog(entries).standing.findLast(
    (e): e is EntryOf<"stock.cut"> => e.kind === "stock.cut" && e.payload.panes.includes(pane),
  );
  return cut?.payload.panes.length === 1 ? cut : null;
}
