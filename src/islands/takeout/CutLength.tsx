import { metresRound } from "../../core/pane/steps-at.ts";
import { usePane } from "../panels/pane-context.ts";

/** How much line there is to cut: once round, at both edges of what is cut or on both faces. */
export function CutLength() {
  const { reckoning: r, prefs } = usePane();
  const metres = metresRound(r);
  if (metres === null) return null;
  return (
    <p className="text-[13px]">
      About {prefs.unit === "mm" ? `${Math.round(metres * 2)} m` : `${Math.round((metres * 2) / 0.3048)} ft`} to cut,
      both lines.
    </p>
  );
}
