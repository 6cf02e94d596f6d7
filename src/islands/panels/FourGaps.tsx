import { SASH_GAPS } from "../../core/measure/places.ts";
import { shiftFor } from "../../core/set/gaps.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { Length } from "../ui/Length.tsx";
import { usePane } from "./pane-context.ts";
import { ReadingField, ReadingTrouble } from "./ReadingField.tsx";

/** The four gaps round the shut sash, and by how much it stands off the middle. */
export function FourGaps() {
  const { reckoning: r, prefs } = usePane();
  const [left, right, top, bottom] = SASH_GAPS.map((p) => r.readings[p]);
  const all = left !== undefined && right !== undefined && top !== undefined && bottom !== undefined;
  const shift = all ? shiftFor({ left: toMm(left), right: toMm(right), top: toMm(top), bottom: toMm(bottom) }) : null;
  const by = (v: number) => (
    <Length nm={mm(Math.abs(Math.round(v * 100) / 100))} unit={prefs.unit} places={1} ticks={32} withUnit />
  );
  return (
    <div className="space-y-1">
      <div className="grid grid-cols-4 gap-2">
        {SASH_GAPS.map((p) => (
          <ReadingField key={p} place={p} label={p.replace("gap-", "")} />
        ))}
      </div>
      <ReadingTrouble places={SASH_GAPS} />
      {shift && (
        <p className={shift.even ? "note-glass" : "note-wax"} role="status">
          {shift.even ? (
            "Even: opposite gaps agree within a millimetre."
          ) : (
            <>
              Move it
              {Math.abs(shift.rightMm) > 0.5 && (
                <>
                  {" "}
                  {by(shift.rightMm)} to the {shift.rightMm > 0 ? "right" : "left"}
                </>
              )}
              {Math.abs(shift.rightMm) > 0.5 && Math.abs(shift.upMm) > 0.5 && " and"}
              {Math.abs(shift.upMm) > 0.5 && (
                <>
                  {" "}
                  {by(shift.upMm)} {shift.upMm > 0 ? "up" : "down"}
                </>
              )}
              : half the difference of the two gaps.
            </>
          )}
        </p>
      )}
    </div>
  );
}
