import { shiftFor } from "../../core/set/gaps.ts";
import { usePane } from "../panels/pane-context.ts";
import { MmField } from "../ui/MmField.tsx";

const SIDES = ["left", "right", "top", "bottom"] as const;

/** How far the spacer stands in from the glass edge on each side, and how it is moved to the middle. */
export function SpacerGaps() {
  const { book, prefs, say, write } = usePane();
  const gaps = book.before.refurbish.gaps ?? { left: null, right: null, top: null, bottom: null };
  const { left, right, top, bottom } = gaps;
  const whole = left !== null && right !== null && top !== null && bottom !== null;
  const shift = whole ? shiftFor({ left, right, top, bottom }) : null;
  return (
    <div className="space-y-1">
      <p className="text-[13px] text-mute">Spacer in from the glass edge: as deep as the sealant will be.</p>
      <div className="grid grid-cols-4 gap-2">
        {SIDES.map((side) => (
          <MmField
            key={side}
            name={side}
            unit={prefs.unit}
            label={`spacer in, ${side}`}
            most={100}
            value={gaps[side]}
            change={(to) => write("refurbish.gaps", { ...gaps, [side]: to })}
          />
        ))}
      </div>
      {shift && whole && (
        <p className={shift.even ? "note-glass" : "note-wax"} role="status">
          {shift.even
            ? "Even: opposite sides agree within a millimetre."
            : `Move the spacer ${[
                Math.abs(shift.rightMm) > 0.5
                  ? say(`${Math.abs(shift.rightMm).toFixed(1)} mm ${shift.rightMm > 0 ? "right" : "left"}`)
                  : "",
                Math.abs(shift.upMm) > 0.5
                  ? say(`${Math.abs(shift.upMm).toFixed(1)} mm ${shift.upMm > 0 ? "up" : "down"}`)
                  : "",
              ]
                .filter(Boolean)
                .join(" and ")}.`}{" "}
          {say(`The thinnest seal is ${Math.min(left, right, top, bottom).toFixed(1)} mm.`)}
        </p>
      )}
    </div>
  );
}
