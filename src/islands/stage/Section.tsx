import { facePutty, isBeaded, sprung } from "../../core/frame/held.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import { thickGoesIn } from "../../core/pane/thick-goes-in.ts";
import { isUnit, layersOf } from "../../core/pane/unit.ts";
import { mm, nm, toMm } from "../../core/units/length.ts";
import { metalClass } from "../../drawing/colours.ts";
import { type PartName, sectionOf } from "../../drawing/section.ts";
import { usePane } from "../panels/pane-context.ts";
import { LengthInSvg } from "../ui/Length.tsx";

const BOX = { width: 380, height: 300 };

/** Through the bottom rail: what holds the pane, what covers it, what it stands on. */
export function Section() {
  const { book, reckoning: r, firm, prefs, say } = usePane();
  const depth = r.readings["rebate-depth" as keyof typeof r.readings] ?? null;
  const width = r.readings["rebate-width" as keyof typeof r.readings] ?? null;
  const gap = r.cut.ok ? toMm(r.cut.value.edgeGap.height) : 1.5;
  const packed = r.packers?.stack ? toMm(r.packers.stack.sum) : 0;
  const cover = r.cut.ok && r.cut.value.opening.ok ? (r.cut.value.opening.value.cover?.bottom ?? null) : null;
  const like = likeOf(book);
  const layers = layersOf(book, thickGoesIn(book, r));
  // A unit that nobody has chosen yet is drawn as the usual one, and labelled so.
  const thickness =
    layers && !book.makeup
      ? mm([...layers.panesMm, ...layers.cavitiesMm].reduce((sum, v) => sum + v, 0))
      : r.glass.thickness;
  const drawn = sectionOf({
    rebateDepth: depth === null ? null : toMm(depth),
    rebateWidth: width === null ? null : toMm(width),
    glass: toMm(thickness),
    bed: firm.house.bedMm,
    nose: firm.house.noseMm,
    gap,
    packed,
    holds: facePutty(like) ? "putty" : isBeaded(like) || sprung(like) ? "bead" : "none",
    opens: book.added.side,
    layers,
    box: BOX,
  });
  // Ten millimetres long as it is drawn: half an inch for who reads so.
  const { from, to } = drawn.scaleBar;
  const bar = { from, to: { ...to, x: from.x + (to.x - from.x) * (prefs.unit === "mm" ? 1 : 12.7 / 10) } };
  const unread = [depth === null ? "depth" : "", width === null ? "width" : ""].filter(Boolean);
  const values: Readonly<Record<PartName, { readonly name: string; readonly nm: number | null }>> = {
    glass: { name: isUnit(book) ? say("{unit}") : "glass", nm: thickness },
    sight: { name: "sight line", nm: null },
    bed: { name: "bed", nm: mm(firm.house.bedMm) },
    packer: { name: say("{packer}"), nm: r.packers?.stack?.sum ?? null },
    face: { name: say("face {putty}"), nm: null },
    bead: { name: say("{bead}"), nm: null },
    cover: { name: "cover", nm: cover === null ? null : nm(Math.round(cover * 1e6)) },
    gap: { name: "edge gap", nm: r.cut.ok ? r.cut.value.edgeGap.height : null },
  };
  return (
    <figure className="flex min-h-0 flex-col">
      <figcaption className="flex flex-wrap items-baseline gap-x-2 px-1">
        <h2>Through the bottom rail</h2>
        <span className="text-mute">
          {unread.length > 0 ? say(`{rebate}'s ${unread.join(" and ")} not read: usual drawn`) : "to scale"}
        </span>
      </figcaption>
      <svg
        viewBox={`0 0 ${BOX.width + 30} ${BOX.height}`}
        className="w-full min-h-0"
        role="img"
        aria-label={say(
          `Section through the {rebate}, ${book.added.side === "inside" ? "the room" : "outside"} on the left.`,
        )}
      >
        <g opacity={unread.length > 0 ? 0.6 : 1}>
          <path className="d-frame" d={drawn.rail} />
          {drawn.bed && <path className="d-bed" d={drawn.bed} />}
          {drawn.face && <path className="d-face" d={drawn.face} />}
          {drawn.bead && <path className="d-strip" d={drawn.bead} />}
          {drawn.sheets.map((d) => (
            <path key={d} className="d-pane" d={d} />
          ))}
          {drawn.spacers.map((d) => (
            <path key={d} className={`d-spacer ${metalClass(book.makeup?.spacer ?? "")}`} d={d} />
          ))}
          {drawn.packer && <path className="d-packer" d={drawn.packer} />}
        </g>
        <path className="d-sight" d={`M${drawn.sight.from.x} ${drawn.sight.from.y}H${drawn.sight.to.x}`} />
        {drawn.labels.map((l) => {
          const end = l.side === "left" ? "end" : "start";
          const part = values[l.part];
          return (
            <g key={l.part}>
              <path d={`M${l.at.x} ${l.at.y}L${l.text.x} ${l.text.y}`} className="d-line" />
              <circle cx={l.at.x} cy={l.at.y} r={2.4} fill="var(--ink)" />
              <text
                x={l.text.x + (l.side === "left" ? -4 : 4)}
                y={l.text.y + 5}
                textAnchor={end}
                className={`d-halo d-text ${l.part === "sight" ? "d-wax-text" : l.part === "cover" ? "d-glass-text" : ""}`}
              >
                {inTwo(part.name).map((line, i) => (
                  <tspan key={line} {...(i > 0 && { x: l.text.x + (l.side === "left" ? -4 : 4), dy: "1.05em" })}>
                    {line}
                  </tspan>
                ))}
                {part.nm !== null && (
                  <tspan className="tight" dx={5}>
                    <LengthInSvg nm={part.nm} unit={prefs.unit} />
                  </tspan>
                )}
              </text>
            </g>
          );
        })}
        <text x={drawn.feet.left.x} y={drawn.feet.left.y} className="d-mute">
          {book.added.side === "inside" ? "room" : "outside"}
        </text>
        <text x={drawn.feet.right.x} y={drawn.feet.right.y} textAnchor="end" className="d-mute">
          {book.added.side === "inside" ? "outside" : "room"}
        </text>
        <path d={`M${bar.from.x} ${bar.from.y - 4}v8m0 -4H${bar.to.x}m0 -4v8`} className="d-line" fill="none" />
        <text x={bar.to.x + 7} y={bar.to.y + 4} className="d-mute">
          {prefs.unit === "mm" ? "10 mm" : "1/2″"}
        </text>
      </svg>
    </figure>
  );
}

/** As many letters as stand beside the section on one line. */
const LETTERS = 13;

/** A long name on two lines, its last word on the second. @example "face glazing compound" // "face glazing", "compound" */
function inTwo(name: string): readonly string[] {
  const last = name.lastIndexOf(" ");
  return name.length <= LETTERS || last < 0 ? [name] : [name.slice(0, last), name.slice(last + 1)];
}
