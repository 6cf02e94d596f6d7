import { stepKey } from "../../core/pane/book.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Step } from "../../core/steps/step.ts";
import { minutesText } from "../../core/words/minutes.ts";
import { usePane } from "../panels/pane-context.ts";

type Props = {
  readonly station: Station;
  readonly step: Step;
  readonly number: number;
  readonly due: boolean;
  readonly shown: boolean;
  readonly stopped: boolean;
  /** Said above it: the work can be left before it. */
  readonly stop: string | undefined;
  readonly open: () => void;
  readonly mark: (state: "done" | "open") => void;
};

/** A step in one line: ticked here in any order, opened by a tap on its words. */
export function StepRow({ station, step, number, due, shown, stopped, stop, open, mark }: Props) {
  const { book, say } = usePane();
  const now = book.steps.get(stepKey(station, step.id));
  return (
    <li
      className={`flex flex-wrap items-center gap-x-2 border-t border-line ${shown ? "bg-due" : ""}`}
      aria-current={shown ? "step" : undefined}
    >
      {stop && <p className="basis-full border-t-2 border-glass bg-paper pt-0.5 text-[12px] text-glass">{stop}</p>}
      <label className="flex min-h-8 min-w-9 items-center justify-center max-sm:min-h-11 max-sm:min-w-11">
        <input
          id={`step-${station}-${step.id}`}
          type="checkbox"
          className="!h-5 !w-5"
          disabled={stopped}
          checked={now?.state === "done"}
          onChange={(e) => mark(e.target.checked ? "done" : "open")}
        />
        <span className="sr-only">
          Step {number}: {say(step.does)}
        </span>
      </label>
      <button
        type="button"
        className={`min-h-8 min-w-0 flex-1 cursor-pointer truncate text-left max-sm:min-h-11 ${now ? "text-mute" : ""} ${due ? "font-semibold" : ""}`}
        onClick={open}
      >
        {now?.state === "skipped" && <span className="trouble">left out: </span>}
        {say(step.does)}
      </button>
      <span className="whitespace-nowrap pr-2 text-[13px] text-mute">{minutesText(step.minutes)}</span>
    </li>
  );
}
