import { finishMethods } from "../../core/finish/methods.ts";
import { finishFacts } from "../../core/pane/step-facts.ts";
import { addDays, dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { paintSentence } from "../../core/words/finish.ts";
import { MaterialsUsed } from "../parts/MaterialsUsed.tsx";
import { MethodCards } from "../parts/MethodCards.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";
import { photosTab } from "../stage/photos-tab.tsx";
import { Stage } from "../stage/Stage.tsx";
import { waysTab } from "../stage/ways-tab.tsx";
import { ComeBack } from "./ComeBack.tsx";
import { CureBar } from "./CureBar.tsx";
import { FillerPart } from "./FillerPart.tsx";
import { ShutMessage } from "./ShutMessage.tsx";

/** The days between setting and painting on one wide bar, and the visit; behind tabs fillers, ways and what was used. */
export function FinishStage() {
  const { book, reckoning } = usePane();
  return (
    <Stage
      tabs={[
        {
          id: "days",
          name: "The days",
          content: (
            <div className="space-y-5">
              {book.set ? (
                <Waiting setDay={book.set.day} />
              ) : (
                <p className="note-glass">The dates follow when it is set: give the day under Set.</p>
              )}
              {book.set && <ComeBack />}
            </div>
          ),
        },
        { id: "filler", name: "Fillers", content: <FillerPart /> },
        waysTab(
          "finish",
          <MethodCards
            title="Small skills"
            more="line, masking, filler"
            methods={finishMethods(finishFacts(book, reckoning))}
          />,
        ),
        { id: "used", name: "What was used", content: <MaterialsUsed what="paint, colour and number" /> },
        photosTab("finish", book),
      ]}
    />
  );
}

function Waiting({ setDay }: { readonly setDay: string }) {
  const { reckoning: r } = usePane();
  const { compound, paint } = r;
  if (!paint) return null;
  const set = dayOf(setDay);
  const untouched = addDays(set, Math.ceil(compound.handsOffHours / 24));
  const from = paint.kind === "window" ? paint.from : null;
  const closes = paint.kind === "window" ? paint.closes : null;
  return (
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
  );
}

const DateLine = ({ name, text }: { readonly name: string; readonly text: string }) => (
  <div>
    <dt className="text-[13px] text-mute">{name}</dt>
    <dd className="text-[17px] font-semibold">{text}</dd>
  </div>
);
