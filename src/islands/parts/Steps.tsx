import { type ReactNode, useState } from "react";
import { NOT_WORKED_OUT } from "../../core/look/systems.ts";
import { stepKey } from "../../core/pane/book.ts";
import { stepsAt } from "../../core/pane/standing.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Step } from "../../core/steps/step.ts";
import { usePane } from "./pane-context.ts";
import { Said } from "./Said.tsx";

type Props = {
  readonly station: Station;
  readonly asks?: Readonly<Partial<Record<NonNullable<Step["asks"]>, ReactNode>>>;
};

/** The steps of a station, in order: each with its reason, ticked, or skipped with a reason. */
export function Steps({ station, asks = {} }: Props) {
  const { book, reckoning, say } = usePane();
  const steps = stepsAt(station, book, reckoning);
  if (steps.length === 0) return <p className="note-glass">{say(NOT_WORKED_OUT)}</p>;
  const next = steps.find((s) => !book.steps.has(stepKey(station, s.id)));
  return (
    <ol className="rows">
      {steps.map((s, i) => (
        <StepLine key={s.id} station={station} step={s} number={i + 1} isNext={s === next}>
          {s.asks && asks[s.asks]}
        </StepLine>
      ))}
    </ol>
  );
}

type LineProps = {
  readonly station: Station;
  readonly step: Step;
  readonly number: number;
  readonly isNext: boolean;
  readonly children: ReactNode;
};

function StepLine({ station, step, number, isNext, children }: LineProps) {
  const { book, write, say } = usePane();
  const mark = book.steps.get(stepKey(station, step.id));
  const id = `step-${station}-${step.id}`;
  const [skipping, setSkipping] = useState(false);
  const set = (state: "done" | "skipped" | "open", reason = "") =>
    write("step.marked", { station, step: step.id, state, reason });
  return (
    <li className={`flex gap-3 py-2.5 ${isNext ? "-mx-3 bg-tape/40 px-3 dark:bg-tape/10" : ""}`}>
      <label className="flex min-h-11 min-w-11 items-start justify-center pt-0.5">
        <input
          id={id}
          type="checkbox"
          className="!h-6 !w-6"
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
          const own = e.target instanceof Element && e.target.closest("button, a, input, form, [popover]");
          if (!own && mark?.state !== "skipped") set(mark ? "open" : "done");
        }}
      >
        <p className={`font-medium ${mark ? "text-mute" : ""} ${mark?.state === "skipped" ? "line-through" : ""}`}>
          <Said>{step.does}</Said>
        </p>
        <p className="text-mute">
          <Said>{step.why}</Said>
        </p>
        {step.never && <p className="trouble">{say(step.never)}</p>}
        {step.tool && <p className="text-[12px] text-mute">Needs: {say(step.tool)}</p>}
        {mark?.state === "skipped" && <p className="text-mute">Skipped: {mark.reason || "no reason given"}</p>}
        {children && <div className="pt-2">{children}</div>}
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
      {!mark && (
        <button
          type="button"
          className="btn btn-small self-start border-transparent bg-transparent text-mute"
          onClick={() => setSkipping(!skipping)}
        >
          {skipping ? "keep" : "skip"}
          <span className="sr-only"> step {number}</span>
        </button>
      )}
      {mark?.state === "skipped" && (
        <button type="button" className="btn btn-small self-start" onClick={() => set("open")}>
          undo skip
        </button>
      )}
    </li>
  );
}
