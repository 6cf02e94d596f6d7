import type { UnitPart } from "../../core/steps/step.ts";
import type { Template } from "../../core/text/template.ts";
import { EDGE_BOX, unitEdge } from "../../drawing/unit-edge.ts";
import { usePane } from "../panels/pane-context.ts";

/** The edge of the opened unit, with the part that the step is about drawn in red. */
export function UnitEdge({ part }: { readonly part: UnitPart }) {
  const { say } = usePane();
  const d = unitEdge();
  const now = (unitPart: UnitPart, otherwise: string): string => `${otherwise} ${part === unitPart ? "d-due" : ""}`;
  const name = (unitPart: UnitPart): string =>
    `${part === unitPart ? "d-wax-text font-semibold" : "d-mute"} max-sm:!text-[27px]`;
  return (
    <svg
      viewBox={`0 0 ${EDGE_BOX.width} ${EDGE_BOX.height}`}
      className="max-h-[60vh] w-full max-sm:max-h-44"
      role="img"
      aria-label={say(`The lower edge of the {unit} in section: ${PART_NAMES[part]}`)}
    >
      {d.panes.map((p) => (
        <path key={p} d={p} className={now("panes", "d-pane")} />
      ))}
      <path d={d.seal} className={now("seal", "d-bed")} />
      <path d={d.spacer} className={now("spacer", "d-spacer")} />
      <path d={d.bore} className="d-hole" />
      {d.beads.map((b) => (
        <circle key={`${b.x} ${b.y}`} cx={b.x} cy={b.y} r={4.5} className={part === "beads" ? "d-due" : "d-packer"} />
      ))}
      {part === "cuts" && <path d={d.cuts} className="d-asked" fill="none" />}
      {part === "inside" && <path d={d.inside} className="d-asked" fill="none" />}
      {part === "gap" && <path d={d.depth} className="d-asked" fill="none" />}
      {part === "edge" && <path d={d.tape} className="d-asked" fill="none" />}
      <text {...d.at.a} textAnchor="middle" className={name("panes")}>
        A
      </text>
      <text {...d.at.b} textAnchor="middle" className={name("panes")}>
        B
      </text>
      <text {...d.at.spacer} className={name("spacer")}>
        spacer
      </text>
      <text {...d.at.beads} className={name("beads")}>
        drying beads
      </text>
      <text {...d.at.seal} className={name("seal")}>
        sealant
      </text>
    </svg>
  );
}

const PART_NAMES: Readonly<Record<UnitPart, Template>> = {
  panes: "its two {panes}",
  cuts: "where the blade runs, along both {panes}",
  spacer: "its spacer",
  beads: "the drying beads in the spacer's bore",
  inside: "the faces inside",
  gap: "how far the spacer stands in from the edge",
  seal: "the sealant",
  edge: "the tape round its edge",
};
