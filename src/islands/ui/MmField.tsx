import { useState } from "react";
import { readTape } from "../../core/tape/read.ts";
import { writeNumber } from "../../core/tape/write.ts";
import { type LengthUnit, mm, toMm } from "../../core/units/length.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";

type Props = {
  /** What it measures; the reader's unit is written behind it. */
  readonly name: string;
  readonly unit: LengthUnit;
  /** What a reader of the screen hears, where the name alone says too little. */
  readonly label?: string;
  /** Millimetres; null where nobody said. Left out, nothing is kept and every key is told. */
  readonly value?: number | null | undefined;
  /** Shown, greyed, where nothing is typed: what is taken meanwhile. Millimetres. */
  readonly usual?: number | undefined;
  /** What stands there instead where nobody said and nothing is taken. */
  readonly unsaid?: string;
  readonly least?: number;
  readonly most?: number;
  /** Answers in millimetres; with null where the field was emptied or cannot be read. */
  readonly change: (to: number | null) => void;
};

/** A short length that is no reading of the opening: typed and shown in the reader's unit, kept in millimetres. */
export function MmField(props: Props) {
  const { value, unit } = props;
  // What is kept may be changed elsewhere, and the unit by its reader: the text follows.
  return <Typed key={`${value ?? ""} ${unit}`} {...props} />;
}

function Typed({ name, unit, label, value, usual, unsaid = "", least = 0, most = 10_000, change }: Props) {
  const isKept = value !== undefined;
  const shown = (value: number | null | undefined): string =>
    value === null || value === undefined ? "" : inUnit(value, unit);
  const [text, setText] = useState(shown(value));
  const { length, wrong } = lengthIn(text, { unit, least, most });
  return (
    <label className="min-w-0">
      <span className="text-[13px] text-mute">
        {name}, {unit}
      </span>
      <input
        className={`tight ${wrong ? "bad" : ""}`}
        inputMode={unit === "mm" ? "decimal" : "text"}
        autoComplete="off"
        maxLength={20}
        aria-label={`${label ?? name}, ${unit}`}
        aria-invalid={wrong !== null}
        placeholder={usual === undefined ? unsaid : shown(usual)}
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          if (!isKept) change(lengthIn(e.target.value, { unit, least, most }).length);
        }}
        onBlur={() => {
          // As it was shown is as it was: a length between two marks is not moved by looking at it.
          if (isKept && text.trim() !== shown(value) && wrong === null) change(length);
        }}
      />
      {wrong && <span className="trouble text-[13px]">{wrong}</span>}
    </label>
  );
}

const inUnit = (value: number, unit: LengthUnit): string => writeNumber(mm(value), unit);

/** What is typed, in millimetres, or what is wrong with it; neither where nothing is. */
function lengthIn(
  text: string,
  { unit, least, most }: { readonly unit: LengthUnit; readonly least: number; readonly most: number },
): { readonly length: number | null; readonly wrong: string | null } {
  if (text.trim() === "") return { length: null, wrong: null };
  const read = readTape(text, unit);
  if (!read.ok) return { length: null, wrong: tapeErrorSentence(read.error) };
  const length = toMm(read.value.adjusted);
  return length >= least && length <= most
    ? { length, wrong: null }
    : { length: null, wrong: `Between ${inUnit(least, unit)} and ${inUnit(most, unit)} ${unit}.` };
}
