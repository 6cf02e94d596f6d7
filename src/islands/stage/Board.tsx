import type { ReactNode } from "react";
import { facePutty, framed, halved, isBeaded } from "../../core/frame/held.ts";
import { SIDES } from "../../core/geometry/quad.ts";
import type { PaneBook } from "../../core/pane/book.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import { hasLeft } from "../../core/pane/open-hole.ts";
import type { Station } from "../../core/plan/stations.ts";
import { toMm } from "../../core/units/length.ts";
import { BOARD_BOX, type Board as BoardDrawn, boardOf, boxPath, screwsOn } from "../../drawing/board.ts";
import { damageOn } from "../../drawing/damage.ts";
import type { Xy } from "../../drawing/path.ts";
import { usePane } from "../panels/pane-context.ts";

/** A place on the sash that answers to a tap, a finger or the keyboard. */
export type Spot = {
  readonly id: string;
  readonly at: Xy;
  /** In the drawing's own unit; never smaller than a thumb. */
  readonly width: number;
  readonly height: number;
  /** What it says when read aloud: what is there, and what a tap does. */
  readonly says: string;
  readonly pressed?: boolean;
  readonly tap: () => void;
};

/** What stands in the sash: the old glass with its damage, nothing, or the new. */
export type GlassIn = "old" | "nothing" | "new";
/** While a station is worked on. */
const GLASS_AT: Readonly<Record<Station, GlassIn>> = {
  look: "old",
  takeout: "old",
  measure: "old",
  specify: "new",
  order: "new",
  ready: "nothing",
  set: "new",
  finish: "new",
  signoff: "new",
};

/** The same for this pane: once its old glass was taken out, nothing stands there. */
export const glassIn = (station: Station, book: PaneBook): GlassIn =>
  GLASS_AT[station] === "old" && hasLeft(book) ? "nothing" : GLASS_AT[station];

type Props = {
  readonly says: string;
  readonly glass: GlassIn;
  /** Drawn on the sash. */
  readonly over?: (board: BoardDrawn) => ReactNode;
  readonly spots?: (board: BoardDrawn) => readonly Spot[];
};

/** The least that is tapped, in the drawing's own unit: on the narrowest phone it is still as broad as a thumb. */
const THUMB = 84;

/** What the sash is drawn by while nothing is read. */
const ABOUT = { width: 600, height: 900 };

/** The shape of this sash as it is drawn: by the glass that stands now, or about. */
export function useBoard(): { readonly board: BoardDrawn; readonly known: boolean } {
  const { book, reckoning: r } = usePane();
  const size = r.cut.ok ? r.cut.value.glass : null;
  return {
    board: boardOf({
      widthMm: size ? toMm(size.width) : ABOUT.width,
      heightMm: size ? toMm(size.height) : ABOUT.height,
      joints: book.before.joints?.joints ?? {},
    }),
    known: size !== null,
  };
}

/** The sash as one stands before it, in its own material; what the step asks is tapped on it. */
export function Board({ says, glass, over, spots }: Props) {
  const { book } = usePane();
  const { board, known } = useBoard();
  const like = likeOf(book);
  const beaded = isBeaded(like);
  const screwed = halved(like) || framed(like);
  const tapped = spots?.(board) ?? [];
  return (
    <div className="board relative mx-auto w-full">
      <svg
        viewBox={`0 0 ${BOARD_BOX.width} ${BOARD_BOX.height}`}
        className="block w-full"
        role={tapped.length > 0 ? "group" : "img"}
        aria-label={says}
      >
        <path d={board.frame} fillRule="evenodd" className="d-frame" strokeDasharray={known ? undefined : "7 5"} />
        <path d={boxPath(board.sight)} className={glass === "nothing" ? "d-line" : "d-pane"} fill="none" />
        {glass === "old" && damageOn(board.sight, book.damage).map((d) => <path key={d.d} d={d.d} className={d.ink} />)}
        {SIDES.map((s) => (
          <path key={s} d={board.strips[s]} className={facePutty(like) ? "d-face" : "d-strip"} />
        ))}
        {board.seams.map((s) => (
          <path key={s.d} d={s.d} className="d-line" strokeDasharray={s.said || !beaded ? undefined : "3 3"} />
        ))}
        {screwed &&
          screwsOn(board).map((at) => <circle key={`${at.x} ${at.y}`} cx={at.x} cy={at.y} r={4} className="d-screw" />)}
        {over?.(board)}
        {tapped.map((s) => {
          const [width, height] = [Math.max(s.width, THUMB), Math.max(s.height, THUMB)];
          return (
            <foreignObject key={s.id} x={s.at.x - width / 2} y={s.at.y - height / 2} width={width} height={height}>
              <button
                type="button"
                aria-label={s.says}
                aria-pressed={s.pressed}
                title={s.says}
                className="block h-full w-full rounded hover:bg-glass/10"
                onClick={s.tap}
              />
            </foreignObject>
          );
        })}
      </svg>
    </div>
  );
}
