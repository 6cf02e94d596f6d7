import { metresRound } from "../../core/pane/steps-at.ts";
import { mm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";

/** How much line there is to cut: once round, at both edges of what is cut or on both faces. */
export function CutLength() {
  const { reckoning: r, prefs } = usePane();
  const metres = metresRound(r);
  if (metres === null) return null;
  return (
    <p className="text-[13px]">
      About <Length nm={mm(Math.round(metres * 2) * 1000)} unit={prefs.unit} places={0} ticks={16} withUnit /> to cut,
      both lines.
    </p>
  );
}
