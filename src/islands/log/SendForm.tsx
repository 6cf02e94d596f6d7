import type { Payloads } from "../../core/log/kinds.ts";
import { afterWorkingDays } from "../../core/order/lead.ts";
import type { WorkCalendar } from "../../core/plan/calendar.ts";
import { type Day, writeDay } from "../../core/units/day.ts";
import { DayField } from "../ui/DayField.tsx";

type Props = {
  readonly today: Day;
  readonly calendar: WorkCalendar;
  /** What the supplier usually takes, working days; null where nobody knows them. */
  readonly leadDays: number | null;
  /** What such things usually take, where the supplier is not known. */
  readonly usualDays: number;
  readonly send: (payload: Payloads["order.sent"]) => void;
};

/** Marks an order as given, with the day it was promised for. */
export const SendForm = ({ today, calendar, leadDays, usualDays, send }: Props) => (
  <form
    className="grid grid-cols-[minmax(10rem,13rem)_auto] items-end justify-start gap-x-3 gap-y-1"
    onSubmit={(e) => {
      e.preventDefault();
      send({ day: writeDay(today), due: String(new FormData(e.currentTarget).get("due")) });
    }}
  >
    <DayField
      says="Promised for"
      name="due"
      required
      min={writeDay(today)}
      start={writeDay(afterWorkingDays(today, leadDays ?? usualDays, calendar))}
    />
    <button type="submit" className="btn btn-main">
      Ordered today
    </button>
    <p className="col-span-2 text-[13px] text-mute">
      {leadDays === null &&
        `Nobody said how long they take: ${usualDays === 1 ? "a working day" : `${usualDays} working days`} as a rule. `}
      Read it back to them first: width before height, each figure.
    </p>
  </form>
);
