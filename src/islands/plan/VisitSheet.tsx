import { useState } from "react";
import type { VisitSaid } from "../../core/page/plan-page.ts";
import type { CountedPromise } from "../../core/pane/promise.ts";
import { mayText } from "../../core/plan/licence.ts";
import { VISIT_PART_NAMES } from "../../core/plan/visit-part.ts";
import type { Stop, Week } from "../../core/plan/week.ts";
import type { WhyNot } from "../../core/plan/why-not.ts";
import { capital } from "../../core/text/capital.ts";
import { type Day, dayOf, writeDay } from "../../core/units/day.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { clock, lasts } from "../../core/words/clock.ts";
import { sayDay } from "../../core/words/days.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import { BROKEN_SAYS, becauseWords, FREES_SAYS, whyNotWords } from "../../core/words/plan.ts";
import { keptText, keptTone, promisedText, promiseWords } from "../../core/words/promise.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { Sheet } from "../ui/Sheet.tsx";
import { tryAt } from "./model.ts";

type Props = {
  readonly said: VisitSaid;
  /** The day that they count on for it, where there is one. */
  readonly promise: CountedPromise | undefined;
  readonly today: Day;
  readonly week: Week;
  readonly stops: readonly Stop[];
  readonly stop: Stop | null;
  readonly whyNot: WhyNot | undefined;
  /** It stands so in the plan, and is no proposal. */
  readonly isKept: boolean;
  readonly place: (stop: Stop, why: string) => void;
  readonly takeOff: () => void;
  readonly tell: (says: string) => void;
  readonly close: () => void;
  readonly unit: LengthUnit;
};

const asTime = (minutes: number): string => clock(minutes).padStart(5, "0");

/** One visit, opened: why it is due, on whose day it stands or could stand, and what is against that. */
export function VisitSheet({
  said,
  promise,
  today,
  week,
  stops,
  stop,
  whyNot,
  isKept,
  place,
  takeOff,
  tell,
  close,
  unit,
}: Props) {
  const visit = week.visits.find((v) => v.id === said.id);
  const [day, setDay] = useState<string>(stop ? writeDay(stop.day) : "");
  const [person, setPerson] = useState(stop?.person ?? week.people[0]?.name ?? "");
  const [at, setAt] = useState(stop ? asTime(stop.from) : "");
  const [why, setWhy] = useState("");
  if (!visit) return null;
  const [h, m] = at.split(":").map(Number);
  const from = at === "" || h === undefined || m === undefined ? undefined : h * 60 + m;
  const tried = day && person ? tryAt(week, stops, said.id, { day: dayOf(day), person, from }) : null;
  const against = [...new Set(tried?.broken.map((b) => BROKEN_SAYS[b.rule](b.rule === "after" ? "" : b.of)) ?? [])];
  const needs = [
    visit.helperMinutes > 0 &&
      `two people for ${lasts(visit.helperMinutes)}${visit.helperFrom > 0 ? `, ${lasts(visit.helperFrom)} into it` : ""}`,
    visit.dry && "dry weather",
    visit.leastC !== null && `${visit.leastC} °C or more`,
    visit.skills.length > 0 && `somebody who may ${visit.skills.map(mayText).join(" and ")}`,
    visit.mostWindMs !== null && `wind up to ${visit.mostWindMs} m/s`,
    visit.latest && `not after ${sayDay(visit.latest)}`,
    visit.promised && `promised for ${sayDay(visit.promised)}`,
  ].filter((n) => typeof n === "string");
  const message = stop
    ? `We come on ${sayDay(stop.day)} at about ${clock(stop.from)} to ${VISIT_PART_NAMES[said.part]} at ${said.where}. It takes about ${lasts(visit.minutes)}.`
    : "";
  return (
    <Sheet title={`${said.where}: ${VISIT_PART_NAMES[said.part]}`} close={close}>
      <p>
        {lasts(visit.minutes)}; {becauseWords(said.because)}.
        {needs.length > 0 && ` It wants ${inUnit(needs.join(", "), unit)}.`}
        {said.access && ` ${capital(said.access)}.`}
      </p>
      {said.unlicensed && <p className="note-wax">{said.unlicensed}</p>}
      {promise && (
        <p className={keptTone(promise) === "poor" ? "note-wax" : "note-glass"}>
          <strong className="font-semibold">
            {capital(promisedText(promise))}: {keptText(promise)}.
          </strong>{" "}
          {promiseWords(promise, today)}
        </p>
      )}
      {said.slipped && <p className="note-wax">It stood on {sayDay(dayOf(said.slipped))}, and was not done.</p>}
      {whyNot && (
        <p className="note-wax">
          {whyNotWords(whyNot.why)}
          {whyNot.frees.length > 0 &&
            ` What would give it a day: ${whyNot.frees.map((f) => FREES_SAYS[f]).join("; or ")}.`}
        </p>
      )}
      {said.customer && <p>{said.customer}</p>}
      <div className="grid gap-2 sm:grid-cols-3">
        <PickOne
          name="Day"
          of={[["", "no day yet"], ...week.days.map((d) => [writeDay(d.day), sayDay(d.day)] as const)]}
          value={day}
          change={setDay}
        />
        <PickOne name="Who" of={week.people.map((p) => [p.name, p.name] as const)} value={person} change={setPerson} />
        <label className="block">
          <span className="text-[13px] text-mute">From; empty for the first free hour</span>
          <input className="w-full" type="time" step={300} value={at} onChange={(e) => setAt(e.target.value)} />
        </label>
      </div>
      {tried && (
        <p className={against.length > 0 ? "note-wax" : "note"} role="status">
          {against.length > 0
            ? against.join(" ")
            : `Nothing is against ${sayDay(tried.stop.day)} at ${clock(tried.stop.from)}${tried.stop.helper ? `, ${tried.stop.helper} helps` : ""}.`}
        </p>
      )}
      {tried && against.length > 0 && (
        <label className="block">
          <span className="text-[13px] text-mute">Why it is put there all the same</span>
          <input className="w-full" value={why} maxLength={200} onChange={(e) => setWhy(e.target.value)} />
        </label>
      )}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-main"
          disabled={!tried || (against.length > 0 && !why.trim())}
          onClick={() => tried && place(tried.stop, why.trim())}
        >
          Put it there
        </button>
        {stop && (
          <button type="button" className="btn" onClick={takeOff}>
            Take it off the plan
          </button>
        )}
        <a className="btn" href={`/panes/${said.pane}`}>
          Open the pane
        </a>
      </div>
      {isKept && stop && (
        <div className="border-t border-line pt-3">
          <p className="text-[13px] text-mute">
            {said.told ? "The customer was told of this day." : "To tell the customer:"}
          </p>
          <p>{message}</p>
          <p className="mt-1 flex flex-wrap gap-2">
            <a
              className="btn btn-small"
              href={`sms:?body=${encodeURIComponent(message)}`}
              onClick={() => tell(message)}
            >
              As a text message
            </a>
            <a
              className="btn btn-small"
              href={`mailto:?subject=${encodeURIComponent(said.where)}&body=${encodeURIComponent(message)}`}
              onClick={() => tell(message)}
            >
              As a letter
            </a>
          </p>
        </div>
      )}
    </Sheet>
  );
}
