import { type ReactNode, useState } from "react";
import { CANNOT_BE_OPENED } from "../../core/frame/systems.ts";
import { cautionsOf } from "../../core/look/cautions.ts";
import { SPECIAL_FACTS } from "../../core/look/special.ts";
import { stepKey } from "../../core/pane/book.ts";
import { stepsAt } from "../../core/pane/standing.ts";
import { hazardsOf } from "../../core/pane/step-facts.ts";
import { bareAsks, stepHeld } from "../../core/pane/step-held.ts";
import type { Station } from "../../core/plan/stations.ts";
import { eyesCovered } from "../../core/steps/protects.ts";
import { type Ask, effortOf, type Step } from "../../core/steps/step.ts";
import { Bare } from "./Bare.tsx";
import { PhotoOf } from "./PhotoOf.tsx";
import { usePane } from "./pane-context.ts";
import { Said } from "./Said.tsx";
import { SecondPerson } from "./SecondPerson.tsx";
import { StepCautions } from "./StepCautions.tsx";
import { StepTook } from "./StepTook.tsx";

type Props = {
  readonly station: Station;
  /** The station's own, where they are not those of the frame. */
  readonly steps?: readonly Step[];
  /** Minutes on top of the steps, for what is known to be in the way. */
  readonly moreMinutes?: number;
  readonly asks?: Readonly<Partial<Record<Ask, (step: Step) => ReactNode>>>;
};

/** The steps of a station, in order: each with its reason, ticked, or skipped with a reason. */
export function Steps({ station, asks = {}, steps: given, moreMinutes = 0 }: Props) {
  const { book, reckoning, say } = usePane();
  const steps = given ?? stepsAt(station, book, reckoning);
  if (steps.length === 0) return <p className="note-glass">{say(CANNOT_BE_OPENED)}</p>;
  const raised = new Map<string, readonly string[]>();
  const said = new Set<string>();
  for (const s of steps) {
    if (book.steps.has(stepKey(station, s.id))) continue;
    raised.set(
      s.id,
      (s.hazards ?? []).filter((h) => !said.has(h)),
    );
    for (const h of s.hazards ?? []) said.add(h);
  }
  const { special, licensed } = book.before;
  const stopped = special.length > 0 && licensed.trim() === "";
  const next = steps.find((s) => !book.steps.has(stepKey(station, s.id)));
  const effort = effortOf(steps.filter((s) => !book.steps.has(stepKey(station, s.id))));
  return (
    <>
      {stopped && (
        <p className="note-wax" role="alert">
          <span className="font-medium">This wants {special.map((s) => SPECIAL_FACTS[s].who).join(", and ")}.</span> The
          steps are held until their name stands under <a href={`/panes/${book.id}/look`}>Look</a>.
        </p>
      )}
      {effort.minutes > 0 && (
        <p className="text-[13px] text-mute">
          {[
            `about ${sayMinutes(effort.minutes + moreMinutes)} of work left`,
            effort.waitHours > 0 ? `${effort.waitHours} h of drying` : "",
            effort.people === 2 ? "a second person for part of it" : "",
          ]
            .filter(Boolean)
            .join(", ")}
        </p>
      )}
      <SecondPerson steps={steps} />
      <ol className="rows">
        {steps.map((s, i) => (
          <StepLine
            key={s.id}
            station={station}
            step={s}
            number={i + 1}
            isNext={s === next && !stopped}
            stopped={stopped}
            raises={raised.get(s.id) ?? []}
          >
            {s.asks && asks[s.asks]?.(s)}
            {s.photos && (
              <div className="flex flex-wrap gap-2">
                {s.photos.map((of) => (
                  <PhotoOf key={of} station={station} of={`${s.id}/${of}`} caption={say(of)} />
                ))}
              </div>
            )}
          </StepLine>
        ))}
      </ol>
    </>
  );
}

