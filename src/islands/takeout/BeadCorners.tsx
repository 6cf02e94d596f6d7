import type { Side } from "../../core/geometry/quad.ts";
import { beadsOf } from "../../core/pane/step-facts.ts";
import {
  BEAD_SCHOOL_FACTS,
  BEAD_SCHOOLS,
  type BeadSchool,
  CORNERS,
  type Corner,
  type Joint,
  MEETING,
} from "../../core/takeout/beads.ts";
import { BEADS_BOX, beadDrawing } from "../../drawing/beads.ts";
import { usePane } from "../parts/pane-context.ts";

/** Four beads drawn; a tap on a corner says how they meet there. The order out is worked out and drawn on them. */
export function BeadCorners() {
  const { book, reckoning: r, say, write } = usePane();
  const now = book.before.joints ?? { joints: {}, school: "longest" as BeadSchool };
  const order = beadsOf(book, r);
  const wrong = order?.kind === "impossible" ? order.corners : [];
  const drawn = beadDrawing(now.joints);
  const turnOf = (side: Side): number =>
    order?.kind === "order" ? order.steps.findIndex((s) => s.side === side) + 1 : 0;
  const set = (corner: Corner, joint: Joint | null) => {
    const { [corner]: _, ...rest } = now.joints;
    write("takeout.joints", { ...now, joints: joint ? { ...rest, [corner]: joint } : rest });
  };
  return (
    <div className="space-y-2">
      <div className="relative mx-auto max-w-[300px]">
        <svg
          viewBox={`0 0 ${BEADS_BOX.width} ${BEADS_BOX.height}`}
          className="w-full bg-sheet"
          role="img"
          aria-label={
            order?.kind === "order"
              ? `Beads, in the order out: ${order.steps.map((s) => s.side).join(", ")}`
              : "Four beads and their corners"
          }
        >
          <path d={drawn.glass} className="d-pane" />
          {drawn.beads.map((b) => (
            <path key={b.side} d={b.d} className="d-face" />
          ))}
          {drawn.seams.map((s) => (
            <path key={s} d={s} className="d-line" />
          ))}
          {drawn.beads.map((b) => {
            const turn = turnOf(b.side);
            const step = order?.kind === "order" ? order.steps[turn - 1] : undefined;
            const knife = step && b.at[step.start];
            return (
              <g key={b.side}>
                {knife && <circle cx={knife.x} cy={knife.y} r={5} className="d-ease" />}
                {turn > 0 && (
                  <text
                    x={b.label.x}
                    y={b.label.y + 7}
                    textAnchor="middle"
                    className="d-halo fill-ink text-[20px] font-bold"
                  >
                    {turn}
                  </text>
                )}
              </g>
            );
          })}
        </svg>
        {CORNERS.map((c) => (
          <button
            key={c}
            type="button"
            className={`bead-corner bead-corner-${c} ${wrong.includes(c) ? "bead-corner-wrong" : ""}`}
            aria-label={`Corner ${c.replace("-", " ")}: ${jointText(now.joints[c], c)}. Tap to change`}
            onClick={() => set(c, nextJoint(now.joints[c], c))}
          >
            {jointMark(now.joints[c])}
          </button>
        ))}
      </div>
      <p className="text-center text-[13px] text-mute">
        Tap each corner: mitred, or which {say("{bead}")} runs through to the frame or laps over the other.
      </p>
      <div className="flex flex-wrap justify-center gap-2">
        <button
          type="button"
          className="btn btn-small"
          onClick={() =>
            write("takeout.joints", {
              ...now,
              joints: Object.fromEntries(CORNERS.map((c) => [c, { kind: "mitred" as const }])),
            })
          }
        >
          All mitred
        </button>
        <label className="inline-flex items-center gap-2 text-[13px]">
          where it is open
          <select
            className="!w-auto"
            value={now.school}
            onChange={(e) => write("takeout.joints", { ...now, school: e.target.value as BeadSchool })}
          >
            {BEAD_SCHOOLS.map((s) => (
              <option key={s} value={s}>
                {BEAD_SCHOOL_FACTS[s].name}
              </option>
            ))}
          </select>
        </label>
      </div>
      {order?.kind === "impossible" ? (
        <p className="note-wax" role="alert">
          These corners cannot all be so: {order.corners.map((c) => c.replace("-", " ")).join(", ")}. Each{" "}
          {say("{bead}")} would wait for the next, all the way round. Look at one of them again.
        </p>
      ) : order ? (
        <ol className="note-glass list-decimal pl-8 text-[14px]">
          {order.steps.map((s) => (
            <li key={s.side}>
              <strong className="font-semibold">{s.side}</strong>, knife{" "}
              {s.start === "middle" ? "in the middle" : `at its ${s.start} end`}: {s.why}
              {s.side === order.last && " – it holds the glass till then"}
            </li>
          ))}
          {order.unmarked.length > 0 && (
            <li className="list-none text-[13px] text-mute">
              Not marked: {order.unmarked.map((c) => c.replace("-", " ")).join(", ")}
            </li>
          )}
        </ol>
      ) : null}
    </div>
  );
}

/** Tap by tap: not said, mitred, upright through, level through, upright over, level over, and round again. */
function nextJoint(now: Joint | undefined, corner: Corner): Joint | null {
  const [upright, level] = MEETING[corner];
  const all: readonly (Joint | null)[] = [
    { kind: "mitred" },
    { kind: "runs", side: upright },
    { kind: "runs", side: level },
    { kind: "laps", side: upright },
    { kind: "laps", side: level },
    null,
  ];
  const at = now ? all.findIndex((j) => JSON.stringify(j) === JSON.stringify(now)) : -1;
  return all[(at + 1) % all.length] ?? null;
}

const jointText = (j: Joint | undefined, _corner: Corner): string =>
  !j ? "not said" : j.kind === "mitred" ? "mitred" : `${j.side} ${j.kind === "runs" ? "runs through" : "laps over"}`;

const jointMark = (j: Joint | undefined): string =>
  !j ? "?" : j.kind === "mitred" ? "mitre" : `${j.side} ${j.kind === "runs" ? "through" : "over"}`;
