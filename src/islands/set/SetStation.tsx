import { BedChoice } from "../panels/BedChoice.tsx";
import { CountField } from "../panels/CountField.tsx";
import { FourGaps } from "../panels/FourGaps.tsx";
import { usePane } from "../panels/pane-context.ts";
import { WeatherToday } from "../panels/WeatherToday.tsx";
import { Cautions } from "../steps/Cautions.tsx";
import { CountDown } from "../steps/CountDown.tsx";
import { Covered } from "../steps/Covered.tsx";
import { Steps } from "../steps/Steps.tsx";
import { StillIn } from "../steps/StillIn.tsx";
import { useSteps } from "../steps/use-steps.ts";
import { BraceSay } from "./BraceSay.tsx";
import { Facing } from "./Facing.tsx";
import { OwnOpening } from "./OwnOpening.tsx";
import { PackersSay } from "./PackersSay.tsx";
import { ScrewRounds } from "./ScrewRounds.tsx";
import { Seated } from "./Seated.tsx";
import { SetDone } from "./SetDone.tsx";
import { Weather } from "./Weather.tsx";

/** The steps in order, one at a time, and the day it was set. */
export function SetStation() {
  const { book } = usePane();
  const toSay = useSteps("set").next === undefined && book.set === null;
  return (
    <div className="space-y-5">
      {toSay && <SetDone />}
      <section aria-label="Set it" className="flex flex-col gap-3">
        <StillIn />
        <Covered />
        <BedChoice as="line" />
        {!book.set && <WeatherToday part="fit" />}
        <Steps
          station="set"
          asks={{
            packers: () => <PackersSay />,
            scraps: () => <CountField what="scraps" way="back" />,
            tags: () => <OwnOpening />,
            "open-time": () => <OpenTime />,
            facing: () => <Facing />,
            gaps: () => <FourGaps />,
            brace: () => <BraceSay />,
            rounds: (step) => <ScrewRounds step={step} />,
            screws: (step) => (step.id === "clips-back" ? <ClipsOut /> : <CountField what="screws" way="back" />),
            plugs: () => <CountField what="plugs" way="back" />,
            seated: (step) => <Seated step={step} />,
            weather: () => <Weather />,
          }}
        />
      </section>
      {!toSay && <SetDone />}
      <Cautions station="set" />
    </div>
  );
}

/** Time from the nozzle's first touch until a skin forms, minutes. Source: common labels; the label wins. */
const SKIN_MIN = 10;

function OpenTime() {
  const { book } = usePane();
  return book.set ? null : <CountDown minutes={SKIN_MIN} what="it can be moved" />;
}

/** How many clips came out, to be found again. */
function ClipsOut() {
  const { book } = usePane();
  return book.sprigsFound === null ? null : <p className="text-[13px]">{book.sprigsFound} came out.</p>;
}
