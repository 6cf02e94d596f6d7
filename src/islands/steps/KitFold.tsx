import { CLOSING_KIT } from "../../core/pane/open-hole.ts";
import { closesUp } from "../../core/pane/overnight.ts";
import { metresRound, stepsAt } from "../../core/pane/steps-at.ts";
import type { Station } from "../../core/plan/stations.ts";
import { kitOf, oneKit } from "../../core/steps/kit.ts";
import { toMm } from "../../core/units/length.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";

/** What to have with one for a station's steps: each tool once, and what is used up. */
export function KitFold({ station }: { readonly station: Station }) {
  const { book, reckoning: r, firm, say } = usePane();
  const glass = r.cut.ok ? r.cut.value.glass : null;
  const steps = kitOf(stepsAt(station, book, r), {
    metres: metresRound(r),
    diagonalM: glass && Math.hypot(toMm(glass.width), toMm(glass.height)) / 1000,
    waste: firm.house.waste,
  });
  const kit = closesUp([station], book, r) ? oneKit([steps, CLOSING_KIT]) : steps;
  if (kit.tools.length === 0) return null;
  return (
    <Fold title="What to have with you" more={`${kit.tools.length} things`}>
      <p>{say(kit.tools.join(", "))}.</p>
      {kit.uses.length > 0 && (
        <ul className="tight">
          {kit.uses.map((u) => (
            <li key={u.what}>
              {u.what}: about {u.amount} {u.unit}
            </li>
          ))}
        </ul>
      )}
      {glass === null && <p className="text-[13px] text-mute">Amounts follow once it is sized.</p>}
    </Fold>
  );
}
