import { stepFacts } from "../../core/pane/step-facts.ts";
import { whoHasIt } from "../../core/pane/who-has-it.ts";
import { HOLDER_FACTS, HOLDERS, holderSays } from "../../core/takeout/holder.ts";
import { usePane } from "../panels/pane-context.ts";
import { useSteps } from "../steps/use-steps.ts";

/** What or who has the pane from here on, and whether that is enough. */
export function Holder({ step }: { readonly step: string }) {
  const { book, reckoning: r, say, write } = usePane();
  const { steps } = useSteps("takeout");
  const held = whoHasIt(book, steps, step);
  const f = stepFacts(book, r);
  const says = holderSays(held, { storey: f.storey, heavy: f.lift !== 1, broken: f.damage.includes("holed") });
  return (
    <fieldset className="space-y-1.5">
      <legend className="text-[13px] text-mute">{say("What has the {pane} now")}</legend>
      <div className="flex flex-wrap gap-1.5">
        {HOLDERS.map((h) => (
          <label key={h} className="chip">
            <input
              type="checkbox"
              checked={held.includes(h)}
              onChange={() =>
                write("step.sides", {
                  station: "takeout",
                  step,
                  done: held.includes(h) ? held.filter((x) => x !== h) : [...held, h],
                })
              }
            />
            {HOLDER_FACTS[h]}
          </label>
        ))}
      </div>
      {says && <p className="trouble">{says}</p>}
    </fieldset>
  );
}
