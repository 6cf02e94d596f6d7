import { startTransition, useEffect, useState } from "react";

/**
 * A value that follows another once the frame that shows the other is painted. React's own deferring begins before the
 * paint, and on a slow phone that is the difference between a key that answers and one that sticks.
 */
export function useAfterPaint<T>(value: T): T {
  const [followed, follow] = useState(value);
  useEffect(() => {
    let painted: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      painted = setTimeout(() => startTransition(() => follow(value)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(painted);
    };
  }, [value]);
  return followed;
}
