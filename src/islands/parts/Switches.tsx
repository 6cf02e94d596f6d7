import type { Prefs } from "../../core/words/prefs.ts";
import { useKeys } from "./keys.ts";
import { changePrefs, usePrefs } from "./prefs.ts";

type Props = { readonly prefs: Prefs; readonly people: readonly string[] };

/** Unit, dialect and writer, for every page at once. `u` turns the unit over. */
export default function Switches({ prefs: initial, people }: Props) {
  const prefs = usePrefs(initial);
  useKeys((e) => (e.key === "u" ? () => changePrefs(prefs, { unit: prefs.unit === "mm" ? "in" : "mm" }) : null));
  const names = people.includes(prefs.who) ? people : [...people, prefs.who];
  return (
    <div className="flex items-center gap-2">
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
      <label className="hidden items-center gap-1 sm:flex">
        <span className="sr-only">Who writes</span>
        <select
          className="!min-h-8 !w-auto !border-white/25 !bg-transparent !py-0 text-on-bar [&>option]:text-black"
          value={prefs.who}
          onChange={(e) => changePrefs(prefs, { who: e.target.value })}
        >
          {names.map((n) => (
            <option key={n}>{n}</option>
          ))}
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
          className={`min-h-11 min-w-11 px-3 desk:min-h-8 ${now === value ? "bg-[#f3f0e8] font-semibold text-[#22272a]" : "text-on-bar"}`}
          onClick={() => choose(value)}
        >
          {name}
        </button>
      ))}
    </fieldset>
  );
}
