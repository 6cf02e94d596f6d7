import { settingOf } from "../../core/pane/setting.ts";
import { readyFacts } from "../../core/pane/step-facts.ts";
import { beadOn, sealPath } from "../../core/set/seal-path.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { SEAL_BOX, sealDrawing } from "../../drawing/seal-path.ts";
import { Length, LengthInSvg } from "../parts/Length.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";

/** A leg nobody measured is taken for so deep, mm. Source: usual plastic and wood sashes. */
const USUAL_LEG_MM = 15;

/** Where the wet line runs so that it does not squeeze into view, on the face and in section. */
export function SealPath() {
  const { book, reckoning: r, firm, prefs } = usePane();
  const setting = settingOf(book, r);
  if (!r.cut.ok || !setting || readyFacts(book, r).bed !== "silicone") return null;
  const read = r.readings["rebate-depth"];
  const legMm = read === undefined ? USUAL_LEG_MM : toMm(read);
  const beadMm = read === undefined ? beadOn(USUAL_LEG_MM, firm.house.bedMm) : setting.beadMm;
  const of = { legMm, bedMm: firm.house.bedMm, beadMm };
  const path = sealPath(of);
  const { glass } = r.cut.value;
  const d = sealDrawing({ ...of, ...path, widthMm: toMm(glass.width), heightMm: toMm(glass.height) });
  const length = (v: number) => <Length nm={mm(Math.round(v * 10) / 10)} unit={prefs.unit} withUnit />;
  return (
    <Part
      title="The line of sealant"
      more={read === undefined ? "leg not measured: 15 mm taken" : "by the leg as measured"}
    >
      <svg
        viewBox={`0 0 ${SEAL_BOX.width} ${SEAL_BOX.height}`}
        className="mx-auto w-full max-w-[400px] bg-sheet"
        role="img"
        aria-label={`The bead runs all round, ${path.fromSightMm.toFixed(1)} mm in from the sight line, fuller in the corners`}
      >
        <path d={d.pane} className="d-pane" />
        <path d={d.line} fill="none" className="d-asked" />
        {d.corners.map((c) => (
          <circle key={`${c.x} ${c.y}`} cx={c.x} cy={c.y} r={4.5} className="d-ease" />
        ))}
        <path d={d.leg} className="d-frame" />
        <path d={d.glass} className="d-pane" />
        <path d={d.pressed} className="d-packer" />
        <circle cx={d.run.x} cy={d.run.y} r={d.run.r} fill="none" className="d-asked" strokeDasharray="4 3" />
        <path d={d.sight} className="d-sight" />
        <path d={d.from.d} className="d-line" />
        <text x={d.from.x} y={d.from.y} className="d-text">
          <LengthInSvg nm={mm(Math.round(path.fromSightMm * 10) / 10)} unit={prefs.unit} />
        </text>
      </svg>
      <p className={path.hidden ? "note-glass" : "note-wax"} role="status">
        {path.hidden ? (
          <>
            A bead of {length(beadMm)}, its middle {length(path.fromSightMm)} in from the sight line: pressed home it is{" "}
            {length(path.spreadMm)} broad, {length(path.spareMm)} of leg stays dry on each side.
          </>
        ) : (
          <>
            A bead of {length(beadMm)} is pressed out to {length(path.spreadMm)} and would show. At most{" "}
            {length(Math.floor(path.beadAtMostMm * 2) / 2)} on this leg.
          </>
        )}{" "}
        Dashed as it is run, dark as it is pressed. One line without a stop, fuller in the corners: leaks start there.
        Further in, the edge of the glass stays dry.
      </p>
    </Part>
  );
}
