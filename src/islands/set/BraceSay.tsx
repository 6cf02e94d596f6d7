import { braceHere } from "../../core/pane/brace-here.ts";
import { mm } from "../../core/units/length.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField } from "../panels/ReadingField.tsx";
import { Length } from "../ui/Length.tsx";

const HEAD_GAPS = ["head-gap-hinge", "head-gap-handle"] as const;

/** By its head gaps: how far the handle hangs down, and how much thicker what stands over it must be. Read here where they were not. */
export function BraceSay() {
  const { book, reckoning: r, prefs, say } = usePane();
  const brace = braceHere(book, r);
  const length = (of: number) => (
    <strong>
      <Length nm={mm(Math.round(of * 10) / 10)} unit={prefs.unit} places={1} ticks={32} withUnit />
    </strong>
  );
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-2 gap-2">
        {HEAD_GAPS.map((place) => (
          <div key={place}>
            <span className="block text-[13px] text-mute first-letter:uppercase">{say(PLACE_NAMES[place])}</span>
            <ReadingField place={place} />
          </div>
        ))}
      </div>
      {brace && (
        <p className="note-glass">
          It hangs down {length(brace.dropMm)} at the handle: {say("{packers} there about")} {length(brace.moreMm)}{" "}
          thicker than they were lift it square. Then look at the gaps.
        </p>
      )}
    </div>
  );
}
