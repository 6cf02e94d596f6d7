import { CORNERS, MEETING } from "../../core/takeout/beads.ts";
import type { Of, TappedOn } from "./tapped-on.ts";

const BEADS = { box: 520, thick: 46 };
/** Four beads as they meet at the corners, tapped in the order in which they come out. */
export function PracticeBeads({ of, picks, pick, over }: { readonly of: Of<"beads"> } & TappedOn) {
  const k = (BEADS.box - 60) / Math.max(of.width, of.height);
  const [w, h] = [of.width * k, of.height * k];
  const [x0, y0] = [(BEADS.box - w) / 2, (BEADS.box - h) / 2];
  const t = BEADS.thick;
  // Where a bead ends at a corner: through to the frame, short of the other, or cut across.
  const reach = (
    side: "left" | "right" | "top" | "bottom",
    corner: (typeof CORNERS)[number],
  ): "through" | "short" | "mitre" => {
    const joint = of.joints[corner];
    if (!joint || joint.kind === "mitred") return "mitre";
    return joint.side === side ? "through" : "short";
  };
  const level = (side: "top" | "bottom") => {
    const y = side === "top" ? y0 : y0 + h - t;
    const [l, r] = [reach(side, `${side}-left`), reach(side, `${side}-right`)];
    const outer = side === "top" ? y : y + t;
    const inner = side === "top" ? y + t : y;
    const end = (how: typeof l, x: number, into: number): readonly [string, string] =>
      how === "short"
        ? [`${x + into} ${outer}`, `${x + into} ${inner}`]
        : how === "through"
          ? [`${x} ${outer}`, `${x} ${inner}`]
          : [`${x} ${outer}`, `${x + into} ${inner}`];
    const [a, b] = end(l, x0, t);
    const [c, d] = end(r, x0 + w, -t);
    return `M${a}L${c}L${d}L${b}z`;
  };
  const upright = (side: "left" | "right") => {
    const x = side === "left" ? x0 : x0 + w - t;
    const [b, tp] = [reach(side, `bottom-${side}`), reach(side, `top-${side}`)];
    const outer = side === "left" ? x : x + t;
    const inner = side === "left" ? x + t : x;
    const end = (how: typeof b, y: number, into: number): readonly [string, string] =>
      how === "short"
        ? [`${outer} ${y + into}`, `${inner} ${y + into}`]
        : how === "through"
          ? [`${outer} ${y}`, `${inner} ${y}`]
          : [`${outer} ${y}`, `${inner} ${y + into}`];
    const [p, q] = end(tp, y0, t);
    const [r, s] = end(b, y0 + h, -t);
    return `M${p}L${r}L${s}L${q}z`;
  };
  const laps = CORNERS.filter((c) => of.joints[c]?.kind === "laps");
  const shapes = { left: upright("left"), right: upright("right"), top: level("top"), bottom: level("bottom") };
  const middle = {
    left: [x0 + t / 2, y0 + h / 2],
    right: [x0 + w - t / 2, y0 + h / 2],
    top: [x0 + w / 2, y0 + t / 2],
    bottom: [x0 + w / 2, y0 + h - t / 2],
  } as const;
  const sides = ["left", "right", "bottom", "top"] as const;
  return (
    <svg
      viewBox={`0 0 ${BEADS.box} ${BEADS.box}`}
      className="max-h-[62dvh] w-full"
      role="img"
      aria-label={"Four strips, and how they meet at the corners"}
    >
      <rect x={x0 + t} y={y0 + t} width={w - 2 * t} height={h - 2 * t} className="d-pane" />
      {sides.map((side) => {
        const order = picks.indexOf(OF_SIDE[side]);
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: the buttons below the question are the keyboard's way
          <g key={side} onClick={() => !over && pick(OF_SIDE[side])} className={over ? "" : "cursor-pointer"}>
            <path d={shapes[side]} className="d-face" strokeWidth={2} opacity={order === -1 ? 1 : 0.55} />
            {order !== -1 && (
              <text
                x={middle[side][0]}
                y={middle[side][1] + 7}
                textAnchor="middle"
                className="d-text !text-[22px] font-bold"
              >
                {order + 1}
              </text>
            )}
          </g>
        );
      })}
      {laps.map((c) => {
        const joint = of.joints[c];
        const over_ = joint?.kind === "laps" ? joint.side : null;
        const [up] = MEETING[c];
        const x = up === "left" ? x0 + t / 2 : x0 + w - t / 2;
        const y = c.startsWith("top") ? y0 + t / 2 : y0 + h - t / 2;
        return (
          <text key={c} x={x} y={y + 4} textAnchor="middle" className="d-mute !text-[12px]">
            {over_ === null ? "" : "laps"}
          </text>
        );
      })}
    </svg>
  );
}
/** As `SIDES` numbers them. */
const OF_SIDE = { left: 0, right: 1, bottom: 2, top: 3 } as const;
