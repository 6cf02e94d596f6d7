import { useId } from "react";
import { meaning, piecesOf, type Term } from "../../core/words/dialect.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import { usePane } from "./pane-context.ts";

/** A sentence in the reader's words and unit. A tap on a trade word says what it means. */
export function Said({ children }: { readonly children: string }) {
  const { prefs } = usePane();
  return piecesOf(inUnit(children, prefs.unit), prefs.dialect).map((piece, i) =>
    // biome-ignore lint/suspicious/noArrayIndexKey: a sentence's pieces never move
    piece.term === null ? piece.text : <Word key={i} text={piece.text} term={piece.term} />,
  );
}

function Word({ text, term }: { readonly text: string; readonly term: Term }) {
  const { prefs } = usePane();
  const id = useId();
  return (
    <>
      <button type="button" className="word" popoverTarget={id}>
        {text}
      </button>
      <span id={id} popover="auto" className="meaning">
        <strong className="font-semibold first-letter:uppercase">{text}</strong>: {meaning(term, prefs.dialect)}.
      </span>
    </>
  );
}
