import { useState } from "react";
import { COMPOUNDS } from "../../core/finish/compounds.ts";
import { mayTouch } from "../../core/pane/against.ts";
import { readyFacts } from "../../core/pane/step-facts.ts";
import { COUNTED_NAMES, missing } from "../../core/takeout/counts.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { Cautions } from "../parts/Cautions.tsx";
import { CountDown } from "../parts/CountDown.tsx";
import { CountField } from "../parts/CountField.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Steps } from "../parts/Steps.tsx";
import { AsItWas } from "./AsItWas.tsx";
import { MaterialsUsed } from "./MaterialsUsed.tsx";
import { PickList } from "./PickList.tsx";
import { SettingDrawing } from "./SettingDrawing.tsx";
import { Simulator } from "./Simulator.tsx";

/** What to have to hand, the steps in order, and the day it was set. */
export const SetStation = () => (
  <div className="space-y-5">
    <Cautions station="set" />
    <PickList />
    <SettingDrawing />
    <Simulator />
    <AsItWas />
    <Part title="Set it" more="in this order">
      <OpenTime />
      <Steps
        station="set"
        asks={{
          packers: () => <p className="text-[13px]">At the places on the drawing above.</p>,
          scraps: () => <CountField what="scraps" way="back" />,
          tags: () => <OwnOpening />,
        }}
      />
    </Part>
    <MaterialsUsed />
    <Done />
  </div>
);

/** Time from the nozzle's first touch until a skin forms, minutes. Source: common labels; the label wins. */
const SKIN_MIN = 10;

function OpenTime() {
  const { book, reckoning: r } = usePane();
  return readyFacts(book, r).bed === "silicone" && !book.set ? (
    <CountDown minutes={SKIN_MIN} what="it can be moved" />
  ) : null;
}

/** The opening on the tag, to be said again when the sash goes back. */
function OwnOpening() {
  const { book } = usePane();
  return (
    <p className="text-[13px]">
      The tag says: {[book.added.address, book.added.opening, book.added.light].filter(Boolean).join(", ")}.
    </p>
  );
}

function Done() {
  const { book, reckoning: r, today, say, write } = usePane();
  const gone = missing(book.before.counts);
  const [compound, setCompound] = useState(r.compound.id);
  const touch = mayTouch(compound, book, r.glass);
  if (book.set) {
    const used = COMPOUNDS.find((c) => c.id === book.set?.compound);
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
            {COMPOUNDS.map((c) => (
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
        <label className="col-span-2">
          <span className="text-[13px] text-mute">Day</span>
          <input type="date" name="day" required max={writeDay(today)} defaultValue={writeDay(today)} />
        </label>
        <label>
          <span className="text-[13px] text-mute">{say("{Sprigs}")}</span>
          <input
            type="number"
            name="sprigs"
            min={0}
            max={500}
            className="tight"
            defaultValue={book.added.system === "timber-putty" ? (r.sprigs?.count ?? "") : ""}
          />
        </label>
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
