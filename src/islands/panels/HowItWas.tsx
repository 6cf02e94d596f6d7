import { type PointerEvent, useState } from "react";
import { v7 as uuidv7 } from "uuid";
import { hingeOf } from "../../core/pane/hangs.ts";
import { oldUnitMm } from "../../core/pane/unit.ts";
import {
  type MapItem,
  mirrored,
  type PackingFault,
  packingFaults,
  THING_FACTS,
  THINGS,
  type Thing,
  tapped,
} from "../../core/takeout/how-it-was.ts";
import { asWritten } from "../../core/tape/as-written.ts";
import { writeLength } from "../../core/tape/write.ts";
import type { Template } from "../../core/text/template.ts";
import { type LengthUnit, type Nm, nm } from "../../core/units/length.ts";
import { MAP_BOX, mapPlace, PANE_IN_MAP } from "../../drawing/how-it-was.ts";
import type { Say } from "../ui/say.ts";
import { usePane } from "./pane-context.ts";

/** How long its edges are, where that is known, and in which unit they are told. */
type Along = { readonly width: Nm | null; readonly height: Nm | null; readonly unit: LengthUnit };

/** Less than this along an edge is a tap on it and no move. */
const MOVED_SHARE = 0.02;

/** The pane's four edges, with what stood where: tap a thing, then the edge it stood on. */
export function HowItWas({ editable }: { readonly editable: boolean }) {
  const { book, reckoning, prefs, say, write } = usePane();
  const size = reckoning.cut.ok ? reckoning.cut.value.glass : null;
  const along: Along = { width: size?.width ?? null, height: size?.height ?? null, unit: prefs.unit };
  const [thing, setThing] = useState<Thing>("packer");
  const [chosen, setChosen] = useState<string | null>(null);
  const [other, setOther] = useState(false);
  const items = book.before.map;
  const shown = other ? items.map(mirrored) : items;
  const item = items.find((i) => i.item === chosen) ?? null;
  const faults = packingFaults(items, hingeOf(book), oldUnitMm(book, reckoning));
  // A thing that is held follows the finger along the edges, and is written where it is let go.
  const [held, setHeld] = useState<MapItem | null>(null);
  const placeOf = (e: PointerEvent<SVGSVGElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    const x = ((e.clientX - box.left) / box.width) * MAP_BOX.width;
    const y = ((e.clientY - box.top) / box.height) * MAP_BOX.height;
    return tapped({ x, y, box: PANE_IN_MAP });
  };
  const hold = (e: PointerEvent<SVGSVGElement>) => {
    if (!editable || other) return;
    const id = e.target instanceof Element ? e.target.closest("[data-item]")?.getAttribute("data-item") : null;
    const on = items.find((i) => i.item === id);
    if (!on) return;
    e.currentTarget.setPointerCapture(e.pointerId);
    setHeld(on);
    setChosen(on.item);
  };
  const put = (e: PointerEvent<SVGSVGElement>) => {
    if (!editable || other) return;
    if (held) {
      const was = items.find((i) => i.item === held.item);
      if (was && (was.edge !== held.edge || Math.abs(was.share - held.share) > MOVED_SHARE)) write("takeout.map", held);
      setHeld(null);
      return;
    }
    const id = uuidv7();
    write("takeout.map", { item: id, thing, ...placeOf(e), thickness: null, width: null, material: "" });
    setChosen(id);
  };
  return (
    <div className="space-y-2">
      {editable && (
        <div className="flex flex-wrap gap-1.5" role="radiogroup" aria-label="What to put on the map">
          {THINGS.map((t) => (
            <label key={t} className="chip">
              <input type="radio" name="thing" checked={thing === t} onChange={() => setThing(t)} />
              {say(THING_FACTS[t].name)}
            </label>
          ))}
        </div>
      )}
      <svg
        viewBox={`0 0 ${MAP_BOX.width} ${MAP_BOX.height}`}
        className={`mx-auto block w-full max-w-[340px] ${editable && !other ? "cursor-crosshair" : ""}`}
        role="img"
        aria-label={`How it was, from ${book.added.side}${other ? ", seen from the other side" : ""}: ${items.length} on the map`}
        onPointerDown={hold}
        onPointerMove={(e) => held && setHeld({ ...held, ...placeOf(e) })}
        onPointerUp={put}
        onPointerCancel={() => setHeld(null)}
      >
        <path d={`M4 4H${MAP_BOX.width - 4}V${MAP_BOX.height - 4}H4z`} className="d-frame" />
        <path
          d={`M${PANE_IN_MAP.left} ${PANE_IN_MAP.top}h${PANE_IN_MAP.width}v${PANE_IN_MAP.height}h${-PANE_IN_MAP.width}z`}
          className="d-pane"
        />
        <text x={MAP_BOX.width / 2} y={MAP_BOX.height / 2 - 6} textAnchor="middle" className="d-text">
          {editable && !other
            ? "tap the edge where it stood"
            : `from ${other ? (book.added.side === "inside" ? "outside" : "inside") : book.added.side}`}
        </text>
        <text x={MAP_BOX.width / 2} y={MAP_BOX.height / 2 + 14} textAnchor="middle" className="d-mute">
          ↑ up
        </text>
        {shown.map((told) => {
          const i = held?.item === told.item ? held : told;
          const at = mapPlace(i);
          return (
            <g key={i.item} data-item={i.item} className={editable && !other ? "cursor-grab touch-none" : undefined}>
              {/* As broad as a thumb, and not seen. */}
              <path d={at.block} fill="none" stroke="none" strokeWidth={24} pointerEvents="all" />
              <path
                d={at.block}
                className={i.item === chosen ? "d-ease" : i.thing === "packer" ? "d-packer" : "d-face"}
              />
              <text x={at.label.x} y={at.label.y + 4} textAnchor="middle" className="d-halo d-text font-semibold">
                {THING_FACTS[i.thing].short}
                {i.thickness ? " " : ""}
                {i.thickness?.text ?? ""}
              </text>
            </g>
          );
        })}
      </svg>
      <div className="flex flex-wrap justify-center gap-3">
        <button type="button" className="btn btn-small" onClick={() => setOther(!other)}>
          {other ? `As seen from ${book.added.side}` : "Seen from the other side"}
        </button>
      </div>
      {editable && item && !other && (
        <ItemForm key={item.item} item={item} along={along} close={() => setChosen(null)} />
      )}
      {items.length > 0 && (
        <ul className="grid gap-x-4 text-[14px] sm:grid-cols-2">
          {items.map((i) => (
            <li key={i.item} className="flex items-center justify-between gap-2">
              {editable ? (
                <button type="button" className="min-h-9 text-left underline" onClick={() => setChosen(i.item)}>
                  {itemText(i, say, along)}
                </button>
              ) : (
                <span>{itemText(i, say, along)}</span>
              )}
            </li>
          ))}
        </ul>
      )}
      {faults.length > 0 && (
        <p className="note-wax">Keep none of it blindly: {faults.map((f) => say(FAULT_WORDS[f])).join("; ")}.</p>
      )}
    </div>
  );
}

