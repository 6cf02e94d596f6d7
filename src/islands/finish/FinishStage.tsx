import { useState } from "react";
import { compoundInText } from "../../core/bed/compounds.ts";
import { finishMethods } from "../../core/finish/methods.ts";
import { type PaintWindow, paintWindow } from "../../core/finish/paint-window.ts";
import { finishFacts } from "../../core/pane/step-facts.ts";
import { nextWorking } from "../../core/plan/calendar.ts";
import { addDays, type Day, dayOf, writeDay } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { paintSentence } from "../../core/words/finish.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { photosTab } from "../stage/photos-tab.tsx";
import { Stage } from "../stage/Stage.tsx";
import { waysTab } from "../stage/ways-tab.tsx";
import { MaterialsUsed } from "../steps/MaterialsUsed.tsx";
import { MethodCards } from "../steps/MethodCards.tsx";
import { DayField } from "../ui/DayField.tsx";
import { ComeBack } from "./ComeBack.tsx";
import { CureBar } from "./CureBar.tsx";
import { FillerPart } from "./FillerPart.tsx";
import { ShutMessage } from "./ShutMessage.tsx";

/** The days between setting and painting on one wide bar, and the visit; behind tabs fillers, ways and what was used. */
export function FinishStage() {
  const { book, reckoning: r } = usePane();
  return (
    <Stage
      tabs={[
        {
          id: "days",
          name: "The days",
          content: (
            <div className="space-y-5">
              {book.set ? <Waiting set={dayOf(book.set.day)} paint={r.paint} /> : <IfItWereSet />}
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
            methods={finishMethods(finishFacts(book, r))}
          />,
        ),
        { id: "used", name: "What was used", content: <MaterialsUsed what="paint, colour and number" /> },
        photosTab("finish", book),
      ]}
    />
  );
}

/** Before it is set: what the days would be, of a day that can be tried. Nothing of it is written down. */
function IfItWereSet() {
  const { reckoning: r, firm, today, say } = usePane();
  const [tried, setTried] = useState<Day | null>(null);
  const set = tried ?? nextWorking(firm.calendar, addDays(today, -1));
  return (
    <div className="space-y-4">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <p className="max-w-[34rem] text-[17px]">
          {say(
            `It is not set yet. Set on ${sayDay(set)}, these would be its days${r.bedFrom === "usual" ? `, in ${compoundInText(r.compound)}: it is usual for this frame, and nobody chose it` : ""}.`,
          )}
        </p>
        <DayField
          says="Try another day"
          name="if-set"
          required
          min={writeDay(today)}
          start={writeDay(set)}
          onDay={(d) => setTried(d ? dayOf(d) : null)}
        />
      </div>
      <Waiting set={set} paint={paintWindow(r.compound, set, firm.calendar)} />
    </div>
  );
}

type WaitingProps = { readonly set: Day; readonly paint: PaintWindow | null };

function Waiting({ set, paint }: WaitingProps) {
  const { compound } = usePane().reckoning;
  if (!paint) return null;
  if (paint.kind !== "window" && compound.handsOffHours === 0)
    return (
      <Part title={compound.name} more={compound.needs}>
        <p className="note-glass">
          It holds at once, and is not painted: no day waits for it.{" "}
          <span className="text-mute">Source: {compound.source}.</span>
        </p>
      </Part>
    );
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
      <CureBar set={set} paint={paint} handsOffHours={compound.handsOffHours} />
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
