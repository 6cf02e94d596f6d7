import { useState } from "react";
import type { HouseRules } from "../../core/house/rules.ts";
import type { Payloads } from "../../core/log/kinds.ts";
import { hasBars } from "../../core/measure/found.ts";
import { cameFaults } from "../../core/order/came-faults.ts";
import { toleranceOf } from "../../core/order/check-in.ts";
import { CHECK_LOOK_FACTS, type CheckLook, looksAsked } from "../../core/order/check-looks.ts";
import type { OrderLine } from "../../core/pane/order-book.ts";
import { isSafetyGlass } from "../../core/specify/glass.ts";
import { makeupIsSafe } from "../../core/specify/makeup.ts";
import type { WholeSize } from "../../core/specify/whole.ts";
import { readTape } from "../../core/tape/read.ts";
import { writeNumber } from "../../core/tape/write.ts";
import { gridUnit, type LengthUnit, mm, type Nm, nm, toMm } from "../../core/units/length.ts";
import { cameSize } from "../../core/words/came-size.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { lineSketch } from "../../drawing/line-sketch.ts";

type Props = {
  readonly line: OrderLine;
  readonly house: HouseRules;
  readonly unit: LengthUnit;
  readonly checked: (payload: Payloads["order.checked"]) => void;
  /** Photos of the neighbour that it must match, by id. */
  readonly photos?: readonly string[];
  /** Whether it will still go in, once both sides are measured. */
  readonly goesIn?: (came: { readonly width: Nm; readonly height: Nm }) => string | null;
};

const FIELDS = ["width", "height", "thickness", "up", "down"] as const;
type Field = (typeof FIELDS)[number];
const NAMES: Readonly<Record<Field, string>> = {
  width: "width that came",
  height: "height that came",
  thickness: "thickness",
  up: "diagonal, rising",
  down: "diagonal, falling",
};

/** What the order's figure is of, where nothing but glass would be measured edge to edge. */
const STATED: Readonly<Record<WholeSize, string>> = {
  outside: "over its frame",
  inside: "seen inside its frame",
  hole: "hole",
};

const HALF_MM = mm(0.5);

/** To the mark that a tape shows nearest; what was cut by millimetres says them first. @example 1965 mm in inches // "1965 mm (77 3/8)" */
const orderedText = (length: Nm, unit: "mm" | "in", cutter: "mm" | "in"): string => {
  const text = writeNumber(length, unit, { places: 1, ticks: 32 });
  return unit === "in" && cutter === "mm" && length % HALF_MM === 0
    ? `${writeNumber(length, "mm")} mm (${text})`
    : text;
};

