import { useState } from "react";
import { kindOf, runsInSun } from "../../core/finish/compounds.ts";
import { mayTouch } from "../../core/pane/against.ts";
import { COUNTED_NAMES, missing } from "../../core/takeout/counts.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { DayField } from "../parts/DayField.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";

/** The day it was set, in what, held by how many sprigs; what is not back, or left out, is said in words. */
export function SetDone() {
  const { book, reckoning: r, firm, today, say, write } = usePane();
  const gone = missing(book.before.counts);
  const [compound, setCompound] = useState(r.compound.id);
  const chosen = firm.compounds.find((c) => c.id === compound);
  const touch = mayTouch(chosen ? kindOf(chosen) : compound, book, r.glass);
  const runs = chosen ? runsInSun(chosen, book.sun?.darkFrame ?? false) : null;
  const planned = book.added.system === "timber-putty" ? (r.sprigs?.count ?? null) : null;
  const [sprigs, setSprigs] = useState(planned === null ? "" : String(planned));
  const without = planned !== null && (sprigs.trim() === "" || Number(sprigs) === 0);
  if (book.set) {
    const used = firm.compounds.find((c) => c.id === book.set?.compound);
    return (
      <p className="note-glass">
        Set {sayDay(dayOf(book.set.day))} in {say(used?.name ?? book.set.compound)}
        {book.set.sprigs !== null && say(`, ${book.set.sprigs} {sprigs}`)}. {used && say(used.needs)}
      </p>
    );
  }
  return (
    <Part title="It is set">
      <form
        className="grid grid-cols-3 items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          const sprigs = String(form.get("sprigs") ?? "");
          const where = String(form.get("where") ?? "").trim();
          const why = String(form.get("why") ?? "").trim();
          const all = String(form.get("all-the-same") ?? "").trim();
          if (all)
            write("note.written", {
              station: "set",
              text: `Set in ${say(chosen?.name ?? compound)} all the same: ${all}`,
            });
          if (why) write("note.written", { station: "set", text: say(`Set without {sprigs}: ${why}`) });
          if (where) write("note.written", { station: "set", text: `Not all went back: ${where}` });
          write("set.done", {
            day: String(form.get("day")),
            compound: String(form.get("compound")),
            sprigs: sprigs === "" ? null : Number(sprigs),
          });
        }}
      >
        <label className="col-span-3">
          <span className="text-[13px] text-mute">In what</span>
          <select name="compound" value={compound} onChange={(e) => setCompound(e.target.value)}>
            {firm.compounds.map((c) => (
              <option key={c.id} value={c.id}>
                {say(c.name)}
              </option>
            ))}
          </select>
        </label>
        {touch.says !== "yes" && (
          <p className={`col-span-3 ${touch.says === "no" ? "note-wax" : "note-glass"}`}>
            {touch.says === "no" ? "Not here: " : "With care: "}
            {say(touch.because.join(" "))}
          </p>
        )}
        {runs && <p className="note-wax col-span-3">Not here: {runs}</p>}
        {(touch.says === "no" || runs) && (
          <label className="col-span-3">
            <span className="trouble">Take another, or say why it is this one all the same.</span>
            <input name="all-the-same" required maxLength={200} pattern=".*\S.*" />
          </label>
        )}
        {chosen?.approved && (
          <p className="col-span-3 text-[13px] text-mute">Approved by the maker of {chosen.approved}.</p>
        )}
        <DayField says="Day" className="col-span-2" name="day" required max={writeDay(today)} start={writeDay(today)} />
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
        {without && (
          <label className="col-span-3">
            <span className="trouble">
              {say(
                "Without {sprigs} nothing holds the pane until the {putty} is hard, and it rattles for good. Why none?",
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
        <button type="submit" className="btn btn-main col-span-3">
          It is set
        </button>
      </form>
    </Part>
  );
}
