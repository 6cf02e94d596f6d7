import type { WeekReply } from "../../contract/week-job.ts";
import type { Stop, Week } from "../../core/plan/week.ts";
import { sumOf, weekCost } from "../../core/plan/week-cost.ts";
import { counted } from "../../core/text/counted.ts";
import { lasts } from "../../core/words/clock.ts";

type Props = {
  readonly running: { readonly share: number; readonly stop: () => void } | null;
  readonly proposal: Extract<WeekReply, { kind: "done" }> | null;
  readonly before: readonly Stop[];
  readonly week: Week;
  readonly moved: number;
  readonly layOut: () => void;
  readonly take: () => void;
  readonly leave: () => void;
  readonly undo: (() => void) | null;
};

/** The button that lays the week out, how far it is, and what came of it: taken, or left. */
export function LayOutBar({ running, proposal, before, week, moved, layOut, take, leave, undo }: Props) {
  return (
    <div className="flex min-h-14 flex-wrap items-center gap-3 border-b border-line px-4 py-1.5">
      {proposal ? (
        <>
          <p className="min-w-0 flex-1" role="status">
            <Came proposal={proposal} before={before} week={week} moved={moved} />
          </p>
          {moved > 0 && (
            <button type="button" className="btn btn-main" onClick={take}>
              Take this week
            </button>
          )}
          <button type="button" className="btn" onClick={leave}>
            {moved > 0 ? "Leave it as it was" : "Good"}
          </button>
        </>
      ) : (
        <>
          <button type="button" className="btn btn-main" onClick={layOut}>
            {running ? "Stop" : "Lay the week out"} <kbd className="key max-desk:hidden">l</kbd>
          </button>
          {running ? (
            <progress className="h-3 w-48" max={1} value={running.share} aria-label="laying out" />
          ) : (
            <p className="min-w-0 flex-1 text-mute max-sm:sr-only">
              {before.length} of {week.visits.length} visits have a day.
            </p>
          )}
          {undo && (
            <button type="button" className="btn" onClick={undo}>
              Undo <kbd className="key max-desk:hidden">z</kbd>
            </button>
          )}
          <a className="btn" href="/plan/day">
            Today
          </a>
        </>
      )}
    </div>
  );
}

function Came({
  proposal,
  before,
  week,
  moved,
}: Pick<Props, "before" | "week" | "moved"> & { readonly proposal: NonNullable<Props["proposal"]> }) {
  const fits = `${proposal.stops.length} of ${week.visits.length} visits have a day`;
  if (moved === 0) return <>{fits}. Nothing better than the week that stands was found.</>;
  const was = weekCost(week, before);
  const late = Math.round(proposal.parts.late / Math.max(1, week.weights.late));
  const road = (minutes: number): string => lasts(minutes / Math.max(0.001, week.weights.travel));
  return (
    <>
      {fits}; {moved} {moved === 1 ? "is" : "are"} new or moved. Road {road(proposal.parts.travel)} (it was{" "}
      {road(was.travel)}){late > 0 ? `; ${counted(late, "day")} later than promised` : "; nothing later than promised"}.
      {sumOf(was) > proposal.cost + 0.5 ? "" : " It weighs the same as before."}
    </>
  );
}
