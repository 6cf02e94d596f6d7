import { useState } from "react";
import { askedOf } from "../../core/measure/asked-of.ts";
import { DIAGONALS, HEIGHTS, OPENING, type OpeningPlace, type Place, WIDTHS } from "../../core/measure/places.ts";
import { isRectangle, readsWhole } from "../../core/measure/ways.ts";
import { cureName, needsCure } from "../../core/pane/needs-cure.ts";
import { oldGlassOnly } from "../../core/pane/old-glass.ts";
import { SCHOOL_FACTS } from "../../core/size/school.ts";
import { nm } from "../../core/units/length.ts";
import { howToRead, PLACE_NAMES } from "../../core/words/places.ts";
import { MISSING_TELLS } from "../../core/words/size.ts";
import { verdictOf } from "../../core/words/verdict.ts";
import { OnPhoneFolded } from "../panels/OnPhoneFolded.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { useStage } from "../stage/stage-context.ts";
import { Length } from "../ui/Length.tsx";
import { BlindSheet, Spreads } from "./BlindSheet.tsx";
import { COMES_TO } from "./comes-to.ts";
import { Instruments } from "./Instruments.tsx";
import { MeasureHow } from "./MeasureHow.tsx";
import { OldGlassGoesBack } from "./OldGlassGoesBack.tsx";
import { RebatePart } from "./RebatePart.tsx";
import { SlipNotes } from "./SlipNote.tsx";
import { ThicknessPart } from "./ThicknessPart.tsx";
import { WayFields } from "./WayFields.tsx";

type Props = { readonly asked: Place | null; readonly ask: (place: Place) => void; readonly openTapeLine: () => void };

/** Readings where the tape was, the opening they make, and what comes off; of glass that goes back what its packing wants. */
export function Measure(props: Props) {
  const { book } = usePane();
  return oldGlassOnly(book) ? <OldGlassGoesBack ask={props.ask} /> : <Sized {...props} />;
}

