import { PLACE_NAMES } from "../../core/words/places.ts";
import { usePane } from "./pane-context.ts";
import { ReadingField } from "./ReadingField.tsx";

/** Width and height of glass that goes back, measured edge to edge where it lies or stands. */
export function OldPaneFields() {
  const { say } = usePane();
  return (
    <div className="grid grid-cols-2 gap-2">
      {(["old-width", "old-height"] as const).map((place) => (
        <div key={place}>
          <span className="block text-[13px] text-mute first-letter:uppercase">{say(PLACE_NAMES[place])}</span>
          <ReadingField place={place} />
        </div>
      ))}
    </div>
  );
}
