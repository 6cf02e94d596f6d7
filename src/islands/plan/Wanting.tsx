import type { ReactNode } from "react";
import type { VisitSaid } from "../../core/page/plan-page.ts";
import type { WeekVisit } from "../../core/plan/week.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { becauseWords } from "../../core/words/plan.ts";
import { VisitCard } from "./VisitCard.tsx";

type Props = {
  readonly wanting: readonly VisitSaid[];
  readonly visits: ReadonlyMap<string, WeekVisit>;
  readonly today: number;
  readonly opened: string | null;
  readonly open: (visit: string) => void;
  readonly children: ReactNode;
};

/** Visits that want a day, each with what it waits for; and below them who works. */
export const Wanting = ({ wanting, visits, today, opened, open, children }: Props) => (
  <aside
    aria-label="Wants a day"
    className="space-y-2 border-line bg-paper p-4 max-desk:order-2 desk:overflow-y-auto desk:border-r"
  >
    <h1 className="text-xl">Wants a day</h1>
    {wanting.length === 0 ? (
      <p className="text-mute">Every visit has a day.</p>
    ) : (
      <ul className="space-y-2">
        {wanting.map((w) => {
          const v = visits.get(w.id);
          return (
            v && (
              <li key={w.id}>
                <VisitCard
                  said={w}
                  visit={v}
                  stop={null}
                  isHelp={false}
                  isWrong={false}
                  isNew={v.earliest > today}
                  isChosen={opened === w.id}
                  says={w.slipped ? `stood on ${sayDay(dayOf(w.slipped))}, not done` : becauseWords(w.because)}
                  open={() => open(w.id)}
                />
              </li>
            )
          );
        })}
      </ul>
    )}
    {children}
  </aside>
);
