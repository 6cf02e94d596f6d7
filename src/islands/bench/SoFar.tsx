import { OFFCUT_KEPT } from "../../core/cut/offcut-kept.ts";
import { cutPlanSays } from "../../core/words/cut-plan.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { type Planned, planFacts } from "./plan-of.ts";
import { SheetDrawing } from "./SheetDrawing.tsx";

const SHOWN = 6;

/** The best plan up to now, while the search goes on: to be looked at, and not to be cut by yet. */
export const SoFar = ({ plan, prefs }: { readonly plan: Planned; readonly prefs: Prefs }) => (
  <section aria-label="The best up to now" className="no-print space-y-2">
    <p className="text-mute">Up to now: {say(cutPlanSays(planFacts(plan)), prefs.dialect)}</p>
    <ul className="grid grid-cols-2 gap-3 desk:grid-cols-3">
      {plan.done.sheets.slice(0, SHOWN).map((s, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: sheets of one plan keep their places
        <li key={i} className="opacity-70">
          <SheetDrawing
            root={s.root}
            names={plan.panes.map((p) => p.where)}
            keep={OFFCUT_KEPT}
            unit={prefs.unit}
            done={0}
          />
        </li>
      ))}
    </ul>
  </section>
);
