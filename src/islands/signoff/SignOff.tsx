import { hingeOf } from "../../core/pane/hangs.ts";
import { inspectionHere } from "../../core/pane/inspection.ts";
import { paintOwed } from "../../core/pane/paint-owed.ts";
import { stillShut } from "../../core/pane/shut.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { FourGaps } from "../parts/FourGaps.tsx";
import { PaintFirst } from "../parts/PaintFirst.tsx";
import { Part } from "../parts/Part.tsx";
import { PhotoOf } from "../parts/PhotoOf.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Aftercare, Snags } from "./AtTheEnd.tsx";

/** Looks that are worth a photo. */
const PHOTOS: Readonly<Record<string, readonly string[]>> = {
  match: ["beside its neighbour, from inside", "beside its neighbour, from outside"],
  "bead-ends": ["the four sides"],
  gasket: ["a corner of the gasket"],
  cavity: ["what is in it"],
};

/** What is looked at before it is signed off. A record of what was seen, not a certificate. */
export function SignOff() {
  const { book, reckoning, say, write, today } = usePane();
  const items = inspectionHere(book, reckoning, today);
  const good = items.filter((i) => book.checks.get(i.id)?.good).length;
  const left = items.length - good;
  const shut = stillShut(book, reckoning, today);
  const owed = paintOwed(book, reckoning);
  return (
    <div className="space-y-5">
      <Part title="Look once more" more="a record of what was seen, not a certificate">
        <ul className="rows">
          {items.map((i) => {
            const check = book.checks.get(i.id);
            const say2 = (isGood: boolean, note = check?.note ?? "") =>
              write("signoff.check", { item: i.id, good: isGood, note });
            return (
              <li key={i.id} className="space-y-1.5 py-2.5">
                <p className="font-medium">{say(i.look)}</p>
                <fieldset className="flex flex-wrap items-center gap-2">
                  <legend className="sr-only">{say(i.look)}</legend>
                  <label className="chip">
                    <input type="radio" name={i.id} checked={check?.good === true} onChange={() => say2(true)} />
                    good
                  </label>
                  <label className="chip">
                    <input type="radio" name={i.id} checked={check?.good === false} onChange={() => say2(false)} />
                    not yet
                  </label>
                </fieldset>
                {i.id === "gaps" && hingeOf(book) !== "fixed" && <FourGaps />}
                {PHOTOS[i.id] && (
                  <div className="flex flex-wrap gap-2">
                    {PHOTOS[i.id]?.map((of) => (
                      <PhotoOf key={of} station="signoff" of={`${i.id}/${of}`} caption={of} />
                    ))}
                  </div>
                )}
                {check?.good === false && (
                  <>
                    <p className="trouble">{say(i.ifNot)}</p>
                    <input
                      aria-label="What is to be done"
                      placeholder="What is to be done, by when"
                      maxLength={2000}
                      defaultValue={check.note}
                      onBlur={(e) => e.target.value !== check.note && say2(false, e.target.value)}
                    />
                  </>
                )}
              </li>
            );
          })}
        </ul>
      </Part>
      <Snags />
      <Aftercare />
      {book.signed ? (
        <p className="note-glass">
          Signed off {sayDay(dayOf(book.signed.day))} by {book.signed.who}
          {book.signed.told && "; the customer was told what to leave alone"}.{" "}
          <a href={`/panes/${book.id}/logbook`}>The logbook</a> has the rest.
        </p>
      ) : owed ? (
        <PaintFirst />
      ) : (
        <form
          className="space-y-2"
          onSubmit={(e) => {
            e.preventDefault();
            const early = String(new FormData(e.currentTarget).get("early") ?? "").trim();
            if (early) write("note.written", { station: "signoff", text: `Closed before it may be opened: ${early}` });
            write("signoff.signed", { day: writeDay(today), told: new FormData(e.currentTarget).get("told") === "on" });
          }}
        >
          <label className="chip">
            <input type="checkbox" name="told" /> the customer knows how long to leave it shut, and when it is painted
          </label>
          {shut !== null && (
            <label className="block">
              <span className="trouble">
                Its seal cures and it stays shut until {sayDay(shut)}: sign it off then. Why is it closed before?
              </span>
              <input name="early" required maxLength={200} pattern=".*\S.*" />
            </label>
          )}
          {left > 0 && <p className="text-mute">{left === 1 ? "One look is" : `${left} looks are`} not yet good.</p>}
          <button type="submit" className={`btn w-full ${left === 0 ? "btn-main" : ""}`}>
            {left === 0 ? "Sign it off" : "Sign it off all the same"}
          </button>
        </form>
      )}
    </div>
  );
}
