import { nextWords } from "../../core/words/standing.ts";
import { usePane } from "../panels/pane-context.ts";
import type { View } from "./model.ts";

type Props = { readonly view: View; readonly open: (view: View) => void };

/** What is next, where that is this station's own work: it only says so, since the button is there. */
export function NextHere({ view }: Pick<Props, "view">) {
  const here = useNextHere(view);
  if (here === null) return null;
  return (
    <p className="leading-snug sm:max-w-56 sm:text-right">
      <span className="block text-[12px] opacity-80">next, here</span>
      <strong className="text-[16px] font-semibold sm:text-[#f7e9a6]">{here}</strong>
    </p>
  );
}

/** The same as words, for the one line that a phone's foot has. Null where nothing is next here. */
export function useNextHere(view: View): string | null {
  const { next, prefs } = usePane();
  return next.kind === "signed-off" || next.station !== view ? null : nextWords(next, prefs.dialect);
}

/** What is next, where that is another station's work: the way there. */
export function NextElsewhere({ view, open }: Props) {
  const { next, prefs } = usePane();
  if (next.kind === "signed-off" || next.station === view) return null;
  return (
    <button type="button" className="btn btn-main max-sm:w-full" onClick={() => open(next.station)}>
      {nextWords(next, prefs.dialect)} <span aria-hidden="true">→</span>
    </button>
  );
}
