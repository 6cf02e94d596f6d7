import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";

/** What is in a door's insert its maker knows, but for one thing: whether its glass must be safety glass. */
export function InInsert() {
  const { book, reckoning: r, write } = usePane();
  return (
    <Part title="The glass in the insert" more="it goes on the order">
      <div className="grid grid-cols-2 gap-2">
        {([true, false] as const).map((safety) => (
          <label key={String(safety)} className="chip">
            <input
              type="radio"
              name="insert-glass"
              checked={book.insertSafe === safety}
              onChange={() => write("specify.insert", { safety })}
            />
            {safety ? "safety glass, marked" : "ordinary glass"}
          </label>
        ))}
      </div>
      {r.unsafe && book.insertSafe === false && (
        <p className="note-wax">Safety glass is called for here: ordinary glass in it holds the order.</p>
      )}
    </Part>
  );
}
