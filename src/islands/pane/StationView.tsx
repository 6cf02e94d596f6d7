import { type ComponentType, memo } from "react";
import { frameOf } from "../../core/frame/systems.ts";
import type { Entry } from "../../core/log/kinds.ts";
import type { Place } from "../../core/measure/places.ts";
import type { OpenOrder } from "../../core/page/pane-page.ts";
import { Finish } from "../finish/Finish.tsx";
import { FinishStage } from "../finish/FinishStage.tsx";
import { Look } from "../look/Look.tsx";
import { LookStage } from "../look/LookStage.tsx";
import { Measure } from "../measure/Measure.tsx";
import { MeasureStage } from "../measure/MeasureStage.tsx";
import { ReadingPad } from "../measure/ReadingPad.tsx";
import { TapeHeld } from "../measure/TapeHeld.tsx";
import { OrderStage } from "../order/OrderStage.tsx";
import { OrderStation } from "../order/OrderStation.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Ready } from "../ready/Ready.tsx";
import { ReadyStage } from "../ready/ReadyStage.tsx";
import { SetStage } from "../set/SetStage.tsx";
import { SetStation } from "../set/SetStation.tsx";
import { SignOff } from "../signoff/SignOff.tsx";
import { SignOffStage } from "../signoff/SignOffStage.tsx";
import { Specify } from "../specify/Specify.tsx";
import { SpecifyStage } from "../specify/SpecifyStage.tsx";
import { Elevation } from "../stage/Elevation.tsx";
import { StageContext, useNewStage } from "../stage/stage-context.ts";
import { TakeOut } from "../takeout/TakeOut.tsx";
import { TakeOutStage } from "../takeout/TakeOutStage.tsx";
import { Logbook } from "./Logbook.tsx";
import type { View } from "./model.ts";
import { Notes } from "./Notes.tsx";
import { PhoneWay, type WaysOn } from "./PhoneWay.tsx";
import { PrintHead } from "./PrintHead.tsx";
import { SettleHere } from "./SettleHere.tsx";

export type StationProps = WaysOn & {
  readonly asked: Place | null;
  readonly ask: (place: Place) => void;
  readonly goTo: (place: Place) => void;
  readonly openOrders: readonly OpenOrder[];
  readonly strike: (target: Entry, reason: string) => void;
  readonly openTapeLine: () => void;
};

type Screen = {
  /** The large part: the drawing or table that the station works on. */
  readonly stage: ComponentType<StationProps>;
  /** One question or step, and the others a line each. */
  readonly side: ComponentType<StationProps>;
  /** What the side is called on a phone, where it comes first and the stage behind its tabs; null where the work is on the drawing, and both are shown. */
  readonly sideName: string | null;
};

const SCREENS: Readonly<Record<View, Screen>> = {
  look: { stage: LookStage, side: Look, sideName: "What is wrong" },
  takeout: { stage: TakeOutStage, side: TakeOut, sideName: null },
  measure: { stage: MeasureStage, side: MeasureSide, sideName: "Readings" },
  specify: { stage: SpecifyStage, side: Specify, sideName: "Choose" },
  order: { stage: OrderStage, side: OrderStation, sideName: "The order" },
  ready: { stage: ReadyStage, side: Ready, sideName: null },
  set: { stage: SetStage, side: SetStation, sideName: null },
  finish: { stage: FinishStage, side: Finish, sideName: "Steps" },
  signoff: { stage: SignOffStage, side: SignOff, sideName: null },
  logbook: { stage: PaneLogbook, side: Standing, sideName: null },
};

/** The station that is open: its stage, and beside it the one thing to do. A station that is opened starts at its top. */
function OneStation(props: StationProps) {
  const { book } = usePane();

  const { view } = props;
  const { stage: Stage, side: Side, sideName } = SCREENS[view];
  const stage = useNewStage(sideName);
  // On a phone a tab that was opened takes the room of both.
  const sideAway = stage.tab !== null;
  return (
    <StageContext value={stage}>
      <main
        id="main"
        data-worked={frameOf(book.added.system).worked}
        className="relative min-h-0 flex-1 overflow-y-auto desk:overflow-hidden print:overflow-visible"
      >
        <PrintHead />
        <section
          aria-label="Station"
          className="flex min-h-full flex-col desk:grid desk:h-full desk:grid-cols-[minmax(0,1fr)_30rem]"
        >
          <section aria-label="Stage" className="stage flex min-h-0 flex-col bg-sheet desk:overflow-hidden print:flex">
            <Stage {...props} />
          </section>
          <section
            id="stage-side"
            aria-label="Side"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so the keyboard must reach it
            tabIndex={0}
            className={`relative flex-1 desk:min-h-0 desk:overflow-y-auto desk:border-l desk:border-line ${sideAway ? "max-desk:hidden" : ""}`}
          >
            <div className="p-4 desk:px-5">
              <SettleHere {...props} />
              <Side {...props} />
              {view !== "logbook" && <Notes station={view} />}
            </div>
          </section>
          <div className="desk:hidden">
            <PhoneWay {...props} />
          </div>
        </section>
      </main>
    </StageContext>
  );
}

export const StationView = memo((props: StationProps) => <OneStation key={props.view} {...props} />);

function MeasureSide({ asked, ask, openTapeLine }: StationProps) {
  return (
    <>
      <div className="-mx-4 -mt-4 desk:hidden print:hidden">
        <ReadingPad place={asked} ask={ask} drawing={(place) => <TapeHeld place={place} />} />
      </div>
      <Measure asked={asked} ask={ask} openTapeLine={openTapeLine} />
    </>
  );
}

function PaneLogbook({ strike }: StationProps) {
  const { book, prefs, today } = usePane();
  return (
    <div className="min-h-0 flex-1 px-4 py-3 desk:overflow-y-auto desk:px-5">
      <p className="pb-2">
        <a href={`/windows/${book.id}`}>The life of this opening</a>: every repair of it, on whatever round.
      </p>
      <Logbook pane={book.id} log={book.log} prefs={prefs} today={today} strike={strike} />
    </div>
  );
}

/** Beside the logbook: the sash it tells of. */
function Standing() {
  return (
    <div className="max-desk:hidden">
      <Elevation />
    </div>
  );
}
