import { frameOf } from "../../core/frame/systems.ts";
import type { Place } from "../../core/measure/places.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { DEPTH_BOX, depthHeld } from "../../drawing/depth-held.ts";
import { usePane } from "../panels/pane-context.ts";
import { Elevation } from "../stage/Elevation.tsx";

/** Where the tape is held for this reading: on the opening from the front, or in its rebate from the side. */
export function TapeHeld({ place }: { readonly place: Place }) {
  const { book, say } = usePane();
  const at = depthHeld(place);
  if (!at) return <Elevation bare asked={place} />;
  const inRoom = book.added.side === "inside";
  return (
    <svg
      viewBox={`0 0 ${DEPTH_BOX.width} ${DEPTH_BOX.height}`}
      className="h-full w-full"
      role="img"
      data-worked={frameOf(book.added.system).worked}
      aria-label={say(`From the side: ${PLACE_NAMES[place]}`)}
    >
      <g transform={inRoom ? `translate(${DEPTH_BOX.width} 0) scale(-1 1)` : undefined}>
        {at.frame.map((d) => (
          <path key={d} d={d} className="d-frame" />
        ))}
        <path d={at.glass} className="d-pane" />
        <path d={at.from} className="d-line" strokeDasharray="3 3" />
        <path d={at.held} stroke="var(--wax)" strokeWidth={3} fill="none" />
      </g>
    </svg>
  );
}
