import { createEvents, type EventAttributes } from "ics";
import { addDays, type Day, writeDay } from "../../core/units/day.ts";

/** One day to be reminded of. */
export type Reminder = { readonly id: string; readonly says: string; readonly day: Day };

const parts = (day: Day): [number, number, number] => {
  const [y, m, d] = writeDay(day).split("-").map(Number);
  return [y ?? 0, m ?? 1, d ?? 1];
};

/**
 * Reminders as a calendar file: whole days, each with an alarm at eight in its morning. Empty where there is nothing to be
 * reminded of: a calendar without a day is refused by those that read it.
 */
export function aftercareIcs(sheet: {
  readonly pane: string;
  readonly where: string;
  readonly reminders: readonly Reminder[];
}): string {
  if (sheet.reminders.length === 0) return "";
  const made = createEvents(
    sheet.reminders.map(
      (r): EventAttributes => ({
        uid: `${sheet.pane}-${r.id}@plain-pane`,
        productId: "plain-pane/aftercare",
        calName: "After the work",
        title: `${sheet.where}: ${r.says}`,
        start: parts(r.day),
        end: parts(addDays(r.day, 1)),
        alarms: [{ action: "display", description: r.says, trigger: { before: false, hours: 8 } }],
      }),
    ),
  );
  if (made.error) throw made.error;
  return made.value ?? "";
}
