import type { Prefs } from "../../core/words/prefs.ts";
import { KeepingLine } from "./KeepingLine.tsx";
import { useKeys } from "./keys.ts";
import { changePrefs, usePrefs } from "./prefs.ts";

type Props = { readonly prefs: Prefs; readonly people: readonly string[] };

const OTHER = "someone else…";

/** Unit, dialect and writer, for every page at once. `u` turns the unit over. */
export default function Switches({ prefs: initial, people }: Props) {
  const prefs = usePrefs(initial);
  useKeys((e) => (e.key === "u" ? () => changePrefs(prefs, { unit: prefs.unit === "mm" ? "in" : "mm" }) : null));
  const names = people.includes(prefs.who) ? people : [...people, prefs.who];
  return (
    <div className="flex items-center gap-2">
      <KeepingLine prefs={prefs} />
      <Pair
        label="Unit"
        now={prefs.unit}
        choices={[
          ["mm", "mm"],
          ["in", "in"],
        ]}
        choose={(unit) => changePrefs(prefs, { unit })}
      />
      <Pair
        label="Trade words"
        now={prefs.dialect}
        choices={[
          ["a", "bead · sprig"],
          ["b", "stop · point"],
        ]}
        choose={(dialect) => changePrefs(prefs, { dialect })}
        wide
      />
      <label className="flex items-center gap-1">
        <span className="sr-only">Who writes</span>
        <select
          className="!min-h-11 !w-auto !border-white/25 !bg-transparent !py-0 text-on-bar max-sm:!w-[5.2rem] max-sm:!px-1 max-sm:!text-[14px] desk:!min-h-8 [&>option]:text-black"
          value={prefs.who}
          onChange={(e) => {
            const who = e.target.value === OTHER ? window.prompt("Who writes from here on?")?.trim() : e.target.value;
            if (who) changePrefs(prefs, { who: who.slice(0, 60) });
          }}
        >
          {names.map((n) => (
            <option key={n}>{n}</option>
          ))}
          <option>{OTHER}</option>
        </select>
      </label>
    </div>
  );
}

type PairProps<T extends string> = {
  readonly label: string;
  readonly now: T;
  readonly choices: readonly (readonly [T, string])[];
  readonly choose: (to: T) => void;
  readonly wide?: boolean;
};

function Pair<T extends string>({ label, now, choices, choose, wide }: PairProps<T>) {
  return (
    <fieldset className={`${wide ? "hidden md:flex" : "flex"} overflow-hidden rounded border border-white/25`}>
      <legend className="sr-only">{label}</legend>
      {choices.map(([value, name]) => (
        <button
          key={value}
          type="button"
          aria-pressed={now === value}
          className={`min-h-11 min-w-11 px-3 max-sm:px-2 desk:min-h-8 ${now === value ? "bg-[#f3f0e8] font-semibold text-[#22272a]" : "text-on-bar"}`}
          onClick={() => choose(value)}
        >
          {name}
        </button>
      ))}
    </fieldset>
  );
}
