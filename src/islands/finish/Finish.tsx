import { paintOwed } from "../../core/pane/paint-owed.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay, sayDayFrom } from "../../core/words/days.ts";
import { Fold } from "../panels/Fold.tsx";
import { PaintFirst } from "../panels/PaintFirst.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Cautions } from "../steps/Cautions.tsx";
import { Dries } from "../steps/Dries.tsx";
import { Steps } from "../steps/Steps.tsx";
import { useSteps } from "../steps/use-steps.ts";
import { DayField } from "../ui/DayField.tsx";
import { LineRatingPart } from "./LineRating.tsx";

/** Waiting and painting, one step at a time, and the day it was painted. */
export function Finish() {
  const { book } = usePane();
  return (
    <div className="space-y-5">
      <section aria-label="Finish" className="space-y-3">
        <Steps
          station="finish"
          asks={{
            dries: (step) => <Dries station="finish" step={step} />,
            rating: (step) => <LineRatingPart step={step} />,
          }}
        />
      </section>
      {book.set && <Paint setDay={book.set.day} />}
      <Cautions station="finish" />
    </div>
  );
}

/** That it is painted, or who paints it. */
function Paint({ setDay }: { readonly setDay: string }) {
  const { book, reckoning: r, today, write } = usePane();
  const { steps, isOpen } = useSteps("finish");
  const { paint } = r;
  if (!paint) return null;
  const owed = paintOwed(book, r);
  const from = paint.kind === "window" ? paint.from : null;
  return (
    <>
      {paint.kind === "window" &&
        (book.paintLeft ? null : book.painted ? (
          <p className="note-glass">Painted {sayDayFrom(dayOf(book.painted), today)}.</p>
        ) : (
          <form
            className="flex flex-wrap items-end gap-2"
            onSubmit={(e) => {
              e.preventDefault();
              write("finish.painted", { day: String(new FormData(e.currentTarget).get("day")) });
              const step = steps.find((s) => s.paints && isOpen(s));
              if (step) write("step.marked", { station: "finish", step: step.id, state: "done", reason: "" });
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
