import { BED, CALIPER, type Place, SLIP } from "../../core/measure/places.ts";
import { THICKNESS_BY, thicknessFrom } from "../../core/measure/thickness.ts";
import { stacksOf } from "../../core/pane/candidates.ts";
import { toMm } from "../../core/units/length.ts";
import { conflictWords, stackText } from "../../core/words/opening.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { slipOfWood } from "../../drawing/slip-of-wood.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { Length } from "../ui/Length.tsx";

const BOX = { width: 440, height: 130 };
const PLACES: readonly Place[] = [...CALIPER, ...SLIP, ...BED];

/** How thick it is: by caliper, or by a slip of wood; and what unit that can be. */
export function ThicknessPart({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, reckoning: r, prefs, say } = usePane();
  const t = thicknessFrom(r.readings);
  const field = (p: Place) => <ReadingField key={p} place={p} label={say(PLACE_NAMES[p])} onFocus={ask} />;
  const stacks = stacksOf(book, r);
  return (
    <Fold
      title="Thickness"
      more={
        t.overall === null ? (
          "caliper, or a slip of wood"
        ) : (
          <>
            <Length nm={t.overall} unit={prefs.unit} withUnit /> by {say(THICKNESS_BY[t.by ?? "caliper"])}
          </>
        )
      }
    >
      <div className="grid grid-cols-3 gap-2">{CALIPER.map(field)}</div>
      <p className="text-[13px]">
        {say(
          "No caliper: stand a straight slip of wood on the upstand beside the edge. Mark it at the stop's face and at both faces of the nearer {pane}. Draw it out and measure the marks from that end.",
        )}
      </p>
      <SlipDrawing />
      <div className="grid grid-cols-2 gap-2">{[...SLIP, ...BED].map(field)}</div>
      <ReadingTrouble places={PLACES} />
      {t.bySlip !== null && r.readings["slip-far"] !== undefined && (
        <p className="text-[13px]">
          <Length nm={r.readings["slip-far"]} unit={prefs.unit} /> −{" "}
          <Length nm={t.bed.length} unit={prefs.unit} withUnit /> bed{t.bed.read ? "" : " (the usual)"} ={" "}
          <Length nm={t.bySlip} unit={prefs.unit} withUnit /> overall, a pencil line either way.
          {r.readings["slip-near"] !== undefined && t.panes[0] !== undefined && (
            <>
              {" "}
              {say("{Pane}")}: <Length nm={t.panes[0]} unit={prefs.unit} withUnit />; there the bed cancels.
            </>
          )}
        </p>
      )}
      {t.conflicts.map((c) => (
        <p key={c.kind} className="note-wax" role="alert">
          {say(conflictWords(c, prefs.unit))}
        </p>
      ))}
      {t.overall !== null && t.conflicts.length === 0 && (
        <p className="note-glass">
          {stacks.length > 0
            ? say(
                `Can be ${stacks
                  .slice(0, 3)
                  .map((s) => stackText(s))
                  .join(", ")}${stacks.length > 3 ? ` or ${stacks.length - 3} more` : ""}.`,
              )
            : toMm(t.overall) < 7
              ? say("One {pane}: no {unit} is so thin.")
              : say("No {unit} that is made has this thickness. Feel it a second time.")}
        </p>
      )}
    </Fold>
  );
}

/** The slip beside the unit, to scale, with the marks that are known in ink. */
function SlipDrawing() {
  const { reckoning: r } = usePane();
  const at = (p: Place): number | null => {
    const v = r.readings[p];
    return v === undefined ? null : toMm(v);
  };
  const d = slipOfWood({
    bed: at("bed-under") ?? 1.5,
    far: at("slip-far"),
    near: at("slip-near"),
    stop: at("slip-stop"),
    box: BOX,
  });
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      className="w-full bg-sheet"
      role="img"
      aria-label="Slip of wood beside the unit, to scale"
    >
      <path d={d.upstand} className="d-frame" />
      <path d={d.bed} className="d-face" />
      <path d={d.stop} className="d-frame" opacity={0.6} />
      {d.panes.map((p) => (
        <path key={p} d={p} className="d-pane" />
      ))}
      <path d={d.spacer} className="d-packer" />
      <path d={d.slip} className="d-frame" />
      {d.marks.map((m) => (
        <g key={m.name} opacity={m.known ? 1 : 0.45}>
          <path d={`M${m.x} 74V94`} className="d-asked" />
          <text x={m.label} y={110} textAnchor="middle" className="d-text !text-[12px]">
            {m.name === "near" ? "inner face" : m.name === "far" ? "outer face" : "stop"}
          </text>
        </g>
      ))}
      <path d={`M${d.scaleBar.from.x} ${d.scaleBar.from.y}H${d.scaleBar.to.x}`} className="d-line" />
      <text x={d.scaleBar.to.x + 5} y={d.scaleBar.to.y + 4} className="d-mute !text-[11px]">
        10 mm
      </text>
    </svg>
  );
}
