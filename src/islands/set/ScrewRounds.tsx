import { stepKey } from "../../core/pane/book.ts";
import { roundTicks, screwsToDrive } from "../../core/pane/screw-rounds.ts";
import type { Step } from "../../core/steps/step.ts";
import { CountField } from "../panels/CountField.tsx";
import { usePane } from "../panels/pane-context.ts";

/** A tick for each screw, twice round; and the count that must agree with what came out. */
export function ScrewRounds({ step }: { readonly step: Step }) {
  const { book, write } = usePane();
  const count = screwsToDrive(book);
  const done = book.before.ticked.get(stepKey("set", step.id)) ?? [];
  const all = roundTicks(count);
  return (
    <div className="space-y-2">
      <CountField what="screws" way="back" />
      {[1, 2].map((round) => (
        <fieldset key={round} className="flex flex-wrap items-center gap-1.5">
          <legend className="text-[13px] text-mute">
            {round === 1 ? "First round: top two, bottom two, the middles, then across" : "Second round, snug"}
          </legend>
          {all
            .filter((t) => t.startsWith(`${round}/`))
            .map((t) => (
              <label key={t} className="chip !gap-1 !px-2">
                <input
                  type="checkbox"
                  aria-label={`Round ${round}, screw ${t.slice(2)}`}
                  checked={done.includes(t)}
                  onChange={() =>
                    write("step.sides", {
                      station: "set",
                      step: step.id,
                      done: done.includes(t) ? done.filter((x) => x !== t) : [...done, t],
                    })
                  }
                />
                {t.slice(2)}
              </label>
            ))}
        </fieldset>
      ))}
    </div>
  );
}
