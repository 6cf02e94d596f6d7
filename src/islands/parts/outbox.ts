import type { Entry } from "../../core/log/kinds.ts";

const PREFIX = "pp-out:";

/** Entries this browser wrote and the server has not acknowledged yet. They outlive the page, and a dead server. */
export const outbox = {
  put(e: Entry): void {
    localStorage.setItem(PREFIX + e.id, JSON.stringify(e));
  },
  drop(ids: readonly string[]): void {
    for (const id of ids) localStorage.removeItem(PREFIX + id);
  },
  all(): readonly Entry[] {
    return Object.keys(localStorage)
      .filter((k) => k.startsWith(PREFIX))
      .flatMap((k) => {
        try {
          // Written by `put` above; the server checks it again by its schema.
          return [JSON.parse(localStorage.getItem(k) ?? "") as Entry];
        } catch {
          return [];
        }
      })
      .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1));
  },
};
