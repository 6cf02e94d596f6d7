import type { ReactNode } from "react";
import type { Readings } from "../../core/measure/reckoned.ts";
import type { Template } from "../../core/text/template.ts";
import { type Nm, nm } from "../../core/units/length.ts";
import { massText } from "../../core/words/mass.ts";
import { usePane } from "../panels/pane-context.ts";
import { Said } from "../panels/Said.tsx";
import { Length } from "../ui/Length.tsx";

/** The figures that follow from the readings, under the section. */
export function Figures() {
  const { reckoning: r, prefs, say, firm } = usePane();
  if (!r.cut.ok) return null;
  const cut = r.cut.value;
  const seen = coverBySight(r.opening.guessed ? r.readings : {}, cut.glass);
  const lying = cut.opening.ok ? cut.opening.value : null;
  return (
    <dl className="rows text-[14px]">
      <Row name="Edge gap, each side">
        <Length nm={cut.edgeGap.width} unit={prefs.unit} /> wide, <Length nm={cut.edgeGap.height} unit={prefs.unit} />{" "}
        high
      </Row>
      <Row name="Least cover" bad={lying?.leastCover ? !lying.leastCover.enough : false}>
        {lying?.leastCover ? (
          <>
            <Length nm={nm(Math.round(lying.leastCover.length * 1e6))} unit={prefs.unit} />, {lying.leastCover.side}
          </>
        ) : seen !== null ? (
          <>
            <Length nm={seen} unit={prefs.unit} />, by the sight size, laid evenly
          </>
        ) : (
          say("{rebate} depth not read")
        )}
      </Row>
      <Row name="Mass">{r.massKg === null ? "" : massText(r.massKg, prefs.unit)}</Row>
      {r.putty?.ok && (
        <Row name="{Putty}, bed and face">
          <span className="tight">{say(`${r.putty.value.buyKg.toFixed(2)} kg`)}</span>
        </Row>
      )}
      {r.sprigs && (
        <Row name="{Sprigs}">
          <span className="tight">{r.sprigs.count}</span>,{" "}
          <Length nm={nm(Math.round(firm.house.sprigPitchMm * 1e6))} unit={prefs.unit} /> apart at most
        </Row>
      )}
    </dl>
  );
}

/**
 * How far a pane laid evenly goes behind the frame on its worst pair of sides, by the sight size: whatever the rebate's depth
 * is. Null without the sight size.
 * @example seen 462 × 688, glass 473 × 699 // 5.5 mm
 */
function coverBySight(r: Readings, glass: { readonly width: Nm; readonly height: Nm }): Nm | null {
  const [width, height] = [r["sight-width"], r["sight-height"]];
  if (width === undefined || height === undefined) return null;
  return nm(Math.min(glass.width - width, glass.height - height) / 2);
}

type RowProps = { readonly name: Template; readonly bad?: boolean; readonly children: ReactNode };

const Row = ({ name, bad = false, children }: RowProps) => (
  <div className={`flex items-baseline justify-between gap-3 py-1.5 ${bad ? "trouble" : ""}`}>
    <dt>
      <Said>{name}</Said>
    </dt>
    <dd className="text-right font-medium">{children}</dd>
  </div>
);
