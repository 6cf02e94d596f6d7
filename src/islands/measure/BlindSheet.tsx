import { useState } from "react";
import { OPENING, type OpeningPlace } from "../../core/measure/places.ts";
import { SPREAD_MM, type Spread } from "../../core/measure/sureness.ts";
import { readTape } from "../../core/tape/read.ts";
import { counted } from "../../core/text/counted.ts";
import { mm, nm, takeNm, toMm } from "../../core/units/length.ts";
import { HOW_TO, PLACE_NAMES } from "../../core/words/places.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";
import { Sheet } from "../ui/Sheet.tsx";

/** Reads the opening a second time without showing the first, one place after another. */
export function BlindSheet({ close }: { readonly close: () => void }) {
  const { book, prefs, say, write } = usePane();
  const asked = OPENING.filter((p) => book.readings[p]);
  const [at, setAt] = useState(0);
  const [text, setText] = useState("");
  const place = asked[at];
  const read = text.trim() === "" ? null : readTape(text, prefs.unit);
  if (!place)
    return (
      <Sheet title="Second reading" close={close}>
        <Spreads />
        <button type="button" className="btn btn-main w-full" onClick={close}>
          Done
        </button>
      </Sheet>
    );
  const next = () => {
    setText("");
    setAt(at + 1);
  };
  return (
    <Sheet title="Second reading" close={close} hides>
      <form
        key={place}
        className="space-y-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (!read?.ok) return;
          write("measure.again", { place, text, unit: prefs.unit });
          next();
        }}
      >
        <p className="text-mute">
          {at + 1} of {asked.length}. The first reading is not shown: read the tape, not the memory. Best by somebody
          else.
        </p>
        <label className="block">
          <span className="text-[20px] font-semibold first-letter:uppercase">{say(PLACE_NAMES[place])}</span>
          <span className="block text-mute">{say(HOW_TO[place])}</span>
          <input
            // biome-ignore lint/a11y/noAutofocus: the sheet was opened to type here
            autoFocus
            aria-label={`second reading, ${say(PLACE_NAMES[place])}`}
            className={`tight mt-1 !text-[22px] ${read && !read.ok ? "bad" : ""}`}
            inputMode={prefs.unit === "mm" ? "decimal" : "text"}
            autoComplete="off"
            spellCheck={false}
            maxLength={60}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </label>
        {read && !read.ok && (
          <p className="trouble" role="alert">
            {tapeErrorSentence(read.error)}
          </p>
        )}
        <div className="grid grid-cols-2 gap-2">
          <button type="button" className="btn" onClick={next}>
            Skip this one
          </button>
          <button type="submit" className="btn btn-main" disabled={!read?.ok}>
            Next
          </button>
        </div>
      </form>
    </Sheet>
  );
}

function spreadsOf(book: ReturnType<typeof usePane>["book"]): readonly Spread[] {
  return OPENING.flatMap((place: OpeningPlace): Spread[] => {
    const [a, b] = [book.readings[place]?.read, book.again[place]?.read];
    if (!a?.ok || !b?.ok) return [];
    const [first, again] = [toMm(a.value.adjusted), toMm(b.value.adjusted)];
    return [{ place, first, again, apart: Math.abs(first - again) }];
  });
}

/** How far the two sets are apart, and what to do where they are far. */
export function Spreads() {
  const { book, prefs, say, keep } = usePane();
  const spreads = spreadsOf(book);
  if (spreads.length === 0) return null;
  const far = spreads.filter((s) => s.apart > SPREAD_MM);
  const worst = Math.max(...spreads.map((s) => s.apart));
  const people = [...new Set(spreads.flatMap((s) => [book.readings[s.place]?.who, book.again[s.place]?.who]))].filter(
    Boolean,
  );
  return (
    <div className={far.length > 0 ? "note-wax" : "note-glass"}>
      <p className="font-medium">
        {far.length > 0
          ? `${far.length === 1 ? "One place was" : `${far.length} places were`} read differently. Read ${far.length === 1 ? "it" : "them"} a third time.`
          : "The second reading agrees with the first."}
      </p>
      <p className="text-[13px]">
        Read twice at {counted(spreads.length, "place")}, at most <Length nm={mm(worst)} unit={prefs.unit} withUnit />{" "}
        apart{people.length > 1 && `, by ${people.join(" and ")}`}.
      </p>
      <ul>
        {far.map((s) => (
          <li key={s.place} className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-1">
            <span className="first-letter:uppercase">
              {say(PLACE_NAMES[s.place])}: <Length nm={mm(s.first)} unit={prefs.unit} /> and{" "}
              <Length nm={mm(s.again)} unit={prefs.unit} />,{" "}
              <Length nm={nm(Math.abs(takeNm(mm(s.first), mm(s.again))))} unit={prefs.unit} withUnit /> apart
            </span>
            <button
              type="button"
              className="btn btn-small"
              onClick={() => {
                const again = book.again[s.place];
                if (again) keep(s.place, again.text);
              }}
            >
              Take the second
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
