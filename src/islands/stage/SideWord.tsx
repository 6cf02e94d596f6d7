import type { ReactNode } from "react";
import type { Side } from "../../core/geometry/quad.ts";
import type { Board } from "../../drawing/board.ts";

type Props = { readonly board: Board; readonly side: Side; readonly ink: string; readonly children: ReactNode };

/** A word beside one side of the sash, outside its frame. */
export function SideWord({ board, side, ink, children }: Props) {
  const { out } = board.sides[side];
  const anchor = side === "left" ? "end" : side === "right" ? "start" : "middle";
  return (
    <text x={out.x} y={out.y + 4} textAnchor={anchor} className={`!text-[16px] ${ink}`}>
      {children}
    </text>
  );
}
