import { useEffect, useMemo, useRef, useState } from "react";
import { v7 as uuidv7 } from "uuid";
import type { PracticeStanding } from "../../contract/practice.ts";
import type { Answer, Judged } from "../../core/practice/exercise.ts";
import { EXERCISES, type ExerciseId, madeOf } from "../../core/practice/exercises.ts";
import type { Template } from "../../core/text/template.ts";
import { dayOfMonth } from "../../core/units/day.ts";
import { weekdayName } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { smallText } from "../../core/words/learnt.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { PracticePicture } from "./PracticePicture.tsx";
import { PracticeSash } from "./PracticeSash.tsx";

type Props = {
  readonly exercise: ExerciseId;
  readonly level: number;
  readonly prefs: Prefs;
  readonly who: string;
  readonly stood: (s: PracticeStanding) => void;
  readonly leave: () => void;
  readonly another: (() => void) | null;
};

const newSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;

/** One exercise, case after case: the picture on the stage, the question beside it, what is right once it is answered. */
export function Practice({ exercise, level, prefs, who, stood, leave, another }: Props) {
  const [of, setOf] = useState(() => ({ exercise, level, seed: newSeed(), unit: prefs.unit }));
  const made = useMemo(() => madeOf(of), [of]);
  const [answer, setAnswer] = useState<Answer>({ texts: [], picks: [] });
  const [judged, setJudged] = useState<Judged | null>(null);
  const [notKept, setNotKept] = useState(false);
  const began = useRef(performance.now());
  const first = useRef<HTMLInputElement>(null);
  const on = useRef<HTMLButtonElement>(null);
  const page = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: begun anew with every case
  useEffect(() => {
    began.current = performance.now();
    first.current?.focus();
  }, [of]);
  useEffect(() => {
    if (judged) on.current?.focus();
  }, [judged]);
  // The list it was picked from was scrolled: what is asked is seen from its top.
  // biome-ignore lint/correctness/useExhaustiveDependencies: with every case
  useEffect(() => {
    page.current?.scrollIntoView({ block: "start" });
  }, [of]);

  const { form } = made;
  const give = (a: Answer) => {
    if (judged) return;
    const seconds = Math.min(3600, (performance.now() - began.current) / 1000);
    setAnswer(a);
    setJudged(made.judge(a, seconds));
    void fetch("/api/practice", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ id: uuidv7(), who, ...of, ...a, seconds }),
    })
      .then(async (sent) => {
        if (!sent.ok) throw new Error(String(sent.status));
        stood(((await sent.json()) as { standing: PracticeStanding }).standing);
        setNotKept(false);
      })
      .catch(() => setNotKept(true));
  };
  const pick = (at: number) => {
    if (judged) return;
    if (form.kind !== "order") {
      give({ texts: [], picks: [at] });
      return;
    }
    const picks = answer.picks.includes(at) ? answer.picks.filter((p) => p !== at) : [...answer.picks, at];
    if (picks.length === form.sides.length) give({ texts: [], picks });
    else setAnswer({ texts: [], picks });
  };
  const next = () => {
    setOf({ ...of, level, seed: newSeed() });
    setAnswer({ texts: [], picks: [] });
    setJudged(null);
  };
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (e.target instanceof HTMLInputElement || judged || form.kind === "length" || form.kind === "packers") return;
      const at = Number(e.key) - 1;
      if (Number.isInteger(at) && at >= 0 && at < offered(form).length) pick(at);
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  });

  return (
    <div
      ref={page}
      className="grid min-h-full content-start lg:content-stretch lg:grid-cols-[minmax(0,2fr)_minmax(22rem,1fr)]"
    >
      <section aria-label="Picture" className="flex items-center justify-center bg-sheet p-4 lg:p-8">
        <div className="w-full max-w-[46rem]">
          {form.kind === "packers" ? (
            <PracticeSash
              key={of.seed}
              {...form}
              unit={prefs.unit}
              over={judged !== null}
              give={(texts) => give({ texts, picks: [] })}
            />
          ) : (
            <PracticePicture
              picture={made.picture}
              dialect={prefs.dialect}
              picks={answer.picks}
              pick={pick}
              over={judged !== null}
              laid={judged?.laid}
            />
          )}
        </div>
      </section>
      <section
        aria-label="Question"
        className={`space-y-4 border-line bg-paper p-4 lg:border-l ${form.kind === "packers" ? "max-lg:order-first" : ""}`}
      >
        <p className="flex justify-between text-[14px] text-mute">
          <span>
            {say(EXERCISES[exercise].name, prefs.dialect)}, level {of.level}
          </span>
          <button type="button" className="btn btn-small" onClick={leave}>
            All exercises
          </button>
        </p>
        <h1 className={form.kind === "packers" ? "!text-[18px] lg:!text-[22px]" : "!text-[22px]"}>
          {say(made.asks, prefs.dialect)}
        </h1>
        {form.kind === "packers" ? null : form.kind === "length" ? (
          <form
            key={of.seed}
            className="space-y-3"
            onSubmit={(e) => {
              e.preventDefault();
              const data = new FormData(e.currentTarget);
              give({ texts: form.names.map((n) => String(data.get(n) ?? "").trim()), picks: [] });
            }}
          >
            {form.names.map((n, i) => (
              <label key={n} className="block">
                <span className="text-[13px] text-mute first-letter:uppercase">
                  {n}, {form.unit}
                </span>
                <input
                  ref={i === 0 ? first : undefined}
                  name={n}
                  required
                  maxLength={60}
                  autoComplete="off"
                  readOnly={judged !== null}
                  className="tight !min-h-12 !text-[22px]"
                />
              </label>
            ))}
            {judged === null && (
              <button type="submit" className="btn btn-main min-h-12 w-full">
                That is it <kbd className="key">Enter</kbd>
              </button>
            )}
          </form>
        ) : (
          <ol className={`grid gap-2 ${form.kind === "day" ? "sr-only" : form.kind === "choice" ? "" : "grid-cols-2"}`}>
            {offered(form).map((o, i) => (
              <li key={o}>
                <button
                  type="button"
                  disabled={judged !== null}
                  aria-pressed={answer.picks.includes(i)}
                  className={`btn h-auto min-h-12 w-full justify-start py-2 text-left ${answer.picks.includes(i) ? "btn-on" : ""}`}
                  onClick={() => pick(i)}
                >
                  {form.kind === "order" && answer.picks.includes(i) ? `${answer.picks.indexOf(i) + 1}. ` : ""}
                  {say(o, prefs.dialect)} {i < 9 && <kbd className="key ml-auto">{i + 1}</kbd>}
                </button>
              </li>
            ))}
          </ol>
        )}
        {judged && (
          <div className={judged.right ? "note-glass" : "note-wax"} role="status">
            <p className="text-[18px] font-semibold">
              {judged.right
                ? "Right."
                : judged.offMm !== null && judged.offMm !== 0
                  ? `Off by ${smallText(Math.abs(judged.offMm), prefs.unit)}.`
                  : "Not that."}
            </p>
            <p>{say(judged.says, prefs.dialect)}</p>
            <p className="text-[14px] text-mute">{say(EXERCISES[exercise].why, prefs.dialect)}</p>
          </div>
        )}
        {notKept && <p className="text-[14px] text-mute">There is no signal: this one is not remembered.</p>}
        {judged && (
          <div className="flex gap-2">
            <button ref={on} type="button" className="btn btn-main min-h-12 flex-1" onClick={next}>
              Another <kbd className="key">Enter</kbd>
            </button>
            {another && (
              <button type="button" className="btn min-h-12" onClick={another}>
                Something else
              </button>
            )}
          </div>
        )}
      </section>
    </div>
  );
}

/** What can be picked, in words. */
function offered(form: ReturnType<typeof madeOf>["form"]): readonly Template[] {
  switch (form.kind) {
    case "choice":
      return form.options;
    case "order":
      return form.sides;
    case "place":
      return form.places.map((p) => PLACE_NAMES[p]);
    case "day":
      return form.days.map((d) => `${weekdayName(d)} ${dayOfMonth(d)}`);
    case "length":
    case "packers":
      return [];
  }
}
