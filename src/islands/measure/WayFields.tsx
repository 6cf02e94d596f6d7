import type { Place } from "../../core/measure/places.ts";
import type { Readings } from "../../core/measure/reckoned.ts";
import { type Sits, WAY_FACTS } from "../../core/measure/ways.ts";
import type { Reckoning } from "../../core/pane/reckoning.ts";
import type { Chances } from "../../core/size/odds-line.ts";
import { writeLength } from "../../core/tape/write.ts";
import type { Template } from "../../core/text/template.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { InsertNear } from "./InsertNear.tsx";

/** The fields of a way that is not the rebate itself. */
export function WayFields({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, reckoning: r, prefs, say, write } = usePane();
  if (WAY_FACTS[book.way].places.length === 0) return null;
  const places = WAY_FACTS[book.way].places.filter((p) => isAsked(p, r.readings));
  const told =
    book.way === "through-glass"
      ? r.opening.guessed
        ? `Taken as a guess, doubtful by ${r.opening.guessed.doubt} mm both sides together, until the {rebate} itself is read.`
        : r.opening.copied
          ? "The {pane} is the sight size and what goes in behind it on both sides: nothing is taken off that. A guess until the {rebate} is read."
          : "Give the sight size, and one of the two: how far the glass goes in behind it, or how deep the {rebate} is."
      : null;
  return (
    <Part title={WAY_FACTS[book.way].name}>
      <div className="grid grid-cols-2 gap-2">
        {places.map((p) => (
          <ReadingField key={p} place={p} label={say(PLACE_NAMES[p])} onFocus={ask} />
        ))}
      </div>
      <ReadingTrouble places={places} />
      <InsertNear />
      {told && <p className="note-glass">{say(told)}</p>}
      {book.way === "old-unit" && (
        <fieldset>
          <legend className="text-[13px] text-mute">{say("How the old {pane} sat")}</legend>
          <div className="flex flex-wrap gap-1.5">
            {SAT_ASKED.map((sits) => (
              <label key={sits} className="chip">
                <input
                  type="radio"
                  name="sits"
                  checked={book.sits === sits || (sits === "easy" && book.sits === "even")}
                  onChange={() => write("measure.sits", { sits })}
                />
                {say(SAT[sits].name)}
              </label>
            ))}
          </div>
          <p className="pt-1 text-[13px]">{say(fitWords(r, prefs.unit, book.sits))}</p>
        </fieldset>
      )}
    </Part>
  );
}

/** What is asked once is not asked twice: how far it goes in, or how deep the rebate is. */
function isAsked(place: Place, readings: Readings): boolean {
  if (place === "cover-guess") return readings["goes-in"] === undefined && readings["rebate-depth"] === undefined;
  if (place === "goes-in") return readings["cover-guess"] === undefined;
  return place !== "cover-doubt" || readings["cover-guess"] !== undefined;
}

const SAT_ASKED = ["tight", "easy", "packed", "loose"] as const;
const SAT = {
  tight: {
    name: "tight",
    says: "It bound, and a copy binds again: say by how much to change it, or read the {rebate} once it is clear.",
  },
  easy: { name: "easy", says: "It sat well." },
  even: { name: "easy", says: "It sat well." },
  packed: { name: "on {packers}", says: "Read how thick its {packers} were on one side: the room beside it follows." },
  loose: {
    name: "loose",
    says: "It rattled, and a copy rattles again: see what cover is left, and read the {rebate} once it is clear.",
  },
} as const satisfies Readonly<Record<string, { readonly name: Template; readonly says: Template }>>;

const A_COPY_DOES = " A copy will do.";
const TOO_NEAR = ({ binds }: Chances): Template =>
  ` A copy is too near: what is made comes a little larger or smaller, and it would bind with a chance of ${Math.round(100 * binds)}%. Read the {packers} or the {rebate}, or take a little off its size.`;

/** What was told of its fit, and the room that follows from it. */
function fitWords(r: Reckoning, unit: LengthUnit, sits: Sits | null): Template {
  const { copied } = r.opening;
  const room =
    copied?.play == null
      ? ""
      : ` Room beside it, both sides together: ${writeLength(copied.play, unit, { places: 1, ticks: 32 })}.`;
  // Its packers are read: what was asked is answered.
  const stood = copied?.fit === "packers" && sits !== "tight" && sits !== "loose";
  const told = stood
    ? "It stood on {packers}."
    : sits
      ? SAT[sits].says
      : "Ordered as it is, with nothing taken off. Say how it sat, and whether it will go in can be told.";
  const usual =
    copied?.fit === "usual" && copied.play !== null ? " That is the house's usual: nobody said so of this one." : "";
  const well = sits === "easy" || sits === "even" || stood;
  const copy = !well || !r.chances ? "" : r.chances.trouble > r.house.holdShare ? TOO_NEAR(r.chances) : A_COPY_DOES;
  return `${told}${room}${usual}${copy}`;
}
