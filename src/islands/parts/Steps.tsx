import { type ReactNode, useCallback, useRef, useState } from "react";
import { CANNOT_BE_OPENED } from "../../core/frame/systems.ts";
import { SPECIAL_FACTS } from "../../core/look/special.ts";
import { stepKey } from "../../core/pane/book.ts";
import { stepsAt } from "../../core/pane/standing.ts";
import { stepHeld } from "../../core/pane/step-held.ts";
import type { Station } from "../../core/plan/stations.ts";
import { type Ask, effortOf, type Step } from "../../core/steps/step.ts";
import { usePane } from "./pane-context.ts";
import { SecondPerson } from "./SecondPerson.tsx";
import { StepCard, sayMinutes } from "./StepCard.tsx";
import { StepRow } from "./StepRow.tsx";
import { isTimed } from "./StepTook.tsx";

type Props = {
  readonly station: Station;
  /** The station's own, where they are not those of the frame. */
  readonly steps?: readonly Step[];
  /** Minutes on top of the steps, for what is known to be in the way. */
  readonly moreMinutes?: number;
  readonly asks?: Readonly<Partial<Record<Ask, (step: Step) => ReactNode>>>;
};

/** The steps of a station: the one now due as a card, then all of them one line each, ticked in any order or left out with a reason. */
export function Steps({ station, asks = {}, steps: given, moreMinutes = 0 }: Props) {
  const { book, reckoning, today, say, write } = usePane();
  const steps = given ?? stepsAt(station, book, reckoning);
  const [picked, setPicked] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const moved = useRef(false);
  const isOpen = (s: Step): boolean => !book.steps.has(stepKey(station, s.id));
  const next = steps.find(isOpen);
  const shown = steps.find((s) => s.id === picked) ?? next ?? steps.at(-1);
  const mark = useCallback(
    (step: Step, state: "done" | "skipped" | "open", reason = "") => {
      // What speaks against it is said, and can be overruled with a reason.
      if (state === "done" && stepHeld(step, station, book, reckoning, { today, nowMs: Date.now() }) !== null) {
        setPicked(step.id);
        setRefused(step.id);
        return;
      }
      if (state === "done" && step.ticks?.length && !book.before.ticked.get(stepKey(station, step.id))?.length)
        write("step.sides", { station, step: step.id, done: [...step.ticks] });
      write("step.marked", { station, step: step.id, state, reason });
      setRefused(null);
      // What dries or is timed is still to be told of: the card stays with it.
      if (state === "open") return;
      const stays = state === "done" && (step.driesHours !== undefined || isTimed(book.id, station, step.id));
      setPicked(stays ? step.id : null);
    },
    [station, book, reckoning, today, write],
  );
  if (!shown) return <p className="note-glass">{say(CANNOT_BE_OPENED)}</p>;
  const { special, licensed } = book.before;
  const stopped = special.length > 0 && licensed.trim() === "";
  const effort = effortOf(steps.filter(isOpen));
  const number = steps.indexOf(shown) + 1;
  return (
    <>
      {stopped && (
        <p className="note-wax" role="alert">
          <span className="font-medium">This wants {special.map((s) => SPECIAL_FACTS[s].who).join(", and ")}.</span> The
          steps are held until their name stands under <a href={`/panes/${book.id}/look`}>Look</a>.
        </p>
      )}
      <StepCard
        key={shown.id}
        station={station}
        step={shown}
        number={number}
        of={steps.length}
        stopped={stopped}
        refused={refused === shown.id}
        takeFocus={moved}
        open={(id) => {
          moved.current = true;
          setPicked(id);
        }}
        raises={raisedAt(shown, steps, isOpen)}
        mark={(state, reason) => {
          moved.current = true;
          mark(shown, state, reason);
        }}
        next={picked !== null && next && next !== shown ? () => setPicked(null) : undefined}
      >
        {shown.asks && asks[shown.asks]?.(shown)}
      </StepCard>
      <p className="text-[13px] text-mute">
        {effort.minutes > 0
          ? [
              `about ${sayMinutes(effort.minutes + moreMinutes)} of work left`,
              effort.waitHours > 0 ? `${effort.waitHours} h of drying` : "",
              effort.people === 2 ? "a second person for part of it" : "",
            ]
              .filter(Boolean)
              .join(", ")
          : "All steps here are done or left out."}
      </p>
      <ol className="text-[14px]">
        {steps.map((s, i) => (
          <StepRow
            key={s.id}
            station={station}
            step={s}
            number={i + 1}
            due={s === next}
            shown={s === shown}
            stopped={stopped}
            open={() => {
              moved.current = true;
              setPicked(s.id);
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
