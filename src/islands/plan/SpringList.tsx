import { springList } from "../../core/plan/spring-list.ts";
import type { Week } from "../../core/plan/week.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { springText } from "../../core/words/spring.ts";

type Props = {
  readonly week: Week;
  readonly unit: LengthUnit;
  /** What is done on a visit, and where; null where nobody plans it here. */
  readonly says: (visit: string) => string | null;
  readonly open: (visit: string) => void;
};

/** What waits for warmth: kept in sight until a day is told that is warm enough. Nothing where nothing waits. */
export function SpringList({ week, unit, says, open }: Props) {
  const list = springList(week.visits, week.days).flatMap((s) => {
    const what = says(s.visit);
    return what === null ? [] : [{ ...s, what }];
  });
  if (list.length === 0) return null;
  return (
    <section aria-label="Wait for warmth" className="mt-4">
      <h2 className="text-[15px]">
        Wait for warmth <span className="font-normal text-mute">no day that is told is mild enough</span>
      </h2>
      <ul className="rows">
        {list.map((s) => (
          <li key={s.visit} className="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5 text-[14px]">
            <button type="button" className="underline" onClick={() => open(s.visit)}>
              {s.what}
            </button>
            <span className={s.runsOut === null ? "text-mute" : "trouble"}>{springText(s, unit)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
