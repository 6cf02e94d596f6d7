import type { MeasuredUnit } from "../../core/log/kinds/refurbish.ts";
import { openedUnit } from "../../core/pane/opened-unit.ts";
import { FILLED, filledOf } from "../../core/refurbish/beads-and-seal.ts";
import { needsText } from "../../core/words/refurbish.ts";
import { OldPaneFields } from "../panels/OldPaneFields.tsx";
import { usePane } from "../panels/pane-context.ts";
import { MmField } from "../ui/MmField.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";

const SQ_MM_PER_SQ_IN = 645.16;

/** The spacer that lies free now, measured: how many beads and how much sealant go back in follows from it. */
export function OpenedUnit() {
  const { book, reckoning: r, prefs, say, write } = usePane();
  const { unit, measured, isRead, size, needs } = openedUnit(book, r);
  const set = (part: Partial<MeasuredUnit>) => write("refurbish.unit", { ...measured, ...part });
  const length = (key: "spacerMm" | "channelMm" | "keyLegMm", name: string, least: number, most: number) => (
    <MmField
      name={name}
      unit={prefs.unit}
      least={least}
      most={most}
      value={measured[key]}
      usual={unit[key]}
      change={(to) => to !== null && set({ [key]: to })}
    />
  );
  return (
    <div className="space-y-2">
      {size === null && <OldPaneFields />}
      <div className="grid grid-cols-2 gap-2">
        {length("spacerMm", "spacer wide", 3, 40)}
        <BoreField mm2={unit.boreMm2} isRead={measured.boreMm2 !== null} change={(boreMm2) => set({ boreMm2 })} />
        {length("channelMm", "spacer in from the edge", 1, 20)}
        {length("keyLegMm", "leg of a corner key", 0, 100)}
      </div>
      <PickOne
        name="filled sides"
        of={asTheyAre(FILLED)}
        className="block"
        unsaid={`not looked: ${filledOf(unit.filledSides)}`}
        value={measured.filledSides === null ? null : filledOf(measured.filledSides)}
        change={(filledSides) => set({ filledSides })}
      />
      <p className={isRead ? "note-glass" : "note-wax"}>
        {needs
          ? `${isRead ? "" : "What is not measured is taken as such units mostly are: "}${needsText(needs)}`
          : say(
              "Read the {unit}'s width and height, edge to edge: how many drying beads and how much sealant follows.",
            )}
      </p>
    </div>
  );
}

type BoreProps = {
  readonly mm2: number;
  readonly isRead: boolean;
  readonly change: (mm2: number) => void;
};

/** The bore's cross-section, in the reader's square unit. */
function BoreField({ mm2, isRead, change }: BoreProps) {
  const { prefs } = usePane();
  const [per, places] = prefs.unit === "mm" ? [1, 0] : [SQ_MM_PER_SQ_IN, 3];
  const shown = (mm2 / per).toFixed(places);
  return (
    <label className="min-w-0">
      <span className="text-[13px] text-mute">its bore, {prefs.unit}²</span>
      <input
        type="number"
        inputMode="decimal"
        step="any"
        min={0}
        max={1000 / per}
        className="tight"
        key={`${shown} ${isRead}`}
        placeholder={shown}
        defaultValue={isRead ? shown : ""}
        onBlur={(e) => {
          const to = e.target.valueAsNumber * per;
          // The usual, read and found so, is read.
          if ((!isRead || e.target.value !== shown) && to >= 1 && to <= 1000) change(to);
        }}
      />
    </label>
  );
}
