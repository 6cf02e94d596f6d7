import type { Place } from "../../core/measure/places.ts";
import { SITS, WAY_FACTS } from "../../core/measure/ways.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../parts/ReadingField.tsx";
import { InsertNear } from "./InsertNear.tsx";

/** The fields of a way that is not the rebate itself. */
export function WayFields({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, reckoning: r, say, write } = usePane();
  const { places } = WAY_FACTS[book.way];
  if (places.length === 0) return null;
  const told =
    book.way === "through-glass"
      ? r.opening.guessed
        ? `Taken as a guess, doubtful by ${r.opening.guessed.doubt} mm both sides together, until the {rebate} itself is read.`
        : "Give the sight size and the cover you guess on each side."
      : null;
  return (
    <Part title={WAY_FACTS[book.way].name}>
      <div className="grid grid-cols-2 gap-2">
        {places.map((p) => (
          <ReadingField key={p} place={p} label={say(PLACE_NAMES[p])} onFocus={ask} />
        ))}
      </div>
      <ReadingTrouble places={places} />
      <InsertNear />
      {told && <p className="note-glass">{say(told)}</p>}
      {book.way === "old-unit" && (
        <fieldset>
          <legend className="text-[13px] text-mute">{say("How the old {pane} sat")}</legend>
          <div className="flex flex-wrap gap-1.5">
            {SITS.map((sits) => (
              <label key={sits} className="chip">
                <input
                  type="radio"
                  name="sits"
                  checked={book.sits === sits}
                  onChange={() => write("measure.sits", { sits })}
                />
                {sits}
              </label>
            ))}
          </div>
          {book.sits && <p className="pt-1 text-[13px]">{say(SAT[book.sits])}</p>}
        </fieldset>
      )}
    </Part>
  );
}

const SAT = {
  tight: "It bound: a copy binds again. Read the {rebate} once it is clear, or overrule with 2 mm less each way.",
  even: "It sat well: a copy will do.",
  loose: "It rattled: a copy rattles again. Read the {rebate} once it is clear, and see what cover is left.",
} as const;
