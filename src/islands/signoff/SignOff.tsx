import { hingeOf } from "../../core/pane/hangs.ts";
import { inspectionHere } from "../../core/pane/inspection.ts";
import { paintOwed } from "../../core/pane/paint-owed.ts";
import { stillShut } from "../../core/pane/shut.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { FourGaps } from "../parts/FourGaps.tsx";
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

/** Set, and not finished: in putty it waits for its paint, or for the word of who else paints it. */
function PaintFirst() {
  const { book, reckoning: r, write } = usePane();
  if (r.paint?.kind !== "window") return null;
  const { from, closes } = r.paint;
  return (
    <form
      className="note-wax space-y-2"
      onSubmit={(e) => {
        e.preventDefault();
        const form = new FormData(e.currentTarget);
        write("finish.paint-left", {
          to: form.get("to") === "painter" ? "painter" : "customer",
          note: String(form.get("note") ?? "").trim(),
        });
      }}
    >
      <p>
        <strong className="font-semibold">It is set, and waits for its paint</strong>
        {from === null ? "" : `, from ${sayDay(from)}`}
        {closes === null ? "" : `, by ${sayDay(closes)}`}. Unpainted it cracks and lets go: it is signed off once{" "}
        <a href={`/panes/${book.id}/finish`}>Finish</a> says that it is painted.
      </p>
      <div className="flex flex-wrap items-end gap-2">
        <label>
          <span className="text-[13px] text-mute">Somebody else paints it</span>
          <select name="to" defaultValue="customer">
            <option value="customer">the customer</option>
            <option value="painter">a painter</option>
          </select>
        </label>
        <label className="grow">
          <span className="text-[13px] text-mute">Who was told, and from when to when</span>
          <input name="note" required maxLength={200} pattern=".*\S.*" />
        </label>
        <button type="submit" className="btn">
          Leave it to them
        </button>
      </div>
    </form>
  );
}
