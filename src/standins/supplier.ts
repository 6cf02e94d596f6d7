import { type Chance, seeded } from "../core/chance/seeded.ts";
import { sumOf } from "../core/money/pence.ts";
import { afterWorkingDays } from "../core/order/lead.ts";
import type { HandedLine, HandedOrder, TheirState } from "../core/order/port.ts";
import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../core/plan/calendar.ts";
import type { Day } from "../core/units/day.ts";

/** What the simulated supplier remembers of an order: all else follows from it and the order's own chance. */
export type Kept = {
  readonly order: HandedOrder;
  readonly answer: string | null;
  /** The day on which it was acknowledged: at once, or once the question was answered. */
  readonly from: Day | null;
  /** The newest day on which anybody asked. */
  readonly asked: Day;
};

const CALENDAR: WorkCalendar = {
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set(),
  wet: new Set(),
  lowC: new Map(),
};

/* One order in four is asked about, one in five is put off; one line in eight comes wrong. */
const ASKS = 0.25;
const PUTS_OFF = 0.2;
const WRONG = 1 / 8;
/** Cutting: within ±1 mm up to 1.5 m, ±2 mm above, as shops do; in whole tenths. */
const SMALL_MM = 1;
const LARGE_MM = 2;
const LARGE_FROM_NM = 1.5e9;

/** Chance of this order alone: the same order behaves the same however often, and in whatever order, it is asked. */
function chanceOf(key: string, what: string): Chance {
  let hash = 0x811c9dc5;
  for (const c of `${key}/${what}`) hash = Math.imul(hash ^ c.charCodeAt(0), 0x01000193);
  return seeded(hash);
}

/** Takes an order in. @example the same key a second time // what it was kept as the first time */
export function take(order: HandedOrder, kept: Kept | null): Kept {
  if (kept) return kept;
  return {
    order,
    answer: null,
    from: asksAbout(order) ? null : order.day,
    asked: order.day,
  };
}

export function answered(kept: Kept, answer: string, on: Day): Kept {
  return kept.from === null ? { ...kept, answer, from: on } : kept;
}

export const askedOn = (kept: Kept, on: Day): Kept => (on > kept.asked ? { ...kept, asked: on } : kept);

function asksAbout(order: HandedOrder): HandedLine | null {
  const chance = chanceOf(order.key, "asks");
  if (chance.uniform() >= ASKS) return null;
  return order.lines[Math.floor(chance.uniform() * order.lines.length)] ?? null;
}

/** How the order stands, as of the newest day on which anybody asked. */
export function stateOf(kept: Kept): TheirState {
  const { order } = kept;
  const about = asksAbout(order);
  const due = kept.from === null ? null : afterWorkingDays(kept.from, order.leadDays, CALENDAR);
  const late = chanceOf(order.key, "late");
  const putOff =
    due !== null && late.uniform() < PUTS_OFF && kept.asked >= due
      ? afterWorkingDays(due, 2 + Math.floor(late.uniform() * 4), CALENDAR)
      : null;
  const comes = putOff ?? due;
  return {
    key: order.key,
    theirs: `S-${(Math.floor(chanceOf(order.key, "number").uniform() * 9000) + 1000).toString()}`,
    question: about && {
      id: `${order.key.slice(0, 8)}-1`,
      line: about.line,
      asks: `${about.label || "One line"}: ${Math.round(about.widthNm / 1e6)} by ${Math.round(about.heightNm / 1e6)}, is the first figure the width?`,
      answer: kept.answer,
    },
    acknowledged:
      due === null || kept.from === null
        ? null
        : {
            day: kept.from,
            pence: sumOf([...order.lines.flatMap((l) => l.pence ?? []), order.delivery]),
            due,
          },
    putOff,
    delivered:
      comes !== null && kept.asked >= comes
        ? { day: comes, lines: order.lines.map((l) => delivered(order.key, l)) }
        : null,
  };
}

/** A line as it leaves the bench: cut within tolerance, and now and then wrong. */
function delivered(key: string, l: HandedLine): NonNullable<TheirState["delivered"]>["lines"][number] {
  const chance = chanceOf(key, l.line);
  const cut = (nm: number): number => {
    const within = nm > LARGE_FROM_NM ? LARGE_MM : SMALL_MM;
    return nm + Math.round((2 * chance.uniform() - 1) * within * 10) * 100_000;
  };
  const size = { widthNm: cut(l.widthNm), heightNm: cut(l.heightNm), thicknessNm: l.thicknessNm };
  if (chance.uniform() >= WRONG) return { line: l.line, ...size, says: `${l.glass}, ${l.label}` };
  const how = Math.floor(chance.uniform() * 3);
  const wrong =
    how === 0
      ? { ...size, widthNm: size.heightNm, heightNm: size.widthNm }
      : how === 1
        ? { ...size, widthNm: size.widthNm - 10_000_000 }
        : { ...size, thicknessNm: size.thicknessNm === 4_000_000 ? 3_000_000 : 4_000_000 };
  return { line: l.line, ...wrong, says: `${l.glass}, ${l.label}` };
}
