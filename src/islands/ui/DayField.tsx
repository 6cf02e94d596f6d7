import { useState } from "react";
import { FIRST_DAY, LAST_DAY, readDay } from "../../core/units/day.ts";

type Props = {
  /** Under this name it goes with its form. */
  readonly name?: string;
  /** `yyyy-mm-dd`; empty or left out: none yet. */
  readonly start?: string | undefined;
  readonly min?: string;
  readonly max?: string;
  readonly required?: boolean;
  /** What stands over it. */
  readonly says: string;
  readonly className?: string;
  /** Called when the field is left with another day in it, never while a year is half typed; null where it was emptied. */
  readonly onDay?: (day: string | null) => void;
};

/** A day on the calendar from 2000 to 2100. A year that cannot be is said here, and stays as it was typed. */
export function DayField({
  name,
  start = "",
  min = FIRST_DAY,
  max = LAST_DAY,
  required = false,
  says,
  className,
  onDay,
}: Props) {
  const [wrong, setWrong] = useState("");
  const [kept, setKept] = useState(start);
  const leave = (field: HTMLInputElement) => {
    const text = field.value;
    const fault = faultOf(field, min, max);
    setWrong(fault);
    if (fault !== "" || text === kept) return;
    setKept(text);
    onDay?.(text === "" ? null : text);
  };
  return (
    <label {...(className ? { className } : {})}>
      <span className="text-[13px] text-mute">{says}</span>
      <input
        type="date"
        {...(name ? { name } : {})}
        min={min}
        max={max}
        required={required}
        defaultValue={start}
        aria-invalid={wrong !== ""}
        onBlur={(e) => leave(e.currentTarget)}
        onKeyDown={(e) => e.key === "Enter" && leave(e.currentTarget)}
      />
      {wrong !== "" && (
        <span role="alert" className="block text-[13px] text-wax">
          {wrong}
        </span>
      )}
    </label>
  );
}

function faultOf(field: HTMLInputElement, min: string, max: string): string {
  const text = field.value;
  if (text === "") return field.validity.badInput ? "That is no day on the calendar. Type it anew." : "";
  const read = readDay(text);
  if (!read.ok)
    return read.error.kind === "no-such-year"
      ? "The year must be from 2000 to 2100. Type all four figures."
      : "That is no day on the calendar. Type it anew.";
  if (text < min) return "That day is too early here.";
  return text > max ? "That day is too late here." : "";
}
