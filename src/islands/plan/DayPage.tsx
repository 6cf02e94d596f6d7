import { useState } from "react";
import type { DayPageData, DayStop } from "../../core/page/day-page.ts";
import { VISIT_PART_NAMES } from "../../core/plan/visit-part.ts";
import { capital } from "../../core/text/capital.ts";
import type { Template } from "../../core/text/template.ts";
import { addDays, type Day, writeDay } from "../../core/units/day.ts";
import { nm } from "../../core/units/length.ts";
import { clock, lasts } from "../../core/words/clock.ts";
import { sayDay } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import { degreesText, weatherWords } from "../../core/words/plan.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { Fold } from "../panels/Fold.tsx";
import { guarded } from "../ui/Guarded.tsx";
import { usePrefs } from "../ui/prefs.ts";
import { Size } from "../ui/Size.tsx";

type Props = { readonly data: DayPageData; readonly prefs: Prefs };
/** A quarter of an hour at a time: nobody knows it better from the ladder. */
const LATE_STEP = 15;

/** One person's day, on the phone and on paper: where next, who has the key, what to bring, and what comes after. */
function DayPage({ data, prefs: initial }: Props) {
  const prefs = usePrefs(initial);
  const [late, setLate] = useState(data.late);
  const [wrong, setWrong] = useState<string | null>(null);
  const on = data.on as Day;
  const at = (who: string, day: Day): string => `/plan/day?who=${encodeURIComponent(who)}&on=${writeDay(day)}`;
  const shift = async (minutes: number) => {
    const now = Math.max(0, late + minutes);
    setLate(now);
    setWrong(
      await handOver([entriesBy(prefs.who)("plan.late", {}, { name: data.who, day: writeDay(on), minutes: now })]),
    );
  };
  const next = data.stops.find((s) => !s.done);
  const { kit } = data;
  const words = (text: Template): string => inUnit(say(text, prefs.dialect), prefs.unit);
  const glass = kit.glass;
  return (
    <div className="mx-auto max-w-2xl space-y-4 px-4 py-4 print:max-w-none print:p-0">
      <header className="space-y-2">
        <div className="flex flex-wrap items-baseline justify-between gap-2">
          <h1>{on === data.today ? "Today" : on === data.today + 1 ? "Tomorrow" : sayDay(on)}</h1>
          <p className="text-mute">
            {sayDay(on)}
            {data.weather &&
              `, ${[weatherWords(data.weather), degreesText(data.weather, prefs.unit)].filter(Boolean).join(" · ")}`}
          </p>
        </div>
        <nav className="no-print flex flex-wrap gap-2" aria-label="Whose day">
          {data.people.map((p) => (
            <a
              key={p}
              className={`btn ${p === data.who ? "btn-on" : ""}`}
              href={at(p, on)}
              aria-current={p === data.who ? "page" : undefined}
            >
              {p.split(" ")[0]}
            </a>
          ))}
          <a className="btn" href={at(data.who, addDays(on, on > data.today ? -1 : 1))}>
            {on > data.today ? "The day before" : "Tomorrow"}
          </a>
        </nav>
        <p className="hidden print:block">{data.who}</p>
      </header>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      {data.stops.length === 0 ? (
        <p>
          Nothing is planned for {data.who} that day. <a href="/plan">Lay the week out</a>, or give them a visit there.
        </p>
      ) : (
        <ol className="space-y-3">
          {data.stops.map((s) => (
            <Stop key={s.id} stop={s} late={late} isNext={s === next} />
          ))}
        </ol>
      )}
      {next && (
        <div className="no-print flex flex-wrap items-center gap-2">
          <button type="button" className="btn" onClick={() => void shift(LATE_STEP)}>
            Running late: {LATE_STEP} min more
          </button>
          {late > 0 && (
            <button type="button" className="btn" onClick={() => void shift(-late)}>
              In time again
            </button>
          )}
          {late > 0 && <span role="status">What is still to come is {late} min later.</span>}
        </div>
      )}
      {glass.length > 0 && (
        <section aria-label="The glass">
          <h2>Glass to take</h2>
          <ul className="rows">
            {glass.map((g) => (
              <li key={g.where} className="flex min-h-11 flex-wrap items-center gap-x-3">
                <b>
                  {g.widthNm !== null && g.heightNm !== null ? (
                    <Size width={nm(g.widthNm)} height={nm(g.heightNm)} unit={prefs.unit} made />
                  ) : (
                    "not sized"
                  )}
                </b>
                <span>{g.where}</span>
                <span className="text-mute">{g.what}</span>
                {!g.isHere && <span className="trouble">not here yet</span>}
              </li>
            ))}
          </ul>
        </section>
      )}
      {kit.kit.tools.length > 0 && (
        <Fold title="What to have in the van" more={`${kit.kit.tools.length} things`}>
          <p>{words(kit.kit.tools.join(", "))}.</p>
          <ul className="tight">
            {[...kit.materials, ...kit.kit.uses].map((m) => (
              <li key={`${m.what} ${m.unit}`}>
                {words(m.what)}: about {m.amount} {m.unit}
              </li>
            ))}
          </ul>
        </Fold>
      )}
      <p className="no-print flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => window.print()}>
          Print the day
        </button>
        <a className="btn" href={`/plan/day.ics?who=${encodeURIComponent(data.who)}`}>
          As a calendar file
        </a>
        <a className="btn" href="/plan">
          The week
        </a>
      </p>
    </div>
  );
}

