import { useState } from "react";
import { HOUSE_RULES, type HouseRule, houseValueFits } from "../../core/house/rules.ts";
import { say } from "../../core/words/dialect.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { ruleFigure } from "../../core/words/rule-figure.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";

type Props = {
  readonly rule: HouseRule;
  readonly value: string | number;
  readonly prefs: Prefs;
  readonly change: (value: string | number) => void;
};

/** One figure of the house: what it is, its source, its default where it is not that, and the field to change it. */
export function RuleLine({ rule, value, prefs, change }: Props) {
  const fact = HOUSE_RULES[rule];
  const [text, setText] = useState<string | null>(null);
  const { unit, shows: figure, reads } = ruleFigure(fact.unit, prefs.unit);
  const typed = text === null ? value : reads(text);
  const wrong = text !== null && !houseValueFits(rule, typed);
  const label = inUnit(say(fact.says, prefs.dialect), prefs.unit);
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_9rem_3rem] items-center gap-x-3 py-2">
      <div>
        <p className="font-medium first-letter:uppercase">{label}</p>
        <p className="text-[13px] text-mute">
          {inUnit(say(fact.source, prefs.dialect), prefs.unit)}
          {value !== fact.value && `. Default ${figure(fact.value)} ${unit}`}
        </p>
        {wrong && (
          <p className="trouble" role="alert">
            Give a number from {figure(fact.from ?? 0)} to {figure(fact.to ?? 0)}.
          </p>
        )}
      </div>
      {fact.choices ? (
        <PickOne name={label} quiet of={asTheyAre(fact.choices)} value={String(value)} change={change} />
      ) : (
        <input
          aria-label={label}
          className={`tight text-right ${wrong ? "bad" : ""}`}
          inputMode={unit === "in" ? "text" : "decimal"}
          maxLength={12}
          value={text ?? figure(value)}
          onChange={(e) => setText(e.target.value)}
          onBlur={() => {
            if (wrong || text === null) return;
            // A figure that was only looked at is not kept again by the rounding it is shown in.
            if (text !== figure(value)) change(typed);
            setText(null);
          }}
        />
      )}
      <span className="text-mute">{unit}</span>
    </li>
  );
}
