import { frameOf } from "../../core/frame/systems.ts";
import {
  blockHeight,
  PANEL_MAKE_NAMES,
  PANEL_MAKES,
  type Panel,
  panelMass,
  panelThickness,
} from "../../core/specify/panel.ts";
import { withStormPane } from "../../core/specify/storm.ts";
import { toMm } from "../../core/units/length.ts";
import { HEAT_UNIT, heatFigure } from "../../core/words/heat.ts";
import { massText } from "../../core/words/mass.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { MmField } from "../ui/MmField.tsx";

const USUAL: Panel = { make: "one-thick", mm: 10, lineMm: null, neighbourMm: null };
const STORM_APART_MM = 60;

/** A solid decorative panel: what it is made of, what it weighs, and blocks that bring its lines to its neighbour's. */
export function PanelPart() {
  const { book, reckoning: r, prefs, say, write } = usePane();
  const { panel } = book;
  const set = (to: Panel | null) => write("specify.panel", { panel: to });
  const size = r.cut.ok ? r.cut.value : null;
  const blocks =
    panel && size && panel.lineMm !== null && panel.neighbourMm !== null
      ? blockHeight({
          lineMm: panel.lineMm,
          neighbourMm: panel.neighbourMm,
          playMm: toMm(size.governs.height.length) - toMm(size.glass.height),
        })
      : null;
  const number = (key: "mm" | "lineMm" | "neighbourMm", name: string) => (
    <MmField
      name={name}
      unit={prefs.unit}
      least={key === "mm" ? 1 : 0}
      most={key === "mm" ? 60 : 10_000}
      value={panel?.[key] ?? null}
      change={(to) => panel && (to !== null || key !== "mm") && set({ ...panel, [key]: to })}
    />
  );
  return (
    <Fold title="A solid decorative panel" more={panel ? PANEL_MAKE_NAMES[panel.make] : "no"}>
      <div className="flex flex-wrap gap-1.5">
        <label className="chip">
          <input type="radio" name="panel" checked={panel === null} onChange={() => set(null)} />
          no
        </label>
        {PANEL_MAKES.map((make) => (
          <label key={make} className="chip">
            <input
              type="radio"
              name="panel"
              checked={panel?.make === make}
              onChange={() => set({ ...(panel ?? USUAL), make })}
            />
            {PANEL_MAKE_NAMES[make]}
          </label>
        ))}
      </div>
      {panel && (
        <>
          <div className="grid grid-cols-3 items-end gap-2">
            {number("mm", panel.make === "two-thin" ? "each" : "thick")}
            {number("lineMm", "its line above its foot")}
            {number("neighbourMm", "neighbour's above the floor of the frame")}
          </div>
          {size && (
            <p className="text-[14px]">
              {say(`${panelThickness(panel)} mm`)} through,{" "}
              {massText(panelMass(panel, toMm(size.glass.width), toMm(size.glass.height)), prefs.unit)}.
            </p>
          )}
          {blocks && (
            <p className={blocks.kind === "block" ? "note-glass" : "note-wax"}>
              {say(
                blocks.kind === "block"
                  ? `Blocks of ${blocks.mm.toFixed(1)} mm under it: its line meets its neighbour's. Look along both before it sets.`
                  : blocks.kind === "too-low"
                    ? `Its line stands ${blocks.byMm.toFixed(1)} mm too high even on the floor: take that off its foot before it is ordered.`
                    : `Blocks would have to be ${blocks.byMm.toFixed(1)} mm higher than there is play: order it that much longer at its foot.`,
              )}
            </p>
          )}
        </>
      )}
    </Fold>
  );
}

/** What a storm pane in front does for single glass; still air between. */
export function StormNote() {
  const { book, reckoning: r, prefs, say } = usePane();
  const storm = frameOf(book.added.system).inFront || book.before.front.some((f) => f.what === "storm-pane");
  if (!storm) return null;
  const glassMm = toMm(r.glass.thickness);
  return (
    <p className="note-glass">
      With a storm pane {say(`${STORM_APART_MM} mm`)} in front the two lose about{" "}
      <span className="tight font-medium">
        {heatFigure(withStormPane({ glassMm, stormMm: 4, apartMm: STORM_APART_MM }), prefs.unit)}
      </span>{" "}
      {HEAT_UNIT[prefs.unit]} at the centre (EN 673). Leave small openings at its foot, to the outside: damp air must
      get out.
    </p>
  );
}
