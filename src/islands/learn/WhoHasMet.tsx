import { useState } from "react";
import { frameOf, SYSTEMS, type System } from "../../core/frame/systems.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";

export type Asked = { readonly person: string; readonly system: System; readonly of: string };
type Props = {
  /** Who has worked on which systems, where the house says that people see each other. */
  readonly met: readonly { readonly who: string; readonly system: System }[];
  readonly asked: readonly Asked[];
  readonly who: string;
  readonly prefs: Prefs;
};

/** Who has worked on what, and whom one asks to be shown: nobody is counted, and nobody is last. */
export function WhoHasMet({ met, asked: given, who, prefs }: Props) {
  const [asked, setAsked] = useState(given);
  const [wrong, setWrong] = useState("");
  const ask = async (a: Asked, gone: boolean) => {
    const refused = await handOver([entriesBy(prefs.who)("person.asked", {}, gone ? { ...a, gone } : a)]);
    setWrong(refused ?? "");
    if (refused !== null) return;
    const rest = asked.filter((x) => x.person !== a.person || x.system !== a.system);
    setAsked(gone ? rest : [...rest, a]);
  };
  const ofMe = asked.filter((a) => a.of === who && a.person !== who);
  if (met.length === 0 && asked.length === 0) return null;
  return (
    <section aria-label="Who has worked on what" className="mt-4">
      <h2>Who has worked on what</h2>
      {ofMe.map((a) => (
        <p key={`${a.person} ${a.system}`} className="note flex flex-wrap items-center justify-between gap-2">
          <span>
            {a.person} would like to be shown {say(frameOf(a.system).name, prefs.dialect)} by you.
          </span>
          <button type="button" className="btn" onClick={() => void ask(a, true)}>
            Shown
          </button>
        </p>
      ))}
      <ul className="divide-y divide-line border-y border-line">
        {SYSTEMS.map((system) => {
          const by = met.filter((m) => m.system === system).map((m) => m.who);
          const mine = asked.find((a) => a.person === who && a.system === system);
          return (
            <li key={system} className="flex min-h-11 flex-wrap items-center justify-between gap-x-4 py-1.5">
              <span>{say(frameOf(system).short, prefs.dialect)}</span>
              <span className="flex flex-wrap items-center gap-3">
                <span className="text-mute">{by.length === 0 ? "nobody yet" : by.join(", ")}</span>
                {mine ? (
                  <button type="button" className="btn btn-small" onClick={() => void ask(mine, true)}>
                    Asked {mine.of}: take it back
                  </button>
                ) : (
                  by.length > 0 &&
                  !by.includes(who) && (
                    <PickOne
                      name={`Who shows you ${say(frameOf(system).short, prefs.dialect)}`}
                      quiet
                      of={asTheyAre(by)}
                      value={null}
                      unsaid="to be shown by…"
                      change={(person) => void ask({ person: who, system, of: person }, false)}
                    />
                  )
                )}
              </span>
            </li>
          );
        })}
      </ul>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
    </section>
  );
}
