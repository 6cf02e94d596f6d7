import { useEffect, useRef, useState } from "react";
import { PACKED_AT } from "../../core/practice/square-sash.ts";
import { dropAs, type Packers, type SimulatorFacts } from "../../core/set/simulate.ts";
import { writeLength } from "../../core/tape/write.ts";
import { type LengthUnit, mm } from "../../core/units/length.ts";
import { TOE_BOX, toeDrawing } from "../../drawing/toe-heel.ts";

type Props = {
  readonly facts: SimulatorFacts;
  readonly start: Packers;
  readonly seconds: number;
  readonly unit: LengthUnit;
  readonly over: boolean;
  readonly give: (texts: readonly string[]) => void;
};

const NAMES: Readonly<Record<keyof Packers, string>> = {
  foot: "at the foot, by the hinge",
  head: "at the head, by the handle",
  hingeSide: "hinge side, below",
  handleSide: "handle side, above",
};
const STEP = 0.5;
const TIMES = 4;
const MOST = 15;

/** A sash that moves with its packers, and a clock: each packer by two keys, and one to say that it hangs square. */
export function PracticeSash({ facts, start, seconds, unit, over, give }: Props) {
  const [packers, setPackers] = useState(start);
  const [left, setLeft] = useState(seconds);
  const began = useRef(0);
  useEffect(() => {
    if (over) return;
    began.current = performance.now();
    const clock = setInterval(
      () => setLeft(Math.max(0, seconds - Math.floor((performance.now() - began.current) / 1000))),
      250,
    );
    return () => clearInterval(clock);
  }, [over, seconds]);
  const drop = dropAs(facts, packers);
  const d = toeDrawing({
    acrossMm: facts.sash.widthMm,
    alongMm: facts.sash.heightMm,
    dropMm: drop,
    times: TIMES,
    held: "side",
    side: "left",
    dxMm: facts.dxMm,
    dyMm: facts.dyMm,
  });
  const text = (length: number): string => writeLength(mm(Math.abs(length)), unit, { places: 1, ticks: 64 });
  const add = (at: keyof Packers, by: number) =>
    setPackers((was) => ({ ...was, [at]: Math.max(0, Math.min(MOST, was[at] + by)) }));
  const hangs = `${text(drop)} ${drop >= 0 ? "down" : "too high"}`;
  return (
    <div className="space-y-3 max-sm:space-y-1">
      <p className="flex items-baseline justify-between" role="timer" aria-label="Seconds left">
        <span className="text-mute">The drop is drawn {TIMES} times too large.</span>
        <b className={`tight text-[28px] ${left <= 10 ? "text-wax" : ""}`}>{left} s</b>
      </p>
      <svg
        viewBox={`0 0 ${TOE_BOX.width} ${TOE_BOX.height}`}
        className="mx-auto max-h-[46dvh] w-full bg-sheet max-sm:max-h-[30dvh]"
        role="img"
        aria-label={`The handle hangs ${hangs}`}
      >
        <path d={d.frame} className="d-opening" />
        <path d={d.sash} className="d-frame" />
        <path d={d.pane} className="d-pane" />
        <path d={d.diagonal} className="d-asked" strokeDasharray="8 5" />
        {d.packers.map((p) => (
          <circle key={p.id} cx={p.at.x} cy={p.at.y} r={9} className="d-ease" />
        ))}
        <text x={d.figure.x} y={d.figure.y} textAnchor="middle" className="d-text font-semibold">
          {hangs}
        </text>
      </svg>
      <ul className="grid gap-x-8 gap-y-2 max-sm:gap-y-1 sm:grid-cols-2">
        {PACKED_AT.map((at) => (
          <li key={at} className="flex items-center justify-between gap-2">
            <span className="text-[14px]">
              {NAMES[at]} <b className="tight">{text(packers[at])}</b>
            </span>
            <span className="flex gap-1">
              <button
                type="button"
                className="btn min-h-12 min-w-12"
                aria-label={`Less ${NAMES[at]}`}
                disabled={over || packers[at] === 0}
                onClick={() => add(at, -STEP)}
              >
                −
              </button>
              <button
                type="button"
                className="btn min-h-12 min-w-12"
                aria-label={`More ${NAMES[at]}`}
                disabled={over}
                onClick={() => add(at, STEP)}
              >
                +
              </button>
            </span>
          </li>
        ))}
      </ul>
      {!over && (
        <button
          type="button"
          className="btn btn-main min-h-12 w-full"
          onClick={() => give(PACKED_AT.map((at) => String(packers[at])))}
        >
          It hangs square
        </button>
      )}
    </div>
  );
}
