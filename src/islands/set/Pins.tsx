import { useState } from "react";
import { pinnedThrough, pinsHere } from "../../core/pane/pins-here.ts";
import { stepFacts } from "../../core/pane/step-facts.ts";
import { PIN_ANGLE_DEG, TO_GLASS_MM } from "../../core/set/pin-plan.ts";
import { pinReach } from "../../core/set/pins.ts";
import { mm } from "../../core/units/length.ts";
import { PIN_BOX, pinDrawing } from "../../drawing/pin.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";
import { MmField } from "../ui/MmField.tsx";
import { PlacesRound } from "./PlacesRound.tsx";

/** A pin that is drawn where none would do, mm. */
const SHOWN_MM = 25;

/** Pins for beads and stops: how long, how they lean, where they stand; one's own length and angle tried. */
export function Pins() {
  const { book, reckoning: r, say, prefs } = usePane();
  const { stopMm, isRead } = pinnedThrough(r);
  const [angleDeg, setAngle] = useState(PIN_ANGLE_DEG);
  const [own, setOwn] = useState<number | null>(null);
  const plan = pinsHere(book, r, angleDeg);
  if (!plan) return null;
  // One that leans the wrong way is drawn as it would be, to be seen.
  const lengthMm = own ?? plan.lengthMm ?? (angleDeg < 0 ? SHOWN_MM : null);
  const reach = lengthMm === null ? null : pinReach({ lengthMm, stopMm, angleDeg, toGlassMm: TO_GLASS_MM });
  const d = lengthMm === null ? null : pinDrawing({ lengthMm, stopMm, angleDeg, toGlassMm: TO_GLASS_MM });
  const length = (v: number) => <Length nm={mm(Math.round(v * 10) / 10)} unit={prefs.unit} withUnit />;
  return (
    <div className="space-y-2">
      <p className="text-[13px] text-mute">
        {isRead ? say("By the {bead} as measured") : say("{Bead} not measured: 12 mm taken")}
      </p>
      {d && (
        <svg
          viewBox={`0 0 ${PIN_BOX.width} ${PIN_BOX.height}`}
          className="mx-auto w-full max-w-[340px] bg-sheet"
          role="img"
          aria-label={say(`A pin of ${lengthMm} mm through the {bead}, leaning ${angleDeg}° away from the glass`)}
        >
          <path d={d.frame} className="d-frame" />
          <path d={d.bead} className="d-face" />
          <path d={d.glass} className="d-pane" />
          <path d={d.pin} className="d-asked" fill="none" />
          <circle cx={d.head.x} cy={d.head.y} r={3} className="d-ease" />
        </svg>
      )}
      <div className="grid grid-cols-2 gap-2">
        <label>
          <span className="text-[13px] text-mute">leans, degrees</span>
          <input
            type="number"
            min={-20}
            max={45}
            step={1}
            className="tight text-right"
            value={angleDeg}
            onChange={(e) => Number.isFinite(e.target.valueAsNumber) && setAngle(e.target.valueAsNumber)}
          />
        </label>
        <MmField
          name="pin at hand"
          unit={prefs.unit}
          least={5}
          most={100}
          usual={plan.lengthMm ?? undefined}
          change={setOwn}
        />
      </div>
      <p className={reach?.says === "holds" ? "note-glass" : "note-wax"} role="status">
        {reach === null ? (
          say("No pin that is sold holds here: lean it away from the glass, or screw the {bead}.")
        ) : reach.says === "toward-glass" ? (
          "It leans toward the glass and finds its edge: the other way."
        ) : reach.says === "proud" ? (
          say("It does not reach through the {bead}: it would stand proud.")
        ) : reach.says === "short" ? (
          <>
            Too short: only {length(reach.intoFrameMm)} in the frame. Take {say(`${plan.lengthMm} mm`)}.
          </>
        ) : (
          <>
            {say(`${lengthMm} mm`)}: {length(reach.intoFrameMm)} in the frame, its point {length(reach.clearMm)} off the
            glass.
          </>
        )}
      </p>
      {stepFacts(book, r).toughened && (
        <p className="trouble">
          {say("{Toughened} glass: a pin that touches its edge wastes the {pane}. Look where each one goes.")}
        </p>
      )}
      <p className="text-[14px]">
        <strong className="tight">{plan.places.count}</strong> in all: <PlacesRound plan={plan.places} />. Press the{" "}
        {say("{bead}")} down and in while each goes home; {say("set it 1 to 2 mm below the face.")}
      </p>
    </div>
  );
}
