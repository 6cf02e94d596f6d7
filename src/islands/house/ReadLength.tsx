import { readTape } from "../../core/tape/read.ts";
import type { LengthUnit, Nm } from "../../core/units/length.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";

type Props = {
  readonly name: string;
  readonly label: string;
  readonly text: string;
  readonly unit: LengthUnit;
  readonly type: (text: string) => void;
};

/** The length in a field of a list, undefined where it cannot be read. */
export function lengthIn(text: string, unit: LengthUnit): Nm | undefined {
  const read = readTape(text, unit);
  return read.ok && read.value.adjusted > 0 ? read.value.adjusted : undefined;
}

/** A length as the tape shows it, in a form for a list. */
export function ReadLength({ name, label, text, unit, type }: Props) {
  const read = text.trim() === "" ? null : readTape(text, unit);
  return (
    <label>
      <span className="text-[13px] text-mute">{label}</span>
      <input
        name={name}
        className={`tight ${read && !read.ok ? "bad" : ""}`}
        required
        maxLength={40}
        value={text}
        onChange={(e) => type(e.target.value)}
      />
      {read && !read.ok && <span className="trouble text-[13px]">{tapeErrorSentence(read.error)}</span>}
    </label>
  );
}
