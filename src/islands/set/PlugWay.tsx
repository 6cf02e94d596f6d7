import { PLUG_BOX, plugDrawing } from "../../drawing/plug.ts";

/** Which way round a screw plug goes: a picture of each. */
export function PlugWay() {
  const d = plugDrawing();
  return (
    <figure className="max-w-[260px]">
      <svg
        viewBox={`0 0 ${PLUG_BOX.width} ${PLUG_BOX.height}`}
        className="w-full bg-sheet"
        role="img"
        aria-label="Left: the short edge went in first and the plug lies flush. Right: the other way about, its high edge stands proud."
      >
        <path d={d.frame} className="d-frame" />
        <path d={d.right} className="d-pane" />
        <path d={d.wrong} className="d-ease" />
        <text x={62} y={16} textAnchor="middle" className="d-text !text-[12px]">
          flush
        </text>
        <text x={158} y={16} textAnchor="middle" className="d-wax-text !text-[12px]">
          proud
        </text>
      </svg>
      <figcaption className="text-[12px] text-mute">Short edge first, both prongs into the hole.</figcaption>
    </figure>
  );
}
