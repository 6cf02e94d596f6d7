import { useState } from "react";
import type { PlanPageData } from "../../core/page/plan-page.ts";
import type { Span } from "../../core/plan/week.ts";
import { dayOf } from "../../core/units/day.ts";
import { clock } from "../../core/words/clock.ts";
import { sayDay } from "../../core/words/days.ts";
import { PickOne } from "../ui/PickOne.tsx";

type Person = PlanPageData["case"]["people"][number];
type Told = { readonly away: boolean; readonly hours?: Span };
type Props = {
  readonly person: Person;
  readonly days: readonly string[];
  readonly tell: (day: string, told: Told) => void;
};

/** How much of a day somebody is not there. */
type Part = "all" | "morning" | "afternoon";
const NOON = 12 * 60;

/** What is told of a part of a day, by somebody's usual hours; away all of it is none. */
const HOURS: Readonly<Record<Exclude<Part, "all">, (usual: Span) => Span>> = {
  morning: ([, to]) => [NOON, to],
  afternoon: ([from]) => [from, NOON],
};

/** Somebody is away: a day whole, or its morning or afternoon; told once more, they are there after all. */
export function AwayOn({ person: p, days, tell }: Props) {
  const [part, setPart] = useState<Part>("all");
  // Half of a day is only for whoever works on both sides of noon.
  const halves = p.hours[0] < NOON && p.hours[1] > NOON;
  const isThereLess = (day: string): boolean => p.off.includes(day) || (p.only ?? []).some((o) => o.day === day);
  return (
    <span className="grid grid-cols-2 gap-1.5">
      <PickOne
        name={`${p.name} is away on`}
        unsaid="Away on a day…"
        quiet
        of={days.map((day) => [day, `${sayDay(dayOf(day))}${isThereLess(day) ? " (works after all)" : ""}`])}
        value={null}
        change={(day) => {
          if (isThereLess(day)) tell(day, { away: false });
          else if (part === "all") tell(day, { away: true });
          else tell(day, { away: false, hours: HOURS[part](p.hours) });
        }}
      />
      {halves && (
        <PickOne
          name={`How much of it ${p.name} is away`}
          quiet
          of={[
            ["all", "all of it"],
            ["morning", `its morning, there from ${clock(NOON)}`],
            ["afternoon", `its afternoon, there until ${clock(NOON)}`],
          ]}
          value={part}
          change={setPart}
        />
      )}
    </span>
  );
}
