import { finishMethods } from "../../core/finish/methods.ts";
import { paintOwed } from "../../core/pane/paint-owed.ts";
import { finishFacts } from "../../core/pane/step-facts.ts";
import { addDays, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { paintSentence } from "../../core/words/finish.ts";
import { Cautions } from "../parts/Cautions.tsx";
import { DayField } from "../parts/DayField.tsx";
import { Dries } from "../parts/Dries.tsx";
import { Fold } from "../parts/Fold.tsx";
import { Lessons } from "../parts/Lessons.tsx";
import { MaterialsUsed } from "../parts/MaterialsUsed.tsx";
import { MethodCards } from "../parts/MethodCards.tsx";
import { PaintFirst } from "../parts/PaintFirst.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Steps } from "../parts/Steps.tsx";
import { ComeBack } from "./ComeBack.tsx";
import { CureBar } from "./CureBar.tsx";
import { FillerPart } from "./FillerPart.tsx";
import { LineRatingPart } from "./LineRating.tsx";
import { ShutMessage } from "./ShutMessage.tsx";

/** Waiting and painting: when it may be touched, when it must be painted, and the days between. */
export function Finish() {
  const { book, reckoning } = usePane();
  return (
    <div className="space-y-5">
      {book.set ? (
        <Waiting setDay={book.set.day} />
      ) : (
        <p className="note-glass">The dates follow when it is set: give the day under Set.</p>
      )}
      <section aria-label="Finish" className="space-y-3">
        <Steps
          station="finish"
          asks={{
            dries: (step) => <Dries station="finish" step={step} />,
            rating: (step) => <LineRatingPart step={step} />,
          }}
        />
      </section>
      <Cautions station="finish" />
      {book.set && <ComeBack />}
      <FillerPart />
      <MaterialsUsed what="paint, colour and number" />
      <MethodCards
        title="How it is done"
        more="line, masking, filler"
        methods={finishMethods(finishFacts(book, reckoning))}
      />
      <Lessons station="finish" />
    </div>
  );
}

function Waiting({ setDay }: { readonly setDay: string }) {
  const { book, reckoning: r, today, write } = usePane();
  const { compound, paint } = r;
  if (!paint) return null;
  const owed = paintOwed(book, r);
  const set = dayOf(setDay);
  const untouched = addDays(set, Math.ceil(compound.handsOffHours / 24));
  const from = paint.kind === "window" ? paint.from : null;
  const closes = paint.kind === "window" ? paint.closes : null;
  return (
    <>
      <Part title={compound.name} more={compound.needs}>
        <dl className="grid grid-cols-3 gap-3">
          <DateLine
            name="Hands off until"
            text={compound.handsOffHours < 24 ? `${compound.handsOffHours} h` : sayDay(untouched)}
          />
          <DateLine
            name="Paint from"
            text={from === null ? (paint.kind === "window" ? "no fit day" : "not painted") : sayDay(from)}
          />
          <DateLine name="Paint by" text={closes === null ? "no limit" : sayDay(closes)} />
        </dl>
        <p className={paint.kind === "window" && paint.from === null ? "note-wax" : "note-glass"}>
          {paintSentence(paint)} <span className="text-mute">Source: {compound.source}. The label wins.</span>
        </p>
        <CureBar />
        <ShutMessage />
      </Part>
      {paint.kind === "window" &&
        (book.paintLeft ? null : book.painted ? (
          <p className="note-glass">Painted {sayDay(dayOf(book.painted))}.</p>
        ) : (
          <form
            className="flex flex-wrap items-end gap-2"
            onSubmit={(e) => {
              e.preventDefault();
              write("finish.painted", { day: String(new FormData(e.currentTarget).get("day")) });
            }}
          >
            <DayField
              says="Painted on"
              name="day"
              required
              {...(setDay ? { min: setDay } : {})}
              max={writeDay(today)}
              start={writeDay(today)}
            />
            <button
              type="submit"
              className={`btn whitespace-nowrap ${from !== null && from <= today ? "btn-main" : ""}`}
            >
              It is painted
            </button>
            {from !== null && today < from && (
              <span className="trouble w-full text-[13px]">Before {sayDay(from)} it wrinkles.</span>
            )}
          </form>
        ))}
      {owed && (
        <Fold title="Somebody else paints it" more="the customer, a painter">
          <PaintFirst />
        </Fold>
      )}
      {book.paintLeft && (
        <p className="note-glass">
          The {book.paintLeft.to} paints it. {book.paintLeft.note}
        </p>
      )}
    </>
  );
}

const DateLine = ({ name, text }: { readonly name: string; readonly text: string }) => (
  <div>
    <dt className="text-[13px] text-mute">{name}</dt>
    <dd className="text-[17px] font-semibold">{text}</dd>
  </div>
);
