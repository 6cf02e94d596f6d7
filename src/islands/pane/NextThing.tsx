import { nextFor } from "../../core/pane/standing.ts";
import { nextWords } from "../../core/words/standing.ts";
import { usePane } from "../parts/pane-context.ts";
import type { View } from "./model.ts";

type Props = { readonly view: View; readonly open: (view: View) => void };

/** The one thing to do next, and the way there. Where it is this station's own work, it only says so: the button is there. */
export function NextThing({ view, open }: Props) {
  const { book, reckoning, today, prefs } = usePane();
  const next = nextFor(book, reckoning, today);
  if (next.kind === "signed-off") return null;
  if (next.station === view)
    return (
      <p className="leading-snug sm:max-w-56 sm:text-right">
        <span className="block text-[12px] opacity-80">next, here</span>
        <strong className="text-[16px] font-semibold sm:text-[#f7e9a6]">{nextWords(next, prefs.dialect)}</strong>
      </p>
    );
  return (
    <button type="button" className="btn btn-main" onClick={() => open(next.station)}>
      {nextWords(next, prefs.dialect)} <span aria-hidden="true">→</span>
    </button>
  );
}
