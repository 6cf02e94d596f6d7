import { useDraggable } from "@dnd-kit/core";
import type { VisitSaid } from "../../core/page/plan-page.ts";
import { VISIT_PART_NAMES } from "../../core/plan/visit-part.ts";
import type { Stop, WeekVisit } from "../../core/plan/week.ts";
import { clock, lasts } from "../../core/words/clock.ts";

type Props = {
  readonly said: VisitSaid;
  readonly visit: WeekVisit;
  readonly stop: Stop | null;
  readonly isHelp: boolean;
  readonly isWrong: boolean;
  readonly isNew: boolean;
  readonly isChosen: boolean;
  readonly says?: string | undefined;
  readonly open: () => void;
};

/** One visit: when, where, what for, how long. It is picked up and put on somebody's day, or opened. */
export function VisitCard({ said, visit, stop, isHelp, isWrong, isNew, isChosen, says, open }: Props) {
  const { setNodeRef, listeners, attributes, transform, isDragging } = useDraggable({
    id: isHelp ? `${said.id} help` : said.id,
    disabled: isHelp,
  });
  const tone = isHelp
    ? "border-line bg-sheet"
    : isWrong
      ? "border-wax bg-sheet"
      : stop
        ? // What hangs on glass that nobody ordered is a guess, and drawn as one.
          said.because.kind === "not-ordered"
          ? "border-dashed border-glass bg-sheet"
          : "border-glass bg-tint"
        : said.slipped
          ? "border-wax bg-sheet"
          : "border-line bg-sheet";
  return (
    <button
      {...(isHelp ? {} : { ...attributes, ...listeners })}
      ref={setNodeRef}
      type="button"
      onClick={open}
      aria-label={`${stop ? `${clock(stop.from + (isHelp ? visit.helperFrom : 0))}, ` : ""}${said.where}, ${VISIT_PART_NAMES[said.part]}, ${lasts(visit.minutes)}${isHelp ? ", helps" : ""}`}
      data-visit={said.id}
      className={`block w-full touch-manipulation rounded border-l-4 border-y border-r px-2 py-1 text-left leading-tight ${tone} ${isNew ? "border-dashed" : ""} ${isChosen ? "outline-2 outline-ink" : ""} ${isDragging ? "relative z-30 opacity-80 shadow-lg" : ""}`}
      {...(transform ? { style: { transform: `translate(${transform.x}px, ${transform.y}px)` } } : {})}
    >
      <span className="flex items-baseline justify-between gap-1">
        <b className="min-w-0">{said.where}</b>
        {stop && (
          <span className="shrink-0 font-mono text-[12px]">{clock(stop.from + (isHelp ? visit.helperFrom : 0))}</span>
        )}
      </span>
      <span className="block text-[13px] text-mute">
        {isHelp
          ? `helps ${stop?.person.split(" ")[0]}, ${lasts(visit.helperMinutes)}`
          : `${VISIT_PART_NAMES[said.part]} · ${lasts(visit.minutes)}`}
        {!isHelp && visit.helperMinutes > 0 && ` · two for ${lasts(visit.helperMinutes)}`}
      </span>
      {says && (
        <span className={`block text-[13px] ${isWrong || said.slipped ? "text-wax" : "text-mute"}`}>{says}</span>
      )}
    </button>
  );
}
