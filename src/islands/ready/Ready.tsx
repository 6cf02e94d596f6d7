import { isRefurbished } from "../../core/pane/refurbishing.ts";
import { stepsAt } from "../../core/pane/standing.ts";
import { BedChoice } from "../parts/BedChoice.tsx";
import { Cautions } from "../parts/Cautions.tsx";
import { Dries } from "../parts/Dries.tsx";
import { KitFold } from "../parts/KitFold.tsx";
import { Lessons } from "../parts/Lessons.tsx";
import { Photos } from "../parts/Photos.tsx";
import { usePane } from "../parts/pane-context.ts";
import { SealPath } from "../parts/SealPath.tsx";
import { Steps } from "../parts/Steps.tsx";
import { Ticks } from "../parts/Ticks.tsx";
import { BeadsDressed } from "./BeadsDressed.tsx";
import { Drains, DryFit } from "./DryFit.tsx";
import { HardwareBack } from "./HardwareBack.tsx";
import { Pilots, StripLength } from "./Materials.tsx";
import { Methods } from "./Methods.tsx";
import { Refurbish } from "./Refurbish.tsx";
import { SidePhotos } from "./SidePhotos.tsx";

/** Back to clean, sound and dry, and the pane tried before anything wet. */
export function Ready() {
  const { book, reckoning: r } = usePane();
  const steps = stepsAt("ready", book, r).filter((s) => !s.id.startsWith("ru-"));
  return (
    <div className="space-y-5">
      {isRefurbished(book) && <Refurbish />}
      <section aria-label="Make ready" className="space-y-3">
        <BedChoice as="line" />
        <Steps
          station="ready"
          steps={steps}
          asks={{
            sides: (step) => (
              <>
                <Ticks station="ready" step={step} />
                <SidePhotos step={step.id} />
              </>
            ),
            drains: () => <Drains />,
            "dry-fit": () => <DryFit />,
            dries: (step) => <Dries station="ready" step={step} />,
            length: (step) => (
              <>
                <StripLength faces={step.id === "mask" ? 4 : 1} />
                {step.id === "tape-lay" && <SealPath />}
              </>
            ),
            "seal-path": () => <SealPath />,
            nails: () => <BeadsDressed />,
          }}
        />
      </section>
      <Cautions station="ready" />
      <KitFold station="ready" />
      <Methods />
      <HardwareBack />
      <Pilots />
      <Lessons station="ready" />
      <Photos station="ready" />
    </div>
  );
}
