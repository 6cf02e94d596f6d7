import { useState } from "react";
import { HOUSE_RULES, type HouseRule, houseValueFits } from "../../core/house/rules.ts";
import { readTape } from "../../core/tape/read.ts";
import { writeNumber } from "../../core/tape/write.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";

type Props = {
  readonly rule: HouseRule;
  readonly value: string | number;
  readonly prefs: Prefs;
  readonly change: (value: string | number) => void;
};

/** A length of the house rules as this reader writes lengths; any other figure as it stands. */
function shown(value: string | number, isLength: boolean): string {
  return isLength && typeof value === "number" ? writeNumber(mm(value), "in", { ticks: 64 }) : String(value);
}

/** What was typed, as the rule keeps it: lengths in millimetres, read as a tape is read. NaN where it is no figure. */
function typedValue(text: string, isLength: boolean): number {
  if (!isLength) return text.trim() === "" ? Number.NaN : Number(text.replace(",", "."));
  const read = readTape(text, "in");
  return read.ok ? toMm(read.value.adjusted) : Number(text) === 0 ? 0 : Number.NaN;
}

/** One figure of the house: what it is, its source, its default where it is not that, and the field to change it. */
export function RuleLine({ rule, value, prefs, change }: Props) {
  const fact = HOUSE_RULES[rule];
  const [text, setText] = useState<string | null>(null);
  const isLength = fact.unit === "mm" && prefs.unit === "in";
  const typed = text === null ? value : typedValue(text, isLength);
  const wrong = text !== null && !houseValueFits(rule, typed);
  const label = say(fact.says, prefs.dialect);
  const unit = isLength ? "in" : fact.unit;
  const figure = (v: string | number) => shown(v, isLength);
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_9rem_3rem] items-center gap-x-3 py-2">
      <div>
        <p className="font-medium first-letter:uppercase">{label}</p>
        <p className="text-[13px] text-mute">
          {say(fact.source, prefs.dialect)}
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
          inputMode={isLength ? "text" : "decimal"}
          maxLength={12}
          value={text ?? figure(value)}
          onChange={(e) => setText(e.target.value)}
          onBlur={() => {
            if (wrong || text === null) return;
            // A figure that was only looked at is not kept again by the sixty-fourth it is shown in.
            if (text !== figure(value)) change(typed);
            setText(null);
          }}
        />
      )}
      <span className="text-mute">{unit}</span>
    </li>
  );
}
