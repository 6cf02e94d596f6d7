import { frameOf } from "../../core/frame/systems.ts";
import { EXAM_FACTS } from "../../core/look/exam.ts";
import { readsWhole } from "../../core/measure/ways.ts";
import { type SealedBy, sealedBy, wasUnit } from "../../core/pane/unit.ts";
import type { Template } from "../../core/text/template.ts";
import { usePane } from "./pane-context.ts";

const BECAUSE: Readonly<Record<SealedBy, string>> = {
  said: "",
  thickness: "by the thickness that was read",
  usual: "as such a frame mostly holds: nobody said",
};

/** How to see it where no glass is left to hold a light to. */
const GONE = "The glass is gone: look at its shards, and at how wide a seat it left";

const ANSWERS = { single: "It is one sheet", sealed: "It is a {unit}" } as const satisfies Readonly<
  Record<string, Template>
>;

type Props = {
  /** Asked, where the old glass is looked at; or told in one line, with the tap that says otherwise, where new glass is chosen. */
  readonly as: "question" | "line";
};

/**
 * Whether the old glass was one sheet or a sealed unit, and by what it is taken to be so. Nothing where a person has said it,
 * where glass and frame come as one, or where a pane stands in front of the window.
 */
export function OneOrUnit({ as }: Props) {
  const { book, say, write } = usePane();
  const by = sealedBy(book);
  if (by === "said" || readsWhole(book.way) || frameOf(book.added.system).inFront || !book.heldSaid) return null;
  const was = wasUnit(book);
  const taken = `The old glass is taken as ${was ? "a {unit}" : "one sheet"}, ${BECAUSE[by]}.`;
  const buttons = (as === "question" ? (["single", "sealed"] as const) : ([was ? "single" : "sealed"] as const)).map(
    (answer) => (
      <button
        key={answer}
        type="button"
        className="btn btn-small shrink-0"
        onClick={() => write("look.answer", { question: "kind", answer })}
      >
        {say(ANSWERS[answer])}
      </button>
    ),
  );
  if (as === "line")
    return (
      <div className="flex items-center justify-between gap-3 text-[13px] text-mute">
        <p>{say(taken)}</p>
        {buttons}
      </div>
    );
  const how = book.damage.includes("gone") ? GONE : EXAM_FACTS.kind.how.split(":")[0];
  return (
    <fieldset className="note-glass">
      <legend className="sr-only">{say(EXAM_FACTS.kind.asks)}</legend>
      <p className="pb-1">{say(`${taken} ${how}, and say:`)}</p>
      <div className="flex flex-wrap gap-2">{buttons}</div>
    </fieldset>
  );
}
