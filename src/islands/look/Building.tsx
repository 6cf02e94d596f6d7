import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";
import type { Picks } from "../ui/picks.ts";

/** The floors that are told by number; higher ones are rare where a pane is changed by hand. */
const FLOORS: Picks<string> = [
  ["", "not said"],
  ["-1", "below ground"],
  ["0", "ground floor"],
  ...[1, 2, 3, 4, 5].map((n) => [String(n), `floor ${n}`] as const),
];

/** When it was built and how high up the pane is: lead, ladders and helpers go by it. */
export function Building() {
  const { book, write } = usePane();
  const { year, storey } = book.building;
  return (
    <div className="grid grid-cols-2 gap-2">
      <label>
        <span className="text-[13px] text-mute">Year built, about</span>
        <input
          type="number"
          min={1000}
          max={2200}
          defaultValue={year ?? ""}
          key={`y${year}`}
          onBlur={(e) => {
            const to = e.target.value === "" ? null : Math.round(e.target.valueAsNumber);
            if (to !== year && (to === null || (to >= 1000 && to <= 2200)))
              write("look.building", { year: to, storey });
          }}
        />
      </label>
      <PickOne
        name="Which floor"
        of={FLOORS}
        value={storey === null ? "" : String(storey)}
        change={(to) => write("look.building", { year, storey: to === "" ? null : Number(to) })}
      />
    </div>
  );
}
