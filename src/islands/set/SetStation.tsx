import { readyFacts } from "../../core/pane/step-facts.ts";
import { setMethods } from "../../core/set/methods.ts";
import type { Step } from "../../core/steps/step.ts";
import { BedChoice } from "../parts/BedChoice.tsx";
import { Cautions } from "../parts/Cautions.tsx";
import { CountDown } from "../parts/CountDown.tsx";
import { CountField } from "../parts/CountField.tsx";
import { FourGaps } from "../parts/FourGaps.tsx";
import { Lessons } from "../parts/Lessons.tsx";
import { MaterialsUsed } from "../parts/MaterialsUsed.tsx";
import { MethodCards } from "../parts/MethodCards.tsx";
import { usePane } from "../parts/pane-context.ts";
import { SealPath } from "../parts/SealPath.tsx";
import { Steps } from "../parts/Steps.tsx";
import { Ticks } from "../parts/Ticks.tsx";
import { AsItWas } from "./AsItWas.tsx";
import { Facing } from "./Facing.tsx";
import { OwnOpening } from "./OwnOpening.tsx";
import { PickList } from "./PickList.tsx";
import { Pins } from "./Pins.tsx";
import { PlugWay } from "./PlugWay.tsx";
import { ScrewRounds } from "./ScrewRounds.tsx";
import { Seated } from "./Seated.tsx";
import { SetDone } from "./SetDone.tsx";
import { SettingDrawing } from "./SettingDrawing.tsx";
import { Simulator } from "./Simulator.tsx";
import { Weather } from "./Weather.tsx";

/** What to have to hand, the steps in order, and the day it was set. */
export const SetStation = () => (
  <div className="space-y-5">
    <BedChoice as="line" />
    <section aria-label="Set it" className="space-y-3">
      <Steps
        station="set"
        asks={{
          packers: () => <SettingDrawing />,
          scraps: () => <CountField what="scraps" way="back" />,
          tags: () => <OwnOpening />,
          "open-time": () => (
            <>
              <SealPath />
              <OpenTime />
            </>
          ),
          pins: () => <Pins />,
          facing: () => <Facing />,
          gaps: () => <FourGaps />,
          rounds: (step) => <ScrewRounds step={step} />,
          screws: (step) => (step.id === "clips-back" ? <ClipsOut /> : <CountField what="screws" way="back" />),
          plugs: () => (
            <>
              <CountField what="plugs" way="back" />
              <PlugWay />
            </>
          ),
          groove: (step) => <Named says="Groove clear" step={step} />,
          seated: (step) => <Seated step={step} />,
          weather: () => <Weather />,
        }}
      />
    </section>
    <SetDone />
    <Cautions station="set" />
    <PickList />
    <Simulator />
    <AsItWas />
    <MaterialsUsed />
    <HowSet />
    <Lessons station="set" />
  </div>
);

/** Time from the nozzle's first touch until a skin forms, minutes. Source: common labels; the label wins. */
const SKIN_MIN = 10;

function OpenTime() {
  const { book } = usePane();
  return book.set ? null : <CountDown minutes={SKIN_MIN} what="it can be moved" />;
}

/** Cards on the small skills that this pane asks for. */
function HowSet() {
  const { book, reckoning: r } = usePane();
  return (
    <MethodCards title="How it is done" more="fixing, pressing, wiping" methods={setMethods(readyFacts(book, r))} />
  );
}

/** How many clips came out, to be found again. */
function ClipsOut() {
  const { book } = usePane();
  return book.sprigsFound === null ? null : <p className="text-[13px]">{book.sprigsFound} came out.</p>;
}

/** Sides ticked one by one, under what is ticked of them. */
const Named = ({ says, step }: { readonly says: string; readonly step: Step }) => (
  <div>
    <p className="text-[13px] text-mute">{says}</p>
    <Ticks station="set" step={step} />
  </div>
);