const sayMinutes = (minutes: number): string =>
  minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60 ? `${minutes % 60} min` : ""}`.trim();

type LineProps = {
  readonly station: Station;
  readonly step: Step;
  readonly number: number;
  readonly isNext: boolean;
  /** Held for whoever has the licence. */
  readonly stopped: boolean;
  /** Hazards said here: each at the first open step that raises it. */
  readonly raises: readonly string[];
  readonly children: ReactNode;
};

function StepLine({ station, step, number, isNext, stopped, raises, children }: LineProps) {
  const { book, reckoning, today, write, say } = usePane();
  const held = stepHeld(step, station, book, reckoning, { today, nowMs: Date.now() });
  const cautions = cautionsOf(raises, station, hazardsOf(book, reckoning));
  const mark = book.steps.get(stepKey(station, step.id));
  const id = `step-${station}-${step.id}`;
  const [skipping, setSkipping] = useState(false);
  const [noting, setNoting] = useState(false);
  const set = (state: "done" | "skipped" | "open", reason = "") => {
    // What speaks against it is said, and can be overruled with a reason.
    if (state === "done" && held) return setSkipping(true);
    const { ticks } = step;
    if (state === "done" && ticks && !book.before.ticked.get(stepKey(station, step.id))?.length)
      write("step.sides", { station, step: step.id, done: [...ticks] });
    write("step.marked", { station, step: step.id, state, reason });
  };
  return (
    <li className={`flex gap-3 py-2.5 ${isNext ? "-mx-3 bg-tape/40 px-3 dark:bg-tape/10" : ""}`}>
      <label className="flex min-h-11 min-w-11 items-start justify-center pt-0.5">
        <input
          id={id}
          type="checkbox"
          className="!h-6 !w-6"
          disabled={stopped}
          checked={mark?.state === "done"}
          onChange={(e) => set(e.target.checked ? "done" : "open")}
        />
        <span className="sr-only">
          Step {number}: {say(step.does)}
        </span>
      </label>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: the box is the keyboard's way; this is room for a gloved thumb */}
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: as above */}
      <div
        className="min-w-0 flex-1"
        onClick={(e) => {
          const own =
            e.target instanceof Element &&
            e.target.closest("button, a, input, select, label, form, svg, details, [popover]");
          if (!own && !stopped && mark?.state !== "skipped") set(mark ? "open" : "done");
        }}
      >
        <p className={`font-medium ${mark ? "text-mute" : ""} ${mark?.state === "skipped" ? "line-through" : ""}`}>
          <Said>{step.does}</Said>
        </p>
        <p className="text-mute">
          <Said>{step.why}</Said>
        </p>
        {!mark && <StepCautions cautions={cautions} />}
        {step.never && <p className="trouble">{say(step.never)}</p>}
        <p className="text-[12px] text-mute">
          {[
            `${sayMinutes(step.minutes)}${step.timed ? `, yours of ${step.timed} times` : ""}`,
            step.people === 2 ? "two people" : "",
            eyesCovered(step) ? "eyes covered" : "",
            step.gloves === "on" ? "gloves on" : step.gloves === "off" ? "bare fingers" : "",
            step.driesHours ? `dries ${step.driesHours} h` : "",
            step.tool ? `needs ${say(step.tool)}` : "",
          ]
            .filter(Boolean)
            .join(" · ")}
        </p>
        {held && !mark && (isNext || skipping) && (
          <p className="trouble" role="alert">
            {say(held)}
          </p>
        )}
        {mark?.state === "skipped" && <p className="text-mute">Skipped: {mark.reason || "no reason given"}</p>}
        {step.gloves === "off" && !mark && bareAsks(book) && <Bare station={station} step={step} />}
        {children && <div className="space-y-2 pt-2">{children}</div>}
        {(isNext || mark?.state === "done") && <StepTook station={station} step={step} done={mark?.state === "done"} />}
        {noting && (
          <form
            className="flex gap-2 pt-2"
            onSubmit={(e) => {
              e.preventDefault();
              const text = String(new FormData(e.currentTarget).get("text") ?? "").trim();
              if (text) write("note.written", { station, text: `${step.id.replaceAll("-", " ")}: ${text}` });
              setNoting(false);
            }}
          >
            <input name="text" aria-label={`Note on step ${number}`} placeholder="Note" required maxLength={500} />
            <button type="submit" className="btn">
              Keep
            </button>
          </form>
        )}
        {skipping && (
          <form
            className="flex gap-2 pt-2"
            onSubmit={(e) => {
              e.preventDefault();
              set("skipped", String(new FormData(e.currentTarget).get("reason") ?? ""));
              setSkipping(false);
            }}
          >
            <input name="reason" aria-label="Why it is skipped" placeholder="Why?" required maxLength={200} />
            <button type="submit" className="btn">
              Skip
            </button>
          </form>
        )}
      </div>
      <div className="flex flex-col">
        {!mark && (
          <button
            type="button"
            className="btn btn-small border-transparent bg-transparent text-mute"
            onClick={() => setSkipping(!skipping)}
          >
            {skipping ? "keep" : "skip"}
            <span className="sr-only"> step {number}</span>
          </button>
        )}
        <button
          type="button"
          className="btn btn-small border-transparent bg-transparent text-mute"
          onClick={() => setNoting(!noting)}
        >
          note
          <span className="sr-only"> on step {number}</span>
        </button>
      </div>
      {mark?.state === "skipped" && (
        <button type="button" className="btn btn-small self-start" onClick={() => set("open")}>
          undo skip
        </button>
      )}
    </li>
  );
}
