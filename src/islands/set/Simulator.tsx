import { useStore } from "@nanostores/react";
import { atom } from "nanostores";
import { useCallback, useMemo, useRef, useState } from "react";
import { opensAs } from "../../core/pane/hangs.ts";
import type { Opens } from "../../core/set/packer-places.ts";
import { dropAs, dropWith, type Packers, type SimulatorFacts } from "../../core/set/simulate.ts";
import { dropFromHeads, type Sash } from "../../core/set/toe-heel.ts";
import { readTape } from "../../core/tape/read.ts";
import { writeNumber } from "../../core/tape/write.ts";
import { toMm } from "../../core/units/length.ts";
import { farText, type HeldBy, SIMULATOR_WORDS } from "../../core/words/simulator.ts";
import { TOE_BOX, toeDrawing } from "../../drawing/toe-heel.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { useAfterPaint } from "../ui/use-after-paint.ts";
import { SimulatorSays } from "./SimulatorSays.tsx";

const TIMES = 4;
const STEP = 0.5;
const PIXELS_A_MM = 8;
const MOST = 15;
const KEYS = { foot: "foot", head: "head", "hinge-side": "hingeSide", "handle-side": "handleSide" } as const;
const PLACES = ["foot", "head", "hingeSide", "handleSide"] as const;

/** Which bar is held, and at which side, by how the sash opens. */
const HELD: Readonly<Partial<Record<Opens, readonly [HeldBy, "left" | "right"]>>> = {
  "hinge-left": ["side", "left"],
  "hinge-right": ["side", "right"],
  "top-hung": ["head", "left"],
  "bottom-hung": ["foot", "left"],
  slides: ["foot", "left"],
};

/** A sash out of square, brought back by packers across its diagonal: move one and the sash moves. */
export function Simulator() {
  const { book, reckoning: r, say } = usePane();
  const opens = opensAs(book);
  const [held, side] = HELD[opens] ?? [null, null];
  if (!r.cut.ok || held === null) return null;
  const { glass, governs } = r.cut.value;
  const turn = (width: number, height: number): Sash =>
    held === "side" ? { widthMm: width, heightMm: height } : { widthMm: height, heightMm: width };
  const sash = turn(toMm(governs.width.length), toMm(governs.height.length));
  const pane = turn(toMm(glass.width), toMm(glass.height));
  return (
    <Fold title={SIMULATOR_WORDS[held].title} more={say("move a {packer}, the sash moves")}>
      <Bench
        key={opens}
        held={held}
        hinge={side}
        facts={{ sash, pane, dxMm: sash.widthMm * 0.7, dyMm: sash.heightMm * 0.7 }}
      />
    </Fold>
  );
}

/** As it is mostly found: half of the play at the foot and at the hinge, nothing at the other two. */
const startFor = ({ sash, pane }: SimulatorFacts): Packers => {
  const half = (play: number): number => Math.max(0, Math.floor(play / 2 / STEP) * STEP);
  return {
    foot: half(sash.heightMm - pane.heightMm),
    head: 0,
    hingeSide: half(sash.widthMm - pane.widthMm),
    handleSide: 0,
  };
};

type BenchProps = { readonly facts: SimulatorFacts; readonly held: HeldBy; readonly hinge: "left" | "right" };

