import { MASS_UNIT, massShown, massTyped } from "../../core/units/mass.ts";
import { usePane } from "../panels/pane-context.ts";

/** More than any sash, hinge or stay, kg. */
const MOST_KG = 500;

type Props = {
  /** What is weighed; the unit is written behind it. */
  readonly name: string;
  /** What is known of it beside, where something is. */
  readonly beside?: string;
  readonly kg: number | null;
  readonly change: (kg: number) => void;
  /** What must be said before it is weighed. */
  readonly first?: string | undefined;
};

/** A mass as its reader weighs: shown and typed in kilograms or pounds, kept in kilograms. */
export function MassField({ name, beside = "", kg, change, first }: Props) {
  const { prefs } = usePane();
  const shown = kg === null ? "" : massShown(kg, prefs.unit);
  return (
    <label>
      <span className="text-[13px] text-mute">
        {name}, {MASS_UNIT[prefs.unit]}
        {beside}
      </span>
      <input
        type="number"
        step="any"
        min={0.1}
        max={massShown(MOST_KG, prefs.unit)}
        className="tight"
        key={`${kg} ${prefs.unit}`}
        defaultValue={shown}
        disabled={first !== undefined}
        placeholder={first}
        onBlur={(e) => {
          const typed = e.target.valueAsNumber;
          // What was shown and left as it is was not weighed again.
          if (Number.isFinite(typed) && typed > 0 && typed !== shown) change(massTyped(typed, prefs.unit));
        }}
      />
    </label>
  );
}
