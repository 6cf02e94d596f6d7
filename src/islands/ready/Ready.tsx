import { isRefurbished } from "../../core/pane/refurbishing.ts";
import type { Step } from "../../core/steps/step.ts";
import { BedChoice } from "../panels/BedChoice.tsx";
import { usePane } from "../panels/pane-context.ts";
import { isOnSash } from "../stage/TicksOnSash.tsx";
import { Cautions } from "../steps/Cautions.tsx";
import { Dries } from "../steps/Dries.tsx";
import { Steps } from "../steps/Steps.tsx";
import { Ticks } from "../steps/Ticks.tsx";
import { BeadsDressed } from "./BeadsDressed.tsx";
import { Drains, DryFit } from "./DryFit.tsx";
import { StripLength } from "./Materials.tsx";
import { Refurbish } from "./Refurbish.tsx";
import { SidePhotos } from "./SidePhotos.tsx";
import { useReadySteps } from "./use-ready-steps.ts";

/** Back to clean, sound and dry, and the pane tried before anything wet: one step at a time. */
export function Ready() {
  const { book } = usePane();
  const steps = useReadySteps();
  return (
    <div className="space-y-5">
      {isRefurbished(book) && <Refurbish />}
      <section aria-label="Make ready" className="flex flex-col gap-3">
        <BedChoice as="line" />
        <Steps
          station="ready"
          steps={steps}
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
          }}
        />
      </section>
      <Cautions station="ready" />
    </div>
  );
}

/** What has a place on the sash is ticked there. */
const OffSash = ({ step }: { readonly step: Step }) => (isOnSash(step) ? null : <Ticks station="ready" step={step} />);
