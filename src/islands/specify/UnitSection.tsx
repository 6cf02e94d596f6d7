import { type Makeup, makeupText } from "../../core/specify/makeup.ts";
import { metalClass } from "../../drawing/colours.ts";
import { unitSection } from "../../drawing/unit-section.ts";
import { usePane } from "../panels/pane-context.ts";

const SECTION = { width: 220, height: 120 };

/** The unit in section with its faces numbered, the coated one in red. */
export function UnitSection({ makeup }: { readonly makeup: Makeup }) {
  const { say } = usePane();
  const d = unitSection({
    panesMm: makeup.panes.map((p) => p.mm),
    cavitiesMm: makeup.cavities.map((c) => c.mm),
    coated: makeup.coatings.map((c) => c.face),
    box: SECTION,
  });
  return (
    <svg
      viewBox={`0 0 ${SECTION.width} ${SECTION.height}`}
      className="w-full max-w-[260px] bg-sheet"
      role="img"
      aria-label={say(`Section of the {unit}: ${makeupText(makeup)}`)}
    >
      {d.panes.map((p) => (
        <path key={p} d={p} className="d-pane" />
      ))}
      {d.spacers.map((s) => (
        <path key={s} d={s} className={`d-spacer ${metalClass(makeup.spacer)}`} />
      ))}
      {d.faces.map((f) => (
        <g key={f.n}>
          {f.coated && <path d={`M${f.x} 26V${d.bottom}`} className="d-asked" />}
          <text
            x={f.x}
            y={18}
            textAnchor="middle"
            className={`!text-[11px] ${f.coated ? "d-wax-text font-bold" : "d-mute"}`}
          >
            {f.n}
          </text>
        </g>
      ))}
      {d.labels.map((l) => (
        <text key={`${l.x}`} x={l.x} y={d.bottom + 16} textAnchor="middle" className="d-text !text-[11px]">
          {l.text}
        </text>
      ))}
      <text x={4} y={66} className="d-mute !text-[10px]">
        out
      </text>
      <text x={SECTION.width - 4} y={66} textAnchor="end" className="d-mute !text-[10px]">
        room
      </text>
    </svg>
  );
}
