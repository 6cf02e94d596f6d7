import { hingeOf, movesOf } from "../../core/pane/hangs.ts";
import { inspectionHere } from "../../core/pane/inspection.ts";
import { paintOwed } from "../../core/pane/paint-owed.ts";
import { stillShut } from "../../core/pane/shut.ts";
import { begunNotEnded } from "../../core/pane/steps-at.ts";
import type { InspectionItem } from "../../core/signoff/inspection.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import { curesText } from "../../core/words/shut.ts";
import { FourGaps } from "../panels/FourGaps.tsx";
import { PaintFirst } from "../panels/PaintFirst.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Said } from "../panels/Said.tsx";
import { PhotoOf } from "../photos/PhotoOf.tsx";
import { linkToStep, useStage } from "../stage/stage-context.ts";
import { CameBack } from "./CameBack.tsx";
import { lookNow } from "./look-now.ts";

/** Looks that are worth a photo. */
const PHOTOS: Readonly<Record<string, readonly string[]>> = {
  match: ["beside its neighbour, from inside", "beside its neighbour, from outside"],
  "bead-ends": ["the four sides"],
  gasket: ["a corner of the gasket"],
  cavity: ["what is in it"],
};

/** What is looked at before it is signed off. A record of what was seen, not a certificate. */
export function SignOff() {
  const { step, openStep } = useStage();
  const { book, reckoning, say, write, today } = usePane();
  const items = inspectionHere(book, reckoning, today);
  const good = items.filter((i) => book.checks.get(i.id)?.good).length;
  const left = items.length - good;
  const shut = stillShut(book, reckoning, today);
  const owed = paintOwed(book, reckoning);
  const unfinished = begunNotEnded("finish", book, reckoning);
  const shown = lookNow(items, book.checks, step);
  // The customer was told, or not: it is one of the looks, and is asked once.
  const told = book.checks.get("told")?.good === true;
  const closing = (
    <>
      {book.signed ? (
        <div className="space-y-3">
          <p className="note-glass">
            Signed off {sayDayFrom(dayOf(book.signed.day), today)} by {book.signed.who}
            {book.signed.told && "; the customer was told what to leave alone"}.{" "}
            <a href={`/panes/${book.id}/logbook`}>The logbook</a> has the rest.
          </p>
          <CameBack />
        </div>
      ) : owed ? (
        <PaintFirst />
      ) : (
        <form
          className="space-y-2"
          onSubmit={(e) => {
            e.preventDefault();
            const said = (name: string) => String(new FormData(e.currentTarget).get(name) ?? "").trim();
            const [early, without] = [said("early"), said("without")];
            if (early) write("note.written", { station: "signoff", text: `Closed before it may be opened: ${early}` });
            if (without)
              write("note.written", {
                station: "signoff",
                text: `Without ${left === 1 ? "one look" : `${left} looks`}: ${without}`,
              });
            write("signoff.signed", { day: writeDay(today), told });
          }}
        >
          {unfinished.length > 0 && (
            <p className="note-wax">
              Begun and not ended under{" "}
              <a href={`/panes/${book.id}/finish${linkToStep(unfinished[0]?.id ?? "")}`}>Finish</a>
              {": "}
              {unfinished.map((s) => say(s.does).replace(/\.$/, "")).join("; ")}.
            </p>
          )}
          {shut !== null && (
            <label className="block">
              <span className="trouble">
                {curesText(movesOf(book), shut)}: sign it off then. Why is it closed before?
              </span>
              <input name="early" required maxLength={200} pattern=".*\S.*" />
            </label>
          )}
          {left > 0 && (
            <label className="block">
              <span className="text-mute">
                {left === 1 ? "One look is" : `${left} looks are`} not yet good. Why is it signed off without?
              </span>
              <input name="without" required maxLength={200} pattern=".*\S.*" />
            </label>
          )}
          <button type="submit" className={`btn w-full ${left === 0 ? "btn-main" : ""}`}>
            {left === 0 ? "Sign it off" : "Sign it off all the same"}
          </button>
        </form>
      )}
    </>
  );
  const closes = left === 0 || book.signed !== null;
  return (
    <div className="space-y-4">
      {closes && closing}
      {shown && <LookCard key={shown.id} item={shown} number={items.indexOf(shown) + 1} of={items.length} />}
      <ol className="text-[14px]" aria-label="Look once more">
        {items.map((i) => {
          const good = book.checks.get(i.id)?.good;
          return (
            <li
              key={i.id}
              aria-current={i === shown ? "step" : undefined}
              className={`flex items-center gap-2 border-t border-line ${i === shown ? "bg-due" : ""}`}
            >
              <label className="flex min-h-9 min-w-9 items-center justify-center max-sm:min-h-11 max-sm:min-w-11">
                <input
                  type="checkbox"
                  className="!h-5 !w-5"
                  checked={good === true}
                  onChange={(e) =>
                    write("signoff.check", {
                      item: i.id,
                      good: e.target.checked,
                      note: book.checks.get(i.id)?.note ?? "",
                    })
                  }
                />
                <span className="sr-only">Good: {say(i.look)}</span>
              </label>
              <button
                type="button"
                className={`min-h-9 min-w-0 flex-1 cursor-pointer text-left leading-tight max-sm:min-h-11 ${good ? "text-mute" : ""}`}
                onClick={() => openStep(i.id)}
              >
                {good === false && <span className="trouble">not yet: </span>}
                {say(i.look)}
              </button>
            </li>
          );
        })}
      </ol>
      {!closes && closing}
    </div>
  );
}

/** One look: what, what to do where it is not so, and the two answers. */
function LookCard({
  item,
  number,
  of,
}: {
  readonly item: InspectionItem;
  readonly number: number;
  readonly of: number;
}) {
  const { book, say, write } = usePane();
  const { openStep } = useStage();
  const check = book.checks.get(item.id);
  const answer = (good: boolean, note = check?.note ?? "") => write("signoff.check", { item: item.id, good, note });
  return (
    <div className="space-y-2" data-look={item.id}>
      <p className="text-[13px] text-mute">
        Look {number} of {of}: a record of what was seen, not a certificate
      </p>
      <p className="text-[21px] leading-tight font-bold">
        <Said>{item.look}</Said>
      </p>
      <p className={check?.good === false ? "trouble" : "text-[15px] text-mute"}>If not: {say(item.ifNot)}</p>
      {item.id === "gaps" && hingeOf(book) !== "fixed" && <FourGaps />}
      {PHOTOS[item.id] && (
        <div className="flex flex-wrap gap-2">
          {PHOTOS[item.id]?.map((photo) => (
            <PhotoOf key={photo} station="signoff" of={`${item.id}/${photo}`} caption={photo} />
          ))}
        </div>
      )}
      {check?.good === false && (
        <input
          aria-label="What is to be done"
          placeholder="What is to be done, by when"
          maxLength={2000}
          defaultValue={check.note}
          onBlur={(e) => e.target.value !== check.note && answer(false, e.target.value)}
        />
      )}
      <div className="step-acts flex gap-2">
        <button
          type="button"
          className={`btn min-h-14 grow text-[17px] ${check?.good ? "" : "btn-main"}`}
          aria-pressed={check?.good === true}
          onClick={() => {
            answer(true);
            openStep(null);
          }}
        >
          good
        </button>
        <button
          type="button"
          className="btn min-h-14"
          aria-pressed={check?.good === false}
          onClick={() => {
            answer(false);
            openStep(item.id);
          }}
        >
          not yet
        </button>
      </div>
    </div>
  );
}
