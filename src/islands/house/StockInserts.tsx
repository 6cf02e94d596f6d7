import { useState } from "react";
import { insertKey, type StockInsert } from "../../core/house/stock.ts";
import type { Payloads } from "../../core/log/kinds.ts";
import { writeNumber } from "../../core/tape/write.ts";
import { nm } from "../../core/units/length.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { Size } from "../ui/Size.tsx";
import { lengthIn, ReadLength } from "./ReadLength.tsx";

type Props = {
  readonly inserts: readonly StockInsert[];
  readonly prefs: Prefs;
  readonly write: (i: Payloads["stock.insert"]) => void;
};

const FIELDS = [
  ["outsideWidthNm", "Outside width"],
  ["outsideHeightNm", "Outside height"],
  ["seenWidthNm", "Seen width"],
  ["seenHeightNm", "Seen height"],
  ["doorFromNm", "Doors from"],
  ["doorToNm", "Doors to"],
] as const;
type Field = (typeof FIELDS)[number][0];
type Form = { readonly family: string } & { readonly [F in Field]: string };

const EMPTY: Form = {
  family: "",
  outsideWidthNm: "",
  outsideHeightNm: "",
  seenWidthNm: "",
  seenHeightNm: "",
  doorFromNm: "",
  doorToNm: "",
};

/** Inserts that are made, by family: the frame over all, what is seen in it, and the doors it closes on. */
export function StockInserts({ inserts, prefs, write }: Props) {
  const [form, setForm] = useState<Form>(EMPTY);
  const read = Object.fromEntries(FIELDS.map(([f]) => [f, lengthIn(form[f], prefs.unit)])) as Record<
    Field,
    number | undefined
  >;
  const whole = FIELDS.every(([f]) => read[f] !== undefined) && form.family.trim() !== "";
  const odd = whole ? oddIn(read as Record<Field, number>) : null;
  return (
    <section id="inserts" className="space-y-3">
      <h2>Door inserts</h2>
      <p className="text-mute">
        Frames that are made, by family. Measure looks here when an insert is read outside to outside or inside to
        inside.
      </p>
      <ul className="rows bg-sheet px-4">
        {inserts.length === 0 && <li className="py-2 text-mute">Nothing is listed.</li>}
        {inserts.map((i) => (
          <li key={insertKey(i)} className="flex flex-wrap items-center justify-between gap-x-4 py-2">
            <strong className="font-semibold">{i.family}</strong>
            <span className="inline-flex flex-wrap items-center gap-3">
              <span>
                outside <Size width={nm(i.outsideWidthNm)} height={nm(i.outsideHeightNm)} unit={prefs.unit} made />,
                seen <Size width={nm(i.seenWidthNm)} height={nm(i.seenHeightNm)} unit={prefs.unit} made />, doors{" "}
                {writeNumber(nm(i.doorFromNm), prefs.unit)} to {writeNumber(nm(i.doorToNm), prefs.unit)} {prefs.unit}
              </span>
              <button
                type="button"
                className="btn btn-small"
                aria-label={`Take ${i.family} off the list`}
                onClick={() => write({ ...i, gone: true })}
              >
                Off
              </button>
            </span>
          </li>
        ))}
      </ul>
      <form
        className="grid grid-cols-2 items-end gap-2 sm:grid-cols-4"
        onSubmit={(e) => {
          e.preventDefault();
          if (!whole || odd) return;
          write({ family: form.family.trim(), ...(read as Record<Field, number>) });
          setForm(EMPTY);
        }}
      >
        <label>
          <span className="text-[13px] text-mute">Family</span>
          <input
            required
            maxLength={120}
            value={form.family}
            onChange={(e) => setForm({ ...form, family: e.target.value })}
          />
        </label>
        {FIELDS.map(([f, label]) => (
          <ReadLength
            key={f}
            name={f}
            label={`${label}, ${prefs.unit}`}
            text={form[f]}
            unit={prefs.unit}
            type={(text) => setForm({ ...form, [f]: text })}
          />
        ))}
        <button type="submit" className="btn" disabled={!whole || odd !== null}>
          Add insert
        </button>
      </form>
      {odd && <p className="trouble">{odd}</p>}
    </section>
  );
}

function oddIn(i: Record<Field, number>): string | null {
  if (i.seenWidthNm >= i.outsideWidthNm || i.seenHeightNm >= i.outsideHeightNm)
    return "What is seen is smaller than the frame over all: look which figure is which.";
  return i.doorFromNm > i.doorToNm ? "The thinnest door comes first, the thickest second." : null;
}
