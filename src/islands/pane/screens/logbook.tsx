import { usePane } from "../../panels/pane-context.ts";
import { Elevation } from "../../stage/Elevation.tsx";
import { Logbook } from "../Logbook.tsx";
import type { Screen, StationProps } from "./screen.ts";

function PaneLogbook({ strike }: StationProps) {
  const { book, prefs, today } = usePane();
  return (
    <div className="min-h-0 flex-1 px-4 py-3 desk:overflow-y-auto desk:px-5">
      <p className="pb-2">
        <a href={`/windows/${book.id}`}>The life of this opening</a>: every repair of it, on whatever round.
      </p>
      <Logbook pane={book.id} log={book.log} prefs={prefs} today={today} strike={strike} />
    </div>
  );
}

/** Beside the logbook: the sash it tells of. */
function Standing() {
  return (
    <div className="max-desk:hidden">
      <Elevation />
    </div>
  );
}

export const screen: Screen = { stage: PaneLogbook, side: Standing, sideName: null };
