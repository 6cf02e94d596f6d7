import { useHandsBusy } from "./hands-busy.ts";
import type { View } from "./model.ts";
import { NextElsewhere } from "./NextThing.tsx";

/** The ways on from a station. */
export type WaysOn = {
  readonly view: View;
  readonly open: (view: View) => void;
  readonly undo: () => void;
  readonly before: string | null;
  readonly after: string | null;
};

/** The ways on from here: what the header and the keys are on a larger screen. What is next stands at the foot, but for what is elsewhere while hands are at work. */
export function PhoneWay({ view, open, undo, before, after }: WaysOn) {
  const busy = useHandsBusy(view);
  return (
    <nav aria-label="Ways on" className="no-print mt-2 grid grid-cols-2 gap-2 border-t border-line px-4 py-2 sm:hidden">
      {busy && (
        <span className="col-span-2 empty:hidden">
          <NextElsewhere view={view} open={open} />
        </span>
      )}
      <button type="button" className="btn" onClick={undo}>
        Undo
      </button>
      <span className="grid grid-cols-2 gap-2">
        {before ? (
          <a className="btn" href={`/panes/${before}/${view}`} aria-label="Pane before">
            ‹
          </a>
        ) : (
          <span />
        )}
        {after && (
          <a className="btn" href={`/panes/${after}/${view}`} aria-label="Next pane">
            ›
          </a>
        )}
      </span>
    </nav>
  );
}
