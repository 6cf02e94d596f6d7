import { seenOnly } from "../../core/pane/seen-only.ts";
import { usePane } from "../panels/pane-context.ts";

/** With the old glass out, what was seen through it is no longer all there is: one tap goes over to the rebate itself. */
export function GlassIsOut() {
  const { book, reckoning, say, write } = usePane();
  if (book.way !== "through-glass" || !seenOnly(book, reckoning)) return null;
  return (
    <button
      type="button"
      className="btn w-full"
      onClick={() => {
        write("measure.way", { way: "rebate" });
        write("measure.circumstance", { state: "cleared" });
      }}
    >
      {say("The glass is out: read the {rebate} itself")}
    </button>
  );
}
