import { lazy, Suspense, useEffect, useState } from "react";
import { type LinesBefore, roundLinesFrom } from "../../core/page/kept.ts";
import { placeLabel } from "../../core/page/pane-page.ts";
import type { RoundLinesData } from "../../core/page/round-page.ts";
import { keepLine, keptLine } from "../device/kept-store.ts";
import type { Here } from "./here.ts";

const RoundPage = lazy(() => import("../round/RoundPage.tsx"));

const LINES_BEFORE: LinesBefore = {
  read: async (pane, what) => {
    const there = await keptLine(pane).catch(() => undefined);
    return there?.of === what ? there.row : undefined;
  },
  keep: (pane, what, row) => keepLine(pane, { of: what, row }).catch(() => undefined),
};

/** A round's lines are worked out a pane at a time, with breath between: a phone stays awake meanwhile. */
export function KeptLines({ here, round }: { readonly here: Here; readonly round: string }) {
  const [lines, setLines] = useState<RoundLinesData | null>(null);
  const [made, setMade] = useState({ count: 0, of: 0 });
  useEffect(() => {
    let gone = false;
    void roundLinesFrom(
      here.log,
      round,
      async (count, round) => {
        setMade({ count, of: round });
        await new Promise((on) => setTimeout(on));
        if (gone) throw new Error("the page was left");
      },
      LINES_BEFORE,
    ).then(setLines, () => undefined);
    return () => {
      gone = true;
    };
  }, [here, round]);
  const soFar = <PlacesOf here={here} round={round} made={made} />;
  // The board's own script comes when its lines are there: until it has, what is shown stays.
  return lines ? (
    <Suspense fallback={soFar}>
      <RoundPage prefs={here.prefs} round={round} {...lines} />
    </Suspense>
  ) : (
    soFar
  );
}

type PlacesProps = {
  readonly here: Here;
  readonly round: string;
  readonly made: { readonly count: number; readonly of: number };
};

/** Until the lines are there each pane is one tap away, by where it is. */
const PlacesOf = ({ here, round, made }: PlacesProps) => (
  <div className="min-h-0 flex-1 overflow-auto bg-sheet px-4 desk:px-6">
    <p className="py-2 text-[13px] text-mute" role="status">
      {`Working out ${made.count} of ${made.of} lines on this device.`}
    </p>
    <ul className="rows">
      {here.log.panes
        .filter((p) => p.round === round)
        .map((p) => (
          <li key={p.id}>
            <a className="flex min-h-11 items-center py-1.5 no-underline" href={`/panes/${p.id}`}>
              {placeLabel(p)}
            </a>
          </li>
        ))}
    </ul>
  </div>
);
