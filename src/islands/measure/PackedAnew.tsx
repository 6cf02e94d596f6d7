import { HANG, OPENING, type Place } from "../../core/measure/places.ts";
import { hingeOf } from "../../core/pane/hangs.ts";
import { hingeWords } from "../../core/words/found.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { FourGaps } from "../panels/FourGaps.tsx";
import { HowItHangs } from "../panels/HowItHangs.tsx";
import { OldPaneFields } from "../panels/OldPaneFields.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { Dropped } from "./Dropped.tsx";

/** Of glass that stays and is packed anew: how it hangs and its gaps. Nothing of it is sized. */
export function PackedAnew({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, say } = usePane();
  const hinge = hingeOf(book);
  const sideHung = hinge === "left" || hinge === "right";
  return (
    <div className="space-y-4">
      <p className="note-glass">
        {say("The old glass goes back: nothing is sized. How it hangs and its gaps say how it is packed.")}
        {OPENING.some((p) => book.readings[p]) &&
          " What was read of its opening is kept, and counts again where new glass is chosen under Look."}
      </p>
      <HowItHangs />
      {hinge !== "not-said" && (
        <p>
          It hangs: <strong className="font-semibold">{hingeWords(hinge)}</strong>.
        </p>
      )}
      {sideHung && (
        <Part title="Gap above it, sash shut" more="at both ends: by how much it dropped">
          <div className="grid grid-cols-2 gap-2">
            {HANG.map((p) => (
              <ReadingField key={p} place={p} label={say(PLACE_NAMES[p])} onFocus={ask} />
            ))}
          </div>
          <ReadingTrouble places={HANG} />
          <Dropped />
        </Part>
      )}
      {hinge !== "fixed" && (
        <Part title="All four gaps" more="shut, as it hangs now">
          <FourGaps />
        </Part>
      )}
      <Part title="The old {pane}" more={say("once its {beads} are off: the marks then have figures")}>
        <OldPaneFields />
      </Part>
    </div>
  );
}
