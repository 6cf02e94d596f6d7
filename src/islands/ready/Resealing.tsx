import { optionsFor } from "../../core/look/options.ts";
import { type Pence, penceOf } from "../../core/money/pence.ts";
import { workPence } from "../../core/order/quote.ts";
import { stepKey } from "../../core/pane/book.ts";
import { openedUnit } from "../../core/pane/opened-unit.ts";
import { optionsFacts } from "../../core/pane/options-facts.ts";
import { refurbishHere } from "../../core/pane/refurbishing.ts";
import { effortOf } from "../../core/steps/step.ts";
import { money } from "../../core/words/money.ts";
import { needsText } from "../../core/words/refurbish.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ClosedAgain } from "./ClosedAgain.tsx";

/** Opening, drying and closing a misted unit, as it has come so far: what goes back in, what it costs beside a new one, and the mark it leaves. */
export function Resealing() {
  const { book, reckoning: r, firm, say } = usePane();
  const { weighings, cleaned, closed } = book.before.refurbish;
  const { needs, isRead } = openedUnit(book, r);
  const done = refurbishHere(book, r).filter((s) => book.steps.get(stepKey("ready", s.id))?.state === "done");
  const spent = effortOf(done).minutes;
  const renew = optionsFor(optionsFacts(book, r), firm.house).find((o) => o.kind === "glass");
  const cost = (pence: Pence) => money(pence, firm.house.currency);
  return (
    <Part title="Refurbish the {unit}" more="no gas, no guarantee, no test: it may mist again">
      <dl className="max-w-2xl divide-y divide-line text-[15px] [&_dd]:pb-2 [&_dt]:pt-2 [&_dt]:text-[13px] [&_dt]:text-mute">
        <dt>What goes back in</dt>
        <dd>
          {needs
            ? `${needsText(needs)}${isRead ? "" : " What nobody measured of it is taken as most are."}`
            : say("Known once the {unit}'s width and height are read: at the step that empties its drying beads.")}
        </dd>
        <dt>Drying beads</dt>
        <dd>{weighings.length === 0 ? "Not weighed yet." : `Weighed ${weighings.length} times.`}</dd>
        <dt>Inner faces</dt>
        <dd>{cleaned.length === 0 ? "Not cleaned yet." : `Cleaned ${cleaned.length} times.`}</dd>
        <dt>Cost so far</dt>
        <dd>
          About {(spent / 60).toFixed(1)} h in, {cost(workPence(spent, penceOf(firm.house.hourRate)))} of work, and{" "}
          {cost(penceOf(firm.house.refurbishKit))} of material
          {renew && say(`; a new {unit}, fitted, is ${money(renew.pence, firm.house.currency)}`)}.
        </dd>
      </dl>
      {closed && <ClosedAgain />}
    </Part>
  );
}