function Sized({ asked, ask, openTapeLine }: Props) {
  const { book, reckoning: r, firm, prefs, say } = usePane();
  const { openTab } = useStage();
  const whole = readsWhole(book.way);
  const [blind, setBlind] = useState(false);
  const [instruments, setInstruments] = useState(false);
  const goTo = (place: OpeningPlace) => {
    ask(place);
    const field = document.getElementById(`r-${place}`);
    field?.focus();
  };
  const verdict = verdictOf(r, { ...prefs, leastCoverMm: firm.house.leastCoverMm });
  // Only what was read itself: what stands in for it has a field of its own.
  const governs =
    r.cut.ok && !r.shaped
      ? [r.cut.value.governs.width.place, r.cut.value.governs.height.place].filter(
          (p) => r.readings[p as Place] !== undefined,
        )
      : [];
  const places = askedOf(book.shape);
  const missing = places.filter((p) => r.readings[p] === undefined && !r.unread.includes(p));
  /** What tells nothing of this shape is left out, unless somebody read it. */
  const isShown = (place: OpeningPlace): boolean => places.includes(place) || book.readings[place] !== undefined;
  const field = (place: OpeningPlace) => (
    <ReadingField key={place} place={place} label={columnOf(place)} governs={governs.includes(place)} onFocus={ask} />
  );
  const fieldIf = (place: OpeningPlace) => (isShown(place) ? field(place) : <span key={place} />);
  const lying = r.cut.ok && r.cut.value.opening.ok ? r.cut.value.opening.value : null;
  return (
    <div className="space-y-4">
      <MeasureHow />
      <div id={whole ? COMES_TO : undefined} className="scroll-mt-3">
        <WayFields ask={ask} />
      </div>
      {!whole && (
        <>
          <OnPhoneFolded name="All readings">
            <div className="space-y-4">
              <Part
                title="{Rebate}, edge to edge"
                more={
                  <span className="inline-flex flex-wrap gap-x-3">
                    <button type="button" className="underline" onClick={openTapeLine}>
                      <kbd className="key">/</kbd> type them in one line
                    </button>
                    <button
                      type="button"
                      className="underline disabled:no-underline disabled:opacity-60"
                      disabled={!OPENING.some((p) => book.readings[p])}
                      onClick={() => setBlind(true)}
                    >
                      read a second time, blind
                    </button>
                    <button type="button" className="underline" onClick={() => setInstruments(!instruments)}>
                      instruments
                    </button>
                  </span>
                }
              >
                <div className="grid grid-cols-[4.2rem_repeat(3,minmax(0,1fr))] items-start gap-x-2 gap-y-1.5">
                  <RowName name="Width" />
                  {WIDTHS.map(fieldIf)}
                  <RowName name="Height" />
                  {HEIGHTS.map(fieldIf)}
                  {DIAGONALS.some(isShown) && (
                    <>
                      <RowName name="Corners" />
                      {DIAGONALS.map(fieldIf)}
                      <div className="min-w-0 self-start">
                        <span className="block truncate text-[13px] text-mute">out of square</span>
                        <output className="tight mt-0.5 flex min-h-[2.6rem] items-center justify-end rounded border-[1.5px] border-dashed border-line px-2 text-[17px] text-glass">
                          {lying?.figure.outOfSquare == null ? (
                            "–"
                          ) : (
                            <Length nm={nm(Math.round(lying.figure.outOfSquare * 1e6))} unit={prefs.unit} />
                          )}
                        </output>
                      </div>
                    </>
                  )}
                </div>
                <p className="min-h-5 text-[13px] text-mute">
                  {asked
                    ? say(howToRead(asked, book.shape))
                    : "Type what the tape shows: 23 11/16, 601.5, a hair over 601.5+, a hair under 601.5-."}
                </p>
                <ReadingTrouble places={OPENING} />
              </Part>
            </div>
          </OnPhoneFolded>
          <div
            id={COMES_TO}
            className={`scroll-mt-3 ${verdict.tone === "trouble" ? "note-wax" : "note-glass"}`}
            aria-live="polite"
          >
            {r.slips.length > 0 ? (
              <p className="font-medium">
                {r.slips.length === 1 ? "A reading contradicts" : `${r.slips.length} readings contradict`} the others:
              </p>
            ) : (
              <p className="font-medium">{verdict.says}</p>
            )}
            {r.slips.length === 0 && verdict.more && <p>{verdict.more}</p>}
            {missing.length > 0 && r.cut.ok && !r.opening.copied && isRectangle(book.shape) && (
              <details className="pt-1">
                <summary className="cursor-pointer underline">
                  {missing.length === 1 ? "One reading is missing" : `${missing.length} readings are missing`}: what
                  they would tell
                </summary>
                <ul className="list-disc pl-5">
                  {missing.map((p) => (
                    <li key={p}>
                      {say(PLACE_NAMES[p])}: {say(MISSING_TELLS[p])}
                    </li>
                  ))}
                </ul>
              </details>
            )}
          </div>
          {/* Of a copy nothing is taken off. */}
          {!r.opening.copied && (
            <p className="flex flex-wrap items-center justify-between gap-2">
              <span>
                Taken off: <strong className="font-semibold">{SCHOOL_FACTS[r.rule.school].name}</strong>
              </span>
              <button type="button" className="btn btn-small" onClick={() => openTab("rule")}>
                How much to take off
              </button>
            </p>
          )}
          <SlipNotes goTo={goTo} />
          <Spreads />
          {needsCure(r) && (
            <button type="button" className="btn btn-main w-full" onClick={() => openTab("cures")}>
              {cureName(r)}
            </button>
          )}
          <OnPhoneFolded name="The {rebate} and the thickness">
            <div className="space-y-4">
              <RebatePart ask={ask} />
              <ThicknessPart ask={ask} />
            </div>
          </OnPhoneFolded>
        </>
      )}
      {instruments && <Instruments asked={asked} close={() => setInstruments(false)} />}
      {blind && <BlindSheet close={() => setBlind(false)} />}
    </div>
  );
}

const RowName = ({ name }: { readonly name: string }) => <span className="pt-[1.9rem] text-[14px]">{name}</span>;

function columnOf(place: OpeningPlace): string {
  if (place === "diagonal-up") return "╱ up";
  if (place === "diagonal-down") return "╲ down";
  return place.split("-")[1] ?? place;
}
