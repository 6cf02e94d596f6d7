import { useState } from "react";
import { asUsed, compoundInText } from "../../core/bed/compounds.ts";
import { sprigged } from "../../core/frame/held.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import { COUNTED_NAMES, missing } from "../../core/takeout/counts.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { useSteps } from "../steps/use-steps.ts";
import { DayField } from "../ui/DayField.tsx";
import { WentIn } from "./WentIn.tsx";

/** Why steps of setting are left out that nobody ticked while it was done. */
const SET_ALREADY = "set before its steps were ticked";

/** The day it was set, held by how many sprigs; what is not back, or left out, is said in words. */
export function SetDone() {
  const { book, reckoning: r, today, say, write } = usePane();
  const { steps, isOpen } = useSteps("set");
  const open = steps.filter(isOpen);
  const gone = missing(book.before.counts);
  const isSprigged = sprigged(likeOf(book)) && wholeOf(book) === null;
  const planned = isSprigged ? (r.sprigs?.count ?? null) : null;
  const [sprigs, setSprigs] = useState(planned === null ? "" : String(planned));
  const without = planned !== null && (sprigs.trim() === "" || Number(sprigs) === 0);
  if (book.set) {
    return (
      <div className="space-y-3">
        <p className="note-glass">
          Set {sayDayFrom(dayOf(book.set.day), today)} in {say(compoundInText(r.compound))}
          {book.set.sprigs !== null && say(`, ${book.set.sprigs} {sprigs}`)}. {say(r.compound.needs)}
        </p>
        {wholeOf(book) === null && <WentIn />}
      </div>
    );
  }
  return (
    <Part title="It is set" more={say(`in ${compoundInText(r.compound)}`)}>
      <form
        className="grid grid-cols-3 items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          const sprigs = String(form.get("sprigs") ?? "");
          const where = String(form.get("where") ?? "").trim();
          const why = String(form.get("why") ?? "").trim();
          if (why) write("note.written", { station: "set", text: say(`Set without {sprigs}: ${why}`) });
          for (const { id } of open)
            write("step.marked", { station: "set", step: id, state: "skipped", reason: SET_ALREADY });
          if (where) write("note.written", { station: "set", text: `Not all went back: ${where}` });
          write("set.done", {
            day: String(form.get("day")),
            compound: r.compound.id,
            sprigs: sprigs === "" ? null : Number(sprigs),
            as: asUsed(r.compound),
          });
        }}
      >
        <DayField
          says="Day"
          className={isSprigged ? "col-span-2" : "col-span-3"}
          name="day"
          required
          max={writeDay(today)}
          start={writeDay(today)}
        />
        {isSprigged && (
          <label>
            <span className="text-[13px] text-mute">{say("{Sprigs}")}</span>
            <input
              type="number"
              name="sprigs"
              min={0}
              max={500}
              className="tight"
              value={sprigs}
              onChange={(e) => setSprigs(e.target.value)}
            />
          </label>
        )}
        {without && (
          <label className="col-span-3">
            <span className="trouble">
              {say(
                "Without {sprigs} nothing holds the {pane} until the {putty} is hard, and it rattles for good. Why none?",
              )}
            </span>
            <input name="why" required maxLength={200} pattern=".*\S.*" />
          </label>
        )}
        {gone.length > 0 && (
          <label className="col-span-3">
            <span className="trouble">
              Not all is back: {gone.map((g) => `${g.by} ${say(COUNTED_NAMES[g.what])}`).join(", ")}. Where are they?
            </span>
            <input name="where" required maxLength={200} />
          </label>
        )}
        {open.length > 0 && (
          <label className="chip col-span-3">
            <input type="checkbox" required aria-label="Leave the steps that are not ticked" />
            {open.length === 1 ? "One step here is" : `${open.length} steps here are`} not ticked: leave{" "}
            {open.length === 1 ? "it" : "them"}, with that word
          </label>
        )}
        <button type="submit" className={`btn col-span-3 ${open.length > 0 ? "" : "btn-main"}`}>
          It is set
        </button>
      </form>
    </Part>
  );
}
