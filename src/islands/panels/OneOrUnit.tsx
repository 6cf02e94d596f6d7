import { frameOf } from "../../core/frame/systems.ts";
import { EXAM_FACTS } from "../../core/look/exam.ts";
import { readsWhole } from "../../core/measure/ways.ts";
import { type SealedBy, sealedBy, wasUnit } from "../../core/pane/unit.ts";
import { usePane } from "./pane-context.ts";

const BECAUSE: Readonly<Record<SealedBy, string>> = {
  said: "",
  thickness: "by the thickness that was read",
  usual: "as such a frame mostly holds: nobody said",
};

/**
 * One sheet or a {unit}: by what it is taken to be one, and the two taps that say it. Nothing where a person has said it, where
 * glass and frame come as one, or where a pane stands in front of the window.
 */
export function OneOrUnit() {
  const { book, say, write } = usePane();
  const by = sealedBy(book);
  if (by === "said" || readsWhole(book.way) || frameOf(book.added.system).inFront || !book.heldSaid) return null;
  const taken = wasUnit(book) ? "a {unit}" : "one sheet";
  return (
    <fieldset className="note-glass">
      <legend className="sr-only">{say(EXAM_FACTS.kind.asks)}</legend>
      <p className="pb-1">
        {say(`The old glass is taken as ${taken}, ${BECAUSE[by]}. ${EXAM_FACTS.kind.how.split(":")[0]}, and say:`)}
      </p>
      <div className="flex flex-wrap gap-2">
        {(["single", "sealed"] as const).map((answer) => (
          <button
            key={answer}
            type="button"
            className="btn btn-small"
            onClick={() => write("look.answer", { question: "kind", answer })}
          >
            {say(answer === "single" ? "It is one sheet" : "It is a {unit}")}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