/** What came, beside what was ordered, before the old pane comes out. */
export function CheckInForm({ line, house, unit, checked, photos = [], goesIn }: Props) {
  const [came, setCame] = useState<Readonly<Record<Field, string>>>({
    width: "",
    height: "",
    thickness: "",
    up: "",
    down: "",
  });
  const [looks, setLooks] = useState<Readonly<Partial<Record<CheckLook, "good" | "bad">>>>({});
  const [reason, setReason] = useState("");
  const read = Object.fromEntries(
    FIELDS.map((f) => [f, came[f].trim() === "" ? null : readTape(came[f], unit)]),
  ) as Readonly<Record<Field, ReturnType<typeof readTape> | null>>;
  const value = (f: Field): Nm | null => {
    const r = read[f];
    return r?.ok ? r.value.adjusted : null;
  };
  const [width, height] = [value("width"), value("height")];
  const tolerance = toleranceOf(house, line.makeup !== undefined);
  const ordered = { width: nm(line.widthNm), height: nm(line.heightNm) };
  const check = width !== null && height !== null ? cameSize(line, { width, height }, tolerance, unit) : null;
  const faults = cameFaults(line, tolerance, { thickness: value("thickness"), up: value("up"), down: value("down") });
  const bad = Object.entries(looks).flatMap(([l, v]) => (v === "bad" ? [CHECK_LOOK_FACTS[l as CheckLook].name] : []));
  const fine = check?.fits === true && faults.length === 0 && bad.length === 0;
  // Whether it goes in is a question of what can go in at all.
  const still =
    faults.length > 0 ? null : width !== null && height !== null ? (goesIn?.({ width, height }) ?? null) : null;
  const shaped = line.corners !== undefined || line.template === true;
  const asked = looksAsked({
    unit: line.makeup !== undefined,
    coated: (line.makeup?.coatings.length ?? 0) > 0,
    barred: line.bars !== undefined && hasBars(line.bars),
    safety:
      line.whole?.safety === true ||
      isSafetyGlass(line.glass) ||
      (line.makeup !== undefined && makeupIsSafe(line.makeup)),
    shaped,
    whole: line.whole?.what ?? null,
    looks: line.pattern !== "" || line.looks !== undefined || photos.length > 0,
  });
  // What was measured is not asked again.
  const looked = asked.filter((l) => l !== "thickness" || value("thickness") === null);
  // Nobody can tell toughened from plain by its size: the mark is looked for before it is taken for right.
  const unmarked = asked.includes("marks") && looks.marks === undefined;
  const written = (f: Field) => (came[f].trim() === "" ? undefined : { text: came[f], unit });
  const give = (verdict: Payloads["order.checked"]["verdict"]) =>
    checked({
      line: line.line,
      width: { text: came.width, unit },
      height: { text: came.height, unit },
      verdict,
      reason,
      ...Object.fromEntries(
        (["thickness", "up", "down"] as const).flatMap((f) => {
          const w = written(f);
          return w ? [[f, w]] : [];
        }),
      ),
      ...(Object.keys(looks).length > 0 ? { looks } : {}),
    });
  /** The sides that came outside their tolerance: drawn so. */
  const off = check?.off ?? { width: false, height: false };
  const field = (f: Field) => {
    const r = read[f];
    const wrong = r?.ok === false;
    return (
      <label key={f} className="min-w-0">
        <span className="text-[13px] text-mute">
          {NAMES[f]}
          {(f === "width" || f === "height") && (
            <>
              ,{" "}
              <span className="max-sm:block">
                {line.whole ? STATED[line.whole.over] : "ordered"}{" "}
                {orderedText(ordered[f], unit, gridUnit(line.grid)).replace(/ (?!\()/g, "\u00a0")}
              </span>
            </>
          )}
        </span>
        <input
          className={`tight text-right !text-[17px] ${wrong ? "bad" : ""}`}
          aria-label={NAMES[f]}
          aria-invalid={wrong}
          value={came[f]}
          maxLength={60}
          autoComplete="off"
          onChange={(e) => setCame({ ...came, [f]: e.target.value })}
        />
        {r?.ok === false && <span className="trouble text-[13px]">{tapeErrorSentence(r.error)}</span>}
      </label>
    );
  };
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-[minmax(6rem,7.5rem)_minmax(0,1fr)] items-center gap-x-3 gap-y-1">
        <span />
        {field("width")}
        {field("height")}
        <CameDrawing line={line} off={off} />
        {line.whole ? <span /> : field("thickness")}
        <div hidden={shaped}>
          <p className="text-[13px] text-mute">both diagonals, where it looks out of square</p>
          <div className="grid grid-cols-2 gap-2">
            {field("up")}
            {field("down")}
          </div>
        </div>
      </div>
      {check && (
        <p className={fine ? "note-glass" : "note-wax"} role="status">
          {check.says}
          {faults.length > 0 && ` ${inUnit(faults.join(" "), unit)}`}
          {bad.length > 0 && ` Not good: ${bad.join(", ")}.`}
          {still && ` ${still}`}
        </p>
      )}
      {check?.turns && !shaped && (
        <button
          type="button"
          className="btn"
          onClick={() => setCame({ ...came, width: came.height, height: came.width, up: came.down, down: came.up })}
        >
          It is turned: {came.height} wide, {came.width} high
        </button>
      )}
      <ul className="rows">
        {looked.map((l) => (
          <li key={l} className="flex flex-wrap items-center justify-between gap-2 py-1.5">
            <span className="min-w-0 flex-1">
              <span className="font-medium">{CHECK_LOOK_FACTS[l].name}</span>{" "}
              <span className="text-[13px] text-mute">{CHECK_LOOK_FACTS[l].how}</span>
            </span>
            <span className="flex gap-1.5">
              {(["good", "bad"] as const).map((v) => (
                <label key={v} className="chip">
                  <input
                    type="radio"
                    name={`${line.line}-${l}`}
                    aria-label={`${CHECK_LOOK_FACTS[l].name} ${v}`}
                    checked={looks[l] === v}
                    onChange={() => setLooks({ ...looks, [l]: v })}
                  />
                  {v}
                </label>
              ))}
            </span>
          </li>
        ))}
      </ul>
      {photos.length > 0 && (
        <p className="flex flex-wrap gap-2 text-[13px]">
          To match:
          {photos.map((p) => (
            <img key={p} src={`/api/photos/${p}`} alt="The neighbour, to match" className="h-24 rounded" />
          ))}
        </p>
      )}
      {check && (
        <>
          <label className="block">
            <span className="text-[13px] text-mute">Note or reason: chips, scratches, stamp, what is wrong</span>
            <input value={reason} maxLength={2000} onChange={(e) => setReason(e.target.value)} />
          </label>
          <div className="flex flex-wrap gap-2">
            {fine && !unmarked && reason === "" && (
              <button type="button" className="btn btn-main" onClick={() => give("accepted")}>
                Accept
              </button>
            )}
            <button
              type="button"
              className="btn"
              disabled={reason.trim() === ""}
              onClick={() => give("accepted-with-note")}
            >
              Accept with the note
            </button>
            <button type="button" className="btn" disabled={reason.trim() === ""} onClick={() => give("sent-back")}>
              Send it back
            </button>
          </div>
          {fine && unmarked && reason.trim() === "" && (
            <p className="note-wax">Safety glass was ordered: find its mark first, and say whether it can be read.</p>
          )}
          {reason.trim() === "" && !fine && (
            <p className="text-[13px] text-mute">Say the reason first: it goes back with the glass.</p>
          )}
        </>
      )}
    </div>
  );
}

