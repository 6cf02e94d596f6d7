import { OLD_PANE } from "../../core/measure/places.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";

/** The old pane, read edge to edge. */
export function OldPane() {
  const { say } = usePane();
  return (
    <Part title="The old {pane}" more="edge to edge, if it is whole: for like for like">
      <div className="grid grid-cols-3 gap-2">
        {OLD_PANE.map((p) => (
          <ReadingField key={p} place={p} label={say(PLACE_NAMES[p]).replace(/^.*, /, "")} />
        ))}
      </div>
      <ReadingTrouble places={OLD_PANE} />
    </Part>
  );
}
