import { useVirtualizer } from "@tanstack/react-virtual";
import { memo, type RefObject, useEffect, useState } from "react";
import type { RoundRow } from "../../core/round/row.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import type { DayAxis } from "../../drawing/day-bars.ts";
import { RoundLine } from "./RoundLine.tsx";

type Props = {
  readonly rows: readonly RoundRow[];
  readonly at: number;
  readonly prefs: Prefs;
  readonly axisFor: (waits: RoundRow["waits"]) => DayAxis;
  readonly choose: (at: number) => void;
  readonly scroller: RefObject<HTMLDivElement | null>;
  /** Lines that are still to come after these. */
  readonly missing: number;
  readonly more: () => void;
};

/** A round this long is drawn whole; of a longer one only the lines in sight, and some about them. */
const DRAWN_WHOLE = 80;
const LINE_PX = 54;
const BEYOND = 12;

/** The lines of a round, as many as there are. */
export function RoundList(props: Props) {
  // Places in a long list are set by script: the first lines stand as they are sent until it runs.
  const [running, setRunning] = useState(false);
  useEffect(() => setRunning(true), []);
  return running && props.rows.length + props.missing > DRAWN_WHOLE ? <InSight {...props} /> : <Whole {...props} />;
}

const Line = memo(RoundLine);

function Whole({ rows, at, prefs, axisFor, choose }: Props) {
  return (
    <ol aria-label="Panes of the round">
      {rows.map((row, i) => (
        <Line key={row.id} row={row} on={i === at} prefs={prefs} axisFor={axisFor} index={i} choose={choose} />
      ))}
    </ol>
  );
}

function InSight({ rows, at, prefs, axisFor, choose, scroller, missing, more }: Props) {
  const lines = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => LINE_PX,
    getItemKey: (i) => rows[i]?.id ?? i,
    overscan: BEYOND,
    // Lines beyond the sight are there already: the frame need not wait for the next ones.
    useFlushSync: false,
    initialRect: { width: 1280, height: 20 * LINE_PX },
  });
  const shown = lines.getVirtualItems();
  const last = shown.at(-1)?.index ?? 0;
  useEffect(() => {
    if (missing > 0 && last >= rows.length - BEYOND) more();
  }, [missing, last, rows.length, more]);
  useEffect(() => {
    lines.scrollToIndex(at, { align: "auto" });
  }, [lines, at]);
  return (
    <ol aria-label="Panes of the round" className="relative" style={{ height: lines.getTotalSize() }}>
      {shown.map((item) => {
        const row = rows[item.index];
        return row ? (
          <Line
            key={row.id}
            row={row}
            on={item.index === at}
            prefs={prefs}
            axisFor={axisFor}
            index={item.index}
            choose={choose}
            top={item.start}
            measure={lines.measureElement}
          />
        ) : null;
      })}
    </ol>
  );
}
