import { lineOf } from "../../core/bed/compound.ts";
import { LINE_RATINGS, type LineRating, RATING_FACTS } from "../../core/finish/line-rating.ts";
import { stepKey } from "../../core/pane/book.ts";
import type { Step } from "../../core/steps/step.ts";
import { usePane } from "../panels/pane-context.ts";

/** How the line round the glass came out, and what paint will and will not hide. */
export function LineRatingPart({ step }: { readonly step: Step }) {
  const { book, reckoning: r, say, write } = usePane();
  const now = book.before.ticked.get(stepKey("finish", step.id))?.[0] as LineRating | undefined;
  const fact = now && RATING_FACTS[now];
  return (
    <div className="space-y-1">
      <fieldset className="flex flex-wrap gap-1.5">
        <legend className="sr-only">{say(`How the line of ${lineOf(r.compound.bed)} came out`)}</legend>
        {LINE_RATINGS.map((rating) => (
          <label key={rating} className="chip">
            <input
              type="radio"
              name="line-rating"
              checked={now === rating}
              onChange={() => write("step.sides", { station: "finish", step: step.id, done: [rating] })}
            />
            {RATING_FACTS[rating].name}
          </label>
        ))}
      </fieldset>
      {fact && <p className={fact.again ? "note-wax" : "note-glass"}>{say(fact.says)}</p>}
    </div>
  );
}
