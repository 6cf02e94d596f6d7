import { type Day, writeDay } from "../../core/units/day.ts";
import { DayField } from "../ui/DayField.tsx";
import { Fold } from "./Fold.tsx";

type Props = { readonly today: Day; readonly promised: (due: string, note: string) => void };

/** They gave another day: on the telephone, or because somebody asked. */
export const NewDate = ({ today, promised }: Props) => (
  <Fold as="small" title="They gave another day">
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        const form = new FormData(e.currentTarget);
        promised(String(form.get("due")), String(form.get("note") ?? "").trim());
      }}
    >
      <DayField says="Now promised for" name="due" required min={writeDay(today)} start="" />
      <label className="grow">
        <span className="text-[13px] text-mute">Who said so</span>
        <input name="note" maxLength={200} />
      </label>
      <button type="submit" className="btn">
        Keep the new day
      </button>
    </form>
  </Fold>
);
