import { barPlaces, USUAL_BAR_MM } from "../../core/measure/bar-places.ts";
import { toMm } from "../../core/units/length.ts";
import { linesAcross, patternLines } from "../../drawing/elevation.ts";
import { polygon, type Xy } from "../../drawing/path.ts";
import { usePane } from "../parts/pane-context.ts";

type Corners = readonly [Xy, Xy, Xy, Xy];

/** What is seen in the pane: tint, which way its pattern runs, worked edges, bars where they stand, and its mark. */
export function PaneLooks({ corners }: { readonly corners: Corners }) {
  const { book, reckoning: r } = usePane();
  const { looks, bars } = book;
  const glass = r.cut.ok ? r.cut.value.glass : null;
  const [w, h] = glass ? [toMm(glass.width), toMm(glass.height)] : [1, 1];
  const placed = bars && glass ? barPlaces(bars, { widthMm: w, heightMm: h }) : null;
  const across = Math.hypot(corners[1].x - corners[0].x, corners[1].y - corners[0].y);
  const barWide = ((placed?.ok ? placed.value.widthMm : USUAL_BAR_MM) / w) * across;
  return (
    <g>
      {looks?.tint && <path d={polygon(corners)} className="d-tint" />}
      {looks && patternLines(corners, looks.runs).map((d) => <path key={d} d={d} className="d-pattern" />)}
      {r.glass.edges === "polished" && <path d={polygon(corners)} className="d-polished" />}
      {placed?.ok &&
        linesAcross(
          corners,
          placed.value.uprights.map((x) => x / w),
          placed.value.crosses.map((y) => y / h),
        ).map((d) => <path key={d} d={d} className="d-bar" strokeWidth={Math.max(1.5, barWide)} />)}
      {looks?.mark && <Mark corners={corners} at={looks.markAt} />}
    </g>
  );
}

const INSET = 12;

function Mark({ corners, at }: { readonly corners: Corners; readonly at: string }) {
  const [bl, br, tr, tl] = corners;
  const { x, y } = { "bottom-left": bl, "bottom-right": br, "top-right": tr, "top-left": tl }[at] ?? bl;
  const [dx, dy] = [at.endsWith("left") ? INSET : -INSET, at.startsWith("top") ? INSET : -INSET];
  return <circle cx={x + dx} cy={y + dy} r={4} className="d-line" fill="none" />;
}
