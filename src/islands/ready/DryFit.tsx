import { penceOf } from "../../core/money/pence.ts";
import { workPence } from "../../core/order/quote.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import { STATION_NAMES } from "../../core/plan/stations.ts";
import { DRY_FIT_FACTS, DRY_FITS } from "../../core/ready/dry-fit.ts";
import { money } from "../../core/words/money.ts";
import { usePane } from "../panels/pane-context.ts";

/** How it went in when tried dry, and what follows from that. */
export function DryFit() {
  const { book, say, write } = usePane();
  const whole = ["sash", "window"].includes(wholeOf(book) ?? "");
  const now = book.before.dryFit?.fit ?? null;
  const fact = now && DRY_FIT_FACTS[now];
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-2 gap-2">
        {DRY_FITS.map((fit) => (
          <label key={fit} className="chip">
            <input
              type="radio"
              name="dry-fit"
              checked={now === fit}
              onChange={() => write("ready.dry-fit", { fit, note: "" })}
            />
            {DRY_FIT_FACTS[fit].name}
          </label>
        ))}
      </div>
      {fact && (
        <p className={now === "free" ? "note-glass" : "note-wax"}>
          {say(whole ? fact.whole : fact.next)}{" "}
          {fact.goTo && fact.goTo !== "set" && (
            <a href={`/panes/${book.id}/${fact.goTo}`}>Open {STATION_NAMES[fact.goTo]}</a>
          )}
        </p>
      )}
    </div>
  );
}

/** Two drains drilled, sleeved, and their screw heads sealed. Source: trade practice. */
const DRILL_MIN = 25;

/** Drains: how many there are, how many let water through. */
export function Drains() {
  const { book, firm, write } = usePane();
  const now = book.before.drains ?? { found: 0, clear: 0, sleeved: 0, note: "" };
  const field = (key: "found" | "clear" | "sleeved", name: string) => (
    <label className="block w-24">
      <span className="text-[13px] text-mute">{name}</span>
      <input
        type="number"
        inputMode="numeric"
        min={0}
        max={99}
        className="tight"
        key={book.before.drains?.[key]}
        defaultValue={book.before.drains?.[key] ?? ""}
        onBlur={(e) => {
          const to = Math.round(e.target.valueAsNumber);
          if (Number.isFinite(to) && to >= 0 && to <= 99 && to !== book.before.drains?.[key])
            write("ready.drains", { ...now, [key]: to });
        }}
      />
    </label>
  );
  return (
    <div className="flex flex-wrap items-end gap-3">
      {field("found", "found")}
      {field("clear", "clear")}
      {field("sleeved", "sleeved")}
      <p className="basis-full text-[13px] text-mute">
        As made they run by themselves; where water reaches the room they are drilled, sleeved with a short tube, and
        the screw heads beside them sealed.
      </p>
      {book.before.drains && now.found === 0 && (
        <p className="trouble">
          None: drill them, low in the frame, at both ends; more if it is long. Two drilled and sleeved are about{" "}
          {DRILL_MIN} min, {money(workPence(DRILL_MIN, penceOf(firm.house.hourRate)), firm.house.currency)} before tax:
          ask the customer.
        </p>
      )}
    </div>
  );
}
