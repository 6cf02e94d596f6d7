import { useMemo, useState } from "react";
import type { PracticeStanding } from "../../contract/practice.ts";
import type { System } from "../../core/frame/systems.ts";
import type { Explains } from "../../core/people/explains.ts";
import { EXERCISES, type ExerciseId } from "../../core/practice/exercises.ts";
import { HAND_FACTS, HAND_SKILLS, type HandSkill, type HandTally } from "../../core/practice/hand.ts";
import { say } from "../../core/words/dialect.ts";
import { percent } from "../../core/words/percent.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { HandTries, type TryPicture } from "../panels/HandTries.tsx";
import { guarded } from "../ui/Guarded.tsx";
import { usePrefs } from "../ui/prefs.ts";
import { HowMuch } from "./HowMuch.tsx";
import { Practice } from "./Practice.tsx";
import { type Asked, WhoHasMet } from "./WhoHasMet.tsx";

type Data = {
  readonly who: string;
  readonly standings: readonly PracticeStanding[];
  readonly others: readonly { readonly who: string; readonly done: number }[];
  readonly met: readonly { readonly who: string; readonly system: System }[];
  readonly explains: Explains;
  readonly asked: readonly Asked[];
  readonly now: string;
  readonly hands: Readonly<Record<HandSkill, HandTally>>;
  readonly pictures: Readonly<Record<HandSkill, readonly TryPicture[]>>;
};
type Props = { readonly data: Data; readonly prefs: Prefs };

/** The exercises: what is due first, then what was never done. One at a time. */
function LearnPage({ data, prefs: initial }: Props) {
  const prefs = usePrefs(initial);
  const [standings, setStandings] = useState(data.standings);
  const [at, setAt] = useState<ExerciseId | null>(null);
  // In turn as it was when the list came up: what an answer changes late moves nothing under a thumb.
  // biome-ignore lint/correctness/useExhaustiveDependencies: anew each time the list comes up, and not before
  const order = useMemo(() => inTurn(standings, data.now).map((s) => s.exercise), [at]);
  const due = order.flatMap((id) => standings.find((s) => s.exercise === id) ?? []);
  const next = due.find((s) => s.exercise !== at) ?? due[0];
  if (at !== null) {
    const standing = standings.find((s) => s.exercise === at);
    return (
      <Practice
        key={at}
        exercise={at}
        level={standing?.level ?? 1}
        prefs={prefs}
        who={data.who}
        stood={(s) => setStandings((all) => all.map((x) => (x.exercise === s.exercise ? s : x)))}
        leave={() => setAt(null)}
        another={next ? () => setAt(next.exercise) : null}
      />
    );
  }
  const isDue = (s: PracticeStanding): boolean => s.due !== null && s.due <= data.now;
  return (
    <div className="mx-auto max-w-4xl px-4 py-4">
      <header className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1>Learn</h1>
          <p className="max-w-[36rem] text-mute">
            Made-up windows without end, on the same reckoning as the work. What you get right comes again when it is
            about to be forgotten, and grows harder. Nobody else sees how you do.
          </p>
        </div>
        {next && (
          <button type="button" className="btn btn-main min-h-12 px-6 text-[17px]" onClick={() => setAt(next.exercise)}>
            {isDue(next) ? "Go on" : next.done === 0 ? "Begin" : "Once more"}:{" "}
            {say(EXERCISES[next.exercise].name, prefs.dialect).toLowerCase()}
          </button>
        )}
      </header>
      <ul aria-label="Exercises" className="mt-4 divide-y divide-line border-y border-line">
        {due.map((s) => (
          <li key={s.exercise}>
            <button
              type="button"
              className="grid min-h-14 w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 py-2 text-left"
              onClick={() => setAt(s.exercise)}
            >
              <span>
                <span className="block font-semibold">{say(EXERCISES[s.exercise].name, prefs.dialect)}</span>
                <span className="block text-[14px] text-mute">{say(EXERCISES[s.exercise].why, prefs.dialect)}</span>
              </span>
              <span className={`text-right text-[14px] ${isDue(s) ? "font-semibold text-wax" : "text-mute"}`}>
                {standingWords(s, data.now)}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <section aria-label="By hand, on scrap" className="mt-6">
        <h2>By hand, on scrap</h2>
        <p className="max-w-[36rem] text-mute">
          Try it, look at it yourself, and tap how it went; a photo first, if you want to see yourself grow better. The
          last ten are counted, for you alone.
        </p>
        <ul className="mt-2 divide-y divide-line border-y border-line">
          {HAND_SKILLS.map((s) => (
            <li key={s} className="space-y-1 py-3">
              <h3 className="font-semibold">{say(HAND_FACTS[s].name, prefs.dialect)}</h3>
              <p className="text-[14px] text-mute">{say(HAND_FACTS[s].how, prefs.dialect)}</p>
              <HandTries skill={s} level={0} was={data.hands[s]} pictures={data.pictures[s]} prefs={prefs} />
            </li>
          ))}
        </ul>
      </section>
      <HowMuch is={data.explains} who={data.who} prefs={prefs} />
      <WhoHasMet met={data.met} asked={data.asked} who={data.who} prefs={prefs} />
      {data.others.length > 0 && (
        <p className="mt-4 text-mute">
          Others practise too: {data.others.map((o) => `${o.who} ${o.done}`).join(", ")}.
        </p>
      )}
    </div>
  );
}

/** What is due first, the longest overdue first; then what was never done; then the rest by when it comes. */
function inTurn(all: readonly PracticeStanding[], now: string): readonly PracticeStanding[] {
  const rank = (s: PracticeStanding): string =>
    s.due === null ? `1${s.exercise}` : s.due <= now ? `0${s.due}` : `2${s.due}`;
  const order = new Map(all.map((s, i) => [s.exercise, i]));
  return [...all].sort((a, b) => {
    const [ra, rb] = [rank(a), rank(b)];
    if (ra[0] === "1" && rb[0] === "1") return (order.get(a.exercise) ?? 0) - (order.get(b.exercise) ?? 0);
    return ra < rb ? -1 : 1;
  });
}

function standingWords(s: PracticeStanding, now: string): string {
  if (s.done === 0) return "not met yet";
  const right = s.rightOfTwenty === null ? "" : `${percent(s.rightOfTwenty)} right, level ${s.level}`;
  return s.due !== null && s.due <= now
    ? `due, ${right}`
    : `${right}${s.due === null ? "" : `, again ${s.due.slice(8, 10)}.${s.due.slice(5, 7)}.`}`;
}

export default guarded(LearnPage, "Learn");
