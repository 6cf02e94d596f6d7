import { HANG } from "../../core/measure/places.ts";
import { braceHere } from "../../core/pane/brace-here.ts";
import { mm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";
import { TwoReadings } from "../panels/TwoReadings.tsx";
import { Length } from "../ui/Length.tsx";

/** By its head gaps: how far the handle hangs down, and how much thicker what stands over it must be. Read here where they were not. */
export function BraceSay() {
  const { book, reckoning: r, prefs, say } = usePane();
  const brace = braceHere(book, r);
  const length = (value: number) => (
    <strong>
      <Length nm={mm(Math.round(value * 10) / 10)} unit={prefs.unit} places={1} ticks={32} withUnit />
    </strong>
  );
  return (
    <div className="space-y-2">
      <TwoReadings places={HANG} />
      {brace && (
        <p className="note-glass">
          It hangs down {length(brace.dropMm)} at the handle: {say("{packers} there about")} {length(brace.moreMm)}{" "}
          thicker than they were lift it square. Then look at the gaps.
        </p>
      )}
    </div>
  );
}
