import type { Place } from "../../core/measure/places.ts";
import { readTape } from "../../core/tape/read.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { Length } from "./Length.tsx";
import { usePane, useTyping } from "./pane-context.ts";

type Props = {
  readonly place: Place;
  readonly label?: string;
  readonly governs?: boolean;
  readonly onFocus?: (place: Place) => void;
};

/** A reading as the tape shows it. What is typed stays, even when it cannot be read. */
export function ReadingField({ place, label, governs = false, onFocus }: Props) {
  const { book, keep, prefs, say } = usePane();
  const { typing, type } = useTyping();
  const kept = book.readings[place];
  const text = typing[place] ?? kept?.text ?? "";
  const unit = typing[place] === undefined ? (kept?.unit ?? prefs.unit) : prefs.unit;
  const read = text.trim() === "" ? null : readTape(text, unit);
  const bad = read !== null && !read.ok;
  const other = read?.ok && (read.value.unit !== prefs.unit || read.value.hair !== null);
  return (
    <div className="min-w-0">
      <label className="block">
        <span className={label ? "block truncate text-[13px] text-mute" : "sr-only"}>
          {label ?? say(PLACE_NAMES[place])}
          {governs && <span className="text-glass"> · governs</span>}
        </span>
        <input
          id={`r-${place}`}
          className={`tight !text-[17px] ${label === undefined ? "" : "mt-0.5"} text-right font-medium ${bad ? "bad" : governs ? "governs" : ""}`}
          inputMode="text"
          autoComplete="off"
          spellCheck={false}
          maxLength={60}
          value={text}
          aria-label={say(PLACE_NAMES[place])}
          aria-invalid={bad}
          aria-describedby={bad ? `e-${place}` : undefined}
          onChange={(e) => type(place, e.target.value)}
          onFocus={onFocus && (() => onFocus(place))}
          onBlur={() => keep(place)}
          onKeyDown={(e) => {
            if (e.key === "Enter") {
              keep(place);
              nextField(e.currentTarget)?.focus();
            }
          }}
        />
      </label>
      {other && read.ok && (
        <span className="block pt-0.5 text-right text-[12px] text-mute">
          {read.value.hair === "light" ? "hair under, " : read.value.hair === "heavy" ? "hair over, " : ""}
          <Length nm={read.value.adjusted} unit={prefs.unit} places={2} ticks={64} withUnit />
        </span>
      )}
    </div>
  );
}

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
