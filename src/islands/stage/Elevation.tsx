import { OPENING, type OpeningPlace, type Place } from "../../core/measure/places.ts";
import type { Way } from "../../core/measure/ways.ts";
import { archDrawn } from "../../core/pane/own-shape.ts";
import { shapeLying } from "../../core/pane/shaped.ts";
import { isMade, type StandsAs } from "../../core/pane/stands.ts";
import { easedCorners } from "../../core/size/ease.ts";
import { writeLength } from "../../core/tape/write.ts";
import { mm } from "../../core/units/length.ts";
import { sizeShown } from "../../core/words/size-text.ts";
import { elevationOf, heldAt, type Span, spanPath } from "../../drawing/elevation.ts";
import type { Xy } from "../../drawing/path.ts";
import { usePane } from "../panels/pane-context.ts";
import { LengthInSvg } from "../ui/Length.tsx";
import { PaneLooks } from "./PaneLooks.tsx";

const BOX = { width: 440, height: 520 };

/** What the size in the drawing is. */
const STANDS_NAMES: Readonly<Record<StandsAs, string>> = {
  "worked-out": "cut size",
  ordered: "as ordered",
  accepted: "as it came",
  set: "as it was set",
};

/** What is made whole is as large as it is: nobody cuts by it, and no gap is drawn. */
const WHOLE_NAMES: Readonly<Partial<Record<Way, string>>> = {
  "insert-outside": "over its frame",
  "insert-inside": "seen in it",
  "sash-outside": "over the sash",
  "window-hole": "the hole in the wall",
};

/** Read over its own frame: that frame is in its size. */
const OVER_ALL: ReadonlySet<Way> = new Set<Way>(["insert-outside", "sash-outside"]);

type Props = { readonly asked?: Place | null; readonly onPlace?: (place: Place) => void; readonly bare?: boolean };

/** The opening as it is, seen from the side the pane goes in. A tap on a dimension goes to its field. */
export function Elevation({ asked, onPlace, bare = false }: Props) {
  const { book, reckoning: r, prefs, firm, say } = usePane();
  const lying = r.cut.ok && r.cut.value.opening.ok ? r.cut.value.opening.value : null;
  const tooBig = r.tooBigBy > 0;
  const drawn = elevationOf({
    quad: lying?.figure.quad ?? null,
    placed: (bare ? null : r.eased?.lying.placed) ?? lying?.placed ?? null,
    eased: bare || r.slips.length > 0 || !r.eased ? [] : easedCorners(r.eased.easings),
    arch: r.arch?.ok && r.shaped?.as === "arched" ? archDrawn(r.arch.value, firm.house.leastGapMm) : undefined,
    shape: r.shaped && r.shaped.as !== "arched" && lying ? shapeLying(lying.figure, firm.house.leastGapMm) : undefined,
    overAll: OVER_ALL.has(book.way),
    about: { width: 600, height: 780 },
    box: BOX,
    margin: 64,
  });
  const ifEased = !bare && r.poor && r.eased ? r.eased.glass : null;
  const size = ifEased ?? (r.cut.ok ? r.cut.value.glass : null);
  // Nobody orders it: it is drawn so that the reason can be seen.
  const atBest = r.poor && !ifEased && r.stands.as === "worked-out";
  const made = !ifEased && isMade(r.stands);
  return (
    <figure className="flex h-full min-h-0 flex-col">
      {!bare && (
        <figcaption className="flex flex-wrap items-baseline gap-x-2 px-1">
          <h2>From {book.added.side}</h2>
          <span className="text-mute">
            {!drawn.known
              ? "not to scale until a width and a height are read"
              : drawn.exaggeration === 1 || WHOLE_NAMES[book.way]
                ? "to scale"
                : `to scale; lean and gaps drawn × ${drawn.exaggeration}`}
          </span>
        </figcaption>
      )}
      <svg
        viewBox={`0 0 ${BOX.width} ${BOX.height}`}
        className="min-h-0 w-full flex-1"
        role="img"
        aria-label={say(
          size
            ? `The opening from ${book.added.side}, and the {pane} in it.`
            : `The opening from ${book.added.side}. Nothing is sized yet.`,
        )}
      >
        {/* Round a whole window stands the wall. */}
        <path className={book.way === "window-hole" ? "d-wall" : "d-frame"} d={drawn.frame} />
        <path className="d-opening" d={drawn.opening} strokeDasharray={drawn.known ? undefined : "6 5"} />
        {drawn.pane && <path className={`d-pane ${tooBig ? "too-big" : ""}`} d={drawn.pane} />}
        {drawn.paneCorners && drawn.pane && <PaneLooks corners={drawn.paneCorners} outline={drawn.pane} />}
        {bare ? (
          <HeldTape drawn={drawn} place={asked ?? null} />
        ) : (
          drawn.spans.map((s) => <SpanLine key={s.place} span={s} asked={asked === s.place} onPlace={onPlace} />)
        )}
        {drawn.eased.map((e) => (
          <g key={`${e.at.x} ${e.at.y}`}>
            <circle cx={e.at.x} cy={e.at.y} r={5} className="d-ease" />
            <text
              x={e.label.x}
              y={e.label.y + 4}
              textAnchor="middle"
              className="d-halo d-text d-wax-text font-semibold"
            >
              ease {writeLength(mm(e.by), prefs.unit, { places: 1, ticks: 32 })}
            </text>
          </g>
        ))}
        {size && !bare && (
          <g textAnchor="middle">
            <text
              x={drawn.middle.x}
              y={drawn.middle.y + 46}
              className={`d-halo tight text-[22px] ${atBest ? "fill-mute line-through" : "fill-ink font-bold"}`}
            >
              <LengthInSvg nm={sizeShown(size.width, prefs.unit, made)} unit={prefs.unit} /> ×{" "}
              <LengthInSvg nm={sizeShown(size.height, prefs.unit, made)} unit={prefs.unit} />
            </text>
            <text x={drawn.middle.x} y={drawn.middle.y + 67} className="d-halo d-text d-glass-text">
              {r.shaped
                ? r.shaped.as === "arched"
                  ? "round its outline"
                  : "round its corners"
                : ifEased
                  ? "if it is eased"
                  : atBest
                    ? "at best: not to be ordered"
                    : r.stands.as === "worked-out" && r.cut.ok && r.cut.value.overruled
                      ? "overruled size"
                      : (r.stands.as === "worked-out" && WHOLE_NAMES[book.way]) || STANDS_NAMES[r.stands.as]}
            </text>
          </g>
        )}
      </svg>
    </figure>
  );
}

