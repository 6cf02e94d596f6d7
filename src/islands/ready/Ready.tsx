import type { Step } from "../../core/steps/step.ts";
import { BedChoice } from "../panels/BedChoice.tsx";
import { isOnSash } from "../stage/TicksOnSash.tsx";
import { Cautions } from "../steps/Cautions.tsx";
import { Covered } from "../steps/Covered.tsx";
import { Dries } from "../steps/Dries.tsx";
import { Steps } from "../steps/Steps.tsx";
import { StillIn } from "../steps/StillIn.tsx";
import { Ticks } from "../steps/Ticks.tsx";
import { BeadsDressed } from "./BeadsDressed.tsx";
import { Cleaned } from "./Cleaned.tsx";
import { ClosedAgain } from "./ClosedAgain.tsx";
import { Drains, DryFit } from "./DryFit.tsx";
import { StripLength } from "./Materials.tsx";
import { OpenedUnit } from "./OpenedUnit.tsx";
import { OvenLog } from "./OvenLog.tsx";
import { SidePhotos } from "./SidePhotos.tsx";
import { SpacerGaps } from "./SpacerGaps.tsx";
import { TwoPanes } from "./TwoPanes.tsx";

/** Back to clean, sound and dry, and the pane tried before anything wet: one step at a time. */
export function Ready() {
  return (
    <div className="space-y-5">
      <section aria-label="Make ready" className="flex flex-col gap-3">
        <StillIn />
        <Covered />
        <BedChoice as="line" />
        <Steps
          station="ready"
          asks={{
            sides: (step) => (
              <>
                <OffSash step={step} />
                <SidePhotos step={step.id} />
              </>
            ),
            drains: () => <Drains />,
            "dry-fit": () => <DryFit />,
            dries: (step) => <Dries station="ready" step={step} />,
            length: (step) => <StripLength faces={step.id === "mask" ? 4 : 1} />,
            nails: () => <BeadsDressed />,
            "two-panes": () => <TwoPanes />,
            faces: (step) => <Ticks station="ready" step={step} />,
            spacer: (step) => <Ticks station="ready" step={step} />,
            opened: () => <OpenedUnit />,
            oven: () => <OvenLog />,
            cleaned: () => <Cleaned />,
            gaps: () => <SpacerGaps />,
            closed: () => <ClosedAgain />,
          }}
        />
      </section>
      <Cautions station="ready" />
    </div>
  );
}

/** What has a place on the sash is ticked there. */
const OffSash = ({ step }: { readonly step: Step }) => (isOnSash(step) ? null : <Ticks station="ready" step={step} />);
