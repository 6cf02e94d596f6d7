import { type ReactNode, useState } from "react";
import { cutOrder, placesOf } from "../../core/cut/cut-order.ts";
import type { CutSheet } from "../../core/cut/cutting.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { Fold } from "../panels/Fold.tsx";
import type { Guide } from "./CutterInHand.tsx";
import { guideText, layText } from "./lay-text.ts";
import { SheetDrawing } from "./SheetDrawing.tsx";
import { SheetFiles } from "./SheetFiles.tsx";

type Props = {
  readonly n: number;
  readonly of: number;
  readonly sheet: CutSheet;
  readonly name: string;
  readonly names: readonly string[];
  readonly keep: { readonly width: number; readonly height: number };
  readonly unit: LengthUnit;
  readonly guide: Guide;
  /** What is looked at before its first score. */
  readonly first: ReactNode;
  /** Taken off all round before the first cut. */
  readonly trim: number;
  /** Its pattern has lines, and they stand upright on the bench. */
  readonly upright: boolean;
  /** Called with the pieces that broke the wrong way: they wait for glass again. */
  readonly finish: (spoilt: ReadonlySet<number>) => void;
  /** Called after so many cuts, where the rest is to be planned anew from what lies on the bench. */
  readonly stopHere: (spoilt: ReadonlySet<number>, done: number) => void;
};

/** One sheet on the bench: its drawing, and its cuts one after the other, each with where the straightedge stands. */
export function CutSheetCard({
  n,
  of,
  sheet,
  name,
  names,
  keep,
  unit,
  guide,
  first,
  trim,
  upright,
  finish,
  stopHere,
}: Props) {
  const [done, setDone] = useState(0);
  const [spoilt, setSpoilt] = useState<ReadonlySet<number>>(new Set());
  const pieces = placesOf(sheet.root).flatMap(({ node }) => (node.kind === "piece" ? [node.piece] : []));
  const cuts = cutOrder(sheet.root);
  const text = (v: number): string => `${layText(v, unit)}${unit === "mm" ? "" : " in"}`;
  const edgeAt = (at: number): string =>
    `${guideText(at, guide.side === "datum" ? guide.offset : -guide.offset, unit)}${unit === "mm" ? "" : " in"}`;
  const due = cuts[done];
  return (
    <section aria-label={`Sheet ${n}`} className="break-inside-avoid border-t border-line pt-3">
      <h2>
        Sheet {n} of {of}: {name}
      </h2>
      {upright && <p>Lay it with the lines of its pattern upright, from the datum corner away from you.</p>}
      {trim > 0 && (
        <p className="text-mute">First trim {text(trim)} off all round: the edges of a new sheet are not true.</p>
      )}
      <div className="grid gap-4 desk:grid-cols-[1fr_20rem]">
        <SheetDrawing root={sheet.root} names={names} keep={keep} unit={unit} done={done} />
        <div className="space-y-2">
          {due ? (
            <div className="no-print space-y-2 rounded border border-line bg-sheet p-3">
              <p className="text-[13px] text-mute">
                Cut {due.n} of {cuts.length}
              </p>
              <p className="text-lg">
                Score {due.runs === "across" ? "upright" : "level"} at <b>{text(due.at)}</b> from the{" "}
                {due.runs === "across" ? "left edge" : "foot"} of what lies there, {text(due.long)} long.
              </p>
              <p>
                Straightedge at <b>{edgeAt(due.at)}</b>, on the {guide.side === "datum" ? "datum" : "far"} side.
              </p>
              <p className="text-[13px] text-mute">
                Once, from edge to edge, with one even press; snap it at once. Goggles, and gloves for the snap.
              </p>
              <div className="flex gap-2">
                <button type="button" className="btn btn-main min-h-12 flex-1" onClick={() => setDone(done + 1)}>
                  Snapped
                </button>
                <button type="button" className="btn min-h-12" disabled={done === 0} onClick={() => setDone(done - 1)}>
                  Back
                </button>
              </div>
            </div>
          ) : (
            <button type="button" className="no-print btn btn-main min-h-12 w-full" onClick={() => finish(spoilt)}>
              This sheet is cut: book it
            </button>
          )}
          {done === 0 && first}
          <SheetFiles sheet={{ name, root: sheet.root, names, keep }} n={n} />
          <Fold title="A piece ran off" more={spoilt.size > 0 ? `${spoilt.size} spoilt` : "none"}>
            <p className="text-[13px] text-mute">Tick what is spoilt: it is not booked, and waits to be cut again.</p>
            {pieces.map((p) => (
              <label key={p} className="flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="!h-6 !w-6"
                  checked={spoilt.has(p)}
                  onChange={() =>
                    setSpoilt(new Set(spoilt.has(p) ? [...spoilt].filter((x) => x !== p) : [...spoilt, p]))
                  }
                />
                {names[p]}
              </label>
            ))}
            {spoilt.size > 0 && due && (
              <button type="button" className="btn mt-2 w-full" onClick={() => stopHere(spoilt, done)}>
                Book what is cut, and plan the rest anew
              </button>
            )}
            {spoilt.size > 0 && due && (
              <p className="text-[13px] text-mute">
                The part that it broke out of goes off the list: measure what is left of it, and add it under From.
              </p>
            )}
          </Fold>
          <ol className="text-[13px]">
            {cuts.map((c) => (
              <li key={c.n} className={c.n <= done ? "text-mute line-through" : ""}>
                {c.n}. {c.runs === "across" ? "upright" : "level"} at {text(c.at)}, straightedge {edgeAt(c.at)}
              </li>
            ))}
          </ol>
        </div>
      </div>
    </section>
  );
}
