import { BASES } from "../../core/size/basis.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";

const NAMES = { glass: "the glass size", opening: "the opening, cutter takes it off" } as const;

/** Who takes the allowance off: once, and never twice. */
export function Basis() {
  const { book, reckoning: r, prefs, write } = usePane();
  if (!r.cut.ok) return null;
  const { deduction } = r.cut.value;
  return (
    <fieldset className="text-[13px]">
      <legend className="text-mute">The order states</legend>
      <div className="flex flex-wrap gap-2 pt-1">
        {BASES.map((basis) => (
          <label key={basis} className="chip">
            <input
              type="radio"
              name="basis"
              checked={book.basis === basis}
              onChange={() => write("size.basis", { basis })}
            />
            {NAMES[basis]}
          </label>
        ))}
      </div>
      <p className="pt-1">
        {book.basis === "glass" ? (
          "The allowance is off already: the cutter takes nothing off."
        ) : (
          <>
            The cutter takes <Length nm={deduction.width} unit={prefs.unit} withUnit /> off the width and{" "}
            <Length nm={deduction.height} unit={prefs.unit} withUnit /> off the height, once. The ticket says so.
          </>
        )}
      </p>
    </fieldset>
  );
}
