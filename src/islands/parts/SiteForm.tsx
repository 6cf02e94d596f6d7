import type { HouseRules } from "../../core/house/rules.ts";
import { type Place, SITE } from "../../core/measure/places.ts";
import { toMm } from "../../core/units/length.ts";
import { onWall } from "../../drawing/on-wall.ts";
import { usePane } from "./pane-context.ts";
import { ReadingField, ReadingTrouble } from "./ReadingField.tsx";

const BOX = { width: 220, height: 130 };

/** Height above the floor and distance from a door: what safety rules and lifting ask, drawn to scale on the wall. */
export function SiteForm({ ask }: { readonly ask?: (place: Place) => void }) {
  const { reckoning: r, say } = usePane();
  const at = (p: Place): number | null => {
    const v = r.readings[p];
    return v === undefined ? null : toMm(v);
  };
  const size = r.cut.ok ? r.cut.value.glass : null;
  const d = onWall({
    sill: at("sill-height"),
    door: at("door-distance"),
    zones: zonesOf(r.house),
    pane: size && { width: toMm(size.width), height: toMm(size.height) },
    box: BOX,
  });
  return (
    <section className="grid grid-cols-[1fr_170px] gap-3 max-sm:grid-cols-1">
      <div className="space-y-2">
        <p className="text-[13px]">
          {say("Hold the tape from the finished floor up to the glass, and along the wall to the nearest door's edge.")}
        </p>
        <div className="grid grid-cols-2 gap-2">
          {SITE.map((p) => (
            <ReadingField
              key={p}
              place={p}
              label={p === "sill-height" ? "above the floor" : "to a door"}
              {...(ask ? { onFocus: ask } : {})}
            />
          ))}
        </div>
        <ReadingTrouble places={SITE} />
      </div>
      <svg
        viewBox={`0 0 ${BOX.width} ${BOX.height}`}
        className="w-full self-start bg-sheet"
        role="img"
        aria-label="The pane on its wall, above the floor and beside a door, to scale; where safety glass is called for is shaded"
      >
        {d.zones.map((z) => (
          <path key={z} d={z} className="d-zone" />
        ))}
        <path d={d.floor} className="d-line" />
        <path d={d.door} className="d-frame" opacity={d.known.door ? 1 : 0.4} />
        <path d={d.pane} className="d-pane" />
        <path d={d.rise} className={d.known.sill ? "d-line" : "d-asked"} />
        <path d={d.away} className={d.known.door ? "d-line" : "d-asked"} />
      </svg>
    </section>
  );
}

/** The zones of the firm's rule set, mm, as far as a wall can show them. */
const zonesOf = (h: HouseRules) =>
  h.safetySet === "M"
    ? { low: h.safeLowZoneMm, besideDoor: h.safeBesideDoorMm, doorUp: h.safeDoorZoneMm }
    : { low: 0, besideDoor: h.safeBesideDoorIn * 25.4, doorUp: h.safeDoorZoneIn * 25.4 };
