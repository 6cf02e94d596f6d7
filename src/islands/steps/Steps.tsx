import { type ReactNode, useRef, useState } from "react";
import { CANNOT_BE_OPENED } from "../../core/frame/systems.ts";
import { SPECIAL_FACTS } from "../../core/look/special.ts";
import type { Station } from "../../core/plan/stations.ts";
import { type Ask, effortOf, type Step } from "../../core/steps/step.ts";
import { unbrokenOf } from "../../core/steps/unbroken.ts";
import { minutesText } from "../../core/words/minutes.ts";
import { usePane } from "../panels/pane-context.ts";
import { linkToTab, useStage } from "../stage/stage-context.ts";
import { SecondPerson } from "./SecondPerson.tsx";
import { StepCard } from "./StepCard.tsx";
import { StepRow } from "./StepRow.tsx";
import { useSteps } from "./use-steps.ts";

type Props = {
  readonly station: Station;
  /** Minutes on top of the steps, for what is known to be in the way. */
  readonly moreMinutes?: number;
  readonly asks?: Readonly<Partial<Record<Ask, (step: Step) => ReactNode>>>;
  /** What the station asks of a step whatever it asks by itself. */
  readonly also?: (step: Step) => ReactNode;
};

/** The steps of a station: the one now due as a card, then all of them one line each, ticked in any order or left out with a reason. */
export function Steps({ station, asks = {}, also, moreMinutes = 0 }: Props) {
  const { book, say } = usePane();
  const { step: picked, openStep, refused } = useStage();
  const { steps, isOpen, due, shown, mark } = useSteps(station);
  const moved = useRef(false);
  const [listed, setListed] = useState(false);
  if (!shown) return <p className="note-glass">{say(CANNOT_BE_OPENED)}</p>;
  const { special, licensed } = book.before;
  const stopped = special.length > 0 && licensed.trim() === "";
  // What is all done is a list, and one of them only where it is opened.
  const isShown = due !== undefined || picked !== null;
  const effort = effortOf(steps.filter(isOpen));
  const number = steps.indexOf(shown) + 1;
  const stretch = unbrokenOf(station, steps);
  const stretchTo = stretch ? steps.findIndex((s) => s.id === stretch.to) : -1;
  // Where it is safe to leave the work: before the stretch, and after it.
  const stop = (s: Step, i: number): string | undefined =>
    stretch === null
      ? undefined
      : s.id === stretch.from
        ? `safe to stop here: then about ${minutesText(stretch.minutes)} without a break`
        : i === stretchTo + 1
          ? `safe to stop here again${station === "takeout" ? ", once the hole is closed up" : ""}`
          : undefined;
  return (
    <>
      {stopped && (
        <p className="note-wax" role="alert">
          <span className="font-medium">This wants {special.map((s) => SPECIAL_FACTS[s].who).join(", and ")}.</span> The
          steps are held until their name stands under{" "}
          <a href={`/panes/${book.id}/look${linkToTab("building")}`}>Look, the building</a>.
        </p>
      )}
      {isShown && (
        <StepCard
          key={shown.id}
          station={station}
          step={shown}
          number={number}
          of={steps.length}
          stopped={stopped}
          refused={refused === shown.id}
          unbroken={
            stretch?.from === shown.id
              ? `From here to step ${stretchTo + 1} without a break, about ${minutesText(stretch.minutes)}: stop before it, or after.`
              : null
          }
          takeFocus={moved}
          open={(id) => {
            moved.current = true;
            openStep(id);
          }}
          raises={raisedAt(shown, steps, isOpen)}
          mark={(state, reason) => {
            moved.current = true;
            mark(shown, state, reason);
          }}
          aside={{
            back: number > 1 ? () => openStep(steps[number - 2]?.id ?? null) : undefined,
            on: number < steps.length ? () => openStep(steps[number]?.id ?? null) : undefined,
          }}
          next={picked !== null && due && due !== shown ? () => openStep(null) : undefined}
        >
          {shown.asks && asks[shown.asks]?.(shown)}
          {also?.(shown)}
        </StepCard>
      )}
      <p className="text-[13px] text-mute">
        {effort.minutes > 0
          ? [
              `about ${minutesText(effort.minutes + moreMinutes)} of work left`,
              effort.waitHours > 0 ? `${effort.waitHours} h of drying` : "",
              effort.people === 2 ? "a second person for part of it" : "",
            ]
              .filter(Boolean)
              .join(", ")
          : "All steps here are done or left out."}
      </p>
      <button type="button" className="btn w-full sm:hidden" aria-expanded={listed} onClick={() => setListed(!listed)}>
        {listed ? "Only this step" : `All ${steps.length} steps`}
      </button>
      <ol className={`text-[14px] ${listed ? "" : "max-sm:hidden"}`}>
        {steps.map((s, i) => (
          <StepRow
            key={s.id}
            station={station}
            step={s}
            number={i + 1}
            due={s === due}
            shown={s === shown}
            stopped={stopped}
            stop={stop(s, i)}
            open={() => {
              moved.current = true;
              openStep(s.id);
            }}
            mark={(state) => mark(s, state)}
          />
        ))}
      </ol>
      <SecondPerson steps={steps} />
    </>
  );
}

/** Hazards said at a step: each at the first open step that raises it. */
function raisedAt(step: Step, steps: readonly Step[], isOpen: (s: Step) => boolean): readonly string[] {
  const before = new Set(
    steps
      .slice(0, steps.indexOf(step))
      .filter(isOpen)
      .flatMap((s) => s.hazards ?? []),
  );
  return (step.hazards ?? []).filter((h) => !before.has(h));
}
