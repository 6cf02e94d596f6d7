import { useState } from "react";
import type { Payloads } from "../../core/log/kinds.ts";
import type { OrderBook } from "../../core/pane/order-book.ts";
import { dayOf } from "../../core/units/day.ts";
import { type LengthUnit, nm } from "../../core/units/length.ts";
import { sayDay } from "../../core/words/days.ts";
import { sizeText } from "../../core/words/size-text.ts";
import { ReadErrors } from "./OrderImport.tsx";
import { type ReadError, readFileAs } from "./read-file.ts";

/** What the delivery note says, against what was ordered: a note is no measurement. */
export function DeliveryNote({ order, unit }: { readonly order: OrderBook; readonly unit: LengthUnit }) {
  const { note } = order;
  if (!note) return null;
  return (
    <section aria-label="Delivery note" className="space-y-1 border-t border-line pt-3">
      <h2>
        Delivery note {note.theirs}, {sayDay(dayOf(note.day))}
      </h2>
      <ul className="rows">
        {order.lines
          .filter((l) => l.state !== "dropped")
          .map((l) => {
            const came = note.lines.find((n) => n.line === l.line);
            const far = came
              ? Math.max(Math.abs(came.widthNm - l.widthNm), Math.abs(came.heightNm - l.heightNm)) > FAR_NM ||
                came.thicknessNm !== l.thicknessNm
              : true;
            return (
              <li key={l.line} className="flex flex-wrap justify-between gap-x-4 py-2">
                <span>{l.label}</span>
                <span className={far ? "trouble" : "tight"}>
                  {came
                    ? `${sizeText(nm(came.widthNm), unit, true)} × ${sizeText(nm(came.heightNm), unit, true)} ${unit}${far ? ": not as ordered, measure it first" : ""}`
                    : "not on the note"}
                </span>
              </li>
            );
          })}
      </ul>
      <p className="text-[13px] text-mute">A note says what they think they sent. Measure every pane.</p>
    </section>
  );
}

/** A delivery note from a file: CSV or JSON, as they send it. */
export function NoteImport({
  today,
  write,
}: {
  readonly today: string;
  readonly write: (note: Payloads["order.note"]) => void;
}) {
  const [errors, setErrors] = useState<readonly ReadError[]>([]);
  return (
    <div className="space-y-2">
      <label className="btn btn-small cursor-pointer">
        Bring their delivery note in
        <input
          type="file"
          className="sr-only"
          aria-label="Delivery note, CSV or JSON"
          accept=".csv,.json,text/csv,application/json"
          onChange={async (e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (!file) return;
            const read = await readFileAs("note", file);
            if (!read.ok) return setErrors(read.errors);
            setErrors([]);
            write({ theirs: read.note.theirs, day: today, lines: read.note.lines });
          }}
        />
      </label>
      <ReadErrors errors={errors} />
    </div>
  );
}

/** More than any cutter is off by. */
const FAR_NM = 3_000_000;
