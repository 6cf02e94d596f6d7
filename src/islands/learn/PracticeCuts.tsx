import type { Cut } from "../../core/cut/cut-order.ts";
import type { Of } from "./tapped-on.ts";

const ROOM = 14;

/** What lies on the bench, and its scores, each with its number in the middle. */
export function PracticeCuts({ of: { of, cuts } }: { readonly of: Of<"cuts"> }) {
  const foot = of.y + of.height;
  const y = (v: number): number => foot - v;
  const ends = (c: Cut) =>
    c.runs === "across"
      ? { x1: c.of.x + c.at, x2: c.of.x + c.at, y1: y(c.of.y), y2: y(c.of.y + c.of.height) }
      : { x1: c.of.x, x2: c.of.x + c.of.width, y1: y(c.of.y + c.at), y2: y(c.of.y + c.at) };
  const disk = Math.max(of.width, of.height) / 26;
  return (
    <svg
      viewBox={`${of.x - ROOM} ${-ROOM} ${of.width + 2 * ROOM} ${of.height + 2 * ROOM}`}
      className="max-h-[55dvh] w-full"
      role="img"
      aria-label={cuts
        .map((c, i) => `score ${i + 1}, ${c.runs === "across" ? "upright" : "level"}, ${c.long} mm long`)
        .join("; ")}
    >
      <rect x={of.x} y={0} width={of.width} height={of.height} className="d-pane" strokeWidth={4} />
      {cuts.map((c, i) => {
        const e = ends(c);
        const [x, mid] = [(e.x1 + e.x2) / 2, (e.y1 + e.y2) / 2];
        return (
          <g key={`${e.x1} ${e.y1} ${e.x2} ${e.y2}`}>
            <line {...e} stroke="var(--ink)" strokeWidth={4} strokeDasharray="18 10" />
            <circle cx={x} cy={mid} r={disk} className="d-disk" strokeWidth={3} />
            <text
              x={x}
              y={mid + disk * 0.36}
              textAnchor="middle"
              className="fill-[#22272a] font-bold"
              fontSize={disk * 1.1}
            >
              {i + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
