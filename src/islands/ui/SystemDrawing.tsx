import type { Holds } from "../../core/frame/frame.ts";
import { frameOf, type System } from "../../core/frame/systems.ts";
import { opensAt, SECTION_BOX, systemSection } from "../../drawing/system-section.ts";
import type { Say } from "./say.ts";

type Props = {
  readonly system: System;
  readonly side?: "inside" | "outside";
  /** How it holds, where the system has more than one way and it was said. */
  readonly holds?: Holds | undefined;
  readonly say: Say;
};

/** A section of how this system holds its glass: outside at the left, the seam that opens in red. */
export function SystemDrawing({ system, side, holds, say }: Props) {
  return (
    <svg
      viewBox={`0 0 ${SECTION_BOX.width} ${SECTION_BOX.height}`}
      className="w-full self-start bg-sheet"
      role="img"
      data-worked={frameOf(system).worked}
      aria-label={say(`Section: ${frameOf(system).name}`)}
    >
      <g
        transform={
          side && side !== opensAt(system, holds) ? `translate(${SECTION_BOX.width} 0) scale(-1 1)` : undefined
        }
      >
        {systemSection(system, undefined, holds).map((s) => (
          <path key={s.d} d={s.d} className={s.ink} />
        ))}
      </g>
      <text x={3} y={12} className="d-mute !text-[10px]">
        out
      </text>
      <text x={SECTION_BOX.width - 3} y={12} textAnchor="end" className="d-mute !text-[10px]">
        room
      </text>
    </svg>
  );
}
