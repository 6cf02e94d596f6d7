import { dayOf } from "../../core/units/day.ts";
import { mm } from "../../core/units/length.ts";
import { sayDate } from "../../core/words/days.ts";
import { thicknessText } from "../../core/words/glass.ts";
import { sizeText } from "../../core/words/size-text.ts";
import { usePane } from "../panels/pane-context.ts";

/** The record of an earlier pane in this very opening: what it was, what to bring, and its frame's answers by one tap. */
export function DoneBefore() {
  const { book, prefs, doneBefore, write } = usePane();
  const [was] = doneBefore;
  if (!was) return null;
  if (was.isOpen)
    return (
      <section className="note-wax space-y-1" aria-label="Twice on the list">
        <p>
          <strong>This opening is on the list already</strong>, and what goes into it is not set yet: two would be
          ordered for one hole.
        </p>
        <p className="text-[14px]">
          <a href={`/panes/${was.pane}`}>Open that one</a>. If they are one, strike this one out:{" "}
          <a href={`/panes/${book.id}/logbook`}>its logbook</a>, at the line that added it. If they are two, name them
          apart, as “left” and “right”.
        </p>
      </section>
    );
  const taken = book.before.joints !== null || book.found !== null || book.before.profile !== "";
  return (
    <section className="note-glass space-y-2" aria-label="Done before">
      <p className="text-[14px]">
        <span className="font-medium">This opening was done before</span>
        {was.setDay && `, ${sayDate(dayOf(was.setDay))}`}
        {was.fitted &&
          `: ${sizeText(mm(was.fitted.widthMm), prefs.unit, true)} × ${sizeText(mm(was.fitted.heightMm), prefs.unit, true)} ${prefs.unit}, ${thicknessText(mm(was.fitted.thicknessMm), prefs.unit)}`}
        . <a href={`/panes/${was.pane}/logbook`}>Its logbook</a>, <a href={`/windows/${book.id}`}>its whole life</a>.
      </p>
      {was.notes.slice(-3).map((n) => (
        <p key={n} className="text-[14px]">
          “{n}”
        </p>
      ))}
      {!taken && (
        <button
          type="button"
          className="btn btn-small"
          onClick={() => {
            if (book.added.system !== was.system || book.added.side !== was.side)
              write("pane.corrected", { system: was.system, side: was.side });
            if (Object.keys(was.detail).length > 0) write("takeout.detail", was.detail);
            if (was.joints) write("takeout.joints", was.joints);
            if (was.profile) write("takeout.profile", { profile: was.profile });
            if (was.found) write("measure.found", { ...was.found, marks: "", spacerDate: "" });
          }}
        >
          Take its frame along, but no reading
        </button>
      )}
    </section>
  );
}
