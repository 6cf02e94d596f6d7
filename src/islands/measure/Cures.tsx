import { cureName, needsCure } from "../../core/pane/needs-cure.ts";
import { shapeFor } from "../../core/pane/shaped.ts";
import { templateDxf, templateSvg } from "../../core/size/shaped.ts";
import { writeNumber } from "../../core/tape/write.ts";
import { gridUnit, mm, type Nm, nm, toMm } from "../../core/units/length.ts";
import { outlineText } from "../../core/words/arch.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";
import { Size } from "../ui/Size.tsx";

/** What can be done where the pane of this size does not go in, or no true rectangle is likely to do. */
export function Cures() {
  const { book, reckoning: r, prefs, firm, say, write } = usePane();
  const lying = r.cut.ok && r.cut.value.opening.ok ? r.cut.value.opening.value : null;
  const short = lying?.leastCover && !lying.leastCover.enough ? r.odds.leastCover / 1e6 - lying.leastCover.length : 0;
  if (!lying || !needsCure(r)) return null;
  const eased = r.eased?.easings ?? [];
  const isMadeSo = r.shaped !== null && r.shaped.as !== "own";
  const corners = r.shaped?.as === "arched" ? r.shaped.corners : shapeFor(lying.figure, firm.house.leastGapMm);
  const points = corners?.map((c) => ({ x: toMm(nm(c.x)), y: toMm(nm(c.y)) }));
  const name = [book.added.address, book.added.opening, book.added.light].filter(Boolean).join(", ");
  const file = (text: string, type: string): string => `data:${type};charset=utf-8,${encodeURIComponent(text)}`;
  const length = (v: number) => <Length nm={mm(v)} unit={prefs.unit} withUnit />;
  return (
    <Part title={cureName(r)}>
      <ul className="rows">
        {r.canEase && !isMadeSo && (
          <li className="py-2">
            <p className="font-medium">
              {say("Ease the {rebate}")}
              {r.eased && eased.length > 0 && (
                <>
                  {" "}
                  for <Size {...r.eased.glass} unit={prefs.unit} />, and order that
                </>
              )}
            </p>
            {!r.eased ? (
              <p>{say("Even a {pane} as large as it can be is covered too little: easing will not do.")}</p>
            ) : eased.length === 0 ? (
              <p>Nothing to ease: it goes in, and only cover is short.</p>
            ) : (
              <ul>
                {eased.map((e) => (
                  <li key={e.side} className="first-letter:uppercase">
                    {e.side}: {length(e.from)} at the {END[e.side][0]}, {length(e.to)} at the {END[e.side][1]}
                  </li>
                ))}
              </ul>
            )}
            {r.eased && eased.length > 0 && (
              <button
                type="button"
                className="btn btn-small mt-1"
                onClick={() => {
                  const written = (length: Nm) => ({ text: writeNumber(length, unit, { places: 1, ticks: 32 }), unit });
                  const unit = gridUnit(r.rule.grid);
                  if (r.eased)
                    write("size.overruled", {
                      width: written(r.eased.glass.width),
                      height: written(r.eased.glass.height),
                      reason: `rebate eased: ${eased.map((e) => `${e.side} up to ${Math.max(e.from, e.to).toFixed(1)} mm`).join(", ")}`,
                    });
                }}
              >
                Use this size, and ease
              </button>
            )}
            {eased.length > 0 && (
              <p className="text-[13px] text-mute">
                Before any primer or paint. Old paint may hold lead: wet, by hand, no dry sanding.
              </p>
            )}
          </li>
        )}
        {points && (
          <li className="py-2">
            <p className="font-medium">{say("A shaped {pane} from a template, full size")}</p>
            <p className="tight text-[13px]">{corners && outlineText(corners, prefs.unit)}</p>
            <p className="text-[13px] text-mute">{say("Not for {toughened} glass once made.")}</p>
            <p className="flex flex-wrap gap-3 pt-1">
              {corners && (!r.shaped || r.shaped.stale) && (
                <button
                  type="button"
                  className="btn btn-small"
                  onClick={() => write("size.shaped", { corners, reason: "no true rectangle does here" })}
                >
                  {r.shaped ? "Take this shape now" : "Order this shape"}
                </button>
              )}
              {book.shaped && (
                <button type="button" className="btn btn-small" onClick={() => write("size.shaped-dropped", {})}>
                  Back to a true rectangle
                </button>
              )}
              <a
                className="btn btn-small"
                download={`${name}.svg`}
                href={file(templateSvg(points, name), "image/svg+xml")}
              >
                SVG
              </a>
              <a className="btn btn-small" download={`${name}.dxf`} href={file(templateDxf(points), "image/vnd.dxf")}>
                DXF
              </a>
            </p>
          </li>
        )}
        {short > 0 && lying.leastCover && (
          <li className="py-2">
            <p className="font-medium">{say("A wider {bead}")}</p>
            <p>
              {say(`{bead}`).replace(/^./, (c) => c.toUpperCase())} or {say("{putty}")} {length(short)} wider at the{" "}
              {lying.leastCover.side} covers what the {say("{rebate}")} does not.
            </p>
          </li>
        )}
      </ul>
    </Part>
  );
}

const END = {
  left: ["bottom", "top"],
  right: ["bottom", "top"],
  bottom: ["left", "right"],
  top: ["left", "right"],
} as const;