const FAULT_WORDS: Readonly<Record<PackingFault, Template>> = {
  "too-narrow": "a {packer} carried one sheet of the {unit} only",
  "none-below": "nothing stood under the {pane}",
  "one-below": "only one {packer} stood under it",
  "over-drain": "a {packer} stood over a drain hole",
  "wrong-diagonal": "it was packed on the diagonal that lets the sash drop",
};

/** Where a thing stands along its edge: as a tape would tell it, as soon as the pane has a size. */
function itemText(i: MapItem, say: Say, along: Along): string {
  const upright = i.edge === "left" || i.edge === "right";
  const end = upright ? "from the foot" : "from the left";
  const length = upright ? along.height : along.width;
  const far =
    length === null
      ? `${Math.round(i.share * 100)}%`
      : writeLength(nm(Math.round(i.share * length)), along.unit, { places: 0, ticks: 16 });
  return [
    `${say(THING_FACTS[i.thing].name)}, ${i.edge}, ${far} ${end}`,
    i.thickness ? say(`${asWritten(i.thickness)} thick`) : "",
    i.width ? say(`${asWritten(i.width)} wide`) : "",
    i.material,
  ]
    .filter(Boolean)
    .join(", ");
}

const THICK = { mm: ["1", "2", "3", "4", "5", "6"], in: ["1/32", "1/16", "3/32", "1/8", "3/16", "1/4"] } as const;

type ItemProps = { readonly item: MapItem; readonly along: Along; readonly close: () => void };

function ItemForm({ item, along, close }: ItemProps) {
  const { prefs, say, write } = usePane();
  const asks = THING_FACTS[item.thing].asks;
  const change = (to: Partial<MapItem>) => write("takeout.map", { ...item, ...to });
  const written = (text: string) => (text.trim() === "" ? null : { text: text.trim(), unit: prefs.unit });
  return (
    <div className="note-glass space-y-2">
      <p className="font-medium">{itemText(item, say, along)}</p>
      {asks.includes("thickness") && (
        <fieldset className="flex flex-wrap gap-1.5">
          <legend className="text-[13px] text-mute">how thick</legend>
          {THICK[prefs.unit].map((t) => (
            <button
              key={t}
              type="button"
              className={`btn btn-small ${item.thickness?.text === t ? "btn-on" : ""}`}
              onClick={() => change({ thickness: { text: t, unit: prefs.unit } })}
            >
              {t}
            </button>
          ))}
        </fieldset>
      )}
      <div className="grid grid-cols-2 gap-2">
        {asks.includes("width") && (
          <label>
            <span className="text-[13px] text-mute">how wide, {prefs.unit}</span>
            <input
              key={item.width?.text}
              className="tight"
              maxLength={40}
              defaultValue={item.width?.text ?? ""}
              onBlur={(e) => e.target.value !== (item.width?.text ?? "") && change({ width: written(e.target.value) })}
            />
          </label>
        )}
        {asks.includes("material") && (
          <label>
            <span className="text-[13px] text-mute">
              {item.thing === "mark"
                ? "what it says"
                : item.thing === "gasket-lip"
                  ? "which way the lip lies"
                  : "material or colour"}
            </span>
            <input
              key={item.material}
              maxLength={100}
              defaultValue={item.material}
              onBlur={(e) => e.target.value !== item.material && change({ material: e.target.value })}
            />
          </label>
        )}
      </div>
      <div className="flex gap-2">
        <button type="button" className="btn btn-small" onClick={close}>
          Keep it
        </button>
        <button
          type="button"
          className="btn btn-small"
          onClick={() => {
            write("takeout.map-off", { item: item.item });
            close();
          }}
        >
          Take it off the map
        </button>
      </div>
    </div>
  );
}
