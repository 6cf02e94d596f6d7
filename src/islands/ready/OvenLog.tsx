import { dryingOf } from "../../core/refurbish/beads-and-seal.ts";
import { BEADS_OVEN_C } from "../../core/refurbish/steps.ts";
import { LIGHT_UNIT, lightTyped } from "../../core/units/mass.ts";
import { usePane } from "../panels/pane-context.ts";

/** The drying beads on the scale, again and again, until they lose no more. */
export function OvenLog() {
  const { book, prefs, say, write } = usePane();
  const { weighings } = book.before.refurbish;
  const drying = dryingOf(weighings);
  return (
    <div className="space-y-2">
      {weighings.length > 0 && (
        <ul className="tight text-[14px]">
          {[...weighings]
            .sort((a, b) => a.minutes - b.minutes)
            .map((w) => (
              <li key={`${w.minutes} ${w.grams}`}>{say(`${w.minutes} min: ${w.grams} g`)}</li>
            ))}
        </ul>
      )}
      <p className={drying.kind === "dry" ? "note-glass" : "text-[14px]"} role="status">
        {drying.kind === "weigh-first"
          ? say(`Weigh them before the oven and again after an hour, at ${BEADS_OVEN_C} °C or as the label says.`)
          : drying.kind === "again"
            ? say(`${drying.lost.toFixed(1)} g lost so far: weigh again in half an hour.`)
            : say(
                `Dry: the weight no longer falls. ${drying.lostInAll.toFixed(1)} g of water is gone. Fill them in now.`,
              )}
      </p>
      <form
        className="grid grid-cols-[1fr_1fr_auto] items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          write("refurbish.weighed", {
            grams: lightTyped(Number(form.get("weight")), prefs.unit),
            minutes: Math.round(Number(form.get("minutes"))),
          });
          e.currentTarget.reset();
        }}
      >
        <label>
          <span className="text-[13px] text-mute">minutes in the oven</span>
          <input name="minutes" type="number" min={0} max={10000} required className="tight" />
        </label>
        <label>
          <span className="text-[13px] text-mute">{LIGHT_UNIT[prefs.unit]} on the scale</span>
          <input name="weight" type="number" step="any" min={0} max={20000} required className="tight" />
        </label>
        <button type="submit" className="btn">
          Weighed
        </button>
      </form>
    </div>
  );
}
