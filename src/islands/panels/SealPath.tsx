import { type Bed, seals, sticks, tapes } from "../../core/bed/compound.ts";
import { settingOf, USUAL_LEG_MM } from "../../core/pane/setting.ts";
import { readyFacts } from "../../core/pane/step-facts.ts";
import { tapeThick } from "../../core/pane/tape-thick.ts";
import { sealPath, tapePath } from "../../core/set/seal-path.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { tapeThickText } from "../../core/words/tape-thick.ts";
import { SEAL_BOX, sealDrawing } from "../../drawing/seal-path.ts";
import { Length, LengthInSvg } from "../ui/Length.tsx";
import { usePane } from "./pane-context.ts";

/** Whether what it is set in runs round it in a line that must not show. */
export const runsInLine = (bed: Bed): boolean => sticks(bed);

/** Where sealant or tape runs so that nothing of it shows, on the face and in section. */
export function SealPath() {
  const { book, reckoning: r, firm, say } = usePane();
  const setting = settingOf(book, r);
  const { bed } = readyFacts(book, r);
  if (!setting || !runsInLine(bed)) return null;
  const read = r.readings["rebate-depth"];
  const legMm = read === undefined ? USUAL_LEG_MM : toMm(read);
  const { bedMm } = firm.house;
  const more = read === undefined ? say(`leg not measured: ${USUAL_LEG_MM} mm taken`) : "by the leg as measured";
  return (
    <div className="space-y-2">
      <p className="text-[13px] text-mute">
        {tapes(bed) ? (seals(bed) ? "The line of tape and of sealant" : "The line of tape") : "The line of sealant"}:{" "}
        {more}
      </p>
      {tapes(bed) && <TapeLine legMm={legMm} bedMm={bedMm} />}
      {seals(bed) && <BeadLine legMm={legMm} bedMm={bedMm} beadMm={setting.beadMm} />}
    </div>
  );
}

function BeadLine(props: { readonly legMm: number; readonly bedMm: number; readonly beadMm: number }) {
  const { say } = usePane();
  const path = sealPath(props);
  return (
    <>
      <Drawn
        {...props}
        {...path}
        says={say(
          `The bead runs all round, ${path.fromSightMm.toFixed(1)} mm in from the sight line, fuller in the corners`,
        )}
      />
      <p className={path.hidden ? "note-glass" : "note-wax"} role="status">
        {path.hidden ? (
          <>
            A bead of <Mm of={props.beadMm} />, its middle <Mm of={path.fromSightMm} /> in from the sight line: pressed
            home it is <Mm of={path.spreadMm} /> broad, <Mm of={path.spareMm} /> of leg stays dry on each side.
          </>
        ) : (
          <>
            A bead of <Mm of={props.beadMm} /> is pressed out to <Mm of={path.spreadMm} /> and would show. At most{" "}
            <Mm of={Math.floor(path.beadAtMostMm * 2) / 2} /> on this leg.
          </>
        )}{" "}
        Dashed as it is run, dark as it is pressed. One line without a stop, fuller in the corners: leaks start there.
        Further in, the edge of the glass stays dry.
      </p>
    </>
  );
}

function TapeLine(props: { readonly legMm: number; readonly bedMm: number }) {
  const { book, reckoning: r, prefs, say } = usePane();
  const path = tapePath(props.legMm);
  if (!path)
    return (
      <p className="note-wax">
        No tape is narrow enough for a leg of <Mm of={props.legMm} />: measure it again, or bed it in sealant.
      </p>
    );
  return (
    <>
      <Drawn
        {...props}
        beadMm={0}
        spreadMm={path.wideMm}
        fromSightMm={path.fromSightMm}
        says={say(`Tape of ${path.wideMm} mm all round, its edge just below the sight line, corners butted`)}
      />
      <p className="note-glass" role="status">
        Tape of <Mm of={path.wideMm} />, {say(tapeThickText(tapeThick(book, r), prefs.unit))}. Its edge{" "}
        <Mm of={path.fromSightMm - path.wideMm / 2} /> below the sight line: seen from the room there is none. Corners
        butted square, not lapped and not mitred; pressed hard, the liner on.
      </p>
    </>
  );
}

function Mm({ of }: { readonly of: number }) {
  const { prefs } = usePane();
  return <Length nm={mm(Math.round(of * 10) / 10)} unit={prefs.unit} withUnit />;
}

type DrawnProps = {
  readonly legMm: number;
  readonly bedMm: number;
  readonly beadMm: number;
  readonly spreadMm: number;
  readonly fromSightMm: number;
  readonly says: string;
};

function Drawn({ says, ...of }: DrawnProps) {
  const { reckoning: r, prefs } = usePane();
  if (!r.cut.ok) return null;
  const { glass } = r.cut.value;
  const d = sealDrawing({ ...of, widthMm: toMm(glass.width), heightMm: toMm(glass.height) });
  return (
    <svg
      viewBox={`0 0 ${SEAL_BOX.width} ${SEAL_BOX.height}`}
      className="mx-auto w-full max-w-[400px] desk:max-w-[600px] bg-sheet"
      role="img"
      aria-label={says}
    >
      <path d={d.pane} className="d-pane" />
      <path d={d.line} fill="none" className="d-asked" />
      {of.beadMm > 0 &&
        d.corners.map((c) => <circle key={`${c.x} ${c.y}`} cx={c.x} cy={c.y} r={4.5} className="d-ease" />)}
      <path d={d.leg} className="d-frame" />
      <path d={d.glass} className="d-pane" />
      <path d={d.pressed} className="d-packer" />
      {of.beadMm > 0 && (
        <circle cx={d.run.x} cy={d.run.y} r={d.run.r} fill="none" className="d-asked" strokeDasharray="4 3" />
      )}
      <path d={d.sight} className="d-sight" />
      <path d={d.from.d} className="d-line" />
      <text x={d.from.x} y={d.from.y} className="d-text">
        <LengthInSvg nm={mm(Math.round(of.fromSightMm * 10) / 10)} unit={prefs.unit} />
      </text>
    </svg>
  );
}
