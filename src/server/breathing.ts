import { setImmediate } from "node:timers/promises";

/**
 * For long work on the main thread: asked after each part of it, it lets others be answered once so many milliseconds have
 * gone by, and does nothing before.
 * @example const breathe = breathing(20); for (const pane of panes) { workOut(pane); await breathe(); }
 */
export function breathing(longestMs: number): () => Promise<void> {
  let since = performance.now();
  return async () => {
    if (performance.now() - since < longestMs) return;
    await setImmediate();
    since = performance.now();
  };
}
