import { usualSheet } from "../../core/pane/glass-here.ts";
import { hingeOf } from "../../core/pane/hangs.ts";
import { oldForNew } from "../../core/specify/old-for-new.ts";
import { toMm } from "../../core/units/length.ts";
import { massText } from "../../core/words/mass.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ThroughSum } from "../panels/ThroughSum.tsx";

/** A thickness read by nobody but close to the new one is the same. */
const SAME_MM = 0.25;

const shown = (v: number): string => String(Math.round(v * 10) / 10);

/** What the new thickness does beside the old: mass, room, and whether bead or putty still sits. */
export function OldForNew() {
  const { book, reckoning: r, firm, prefs, say } = usePane();
  const old = r.readings["old-thickness"];
  const through = r.readings["rebate-width"] !== undefined;
  if (!r.cut.ok || (old === undefined && !through)) return null;
  const { width, height } = r.cut.value.glass;
  const change =
    old === undefined
      ? null
      : oldForNew({
          widthMm: toMm(width),
          heightMm: toMm(height),
          oldMm: toMm(old),
          newMm: toMm(r.glass.thickness),
          leastMm: toMm(usualSheet(book, firm.house)),
        });
  const differs = change !== null && Math.abs(change.deeperMm) > SAME_MM;
  const hangs = !["fixed", "not-said"].includes(hingeOf(book));
  return (
    <Part title="The new in the old's place">
      {change && (
        <p className={differs ? "note-wax" : "note-glass"}>
          {differs ? (
            <>
              {say(
                `It was ${shown(change.fromMm)} mm, this is ${shown(change.toMm)} mm: ${Math.abs(change.deeperMm).toFixed(1)} mm`,
              )}{" "}
              {change.deeperMm > 0 ? "more through the frame" : "less through the frame"}, and{" "}
              {massText(Math.abs(change.heavierKg), prefs.unit)} {change.heavierKg > 0 ? "heavier" : "lighter"} (
              {massText(change.fromKg, prefs.unit)} to {massText(change.toKg, prefs.unit)}).
              {change.wasThin &&
                say(` ${firm.house.glassMm} mm is the usual least now; ${shown(change.fromMm)} mm was once.`)}
              {hangs && " Look at balances or hinges below."}
            </>
          ) : (
            say(`${shown(change.toMm)} mm as it was: mass and {beads} stay as they are.`)
          )}
        </p>
      )}
      <ThroughSum />
    </Part>
  );
}
