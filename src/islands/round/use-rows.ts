import { useCallback, useEffect, useRef, useState } from "react";
import type { RoundRow } from "../../core/round/row.ts";

export type Rows = {
  readonly rows: readonly RoundRow[];
  /** Panes that are on the round and not here yet. */
  readonly missing: number;
  readonly more: () => void;
  /** Fetches all that are missing: to search them, or to gather an order. */
  readonly all: () => void;
};

/** A round's lines: the first came with the page, the rest is fetched as it is needed. */
export function useRows(round: string, first: readonly RoundRow[], panes: number): Rows {
  const [rows, setRows] = useState(first);
  const [wanted, setWanted] = useState(first.length);
  const busy = useRef(false);
  const missing = Math.max(0, panes - rows.length);
  useEffect(() => {
    if (busy.current || rows.length >= Math.min(wanted, panes)) return;
    busy.current = true;
    void fetchFrom(round, rows.length)
      .then((more) => {
        busy.current = false;
        // Nothing more is there: panes went off the round since the page was made.
        if (more.length === 0) setWanted(rows.length);
        else setRows((before) => (before.length === rows.length ? [...before, ...more] : before));
      })
      .catch(() => {
        busy.current = false;
      });
  }, [round, rows, wanted, panes]);
  const more = useCallback(() => setWanted((n) => Math.max(n, rows.length + 1)), [rows.length]);
  const all = useCallback(() => setWanted(panes), [panes]);
  return { rows, missing, more, all };
}

async function fetchFrom(round: string, from: number): Promise<readonly RoundRow[]> {
  const answer = await fetch(`/api/rounds/${round}/rows?from=${from}`);
  if (!answer.ok) throw new Error(`rows ${answer.status}`);
  return ((await answer.json()) as { rows: readonly RoundRow[] }).rows;
}
