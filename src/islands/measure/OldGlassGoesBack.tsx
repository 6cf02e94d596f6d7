import { HANG, OPENING, type Place } from "../../core/measure/places.ts";
import { hingeOf } from "../../core/pane/hangs.ts";
import { isRefurbished } from "../../core/pane/refurbishing.ts";
import { hingeWords } from "../../core/words/found.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { FourGaps } from "../panels/FourGaps.tsx";
import { HowItHangs } from "../panels/HowItHangs.tsx";
import { OldPaneFields } from "../panels/OldPaneFields.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { Dropped } from "./Dropped.tsx";
import { ThicknessPart } from "./ThicknessPart.tsx";

/** Of glass that goes back: how it hangs and its gaps; of a unit that is opened how thick it is, too. Nothing of it is sized. */
export function OldGlassGoesBack({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, say } = usePane();
  const hinge = hingeOf(book);
  const opened = isRefurbished(book);
  const sideHung = hinge === "left" || hinge === "right";
  return (
    <div className="space-y-4">
      <p className="note-glass">
        The old glass goes back: nothing is sized. How it hangs and its gaps say how it is packed
        {opened && ", its edges and its thickness how much closes it again"}.
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
      {opened && <ThicknessPart ask={ask} />}
    </div>
  );
}
