import { SIDES, type Side } from "../../core/geometry/quad.ts";
import { stepKey } from "../../core/pane/book.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Step } from "../../core/steps/step.ts";
import { CORNERS, type Corner } from "../../core/takeout/beads.ts";
import { type Board as BoardDrawn, boxPath } from "../../drawing/board.ts";
import { usePane } from "../panels/pane-context.ts";
import { Board, glassIn, type Spot } from "./Board.tsx";
import { SideWord } from "./SideWord.tsx";

type Place = { readonly tick: string } & (
  | { readonly kind: "side"; readonly side: Side }
  | { readonly kind: "corner"; readonly corner: Corner }
);

/** Where on the sash something is ticked that is named by a side or a corner; null where it has no place there. */
export function placeOf(tick: string): Place | null {
  const side = SIDES.find((s) => s === tick);
  if (side) return { tick, kind: "side", side };
  const corner = CORNERS.find((c) => c.replace("-", " ") === tick);
  return corner ? { tick, kind: "corner", corner } : null;
}

/** A step whose parts all lie on the sash: it is ticked there, and nowhere in a list. */
export const isOnSash = (step: Step | undefined): boolean =>
  (step?.ticks?.length ?? 0) > 0 && step?.ticks?.every((t) => placeOf(t) !== null) === true;

type Props = {
  readonly station: Station;
  readonly step: Step;
  /** What a part is once it is done: cut, clean. */
  readonly done: string;
};

/** Sides and corners tapped on the sash as they are done; the first that is not stands out. */
export function TicksOnSash({ station, step, done }: Props) {
  const { book, write } = usePane();
  const ticked = book.before.ticked.get(stepKey(station, step.id)) ?? [];
  const places = (step.ticks ?? []).map(placeOf).filter((p) => p !== null);
  const due = places.find((p) => !ticked.includes(p.tick));
  const toggle = (tick: string) =>
    write("step.sides", {
      station,
      step: step.id,
      done: ticked.includes(tick) ? ticked.filter((x) => x !== tick) : [...ticked, tick],
    });
  const spots = (b: BoardDrawn): readonly Spot[] =>
    [...places.filter((p) => p.kind === "side"), ...places.filter((p) => p.kind === "corner")].map((p) => {
      const isDone = ticked.includes(p.tick);
      const says = `${p.tick}: ${isDone ? `${done}; tap if it is not` : `tap when it is ${done}`}`;
      const box = p.kind === "side" ? b.bars[p.side] : null;
      return {
        id: p.tick,
        at: p.kind === "side" ? b.sides[p.side].on : b.corners[p.corner].on,
        width: box ? box.width + 30 : 50,
        height: box ? box.height + 30 : 50,
        says,
        pressed: isDone,
        tap: () => toggle(p.tick),
      };
    });
  const ink = (tick: string) => (ticked.includes(tick) ? "d-done" : tick === due?.tick ? "d-due" : "d-left");
  return (
    <Board
      glass={glassIn(station, book)}
      says={`The sash; ${ticked.length} of ${places.length} ${done}`}
      spots={spots}
      over={(b) => (
        <>
          {places.map((p) => {
            if (p.kind === "side") return <path key={p.tick} d={boxPath(b.bars[p.side])} className={ink(p.tick)} />;
            const { on } = b.corners[p.corner];
            return (
              <g key={p.tick}>
                <circle cx={on.x} cy={on.y} r={17} className={ink(p.tick)} />
                {ticked.includes(p.tick) && <Tick x={on.x} y={on.y} />}
              </g>
            );
          })}
          {places.map((p) => {
            if (p.kind !== "side") return null;
            const isDone = ticked.includes(p.tick);
            if (!isDone && p !== due) return null;
            return (
              <SideWord
                key={p.tick}
                board={b}
                side={p.side}
                ink={`font-semibold ${isDone ? "d-glass-text" : "fill-ink"}`}
              >
                {isDone ? done : "now here"}
              </SideWord>
            );
          })}
        </>
      )}
    />
  );
}

const Tick = ({ x, y }: { readonly x: number; readonly y: number }) => (
  <path d={`M${x - 7} ${y}l5 6l9 -12`} fill="none" stroke="var(--sheet)" strokeWidth={3} />
);
