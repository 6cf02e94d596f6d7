import { braceHere } from "../../core/pane/brace-here.ts";
import { mm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";

/** By its head gaps: how far the handle hangs down, and how much thicker what stands over it must be. */
export function BraceSay() {
  const { book, reckoning, prefs, say } = usePane();
  const brace = braceHere(book, reckoning);
  if (!brace) return null;
  const length = (of: number) => (
    <strong>
      <Length nm={mm(Math.round(of * 10) / 10)} unit={prefs.unit} places={1} ticks={32} withUnit />
    </strong>
  );
  return (
    <p className="note-glass">
      By its head gaps it hangs down {length(brace.dropMm)} at the handle: {say("{packers} there about")}{" "}
      {length(brace.moreMm)} thicker than they were lift it square. Then look at the gaps.
    </p>
  );
}
