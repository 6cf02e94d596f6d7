import { useEffect, useState } from "react";
import type { Prefs } from "../../core/words/prefs.ts";
import { type KeyLine, KeyMap } from "../ui/KeyMap.tsx";
import { isTyping, useKeys } from "../ui/keys.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";
import { changePrefs, usePrefs } from "../ui/prefs.ts";
import { useTappedWords } from "../ui/tap-words.ts";
import { keptTheme, showTheme, type Theme } from "../ui/theme.ts";
import { KeepingLine } from "./KeepingLine.tsx";
import { SignedIn } from "./SignedIn.tsx";
import { showsKept } from "./shows-kept.ts";
import { useSignedName } from "./signed-in.ts";

type Props = { readonly prefs: Prefs; readonly people: readonly string[] };

const OTHER = "someone else…";
const MENU = "writers-menu";
const KEYS: readonly KeyLine[] = [
  ["u", "millimetres or inches"],
  ["?", "all keys"],
];

/** How much waits here, and a menu under the writer's name: unit, trade words, who writes, and the firm's pages. `u` turns the unit over. */
export default function Switches({ prefs: initial, people }: Props) {
  const prefs = usePrefs(initial);
  useKeys("units", (e) =>
    e.key === "u" ? () => changePrefs(prefs, { unit: prefs.unit === "mm" ? "in" : "mm" }) : null,
  );
  useTappedWords(prefs.dialect);
  const [keys, setKeys] = useState(false);
  const [theme, setTheme] = useState<Theme>("device");
  useEffect(() => {
    const kept = keptTheme();
    setTheme(kept);
    if (kept !== "device") showTheme(kept);
  }, []);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key !== "?" || isTyping(e)) return;
      // A page with keys of its own shows those: it has had its turn by then.
      setTimeout(() => !e.defaultPrevented && setKeys(true));
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  const signed = useSignedName();
  const names = people.includes(prefs.who) ? people : [...people, prefs.who];
  return (
    <div className="flex shrink-0 items-center gap-2">
      {keys && <KeyMap keys={KEYS} close={() => setKeys(false)} />}
      <KeepingLine prefs={prefs} />
      <button
        type="button"
        popoverTarget={MENU}
        className="flex min-h-11 items-center gap-1.5 rounded px-2 hover:bg-white/10"
        aria-label={`${prefs.who}: units, words and more`}
      >
        <span className="max-w-[9rem] truncate max-sm:hidden">{prefs.who}</span>
        <span className="tight text-[13px] opacity-75">{prefs.unit}</span>
        <span aria-hidden="true">▾</span>
      </button>
      <div id={MENU} popover="auto" className="menu">
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
        />
        <Pair
          label="Theme"
          now={theme}
          choices={[
            ["device", "device"],
            ["light", "light"],
            ["dark", "dark"],
          ]}
          choose={(to) => {
            setTheme(to);
            showTheme(to);
          }}
        />
        {signed ? (
          <SignedIn name={signed} />
        ) : (
          <PickOne
            name="Who writes"
            className="block"
            of={asTheyAre([...names, OTHER])}
            value={prefs.who}
            change={(picked) => {
              const who = picked === OTHER ? window.prompt("Who writes from here on?")?.trim() : picked;
              if (who) changePrefs(prefs, { who: who.slice(0, 60) });
            }}
          />
        )}
        <nav aria-label="The firm" className="grid grid-cols-2 gap-x-3 border-t border-line pt-2">
          <a className="flex min-h-11 items-center" href="/">
            The round
          </a>
          <a className="flex min-h-11 items-center" href="/plan">
            The week
          </a>
          <a className="flex min-h-11 items-center" href="/orders">
            All orders
          </a>
          <a className="flex min-h-11 items-center" href="/search">
            Find
          </a>
          <a className="flex min-h-11 items-center" href="/bench">
            Cutting bench
          </a>
          <a className="flex min-h-11 items-center" href="/house">
            House rules
          </a>
          <a className="flex min-h-11 items-center" href="/learn">
            Learn
          </a>
          <a className="flex min-h-11 items-center" href="/learn#how-much">
            How much is explained
          </a>
          <a className="flex min-h-11 items-center" href="/learnt">
            Own figures, remakes
          </a>
          <a className="flex min-h-11 items-center" href="/words">
            What words mean
          </a>
          <a className="flex min-h-11 items-center" href="/people">
            Who may come in
          </a>
        </nav>
        <button
          type="button"
          className="btn"
          popoverTarget={MENU}
          popoverTargetAction="hide"
          onClick={() => showsKept.set(true)}
        >
          On this device
        </button>
        <p className="text-[13px] text-mute">
          <kbd className="key">?</kbd> shows the keys of a page.
        </p>
      </div>
    </div>
  );
}

type PairProps<T extends string> = {
  readonly label: string;
  readonly now: T;
  readonly choices: readonly (readonly [T, string])[];
  readonly choose: (to: T) => void;
};

function Pair<T extends string>({ label, now, choices, choose }: PairProps<T>) {
  return (
    <fieldset>
      <legend className="text-[13px] text-mute">{label}</legend>
      <div className="grid auto-cols-fr grid-flow-col gap-2">
        {choices.map(([value, name]) => (
          <button
            key={value}
            type="button"
            aria-pressed={now === value}
            className={`btn ${now === value ? "btn-on" : ""}`}
            onClick={() => choose(value)}
          >
            {name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
