import { REMAKE_WHY, type RemakeWhy } from "../../core/learn/remake.ts";
import { WHOSE_NAMES, type Whose } from "../../core/order/had.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { WhyBack } from "../panels/WhyBack.tsx";

/** A pane that was set and has to be made again: why, and whose. It stands in the ledger of what came back. */
export function CameBack() {
  const { book, today, say, write } = usePane();
  const kept = book.remakes.get("");
  if (kept)
    return (
      <div className="note-wax space-y-2">
        <p>
          It came back {sayDayFrom(dayOf(kept.day), today)}: {REMAKE_WHY[kept.why].name}, {WHOSE_NAMES[kept.whose]}.
          {kept.note && ` Seen: ${kept.note}.`} {say(REMAKE_WHY[kept.why].prevents)}
        </p>
        <p className="flex flex-wrap gap-2">
          <a className="btn btn-main" href={`/windows/${book.id}`}>
            Begin its repair
          </a>
          <button type="button" className="btn" onClick={() => write("remake.kept", { ...kept, gone: true })}>
            It did not
          </button>
        </p>
      </div>
    );
  return (
    <Fold title="It came back" more="if it has to be made again">
      <form
        className="grid grid-cols-2 items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          write("remake.kept", {
            line: "",
            day: writeDay(today),
            why: form.get("why") as RemakeWhy,
            whose: form.get("whose") as Whose,
            pence: null,
            note: String(form.get("note") ?? "").trim(),
          });
        }}
      >
        <WhyBack />
        <label className="col-span-2">
          <span className="text-[13px] text-mute">What was seen</span>
          <input name="note" maxLength={200} />
        </label>
        <button type="submit" className="btn col-span-2">
          It came back
        </button>
      </form>
    </Fold>
  );
}