const BOX = 150;
const EDGE = 4;

/** The pane of the line to scale, its diagonals dashed; a side that came wrong is drawn wrong. */
function CameDrawing({ line, off }: { readonly line: OrderLine; readonly off: { width: boolean; height: boolean } }) {
  const d = lineSketch({
    widthMm: toMm(nm(line.widthNm)),
    heightMm: toMm(nm(line.heightNm)),
    corners: line.corners?.map((c) => ({ x: toMm(nm(c.x)), y: toMm(nm(c.y)) })),
    uprights: [],
    crosses: [],
    box: BOX,
  });
  const side = (wrong: boolean): string => (wrong ? "stroke-wax" : "stroke-ink");
  return (
    <svg
      viewBox={`${-EDGE} ${-EDGE} ${d.width + 2 * EDGE} ${d.height + 2 * EDGE}`}
      className="mx-auto max-h-[9.5rem] w-full"
      aria-hidden="true"
    >
      <path d={d.outline} className="fill-tint stroke-ink" strokeWidth={1} />
      <path
        d={`M0 ${d.height}L${d.width} 0M0 0L${d.width} ${d.height}`}
        className="stroke-line"
        strokeDasharray="4 4"
      />
      <path d={`M0 0H${d.width}`} className={side(off.width)} strokeWidth={off.width ? 4 : 2} />
      <path d={`M0 0V${d.height}`} className={side(off.height)} strokeWidth={off.height ? 4 : 2} />
    </svg>
  );
}
