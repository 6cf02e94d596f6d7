import { useId } from "react";
import type { Template } from "../../core/text/template.ts";
import { meaning, piecesOf, type Term } from "../../core/words/dialect.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import { usePane } from "./pane-context.ts";

/** What follows a word without a space stays on its line. */
const CLINGS = /^[,.;:!?)”’]+/;

/** A sentence in the reader's words and unit. A tap on a trade word says what it means. */
export function Said({ children }: { readonly children: Template }) {
  const { prefs } = usePane();
  const pieces = piecesOf(inUnit(children, prefs.unit), prefs.dialect);
  return pieces.map((piece, i) => {
    const before = pieces[i - 1];
    const clung = before && before.term !== null ? (CLINGS.exec(piece.text)?.[0].length ?? 0) : 0;
    if (piece.term === null) return piece.text.slice(clung);
    const clings = CLINGS.exec(pieces[i + 1]?.text ?? "")?.[0];
    return (
      // biome-ignore lint/suspicious/noArrayIndexKey: a sentence's pieces never move
      <span key={i} className={clings && "whitespace-nowrap"}>
        <Word text={piece.text} term={piece.term} />
        {clings}
      </span>
    );
  });
}

function Word({ text, term }: { readonly text: string; readonly term: Term }) {
  const { prefs } = usePane();
  const id = useId();
  return (
    <>
      <button type="button" className="word whitespace-normal" popoverTarget={id}>
        {text}
      </button>
      <span id={id} popover="auto" className="meaning whitespace-normal">
        <strong className="font-semibold first-letter:uppercase">{text}</strong>: {meaning(term, prefs.dialect)}.
      </span>
    </>
  );
}
