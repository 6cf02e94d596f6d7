import type { HouseRules } from "../../core/house/rules.ts";
import { type Place, SITE } from "../../core/measure/places.ts";
import { locationOf } from "../../core/pane/location.ts";
import { safetyFigures } from "../../core/pane/safety-figures.ts";
import { asksDoorEdge } from "../../core/specify/place-asked.ts";
import { doorAsked } from "../../core/specify/safety.ts";
import { writeLength } from "../../core/tape/write.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { onWall } from "../../drawing/on-wall.ts";
import { LengthInSvg } from "../ui/Length.tsx";
import { usePane } from "./pane-context.ts";
import { ReadingField, ReadingTrouble } from "./ReadingField.tsx";

/** Height above the floor and distance from a door: what safety rules and lifting ask. */
export function SiteForm({ ask, drawn = true }: { readonly ask?: (place: Place) => void; readonly drawn?: boolean }) {
  const { say, book, reckoning: r, prefs, write } = usePane();
  const near = doorAsked(r.house.safetySet, safetyFigures(r.house));
  const at = locationOf(book);
  const asked = SITE.filter((p) => p !== "door-distance" || r.readings[p] !== undefined || asksDoorEdge(at));
  return (
    <section className={drawn ? "grid grid-cols-[1fr_170px] gap-3 max-sm:grid-cols-1" : ""}>
      <div className="space-y-2">
        <p className="text-[13px]">
          {say(
            `Hold the tape from the finished floor up to the glass${asked.includes("door-distance") ? ", and along the wall to the nearest door's edge" : ""}.`,
          )}
        </p>
        <div className="grid grid-cols-2 gap-2">
          {asked.map((p) => (
            <ReadingField
              key={p}
              place={p}
              label={p === "sill-height" ? "above the floor" : "to a door"}
              {...(ask ? { onFocus: ask } : {})}
            />
          ))}
        </div>
        <ReadingTrouble places={asked} />
        {asksDoorEdge(at) && r.readings["door-distance"] === undefined && (
          <label className="chip">
            <input
              type="checkbox"
              checked={(at.noDoorMm ?? 0) >= toMm(near)}
              onChange={(e) => write("specify.location", { ...at, noDoorMm: e.target.checked ? toMm(near) : null })}
            />
            no door within {writeLength(near, prefs.unit, { places: 0, ticks: 16 })}
          </label>
        )}
      </div>
      {drawn && <WallDrawing box={SMALL} />}
    </section>
  );
}

const SMALL = { width: 220, height: 130 };
const LARGE = { width: 660, height: 400 };

/** The same on the stage. */
export const WallOnStage = () => (
  <figure>
    <figcaption className="pb-1">
      <strong className="font-semibold">On its wall</strong>{" "}
      <span className="text-mute">shaded: where safety glass is called for</span>
    </figcaption>
    <WallDrawing box={LARGE} figures />
  </figure>
);

type WallProps = {
  readonly box: { readonly width: number; readonly height: number };
  /** The two distances written where they are. */
  readonly figures?: boolean;
};

/** The pane on its wall, above the floor and beside a door, to scale. */
function WallDrawing({ box, figures = false }: WallProps) {
  const { book, reckoning: r, prefs } = usePane();
  const at = (p: Place): number | null => {
    const v = r.readings[p];
    return v === undefined ? null : toMm(v);
  };
  const size = r.cut.ok ? r.cut.value.glass : null;
  const [sill, door] = [at("sill-height"), at("door-distance")];
  const d = onWall({
    sill,
    door,
    zones: zonesOf(r.house),
    inDoor: locationOf(book).inDoor,
    pane: size && { width: toMm(size.width), height: toMm(size.height) },
    box,
  });
  return (
    <svg
      viewBox={`0 0 ${box.width} ${box.height}`}
      className="w-full self-start bg-sheet"
      role="img"
      aria-label="The pane on its wall, above the floor and beside a door, to scale; where safety glass is called for is shaded"
    >
      {d.zones.map((z) => (
        <path key={z} d={z} className="d-zone" />
      ))}
      <path d={d.floor} className="d-line" />
      <path d={d.door} className="d-frame" opacity={d.known.door || d.away === null ? 1 : 0.4} />
      <path d={d.pane} className="d-pane" />
      <path d={d.rise} className={d.known.sill ? "d-line" : "d-asked"} />
      {d.away && <path d={d.away} className={d.known.door ? "d-line" : "d-asked"} />}
      {figures && (
        <>
          <text x={d.riseAt.x + 8} y={d.riseAt.y + 5} className="d-halo tight fill-ink !text-[15px]">
            {sill === null ? "not read" : <LengthInSvg nm={mm(sill)} unit={prefs.unit} />}
          </text>
          {d.away && (
            <text x={d.awayAt.x} y={d.awayAt.y - 7} textAnchor="middle" className="d-halo tight fill-ink !text-[15px]">
              {door === null ? "not read" : <LengthInSvg nm={mm(door)} unit={prefs.unit} />}
            </text>
          )}
        </>
      )}
    </svg>
  );
}

/** The zones of the firm's rule set, mm, as far as a wall can show them. */
const zonesOf = (h: HouseRules) =>
  h.safetySet === "M"
    ? { low: h.safeLowZoneMm, besideDoor: h.safeBesideDoorMm, doorUp: h.safeDoorZoneMm }
    : { low: 0, besideDoor: h.safeBesideDoorIn * 25.4, doorUp: h.safeDoorZoneIn * 25.4 };
