import type { Entry } from "./kinds.ts";

/** A whole round's entries sorted once into each pane's own and those of the orders it is on. */
export function byPane(all: readonly Entry[]): (pane: string) => readonly Entry[] {
  const own = new Map<string, Entry[]>();
  const ordered = new Map<string, Entry[]>();
  const file = (into: Map<string, Entry[]>, key: string | undefined, e: Entry) => {
    if (key === undefined) return;
    const there = into.get(key);
    if (there) there.push(e);
    else into.set(key, [e]);
  };
  for (const e of all) {
    file(own, e.about.pane, e);
    file(ordered, e.about.order, e);
  }
  return (pane) => {
    const mine = own.get(pane) ?? [];
    const orders = new Set(mine.flatMap((e) => e.about.order ?? []));
    return [...mine, ...[...orders].flatMap((o) => (ordered.get(o) ?? []).filter((e) => e.about.pane !== pane))];
  };
}
