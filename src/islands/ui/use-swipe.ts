import { type TouchEvent, useRef } from "react";

/** So far across, and at least twice as far across as up or down, is meant as a swipe. */
const FAR_PX = 60;
const FLATTER = 2;

type Ways = { readonly back: (() => void) | undefined; readonly on: (() => void) | undefined };

/** A swipe to the left goes on, one to the right goes back; what scrolls up and down is left alone. */
export function useSwipe({ back, on }: Ways) {
  const from = useRef<{ readonly x: number; readonly y: number } | null>(null);
  return {
    onTouchStart: (e: TouchEvent) => {
      const t = e.touches.item(0);
      from.current = t && e.touches.length === 1 ? { x: t.clientX, y: t.clientY } : null;
    },
    onTouchEnd: (e: TouchEvent) => {
      const t = e.changedTouches.item(0);
      const start = from.current;
      from.current = null;
      if (!start || !t) return;
      const [dx, dy] = [t.clientX - start.x, t.clientY - start.y];
      if (Math.abs(dx) < FAR_PX || Math.abs(dx) < FLATTER * Math.abs(dy)) return;
      (dx < 0 ? on : back)?.();
    },
  };
}
