import { facePutty } from "../../core/frame/held.ts";
import { beadAcross } from "../../core/measure/bead.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import { thickGoesIn } from "../../core/pane/thick-goes-in.ts";
import { isUnit } from "../../core/pane/unit.ts";
import { throughThickness } from "../../core/size/through.ts";
import { mm, nm } from "../../core/units/length.ts";
import { throughWords } from "../../core/words/through.ts";
import { Length } from "../ui/Length.tsx";
import { usePane } from "./pane-context.ts";

/** Bed, glass and bead against the rebate's width, and what would cure it. */
export function ThroughSum() {
  const { book, reckoning: r, firm, prefs, say } = usePane();
  const width = r.readings["rebate-width"];
  if (width === undefined) return null;
  const putty = facePutty(likeOf(book));
  const bead = beadAcross(r.readings);
  const bed = r.readings["bed-under"] ?? mm(firm.house.bedMm);
  const glass = thickGoesIn(book, r);
  if (glass === null)
    return (
      <p className="note-glass">
        <Length nm={nm(width - bed)} unit={prefs.unit} withUnit /> of <Length nm={width} unit={prefs.unit} withUnit />{" "}
        {say(`stay for the {unit} and its ${putty ? "{putty}" : "{bead}"}: read how thick it is.`)}
      </p>
    );
  const through = throughThickness({
    rebateWidth: width,
    bed,
    glass,
    faceClearance: nm(0),
    bead: bead ?? nm(0),
  });
  return (
    <div className={through.cures ? "note-wax" : "note-glass"}>
      <p className="tight text-[13px]">
        <Length nm={bed} unit={prefs.unit} /> bed + <Length nm={glass} unit={prefs.unit} />{" "}
        {isUnit(book) ? say("{unit}") : "glass"}
        {bead !== undefined && (
          <>
            {" "}
            + <Length nm={bead} unit={prefs.unit} /> {say("{bead}")}
          </>
        )}{" "}
        = <Length nm={through.needed} unit={prefs.unit} /> in <Length nm={width} unit={prefs.unit} withUnit />
      </p>
      <p>
        {bead === undefined && through.spare >= 0 ? (
          <>
            {say(putty ? "Face {putty}" : "A {bead}")} has{" "}
            <Length nm={through.front} unit={prefs.unit} places={1} ticks={32} withUnit /> of room.
          </>
        ) : (
          say(throughWords(through, prefs.unit, putty && bead === undefined ? "putty" : "bead"))
        )}
      </p>
    </div>
  );
}
