import { useEffect, useState } from "react";

const SECOND_MS = 1000;

/** Time that something wet can still be worked, counted down from a tap. */
export function CountDown({ minutes, what }: { readonly minutes: number; readonly what: string }) {
  const [ends, setEnds] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (ends === null) return;
    const tick = setInterval(() => setNow(Date.now()), SECOND_MS);
    return () => clearInterval(tick);
  }, [ends]);
  const left = ends === null ? null : Math.max(0, Math.ceil((ends - now) / SECOND_MS));
  return (
    <div className="flex items-center gap-3">
      <button
        type="button"
        className="btn btn-small"
        onClick={() => {
          setNow(Date.now());
          setEnds(ends === null ? Date.now() + minutes * 60 * SECOND_MS : null);
        }}
      >
        {ends === null ? `Start ${minutes} min` : "Stop"}
      </button>
      {left !== null && (
        <p role="timer" className={left === 0 ? "trouble font-semibold" : "tight font-semibold"}>
          {left === 0
            ? "Time is up: do not work it any more."
            : `${Math.floor(left / 60)}:${String(left % 60).padStart(2, "0")} left that ${what}`}
        </p>
      )}
    </div>
  );
}
