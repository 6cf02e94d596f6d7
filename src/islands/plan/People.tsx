import { useRef, useState } from "react";
import type { PlanPageData } from "../../core/page/plan-page.ts";
import { isLicence, LICENCE_NAMES, LICENCES, type Licence, licenceText } from "../../core/plan/licence.ts";
import { dayOf } from "../../core/units/day.ts";
import { clock } from "../../core/words/clock.ts";
import { sayDay } from "../../core/words/days.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { Fold } from "../panels/Fold.tsx";
import { AwayOn } from "./AwayOn.tsx";

const WEEKDAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"] as const;
const minutes = (text: string): number => {
  const [h = 0, m = 0] = text.split(":").map(Number);
  return h * 60 + m;
};

/** Who works when, who is away, and how long the roads take. */
export function People({ data, prefs }: { readonly data: PlanPageData; readonly prefs: Prefs }) {
  const [wrong, setWrong] = useState<string | null>(null);
  const [name, setName] = useState("");
  const [from, setFrom] = useState("08:00");
  const [to, setTo] = useState("16:30");
  const [on, setOn] = useState<readonly number[]>([1, 2, 3, 4, 5]);
  const [may, setMay] = useState<readonly Licence[]>([]);
  const [others, setOthers] = useState("");
  const form = useRef<HTMLFormElement>(null);
  /** What was said of somebody, to be said again but for what changed. */
  const change = (who: string): void => {
    const said = data.peopleSaid.find((p) => p.name === who);
    const hours = said ? [said.from, said.to] : data.case.people.find((p) => p.name === who)?.hours;
    setName(who);
    if (hours) {
      setFrom(clock(hours[0] ?? 0).padStart(5, "0"));
      setTo(clock(hours[1] ?? 0).padStart(5, "0"));
    }
    if (said) setOn(said.weekdays);
    setMay((said?.skills ?? []).filter(isLicence));
    setOthers((said?.skills ?? []).filter((s) => !isLicence(s)).join(", "));
    form.current?.querySelector("input")?.focus();
  };
  const write: (...args: Parameters<ReturnType<typeof entriesBy>>) => Promise<void> = async (...args) => {
    const refused = await handOver([entriesBy(prefs.who)(...args)]);
    if (refused) setWrong(refused);
    else location.reload();
  };
  const roads = data.case.roads;
  return (
    <div className="space-y-2 border-t border-line pt-3">
      {data.peopleSaid.length === 0 && (
        <p className="note">Nobody said who works. Whoever wrote here is planned with, 8:00 to 16:30: a default.</p>
      )}
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      <Fold title="Who works, and who is away">
        <ul className="divide-y divide-line">
          {data.case.people.map((p) => (
            <li key={p.name} className="py-1">
              <b>{p.name}</b> {clock(p.hours[0])} to {clock(p.hours[1])}
              {p.skills.length > 0 && ` · ${p.skills.map(licenceText).join(", ")}`}
              {p.only?.map((o) => (
                <span key={o.day} className="block text-[13px]">
                  {sayDay(dayOf(o.day))} {clock(o.hours[0])} to {clock(o.hours[1])} only
                </span>
              ))}
              <button type="button" className="btn btn-small" onClick={() => change(p.name)}>
                Change {p.name}
              </button>
              <AwayOn
                person={p}
                days={data.days.map((d) => d.day)}
                tell={(day, told) => void write("plan.away", {}, { name: p.name, day, why: "", ...told })}
              />
            </li>
          ))}
        </ul>
        <form
          ref={form}
          className="space-y-2"
          onSubmit={(e) => {
            e.preventDefault();
            void write(
              "plan.person",
              {},
              {
                name: name.trim(),
                from: minutes(from),
                to: minutes(to),
                weekdays: [...on].sort(),
                skills: [
                  ...may,
                  ...others
                    .split(",")
                    .map((s) => s.trim())
                    .filter(Boolean),
                ],
              },
            );
          }}
        >
          <input
            className="w-full"
            aria-label="Name of who works"
            placeholder="Name"
            value={name}
            maxLength={60}
            required
            onChange={(e) => setName(e.target.value)}
          />
          <div className="flex gap-2">
            <input
              className="w-full min-w-0"
              type="time"
              aria-label="from"
              value={from}
              onChange={(e) => setFrom(e.target.value)}
            />
            <input
              className="w-full min-w-0"
              type="time"
              aria-label="to"
              value={to}
              onChange={(e) => setTo(e.target.value)}
            />
          </div>
          <fieldset className="flex flex-wrap gap-1">
            <legend className="sr-only">Weekdays</legend>
            {WEEKDAYS.map((d, i) => (
              <label key={d} className="chip">
                <input
                  type="checkbox"
                  checked={on.includes(i)}
                  onChange={() => setOn(on.includes(i) ? on.filter((x) => x !== i) : [...on, i])}
                />
                {d}
              </label>
            ))}
          </fieldset>
          <fieldset className="flex flex-wrap gap-1">
            <legend className="text-[13px] text-mute">
              Licensed or trained for: the plan then sends nobody else, where it is wanted
            </legend>
            {LICENCES.map((l) => (
              <label key={l} className="chip">
                <input
                  type="checkbox"
                  checked={may.includes(l)}
                  onChange={() => setMay(may.includes(l) ? may.filter((x) => x !== l) : [...may, l])}
                />
                {LICENCE_NAMES[l]}
              </label>
            ))}
          </fieldset>
          <input
            className="w-full"
            aria-label="Other licences, with commas"
            placeholder="other licences"
            value={others}
            maxLength={120}
            onChange={(e) => setOthers(e.target.value)}
          />
          <button type="submit" className="btn w-full">
            Keep
          </button>
        </form>
      </Fold>
      <Fold title={`Roads: ${data.roadsGuessed} guessed of ${roads.length}`}>
        <p className="text-[13px] text-mute">
          Minutes door to door. A guess is 12 minutes, or goes by where things lie; what you type stands.
        </p>
        <ul className="max-h-72 divide-y divide-line overflow-y-auto">
          {roads.map((r) => (
            <li key={`${r.from} ${r.to}`} className="flex items-center gap-2 py-0.5 text-[13px]">
              <span className="min-w-0 flex-1">
                {r.from} – {r.to}
              </span>
              <input
                className="!w-16 text-right"
                inputMode="numeric"
                aria-label={`Minutes from ${r.from} to ${r.to}`}
                defaultValue={r.minutes}
                onBlur={(e) => {
                  const typed = Number(e.target.value);
                  if (Number.isInteger(typed) && typed >= 0 && typed <= 600 && typed !== r.minutes)
                    void handOver([
                      entriesBy(prefs.who)("plan.road", {}, { from: r.from, to: r.to, minutes: typed }),
                    ]).then(setWrong);
                }}
              />
            </li>
          ))}
        </ul>
      </Fold>
    </div>
  );
}
