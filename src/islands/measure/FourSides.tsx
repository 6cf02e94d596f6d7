import { SIDES } from "../../core/geometry/quad.ts";
import { playOf } from "../../core/size/play.ts";
import { nm } from "../../core/units/length.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";

/** Play and cover on each side, as it is set and at its worst: it floats across, and stands on its packers below. */
export function FourSides() {
  const { reckoning: r } = usePane();
  return r.cut.ok && r.opening.copied === null ? (
    <Fold as="small" title="Play on four sides">
      <Sides />
    </Fold>
  ) : null;
}

function Sides() {
  const { reckoning: r, prefs, say } = usePane();
  if (!r.cut.ok) return null;
  const { governs, glass } = r.cut.value;
  const foot = nm(r.packers?.stack?.sum ?? r.cut.value.edgeGap.height);
  const play = playOf({
    tight: { width: governs.width.length, height: governs.height.length },
    glass,
    foot,
    depths: r.odds.depths,
  });
  const length = (v: number | null) =>
    v === null ? "–" : <Length nm={nm(v)} unit={prefs.unit} places={1} ticks={32} />;
  return (
    <>
      <table className="w-full border-collapse text-[13px]">
        <thead className="text-left text-mute">
          <tr>
            <th className="font-normal">side</th>
            <th className="text-right font-normal">gap, set</th>
            <th className="text-right font-normal">cover</th>
            <th className="text-right font-normal">cover, slid away</th>
          </tr>
        </thead>
        <tbody className="tight">
          {SIDES.map((s) => (
            <tr key={s} className="border-t border-line">
              <td>{s === "bottom" ? say("bottom, on its {packers}") : s}</td>
              <td className="text-right">{length(play[s].gap)}</td>
              <td className="text-right">{length(play[s].cover)}</td>
              <td
                className={`text-right ${play[s].worst !== null && play[s].worst < r.odds.leastCover ? "trouble" : ""}`}
              >
                {length(play[s].worst)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-[12px] text-mute">
        {say(
          "By the smallest width and height. Across it floats until something holds it; its foot is fixed, so all play upright is at the head.",
        )}
      </p>
    </>
  );
}
