import { frameOf } from "../../core/frame/systems.ts";
import { detailOf } from "../../core/frame/told-detail.ts";
import { type Held, opensAt, SECTION_BOX, sectionNames, systemSection } from "../../drawing/system-section.ts";
import { usePane } from "../panels/pane-context.ts";

const SCALE = 1.5;
/** Names stand under the drawing, one below the other, so that none can meet. */
const NAMES = { from: 164, apart: 18 };
const HIGH = NAMES.from + 3 * NAMES.apart - 8;
const WIDE = SECTION_BOX.width * SCALE;

/** Through one side of this frame, as its system holds this glass, one sheet or a unit: outside at the left, each part by its name. */
export function SideSection({ title, held }: { readonly title: string; readonly held: Held }) {
  const { book, say } = usePane();
  const { system, side } = book.added;
  const holds = frameOf(system).holds(detailOf(system, book.before.detail));
  const flip = side !== opensAt(system, holds);
  const at = sectionNames(system, held, holds).map((n) => ({
    says: say(n.says),
    x: (flip ? SECTION_BOX.width - n.x : n.x) * SCALE,
    y: n.y * SCALE,
  }));
  const inOrder = [...at].sort((a, b) => a.x - b.x);
  return (
    <figure>
      <figcaption className="pb-1 font-semibold">{title}</figcaption>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        className="w-full"
        role="img"
        data-worked={frameOf(system).worked}
        aria-label={say(`${title}: ${frameOf(system).name}`)}
      >
        <g
          transform={`scale(${SCALE})${flip ? ` translate(${SECTION_BOX.width} 0) scale(-1 1)` : ""}`}
          strokeWidth={0.7}
        >
          {systemSection(system, held, holds).map((s) => (
            <path key={s.d} d={s.d} className={s.ink} />
          ))}
        </g>
        <text x={2} y={12} className="d-mute !text-[11px]">
          outside
        </text>
        <text x={WIDE - 2} y={12} textAnchor="end" className="d-mute !text-[11px]">
          room
        </text>
        {inOrder.map((n, i) => (
          <g key={n.says}>
            <circle cx={n.x} cy={n.y} r={7.5} className="d-disk" />
            <text x={n.x} y={n.y + 4} textAnchor="middle" className="fill-[#22272a] !text-[11px] font-bold">
              {i + 1}
            </text>
            <text x={8} y={NAMES.from + i * NAMES.apart} className="d-text !text-[12px]">
              {i + 1} {n.says}
            </text>
          </g>
        ))}
      </svg>
    </figure>
  );
}