/** What is read of the pane, of what is seen, or of an insert lies as the middle of the opening does. */
const LIKE: Readonly<Partial<Record<Place, OpeningPlace>>> = {
  "old-width": "width-middle",
  "old-height": "height-middle",
  "sight-width": "width-middle",
  "sight-height": "height-middle",
  "insert-outside-width": "width-middle",
  "insert-outside-height": "height-middle",
  "insert-inside-width": "width-middle",
  "insert-inside-height": "height-middle",
  "sash-outside-width": "width-middle",
  "sash-outside-height": "height-middle",
  "window-hole-width": "width-top",
  "window-hole-width-middle": "width-middle",
  "window-hole-width-sill": "width-bottom",
  "window-hole-height": "height-left",
  "window-hole-height-middle": "height-middle",
  "window-hole-height-right": "height-right",
};

/** Where the tape is held for the reading that is asked, drawn thick. */
function HeldTape({ drawn, place }: { readonly drawn: ReturnType<typeof elevationOf>; readonly place: Place | null }) {
  const opening = OPENING.find((p) => p === place) ?? (place && LIKE[place]);
  if (!opening) return null;
  const { from, to } = heldAt(drawn, opening);
  const across = {
    x: ((to.y - from.y) / Math.hypot(to.x - from.x, to.y - from.y)) * 22,
    y: ((from.x - to.x) / Math.hypot(to.x - from.x, to.y - from.y)) * 22,
  };
  const end = (p: Xy) => `M${p.x - across.x} ${p.y - across.y}L${p.x + across.x} ${p.y + across.y}`;
  return (
    <path
      d={`M${from.x} ${from.y}L${to.x} ${to.y}${end(from)}${end(to)}`}
      stroke="var(--wax)"
      strokeWidth={14}
      fill="none"
    />
  );
}

type SpanProps = {
  readonly span: Span;
  readonly asked: boolean;
  readonly onPlace?: ((place: Place) => void) | undefined;
};

function SpanLine({ span, asked, onPlace }: SpanProps) {
  const { reckoning: r, prefs } = usePane();
  const length = r.readings[span.place as keyof typeof r.readings] ?? null;
  const governs =
    r.cut.ok && !r.shaped && [r.cut.value.governs.width.place, r.cut.value.governs.height.place].includes(span.place);
  const diagonal = span.place.startsWith("diagonal");
  if (length === null && !diagonal && !asked) return null;
  const turned = span.turned === "up" ? `rotate(-90 ${span.label.x} ${span.label.y})` : undefined;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the field itself is the keyboard's way; this is a shortcut for a finger
    <g onClick={onPlace && (() => onPlace(span.place))} className={onPlace ? "cursor-pointer" : undefined}>
      <path
        d={spanPath(span)}
        className={asked ? "d-asked" : diagonal ? "d-diagonal" : governs ? "d-governs" : "d-line"}
        opacity={length === null && !asked ? 0.35 : 1}
      />
      {!diagonal &&
        [span.from, span.to].map((p) => (
          <circle
            key={`${p.x} ${p.y}`}
            cx={p.x}
            cy={p.y}
            r={governs ? 3.2 : 2.4}
            fill={governs ? "var(--glass)" : "var(--ink)"}
          />
        ))}
      {length !== null && (
        <text
          x={span.label.x}
          y={span.label.y + 5}
          transform={turned}
          textAnchor="middle"
          className={`d-halo tight text-[15px] ${governs ? "d-glass-text font-bold" : diagonal ? "d-wax-text" : "fill-ink"}`}
        >
          <LengthInSvg nm={length ?? mm(0)} unit={prefs.unit} />
        </text>
      )}
    </g>
  );
}
