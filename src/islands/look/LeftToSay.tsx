import { DETAILS } from "../../core/frame/detail.ts";
import { leftToSay } from "../../core/frame/told-detail.ts";
import { usePane } from "../panels/pane-context.ts";
import { useStage } from "../stage/stage-context.ts";

/** What the frame that was named leaves open, and nothing follows before it is said. Nothing of a frame nobody named. */
export function LeftToSay() {
  const { book, say, write } = usePane();
  const { openTab } = useStage();
  if (book.added.unsaid) return null;
  return leftToSay(book.added.system, book.before.detail).map((name) => (
    <fieldset key={name} className="note-wax">
      <legend className="sr-only">{say(DETAILS[name].name)}</legend>
      <p className="pb-2 font-medium">
        {say(DETAILS[name].name)}: which of these? Its steps and what it is set in go by it.
      </p>
      <div className="flex flex-wrap gap-2">
        {Object.entries(DETAILS[name].of).map(([value, says]) => (
          <button
            key={value}
            type="button"
            className="btn"
            onClick={() => {
              write("takeout.detail", { [name]: value });
              openTab("frame");
            }}
          >
            {say(says)}
          </button>
        ))}
      </div>
    </fieldset>
  ));
}
