import { useId } from "react";
import { barPlaces, USUAL_BAR_MM } from "../../core/measure/bar-places.ts";
import { toMm } from "../../core/units/length.ts";
import { metalClass, tintClass } from "../../drawing/colours.ts";
import { linesAcross, patternLines } from "../../drawing/elevation.ts";
import { polygon, type Xy } from "../../drawing/path.ts";
import { usePane } from "../panels/pane-context.ts";

type Corners = readonly [Xy, Xy, Xy, Xy];

/** What is seen in the pane: tint, which way its pattern runs, worked edges, bars where they stand, and its mark. */
export function PaneLooks({ corners, outline }: { readonly corners: Corners; readonly outline: string }) {
  const clip = useId();
  const { book, reckoning: r } = usePane();
  const { looks, bars } = book;
  const glass = r.cut.ok ? r.cut.value.glass : null;
  const [w, h] = glass ? [toMm(glass.width), toMm(glass.height)] : [1, 1];
  const placed = bars && glass ? barPlaces(bars, { widthMm: w, heightMm: h }) : null;
  const across = Math.hypot(corners[1].x - corners[0].x, corners[1].y - corners[0].y);
  const barWide = ((placed?.ok ? placed.value.widthMm : USUAL_BAR_MM) / w) * across;
  return (
    <g>
      {/* Under an arch or a rake nothing of it stands outside the pane. */}
      <clipPath id={clip}>
        <path d={outline} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {looks?.tint && <path d={polygon(corners)} className={`d-tint ${tintClass(looks.tint)}`} />}
        {book.makeup && (
          <path d={polygon(shrunk(corners, SPACER_IN))} className={`d-spacer-line ${metalClass(book.makeup.spacer)}`} />
        )}
        {looks && patternLines(corners, looks.runs).map((d) => <path key={d} d={d} className="d-pattern" />)}
        {placed?.ok &&
          linesAcross(
            corners,
            placed.value.uprights.map((x) => x / w),
            placed.value.crosses.map((y) => y / h),
          ).map((d) => (
            <path
              key={d}
              d={d}
              className={`d-bar ${metalClass(bars?.colour ?? "")}`}
              strokeWidth={Math.max(1.5, barWide)}
            />
          ))}
      </g>
      {r.glass.edges === "polished" && <path d={outline} className="d-polished" />}
      {looks?.mark && <Mark corners={corners} at={looks.markAt} />}
    </g>
  );
}

/** How far in the spacer's line is seen, as a share of the way to the middle. */
const SPACER_IN = 0.05;

const shrunk = (corners: Corners, by: number): readonly Xy[] => {
  const middle = { x: (corners[0].x + corners[2].x) / 2, y: (corners[0].y + corners[2].y) / 2 };
  const short = Math.min(Math.abs(corners[1].x - corners[0].x), Math.abs(corners[3].y - corners[0].y)) * by;
  return corners.map((c) => ({
    x: c.x + Math.sign(middle.x - c.x) * short,
    y: c.y + Math.sign(middle.y - c.y) * short,
  }));
};

const INSET = 12;

function Mark({ corners, at }: { readonly corners: Corners; readonly at: string }) {
  const [bl, br, tr, tl] = corners;
  const { x, y } = { "bottom-left": bl, "bottom-right": br, "top-right": tr, "top-left": tl }[at] ?? bl;
  const [dx, dy] = [at.endsWith("left") ? INSET : -INSET, at.startsWith("top") ? INSET : -INSET];
  return <circle cx={x + dx} cy={y + dy} r={4} className="d-line" fill="none" />;
}
