import { BACK, type Place } from "../../core/measure/places.ts";
import { twistWords } from "../../core/words/opening.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";

/** The same readings from the other face: their difference is twist. */
export function OtherFace({ ask }: { readonly ask: (place: Place) => void }) {
  const { reckoning: r, prefs, say } = usePane();
  const twist = twistWords(r.twist, prefs.unit);
  return (
    <Fold title="The other face" more={twist ? say(twist).split(":")[0] : "if the frame may be twisted"}>
      <div className="grid grid-cols-3 gap-2">
        {BACK.map((p) => (
          <ReadingField key={p} place={p} label={say(PLACE_NAMES[p]).replace("other face, ", "")} onFocus={ask} />
        ))}
      </div>
      <ReadingTrouble places={BACK} />
      <p className="text-[13px] text-mute">Left and right stay those of the first face.</p>
      {twist && <p className="note-glass">{say(twist)}</p>}
    </Fold>
  );
}
