import { useState } from "react";
import { DIAGONALS, HEIGHTS, type Place, WIDTHS } from "../../core/measure/places.ts";
import { LINE_LETTERS, type LineLetter, readTapeLine, type TapeLine } from "../../core/tape/line.ts";
import { tapeLineErrorSentence } from "../../core/words/tape-error.ts";
import { usePane } from "../panels/pane-context.ts";
import { Sheet } from "../ui/Sheet.tsx";

const PLACES_OF: Readonly<Record<LineLetter, readonly Place[]>> = {
  w: WIDTHS,
  h: HEIGHTS,
  d: DIAGONALS,
  r: ["rebate-depth"],
  t: ["rebate-width"],
};

/** One line for all readings of an opening. What is typed stays until it is taken. */
export function TapeLineSheet({ close, taken }: { readonly close: () => void; readonly taken: () => void }) {
  const { keep, prefs, say } = usePane();
  const [text, setText] = useState("");
  const line = readTapeLine(text, prefs.unit);
  const take = (found: TapeLine) => {
    for (const letter of Object.keys(PLACES_OF) as LineLetter[])
      found[letter]?.forEach((reading, i) => {
        const place = PLACES_OF[letter][i];
        if (place) keep(place, reading);
      });
    taken();
  };
  return (
    <Sheet title="Tape line" close={close}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (line.ok) take(line.value);
        }}
        className="space-y-3"
      >
        <input
          // biome-ignore lint/a11y/noAutofocus: the key that opened the sheet was pressed to type here
          autoFocus
          aria-label="Tape line"
          className={`tight !text-[17px] ${!line.ok && text.trim() !== "" ? "bad" : ""}`}
          placeholder="w 612 611.5 613 h 904 904.5 903 d 1091.5 1089 r 10 t 18"
          value={text}
          autoComplete="off"
          spellCheck={false}
          maxLength={400}
          onChange={(e) => setText(e.target.value)}
        />
        <p className={!line.ok && text.trim() !== "" ? "trouble" : "text-mute"} role="status">
          {line.ok
            ? (Object.keys(line.value) as LineLetter[])
                .map((l) => say(`${LINE_LETTERS[l]} ${(line.value[l] ?? []).join(" · ")}`))
                .join("; ")
            : say(tapeLineErrorSentence(line.error))}
        </p>
        <p className="text-[13px] text-mute">
          {say(
            "w widths top, middle, bottom · h heights left, middle, right · d corners up, down · r {rebate} depth · t {rebate} width",
          )}
        </p>
        <button type="submit" className="btn btn-main w-full" disabled={!line.ok}>
          Fill in
        </button>
      </form>
    </Sheet>
  );
}