function Bench({ facts: given, held, hinge }: BenchProps) {
  const [side, setSide] = useState(hinge);
  const words = SIMULATOR_WORDS[held];
  const places = words.places(side);
  const { reckoning: r, prefs, write } = usePane();
  const [start] = useState(() => startFor(given));
  const [store] = useState(() => atom<Packers>(start));
  const packers = useStore(store);
  // Read once, here or where it was measured, and used wherever it is asked.
  const read = { hinge: r.readings["head-gap-hinge"], handle: r.readings["head-gap-handle"] };
  const [hingeNm, handleNm] = [read.hinge, read.handle];
  const dragged = useRef(0);
  // The head gaps as they are read: what the packing alone would not explain hangs in hinges and joints.
  const facts = useMemo(
    (): SimulatorFacts =>
      hingeNm !== undefined && handleNm !== undefined
        ? {
            ...given,
            slackMm: dropFromHeads({ hingeMm: toMm(hingeNm), handleMm: toMm(handleNm) }) - dropAs(given, start),
          }
        : given,
    [given, start, hingeNm, handleNm],
  );
  const [wrong, setWrong] = useState(false);
  // The sash moves in the frame of the key; what is said of it follows once that is painted.
  const said = useAfterPaint(store);
  const drop = dropWith(facts, packers, wrong);
  const d = toeDrawing({
    acrossMm: facts.sash.widthMm,
    alongMm: facts.sash.heightMm,
    dropMm: drop,
    times: TIMES,
    held,
    side,
    dxMm: facts.dxMm,
    dyMm: facts.dyMm,
  });
  const text = (length: number): string => farText(length, prefs.unit);
  const add = useCallback(
    (key: keyof Packers, mm: number) => {
      const now = store.get();
      store.set({ ...now, [key]: Math.max(0, Math.min(MOST, Math.round((now[key] + mm) / STEP) * STEP)) });
    },
    [store],
  );
  return (
    <div className="space-y-2">
      <svg
        viewBox={`0 0 ${TOE_BOX.width} ${TOE_BOX.height}`}
        className="mx-auto w-full max-w-[340px] touch-none bg-sheet desk:max-w-[480px]"
        role="img"
        aria-label={drop >= 0 ? words.off(text(drop), side) : words.over(text(drop), side)}
      >
        <path d={d.frame} className="d-opening" />
        <path d={d.sash} className="d-frame" />
        <path d={d.pane} className="d-pane" />
        <path
          d={d.diagonal}
          className={wrong ? "d-diagonal" : "d-asked"}
          strokeDasharray="8 5"
          opacity={wrong ? 0.4 : 1}
        />
        {d.packers.map((p) => (
          <circle
            key={p.id}
            cx={p.at.x}
            cy={p.at.y}
            r={11}
            className="d-ease cursor-grab"
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              dragged.current = 0;
            }}
            onPointerMove={(e) => {
              if (e.buttons === 0) return;
              const key = KEYS[p.id];
              dragged.current += (e.movementX * p.inward.x + e.movementY * p.inward.y) / PIXELS_A_MM;
              const steps = Math.trunc(dragged.current / STEP);
              if (steps === 0) return;
              dragged.current -= steps * STEP;
              add(key, steps * STEP);
            }}
          />
        ))}
        <text x={d.figure.x} y={d.figure.y} textAnchor="middle" className="d-text font-semibold">
          {held === "side" ? `${text(drop)} ${drop >= 0 ? "down" : "up"}` : `${text(drop)} off`}
        </text>
      </svg>
      <p className="text-center text-[12px] text-mute">The drop is drawn {TIMES} times too large.</p>
      <SimulatorSays facts={facts} packers={said} wrong={wrong} held={held} side={side} unit={prefs.unit} add={add} />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        {PLACES.map((key) => (
          <label key={key}>
            <span className="text-[13px] text-mute">
              {places[key]}: <strong className="tight text-ink">{text(packers[key])}</strong>
            </span>
            <input
              type="range"
              min={0}
              max={MOST}
              step={STEP}
              value={packers[key]}
              onChange={(e) => add(key, e.target.valueAsNumber - packers[key])}
              className="h-11 w-full"
            />
          </label>
        ))}
      </div>
      <div className="grid grid-cols-2 gap-2">
        {(["hinge", "handle"] as const).map((at, i) => (
          <label key={at}>
            <span className="text-[13px] text-mute">
              {words.gaps(side)[i]}, {prefs.unit}
            </span>
            <input
              inputMode="decimal"
              className="tight"
              key={read[at]}
              maxLength={60}
              defaultValue={read[at] === undefined ? "" : writeNumber(read[at], prefs.unit)}
              onBlur={(e) => {
                const text = e.target.value.trim();
                if (text !== "" && readTape(text, prefs.unit).ok)
                  write("measure.reading", { place: `head-gap-${at}`, text, unit: prefs.unit });
              }}
            />
          </label>
        ))}
      </div>
      <div className="flex flex-wrap gap-2">
        <label className="chip">
          <input type="checkbox" checked={wrong} onChange={(e) => setWrong(e.target.checked)} />
          try the wrong diagonal
        </label>
        <button type="button" className="btn btn-small" onClick={() => setSide(side === "left" ? "right" : "left")}>
          mirror it
        </button>
        <button type="button" className="btn btn-small" onClick={() => store.set(start)}>
          start again
        </button>
      </div>
      <ol className="list-decimal pl-5 text-[13px] text-mute">
        {words.order.map((o) => (
          <li key={o}>{o}</li>
        ))}
      </ol>
    </div>
  );
}
