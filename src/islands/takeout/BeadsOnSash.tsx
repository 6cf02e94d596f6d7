import { SIDES, type Side } from "../../core/geometry/quad.ts";
import { stepKey } from "../../core/pane/book.ts";
import { beadsOf } from "../../core/pane/step-facts.ts";
import type { Step } from "../../core/steps/step.ts";
import { type BeadSchool, CORNERS, type Corner } from "../../core/takeout/beads.ts";
import { jointText, nextJoint } from "../../core/takeout/next-joint.ts";
import { type Board as BoardDrawn, onStrip } from "../../drawing/board.ts";
import { knifeAt } from "../../drawing/knife.ts";
import { usePane } from "../panels/pane-context.ts";
import { Board, type Spot } from "../stage/Board.tsx";
import { SideWord } from "../stage/SideWord.tsx";
import { useSteps } from "../steps/use-steps.ts";

/** Four beads: a tap on a corner says how they meet there, a tap on a bead that it is off. The order out stands on them. */
export function BeadsOnSash() {
  const { book, reckoning: r, say, write } = usePane();
  const { steps, mark } = useSteps("takeout");
  const { broken } = book.before;
  const now = book.before.joints ?? { joints: {}, school: "longest" as BeadSchool };
  const order = beadsOf(book, r);
  const out = order?.kind === "order" ? order : null;
  const wrong = order?.kind === "impossible" ? order.corners : [];
  const stepOf = (side: Side): Step | undefined => steps.find((s) => s.at === side);
  const isOff = (side: Side): boolean => {
    const step = stepOf(side);
    return step !== undefined && book.steps.get(stepKey("takeout", step.id))?.state === "done";
  };
  const due = out?.steps.find((s) => !isOff(s.side));
  const set = (corner: Corner) => {
    const { [corner]: was, ...rest } = now.joints;
    const joint = nextJoint(was, corner);
    write("takeout.joints", { ...now, joints: joint ? { ...rest, [corner]: joint } : rest });
  };
  const spots = (b: BoardDrawn): readonly Spot[] => [
    ...SIDES.flatMap((side) => {
      const step = stepOf(side);
      const off = isOff(side);
      const bar = b.bars[side];
      if (!step)
        return [
          {
            id: side,
            at: b.sides[side].on,
            width: bar.width > bar.height ? bar.width : 44,
            height: bar.height > bar.width ? bar.height : 44,
            says: say(`The ${side} {bead}${broken.includes(side) ? " broke; tap if it did not" : ": tap if it broke"}`),
            pressed: broken.includes(side),
            tap: () =>
              write("takeout.broken", {
                beads: broken.includes(side) ? broken.filter((x) => x !== side) : [...broken, side],
              }),
          },
        ];
      return [
        {
          id: side,
          at: b.sides[side].on,
          width: bar.width > bar.height ? bar.width : 44,
          height: bar.height > bar.width ? bar.height : 44,
          says: say(`The ${side} {bead}${off ? " is off; tap if it is not" : ": tap when it is off"}`),
          pressed: off,
          tap: () => mark(step, off ? "open" : "done"),
        },
      ];
    }),
    ...CORNERS.map((c) => ({
      id: c,
      at: b.corners[c].on,
      width: 58,
      height: 58,
      says: `Corner ${c.replace("-", " ")}: ${jointText(now.joints[c])}. Tap to change`,
      tap: () => set(c),
    })),
  ];
  return (
    <Board
      glass="old"
      says={
        out
          ? say(`{Beads}, in the order out: ${out.steps.map((s) => s.side).join(", ")}`)
          : say("Four {beads} and their corners")
      }
      spots={spots}
      over={(b) => (
        <>
          {SIDES.map((side) =>
            isOff(side) ? (
              <path key={side} d={b.strips[side]} className="d-off" />
            ) : side === due?.side ? (
              <path key={side} d={b.strips[side]} className="d-due" />
            ) : null,
          )}
          {CORNERS.map((c) => {
            const { on, out: at } = b.corners[c];
            const left = c.endsWith("left");
            const isWrong = wrong.includes(c);
            return (
              <g key={c}>
                <circle
                  cx={on.x}
                  cy={on.y}
                  r={8}
                  className={now.joints[c] ? "d-disk" : "d-due"}
                  stroke={isWrong ? "var(--wax)" : undefined}
                />
                <text
                  x={at.x}
                  y={at.y}
                  textAnchor={left ? "end" : "start"}
                  className={isWrong ? "d-wax-text !text-[15px] font-semibold" : "d-text !text-[15px]"}
                >
                  {now.joints[c] ? (
                    // In two lines, so that it fits beside a wide sash too.
                    jointText(now.joints[c])
                      .replace(" ", "|")
                      .split("|")
                      .map((line, i) => (
                        <tspan key={line} x={at.x} dy={i === 0 ? 0 : "1.1em"}>
                          {line}
                        </tspan>
                      ))
                  ) : (
                    <tspan>tap me</tspan>
                  )}
                </text>
              </g>
            );
          })}
          {out?.steps.map((s, i) => {
            const on = b.sides[s.side].on;
            const upright = s.side === "left" || s.side === "right";
            const at = { x: on.x + (upright ? 0 : b.sash.width * 0.2), y: on.y + (upright ? b.sash.height * 0.2 : 0) };
            return (
              <g key={s.side}>
                <circle cx={at.x} cy={at.y} r={15} className={s === due ? "d-disk d-disk-on" : "d-disk"} />
                <text
                  x={at.x}
                  y={at.y + 6}
                  textAnchor="middle"
                  className={`!text-[16px] font-bold ${s === due ? "fill-white" : "fill-[#22272a]"}`}
                >
                  {isOff(s.side) ? "✓" : i + 1}
                </text>
              </g>
            );
          })}
          {broken.map((side) => (
            <SideWord key={side} board={b} side={side} ink="d-wax-text font-semibold">
              broke
            </SideWord>
          ))}
          {due && <Knife board={b} side={due.side} start={due.start} />}
          {out && due && due.side !== out.last && (
            <text textAnchor="middle" className="d-glass-text !text-[14px]">
              {[`the ${out.last}`, "holds it", "till last"].map((line, i) => (
                <tspan
                  key={line}
                  x={b.sight.left + b.sight.width / 2}
                  y={b.sight.top + b.sight.height / 2 + (i - 1) * 18}
                >
                  {line}
                </tspan>
              ))}
            </text>
          )}
        </>
      )}
    />
  );
}

function Knife(props: {
  readonly board: BoardDrawn;
  readonly side: Side;
  readonly start: Parameters<typeof onStrip>[2];
}) {
  const k = knifeAt(props.board, props.side, onStrip(props.board, props.side, props.start));
  return (
    <g>
      <path d={k.handle} className="d-handle" />
      <path d={k.blade} className="d-blade" />
    </g>
  );
}
