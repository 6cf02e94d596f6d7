import { tapeThick } from "../../core/pane/tape-thick.ts";
import { PILOTS } from "../../core/ready/pilots.ts";
import { stripMm } from "../../core/set/strip.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { runText } from "../../core/words/run-text.ts";
import { tapeThickText } from "../../core/words/tape-thick.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";

/** How much tape goes round: once for glazing tape, four times for masking glass and frame on both sides. Waste on top. */
export function StripLength({ faces }: { readonly faces: number }) {
  const { book, reckoning: r, firm, prefs, say } = usePane();
  if (!r.cut.ok) return null;
  const { width, height } = r.cut.value.glass;
  const thick = faces === 1 ? ` ${say(tapeThickText(tapeThick(book, r), prefs.unit))}.` : "";
  const length = mm(stripMm({ widthMm: toMm(width), heightMm: toMm(height) }, faces, firm.house.waste));
  return (
    <p className="text-[13px]">
      {runText(length, prefs.unit)} of it, waste allowed for.{thick}
    </p>
  );
}

/** Pilot holes for screws that go back: a tight one chews the head, a wide one holds nothing. */
export function Pilots() {
  const { say } = usePane();
  return (
    <Fold title="Screws that go back" more="pilot holes">
      <table className="w-full border-collapse text-[14px]">
        <thead className="text-left text-[12px] text-mute">
          <tr>
            <th className="font-normal">screw</th>
            <th className="text-right font-normal">softwood</th>
            <th className="text-right font-normal">hardwood</th>
          </tr>
        </thead>
        <tbody className="tight">
          {PILOTS.map((p) => (
            <tr key={p.screwMm} className="border-t border-line">
              <td>
                {say(`${p.screwMm} mm`)}, no. {p.gauge}
              </td>
              <td className="text-right">{say(`${p.softMm} mm`)}</td>
              <td className="text-right">{say(`${p.hardMm} mm`)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-[13px] text-mute">
        Brass and old slotted heads: cut the thread with a steel screw first. Source: trade practice; a test hole in
        scrap wins.
      </p>
    </Fold>
  );
}
