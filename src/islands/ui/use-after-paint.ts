import type { ReadableAtom } from "nanostores";
import { startTransition, useEffect, useRef, useState } from "react";

/** What follows a key may take so long without getting in the way of the next one, ms: a frame. */
const LIGHT_MS = 16;
/** Where it takes longer, it waits for a pause in the typing, ms. */
const PAUSE_MS = 120;

/**
 * What a store holds, followed once the frame that shows its change is painted. React's own deferring begins before the
 * paint, and on a slow phone that is the difference between a key that answers and one that sticks. Where following took
 * more than a frame last time, it waits for a pause, so that keys in a row are drawn at once and followed together.
 */
export function useAfterPaint<T>(store: ReadableAtom<T>): T {
  const [followed, follow] = useState(store.get());
  const took = useRef({ from: 0, ms: 0 });
  useEffect(() => {
    let painted: ReturnType<typeof setTimeout> | undefined;
    let frame = 0;
    const drop = () => {
      cancelAnimationFrame(frame);
      clearTimeout(painted);
    };
    const off = store.listen(() => {
      drop();
      frame = requestAnimationFrame(() => {
        painted = setTimeout(
          () => {
            took.current.from = performance.now();
            startTransition(() => follow(store.get()));
          },
          took.current.ms > LIGHT_MS ? PAUSE_MS : 0,
        );
      });
    });
    return () => {
      off();
      drop();
    };
  }, [store]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is timed each time it has followed
  useEffect(() => {
    if (took.current.from > 0) took.current.ms = performance.now() - took.current.from;
  }, [followed]);
  return followed;
}
