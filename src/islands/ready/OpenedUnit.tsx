import type { RefurbishUnit } from "../../core/log/kinds/refurbish.ts";
import { openedUnit } from "../../core/pane/opened-unit.ts";
import { FILLED, filledOf, type RefurbishNeeds } from "../../core/refurbish/beads-and-seal.ts";
import { OldPaneFields } from "../panels/OldPaneFields.tsx";
import { usePane } from "../panels/pane-context.ts";
import { MmField } from "../ui/MmField.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";

const SQ_MM_PER_SQ_IN = 645.16;

/** The spacer that lies free now, measured: how many beads and how much sealant go back in follows from it. */
export function OpenedUnit() {
  const { book, reckoning: r, prefs, say, write } = usePane();
  const { unit, isRead, size, needs } = openedUnit(book, r);
  const set = (part: Partial<RefurbishUnit>) => write("refurbish.unit", { ...unit, ...part });
  const length = (key: "spacerMm" | "channelMm" | "keyLegMm", name: string, least: number, most: number) => (
    <MmField
      name={name}
      unit={prefs.unit}
      least={least}
      most={most}
      value={isRead ? unit[key] : null}
      usual={unit[key]}
      change={(to) => to !== null && set({ [key]: to })}
    />
  );
  return (
    <div className="space-y-2">
      {size === null && <OldPaneFields />}
      <div className="grid grid-cols-2 gap-2">
        {length("spacerMm", "spacer wide", 3, 40)}
        <BoreField mm2={unit.boreMm2} isRead={isRead} change={(boreMm2) => set({ boreMm2 })} />
        {length("channelMm", "spacer in from the edge", 1, 20)}
        {length("keyLegMm", "leg of a corner key", 0, 100)}
      </div>
      <PickOne
        name="filled sides"
        of={asTheyAre(FILLED)}
        className="block"
        value={filledOf(unit.filledSides)}
        change={(filledSides) => set({ filledSides })}
      />
      <p className={isRead ? "note-glass" : "note-wax"}>
        {needs
          ? `${isRead ? "" : "As such units mostly are, until the spacer is measured: "}${needsText(needs)}`
          : say(
              "Read the {unit}'s width and height, edge to edge: how many drying beads and how much sealant follows.",
            )}
      </p>
    </div>
  );
}

/** What goes back into the unit. @example "Drying beads 164 g (219 ml); edge sealant 191 ml: 1 tube of 310 ml, waste allowed for." */
export const needsText = (needs: RefurbishNeeds): string =>
  `Drying beads ${needs.beadsG.toFixed(0)} g (${needs.beadsMl.toFixed(0)} ml); edge sealant ${needs.sealMl.toFixed(0)} ml: ${needs.tubes} ${needs.tubes === 1 ? "tube" : "tubes"} of 310 ml, waste allowed for.`;

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
          if (e.target.value !== shown && to >= 1 && to <= 1000) change(to);
        }}
      />
    </label>
  );
}
