import { useEffect, useRef } from "react";
import { frameOf } from "../../core/frame/systems.ts";
import { presses } from "../../core/round/part-of.ts";
import type { RoundRow } from "../../core/round/row.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { nextWords } from "../../core/words/standing.ts";
import type { DayAxis } from "../../drawing/day-bars.ts";
import { HowFar } from "./HowFar.tsx";
import { WaitBars } from "./WaitBars.tsx";

export const AXIS_WIDTH = 600;

export const hrefOf = (row: RoundRow): string =>
  `/panes/${row.id}/${row.next.kind === "broken" ? "logbook" : row.next.station}`;

type RowProps = {
  readonly row: RoundRow;
  readonly on: boolean;
  readonly prefs: Prefs;
  readonly axisFor: (waits: RoundRow["waits"]) => DayAxis;
  readonly index: number;
  readonly choose: (at: number) => void;
  /** Where it stands in a list of which only a part is drawn, px; and what measures it there. */
  readonly top?: number;
  readonly measure?: (line: Element | null) => void;
};

/** One pane on the round. The whole line is a link to where it stands. */
export function RoundLine({ row, on, prefs, axisFor, index, choose, top, measure }: RowProps) {
  const line = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (on && top === undefined) line.current?.scrollIntoView({ block: "nearest" });
  }, [on, top]);
  useEffect(() => measure?.(line.current), [measure]);
  const pressing = presses(row.next);
  return (
    <li
      ref={line}
      aria-current={on ? "true" : undefined}
      onPointerMove={(e) => {
        // A list scrolled under a pointer at rest moves the pointer by nothing: the line chosen stays.
        if (e.movementX !== 0 || e.movementY !== 0) choose(index);
      }}
      data-index={index}
      {...(top === undefined ? {} : { style: { transform: `translateY(${top}px)` } })}
      className={`${top === undefined ? "relative" : "absolute inset-x-0 top-0"} grid scroll-mt-16 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 border-b border-line px-4 py-2 desk:h-[54px] desk:[contain:strict] desk:grid-cols-[15.5rem_10rem_16rem_minmax(0,1fr)] desk:px-6 desk:py-0 ${on ? "bg-due" : ""}`}
    >
      <div className="min-w-0">
        <a
          href={hrefOf(row)}
          className="block truncate text-[15px] font-semibold no-underline after:absolute after:inset-0"
        >
          {row.address}
        </a>
        <p className="truncate text-[13px] text-mute">
          {[row.opening, row.light].filter(Boolean).join(", ")}
          {row.next.kind !== "say-held" && ` · ${say(frameOf(row.system).short, prefs.dialect)}`}
        </p>
      </div>
      <div>
        <HowFar row={row} />
      </div>
      <div
        className={`min-w-0 text-[15px] max-desk:col-span-2 ${row.next.kind === "signed-off" ? "text-mute" : "font-medium"} ${pressing ? "text-wax" : ""}`}
      >
        {pressing && <span aria-hidden="true">▲ </span>}
        {nextWords(row.next, prefs.dialect)}
      </div>
      <div className="hidden self-stretch desk:block">
        <WaitBars axis={axisFor(row.waits)} width={AXIS_WIDTH} dialect={prefs.dialect} />
      </div>
    </li>
  );
}
