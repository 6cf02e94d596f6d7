import { Cautions } from "../parts/Cautions.tsx";
import { Part } from "../parts/Part.tsx";
import { Steps } from "../parts/Steps.tsx";

/** Back to clean, sound and dry, and the pane tried before anything wet. */
export const Ready = () => (
  <div className="space-y-5">
    <Cautions station="ready" />
    <Part title="Make ready" more="easing is easy now and hopeless later">
      <Steps station="ready" />
    </Part>
  </div>
);
