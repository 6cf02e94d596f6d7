/** So long after the last turn of the wheel, touch or key, hands are still. */
const STILL_MS = 300;
/** Whoever scrolls on and on: the round is kept all the same. */
const LONGEST_MS = 15_000;
const MOVES = ["wheel", "scroll", "touchmove", "keydown"] as const;

let last = Number.NEGATIVE_INFINITY;
let listening = false;

function listen(): void {
  if (listening || typeof window === "undefined") return;
  listening = true;
  for (const move of MOVES) window.addEventListener(move, moved, { passive: true, capture: true });
}

function moved(): void {
  last = performance.now();
}

// From the page's first moment: a wheel that turns already when it is first asked about counts.
listen();

/**
 * Waits until nobody scrolls or types, so that what is put away in the background drops no frame. At once where hands are
 * still; after a quarter of a minute at the latest.
 */
export async function handsStill(): Promise<void> {
  listen();
  const from = performance.now();
  for (;;) {
    const now = performance.now();
    const wait = last + STILL_MS - now;
    if (wait <= 0 || now - from > LONGEST_MS) return;
    await new Promise((on) => setTimeout(on, wait));
  }
}
