import { usePane } from "../panels/pane-context.ts";

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
      <label>
        <span className="text-[13px] text-mute">Which floor</span>
        <select
          value={storey ?? ""}
          onChange={(e) =>
            write("look.building", { year, storey: e.target.value === "" ? null : Number(e.target.value) })
          }
        >
          <option value="">not said</option>
          <option value="-1">below ground</option>
          <option value="0">ground floor</option>
          {[1, 2, 3, 4, 5].map((n) => (
            <option key={n} value={n}>
              floor {n}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
