import type { Place } from "../../core/measure/places.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { usePane } from "./pane-context.ts";
import { ReadingField } from "./ReadingField.tsx";

/** Two readings beside each other, each under its name. */
export function TwoReadings({ places }: { readonly places: readonly Place[] }) {
  const { say } = usePane();
  return (
    <div className="grid grid-cols-2 gap-2">
      {places.map((place) => (
        <div key={place}>
          <span className="block text-[13px] text-mute first-letter:uppercase">{say(PLACE_NAMES[place])}</span>
          <ReadingField place={place} />
        </div>
      ))}
    </div>
  );
}