function Stop({ stop: s, late, isNext }: { readonly stop: DayStop; readonly late: number; readonly isNext: boolean }) {
  const shift = s.done ? 0 : late;
  const who = s.customer;
  return (
    <li
      className={`rounded border border-l-4 p-3 ${s.done ? "border-line text-mute" : isNext ? "border-glass bg-tint" : "border-line bg-sheet"}`}
    >
      <div className="flex items-baseline justify-between gap-3">
        <b className="font-mono text-xl">{clock(s.from + shift)}</b>
        <span className="text-[13px]">
          {s.done ? "done" : `${lasts(s.to - s.from)}, until ${clock(s.to + shift)}`}
          {s.roadBefore > 0 && ` · ${s.roadBefore} min on the road before`}
        </span>
      </div>
      <h2 className="text-lg">{s.where}</h2>
      <p>
        {s.helps ? `Helps ${s.helps}: ${VISIT_PART_NAMES[s.part]}` : VISIT_PART_NAMES[s.part]}
        {s.because && !s.done && s.because !== "nothing waits but hands" && `; ${s.because}`}
      </p>
      {s.access && !s.done && <p>{capital(s.access)}.</p>}
      {s.unlicensed && !s.done && <p className="text-wax">{s.unlicensed}</p>}
      {s.helper && (
        <p>
          <b>{s.helper}</b> comes to help at {clock(s.helperAt + shift)}, for {lasts(s.helperMinutes)}.
        </p>
      )}
      {s.glassMissing && <p className="text-wax">Its glass is not checked in yet.</p>}
      {who && (
        <p>
          {who.name}
          {who.keyHolder && `, key: ${who.keyHolder}`}
        </p>
      )}
      <p className="no-print mt-2 flex flex-wrap gap-2">
        <a
          className={`btn ${isNext ? "btn-main" : ""} min-h-11`}
          href={s.part === "cut" ? "/bench" : `/panes/${s.pane}/${s.station}`}
        >
          {s.done ? "Look at it" : "Begin"}
        </a>
        {who?.telephone && (
          <a className="btn min-h-11" href={`tel:${who.telephone.replace(/\s/g, "")}`}>
            Ring {who.telephone}
          </a>
        )}
      </p>
      {who?.telephone && <p className="hidden print:block">{who.telephone}</p>}
    </li>
  );
}

export default guarded(DayPage, "The day");
