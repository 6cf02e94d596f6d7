import { expect, test } from "vitest";
import { dayOf } from "../../core/units/day.ts";
import { aftercareIcs } from "./aftercare-ics.ts";

const PANE = "00000000-0000-7000-8000-0000000000b0";

test("each day is a whole-day event with an alarm in its morning", () => {
  const text = aftercareIcs({
    pane: PANE,
    where: "No. 5, back bedroom",
    reminders: [
      { id: "shut", says: "Leave it shut until this day.", day: dayOf("2026-05-22") },
      { id: "paint-by", says: "It must be painted by this day.", day: dayOf("2026-06-17") },
    ],
  });
  const lines = text.split("\r\n");
  expect(lines[0]).toBe("BEGIN:VCALENDAR");
  expect(lines.filter((l) => l === "BEGIN:VEVENT")).toHaveLength(2);
  expect(text).toContain("DTSTART;VALUE=DATE:20260522");
  expect(text).toContain("DTSTART;VALUE=DATE:20260617");
  expect(text).toContain("DTEND;VALUE=DATE:20260523");
  expect(text.match(/TRIGGER:PT8H/g)).toHaveLength(2);
  expect(text).toContain(`UID:${PANE}-shut@plain-pane`);
});

test("nothing to be reminded of, no calendar", () =>
  expect(aftercareIcs({ pane: PANE, where: "", reminders: [] })).toBe(""));
