import { SIDES } from "../../core/geometry/quad.ts";
import { usePane } from "../parts/pane-context.ts";

/** Beads that did not survive: what follows from that stands among the steps. */
export function Broken() {
  const { book, say, write } = usePane();
  const { broken } = book.before;
  return (
    <fieldset>
      <legend className="text-[13px] text-mute">{say("A {bead} broke?")}</legend>
      <div className="flex flex-wrap gap-1.5">
        {SIDES.map((side) => (
          <label key={side} className="chip">
            <input
              type="checkbox"
              checked={broken.includes(side)}
              onChange={() =>
                write("takeout.broken", {
                  beads: broken.includes(side) ? broken.filter((b) => b !== side) : [...broken, side],
                })
              }
            />
            {side}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
