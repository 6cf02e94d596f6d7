import { dayOf } from "../../core/units/day.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PhotoOf } from "../photos/PhotoOf.tsx";
import { DayField } from "../ui/DayField.tsx";

/** What it was set in, with batch and expiry as the label says; a photo of the label does as well. */
export function MaterialsUsed({ what = "what it was set in" }: { readonly what?: string }) {
  const { book, today, write } = usePane();
  const old = book.materials.filter((m) => m.expiry && dayOf(m.expiry) < today);
  return (
    <Fold
      title="What was used"
      more={book.materials.length > 0 ? book.materials.map((m) => m.what).join(", ") : "batch, expiry, label"}
    >
      {old.map((m) => (
        <p key={`${m.what} ${m.batch}`} className="note-wax" role="alert">
          {m.what} is past its date: out of date it may never set. Take a fresh one.
        </p>
      ))}
      <ul className="text-[14px]">
        {book.materials.map((m) => (
          <li key={`${m.what} ${m.batch}`}>
            {[m.what, m.batch && `batch ${m.batch}`, m.expiry && `good until ${m.expiry}`].filter(Boolean).join(", ")}
          </li>
        ))}
      </ul>
      <form
        className="grid grid-cols-2 items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          write("set.material", {
            what: String(form.get("what")).trim(),
            batch: String(form.get("batch") ?? ""),
            expiry: String(form.get("expiry") ?? "") || null,
          });
          e.currentTarget.reset();
        }}
      >
        <label className="col-span-2">
          <span className="text-[13px] text-mute">{what}, as the label says</span>
          <input name="what" required maxLength={120} pattern=".*\S.*" />
        </label>
        <label>
          <span className="text-[13px] text-mute">batch</span>
          <input name="batch" maxLength={60} />
        </label>
        <DayField says="good until" name="expiry" />
        <button type="submit" className="btn">
          Keep
        </button>
        <PhotoOf station="set" of="label" caption="the label" />
      </form>
    </Fold>
  );
}
