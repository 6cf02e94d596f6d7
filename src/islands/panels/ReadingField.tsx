import { memo } from "react";
import type { Place } from "../../core/measure/places.ts";
import { readTape } from "../../core/tape/read.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { useTyping } from "../log/typing.ts";
import { Length } from "../ui/Length.tsx";
import { usePane } from "./pane-context.ts";

type Props = {
  readonly place: Place;
  readonly label?: string;
  readonly governs?: boolean;
  readonly onFocus?: (place: Place) => void;
};

/** A reading as the tape shows it. What is typed stays, even when it cannot be read. */
export function ReadingField({ place, label, governs = false, onFocus }: Props) {
  const { book, keep, prefs, say } = usePane();
  const { typed, type } = useTyping(place);
  const kept = book.readings[place];
  return (
    <Field
      place={place}
      label={label ?? null}
      name={say(PLACE_NAMES[place])}
      governs={governs}
      copied={typed === undefined && kept?.copied === true}
      text={typed ?? kept?.text ?? ""}
      unit={typed === undefined ? (kept?.unit ?? prefs.unit) : prefs.unit}
      shownIn={prefs.unit}
      keep={keep}
      type={type}
      onFocus={onFocus}
    />
  );
}

type FieldProps = {
  readonly place: Place;
  readonly label: string | null;
  readonly name: string;
  readonly governs: boolean;
  /** It stands in from a like pane, and nobody read it here. */
  readonly copied: boolean;
  readonly text: string;
  readonly unit: LengthUnit;
  readonly shownIn: LengthUnit;
  readonly keep: (place: Place) => void;
  readonly type: (place: Place, text: string) => void;
  readonly onFocus: ((place: Place) => void) | undefined;
};

/* A key changes one field: the rest are left as they are drawn. */
const Field = memo(function Field({ place, label, name, governs, copied, text, unit, shownIn, ...on }: FieldProps) {
  const read = text.trim() === "" ? null : readTape(text, unit);
  const bad = read !== null && !read.ok;
  const other = read?.ok && (read.value.unit !== shownIn || read.value.hair !== null);
  return (
    <div className="min-w-0">
      <label className="block">
        <span className={label !== null ? "block truncate text-[13px] text-mute" : "sr-only"}>
          {label ?? name}
          {governs && <span className="text-glass"> · governs</span>}
        </span>
        <input
          id={`r-${place}`}
          className={`tight !text-[17px] max-sm:!px-1.5 max-sm:!text-[15px] max-sm:tracking-tight ${label === null ? "" : "mt-0.5"} text-right font-medium ${copied ? "border-dashed" : ""} ${bad ? "bad" : governs ? "governs" : ""}`}
          inputMode="text"
          autoComplete="off"
          spellCheck={false}
          maxLength={60}
          value={text}
          aria-label={name}
          aria-invalid={bad}
          aria-describedby={bad ? `e-${place}` : undefined}
          onChange={(e) => on.type(place, e.target.value)}
          onFocus={() => on.onFocus?.(place)}
          onBlur={() => on.keep(place)}
          onKeyDown={(e) => {
            if (e.key === "Enter") {
              on.keep(place);
              nextField(e.currentTarget)?.focus();
            }
          }}
        />
      </label>
      {copied && <span className="block pt-0.5 text-right text-[12px] text-wax">copied</span>}
      {other && read.ok && (
        <span className="block pt-0.5 text-right text-[12px] text-mute">
          {read.value.hair === "light" ? "hair under, " : read.value.hair === "heavy" ? "hair over, " : ""}
          <Length nm={read.value.adjusted} unit={shownIn} places={2} ticks={64} withUnit />
        </span>
      )}
    </div>
  );
});

/** The sentence about a reading that cannot be read, with the place in it marked. */
export function ReadingTrouble({ places }: { readonly places: readonly Place[] }) {
  const { book, say } = usePane();
  // The book follows what is typed, so what cannot be read stands in it too.
  const bad = places.flatMap((place) => {
    const reading = book.readings[place];
    return reading && !reading.read.ok ? [{ place, text: reading.text, error: reading.read.error }] : [];
  });
  if (bad.length === 0) return null;
  return (
    <ul className="note-wax space-y-1" role="alert">
      {bad.map(({ place, text, error }) => {
        const chars = Array.from(text);
        return (
          <li key={place} id={`e-${place}`}>
            <strong className="font-semibold">{say(PLACE_NAMES[place])}:</strong>{" "}
            <span className="tight">
              {chars.slice(0, error.at).join("")}
              <mark className="bg-tape px-0.5 text-[#22200f]">{chars[error.at] ?? "␣"}</mark>
              {chars.slice(error.at + 1).join("")}
            </span>
            . {tapeErrorSentence(error)}
          </li>
        );
      })}
    </ul>
  );
}

/** The next reading field after one, in the order in which they stand. */
function nextField(from: HTMLInputElement): HTMLInputElement | undefined {
  const all = [...document.querySelectorAll<HTMLInputElement>("input[id^='r-']")].filter(
    (f) => f.offsetParent !== null,
  );
  return all[all.indexOf(from) + 1];
}
