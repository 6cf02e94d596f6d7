import { detailOf } from "../../core/frame/told-detail.ts";
import { usePane } from "../panels/pane-context.ts";

const SAYS = { reached: "weather or draught reaches it", sheltered: "another door or room is before it" } as const;

/** Whether weather reaches it: outside the full bed is needed, behind another door dabs will do. */
export function Weather() {
  const { book, write } = usePane();
  const now = detailOf(book.added.system, book.before.detail).weather;
  return (
    <fieldset className="flex flex-wrap gap-1.5">
      <legend className="sr-only">Does weather or draught reach it?</legend>
      {(["reached", "sheltered"] as const).map((weather) => (
        <label key={weather} className="chip">
          <input
            type="radio"
            name="weather"
            checked={now === weather}
            onChange={() => write("takeout.detail", { weather })}
          />
          {SAYS[weather]}
        </label>
      ))}
    </fieldset>
  );
}
