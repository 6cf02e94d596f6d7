import { useState } from "react";
import { VISIT_NAMES, type Visit, visitFault, visitSteps, visitsFor } from "../../core/finish/visit.ts";
import { frameOf } from "../../core/frame/systems.ts";
import { hingeOf } from "../../core/pane/hangs.ts";
import { shutUntil } from "../../core/pane/shut.ts";
import { finishFacts } from "../../core/pane/step-facts.ts";
import { type Day, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { DayField } from "../ui/DayField.tsx";
import { PickOne } from "../ui/PickOne.tsx";

const FAULTS = {
  "too-soon": (d: Day) => `Too soon: the compound may be painted from ${sayDay(d)}. Take that day or a later one.`,
  "too-late": (d: Day) => `Too late: it cracks unless it is painted by ${sayDay(d)}.`,
  "still-shut": (d: Day) => `It stays shut until ${sayDay(d)}: opened before, the bond tears.`,
} as const;

/** The day somebody comes back, refused where it is too soon, and the visit's own steps. */
export function ComeBack() {
  const { book, reckoning: r, today, say, write } = usePane();
  const { paint } = r;
  const shut = shutUntil(book, r);
  const firstDay = paint?.kind === "window" && paint.from !== null ? paint.from : (shut ?? today);
  const offered = visitsFor(frameOf(book.added.system), hingeOf(book));
  const usual = paint?.kind === "window" && !book.painted ? "paint" : "open";
  const [visit, setVisit] = useState<Visit>(offered.includes(usual) ? usual : "snag");
  const [day, setDay] = useState(writeDay(firstDay > today ? firstDay : today));
  const fault = day === "" ? null : visitFault(visit, dayOf(day), { paint, shutUntil: shut });
  const steps = book.visit ? visitSteps(book.visit.visit, finishFacts(book, r)) : [];
  return (
    <Part
      title="Coming back"
      more={book.visit ? `${sayDay(dayOf(book.visit.day))}: ${VISIT_NAMES[book.visit.visit]}` : "a day that will do"}
    >
      {book.visit && steps.length > 0 && (
        <ol className="list-decimal space-y-1 pl-5">
          {steps.map((s) => (
            <li key={s.id}>
              {say(s.does)} <span className="text-mute">{say(s.why)}</span>
            </li>
          ))}
        </ol>
      )}
      {book.visit && steps.length > 0 && (
        <p className="text-[13px] text-mute">about {steps.reduce((sum, s) => sum + s.minutes, 0)} min</p>
      )}
      <form
        className="grid grid-cols-[1fr_auto_auto] items-end gap-2 max-sm:grid-cols-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (!fault) write("finish.visit", { day, visit });
        }}
      >
        <PickOne
          name="For"
          of={offered.map((v) => [v, VISIT_NAMES[v]] as const)}
          value={visit}
          change={setVisit}
          className="max-sm:col-span-2"
        />
        <DayField says="On" name="day" required min={writeDay(today)} start={day} onDay={(d) => setDay(d ?? "")} />
        <button type="submit" className="btn">
          {book.visit ? "Move it" : "Plan it"}
        </button>
      </form>
      {fault && (
        <p className="note-wax" role="alert">
          {FAULTS[fault.kind](fault.day)}
        </p>
      )}
    </Part>
  );
}
