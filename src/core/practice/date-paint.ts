import { COMPOUND_IDS } from "../bed/compound.ts";
import { kindNamed } from "../bed/compounds.ts";
import { paintWindow } from "../finish/paint-window.ts";
import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../plan/calendar.ts";
import type { Template } from "../text/template.ts";
import { addDays, type Day, dayOf } from "../units/day.ts";
import { sayDay } from "../words/days.ts";
import { paintSentence } from "../words/finish.ts";
import { inUnit } from "../words/in-unit.ts";
import { below, type Exercise, oneOf, until } from "./exercise.ts";

const PAINTED = COMPOUND_IDS.filter((id) => kindNamed(id).leastDays !== null);
const DAYS = 28;
const FROM = dayOf("2026-03-02");
/** Share of wet days, and of cold ones, by level. */
const [WET, COLD] = [
  [0.1, 0.2, 0.3, 0.35, 0.4],
  [0, 0, 0.1, 0.2, 0.3],
] as const;

/** Set on a day, in a compound, under a sky: which day is the first to paint it? */
export const DATE_PAINT: Exercise = {
  name: "Date the paint",
  why: "Painted too soon it wrinkles, too late it has cracked; on wet ground it peels.",
  make: (c, level, unit) => {
    const made = until(() => {
      const compound = kindNamed(oneOf(c, PAINTED));
      const set = addDays(FROM, below(c, 5));
      const days = Array.from({ length: DAYS }, (_, i) => ({
        day: addDays(FROM, i),
        off: c.uniform() < 0.04,
        wet: c.uniform() < (WET[level - 1] ?? 0.2),
        lowC: c.uniform() < (COLD[level - 1] ?? 0) ? -1 : 9,
      }));
      const calendar: WorkCalendar = {
        workingWeekdays: MONDAY_TO_FRIDAY,
        daysOff: new Set(days.filter((d) => d.off).map((d) => d.day)),
        wet: new Set(days.filter((d) => d.wet).map((d) => d.day)),
        lowC: new Map(days.map((d) => [d.day, d.lowC])),
      };
      const window = paintWindow(compound, set, calendar);
      const last: Day = addDays(FROM, DAYS - 1);
      return window.kind === "window" && window.from !== null && window.from <= last
        ? { compound, set, days, window }
        : null;
    });
    const { compound, set, days, window } = made;
    const dry =
      compound.dryBefore > 0
        ? `, and ${compound.dryBefore === 1 ? "the day" : `${compound.dryBefore} days`} before it dry`
        : "";
    return {
      asks: inUnit<Template>(
        `Set ${sayDay(set)} in ${compound.name.toLowerCase()}: it cures ${compound.leastDays} days, those under ${compound.leastC} °C not counted. A fit day is worked and dry${dry}. Which is the first to paint it?`,
        unit,
      ),
      form: { kind: "day", days: days.map((d) => d.day) },
      picture: { kind: "days", from: FROM, days, set },
      judge: ({ picks }) => ({
        right: days[picks[0] ?? -1]?.day === window.from,
        offMm: null,
        says: paintSentence(window),
      }),
    };
  },
};
