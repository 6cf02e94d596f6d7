import { nextFor } from "../../core/pane/standing.ts";
import { nextWords } from "../../core/words/standing.ts";
import { usePane } from "../shared/pane-context.ts";
import type { View } from "./model.ts";

type Props = { readonly view: View; readonly open: (view: View) => void };

/** The one thing to do next, and the way there. Where it is this station's own work, the station has the button. */
export function NextThing({ view, open }: Props) {
  const { book, reckoning, today, prefs } = usePane();
  const next = nextFor(book, reckoning, today);
  if (next.kind === "signed-off" || next.station === view) return null;
  return (
    <button type="button" className="btn btn-main" onClick={() => open(next.station)}>
      {nextWords(next, prefs.dialect)} <span aria-hidden="true">→</span>
    </button>
  );
}
