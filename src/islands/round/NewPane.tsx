import { type FormEvent, useEffect, useRef, useState } from "react";
import { v7 as uuidv7 } from "uuid";
import { PaneForm } from "../../contract/pane-form.ts";
import { FIRST_SYSTEM, type System } from "../../core/frame/systems.ts";
import { sidesOf } from "../../core/frame/which-system.ts";
import { lightsOf } from "../../core/round/lights.ts";
import { plainName } from "../../core/window/opening-key.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { guarded } from "../ui/Guarded.tsx";
import { usePrefs } from "../ui/prefs.ts";
import { HeldPick } from "./HeldPick.tsx";

type Props = {
  readonly prefs: Prefs;
  readonly round: string;
  readonly roundName: string;
  readonly addresses: readonly string[];
  /** Panes of the round that are not signed off. */
  readonly there: readonly { readonly id: string; readonly label: string }[];
};

/** Adds a pane to the round: where it is, how it is held, and from which side it goes in. */
function NewPane({ prefs: initial, round, roundName, addresses, there }: Props) {
  const prefs = usePrefs(initial);
  const [wrong, setWrong] = useState<string | null>(null);
  const [errors, setErrors] = useState<Readonly<Partial<Record<string, string>>>>({});
  const [isSending, setSending] = useState(false);
  const [system, setSystem] = useState<System | null>(null);
  const [typed, setTyped] = useState("");
  const twin = there.find((p) => plainName(p.label) === typed);
  const addressField = useRef<HTMLInputElement>(null);
  // By a mouse or keys the first field is ready; under a finger its keys would cover the addresses to tap.
  useEffect(() => {
    if (window.matchMedia("(pointer: fine)").matches) addressField.current?.focus();
  }, []);
  const sides = system ? sidesOf(system) : [];
  const add = async (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const read = PaneForm.safeParse(Object.fromEntries(new FormData(e.currentTarget)));
    const noSide = read.success && sides.length > 1 && read.data.side === undefined;
    if (!read.success || noSide) {
      const wrongs = read.success
        ? [["side", "Say from which side: look where its seam or its slope is."] as const]
        : read.error.issues.map((i) => [String(i.path[0] ?? ""), i.message] as const);
      setErrors(Object.fromEntries(wrongs.toReversed()));
      const first = e.currentTarget.elements.namedItem(wrongs[0]?.[0] ?? "");
      if (first instanceof HTMLElement) first.focus();
      return;
    }
    setErrors({});
    const { rows, columns, system: held, side = sides[0] ?? "outside", ...where } = read.data;
    const added = { ...where, system: held ?? FIRST_SYSTEM, side, ...(held === null && { unsaid: true as const }) };
    const entry = entriesBy(prefs.who);
    const entries = lightsOf(added.light, rows, columns).map((light) =>
      entry("pane.added", { pane: uuidv7() }, { round, ...added, light }),
    );
    setSending(true);
    const refused = await handOver(entries);
    setSending(false);
    if (refused === null) location.assign(`/panes/${entries[0]?.about.pane ?? ""}/look`);
    else setWrong(refused);
  };
  const field = (name: "address" | "opening" | "light", label: string, example: string, list?: string) => (
    <label className="block">
      <span className="text-[13px] text-mute">{label}</span>
      <input
        name={name}
        {...(name === "address" && { ref: addressField })}
        placeholder={example}
        maxLength={140}
        list={list}
        className={errors[name] ? "bad" : ""}
        aria-invalid={errors[name] !== undefined}
      />
      {errors[name] && (
        <span className="trouble" role="alert">
          {errors[name]}
        </span>
      )}
    </label>
  );
  return (
    <form
      onSubmit={(e) => void add(e)}
      onInput={(e) => {
        const form = new FormData(e.currentTarget);
        setTyped(plainName(["address", "opening", "light"].map((f) => String(form.get(f) ?? "")).join(" ")));
      }}
      noValidate
      className="space-y-4"
    >
      <div>
        <h1>{say("New {pane}", prefs.dialect)}</h1>
        <p className="text-mute">
          On <a href={`/?round=${round}`}>{roundName}</a>. Readings come later, at Measure.
        </p>
      </div>
      {field("address", "Address or building", "No. 5", "addresses")}
      {addresses.length > 0 && (
        <p className="-mt-2 flex flex-wrap gap-1.5">
          {lastFirst(addresses).map((a) => (
            <button
              key={a}
              type="button"
              className="chip"
              onClick={() => {
                if (addressField.current) addressField.current.value = a;
              }}
            >
              {a}
            </button>
          ))}
        </p>
      )}
      <datalist id="addresses">
        {addresses.map((a) => (
          <option key={a} value={a} />
        ))}
      </datalist>
      {field("opening", "Which opening", "back bedroom")}
      {field("light", say("Which sash or {pane} of it", prefs.dialect), "lower sash")}
      <div className="grid grid-cols-2 gap-2">
        {(["rows", "columns"] as const).map((name) => (
          <label key={name} className="block">
            <span className="text-[13px] text-mute">
              {name === "rows" ? say("Rows of like {panes}", prefs.dialect) : "Columns of them"}
            </span>
            <input
              name={name}
              type="number"
              defaultValue={1}
              min={1}
              max={12}
              className={errors[name] ? "bad" : ""}
              aria-invalid={errors[name] !== undefined}
            />
            {errors[name] && (
              <span className="trouble" role="alert">
                {errors[name]}
              </span>
            )}
          </label>
        ))}
      </div>
      <HeldPick held={system} hold={setSystem} say={(words) => say(words, prefs.dialect)} />
      {sides.length === 1 && (
        <p className="text-[15px] text-mute">{say(`The {pane} goes in from ${sides[0]}.`, prefs.dialect)}</p>
      )}
      {sides.length > 1 && (
        <fieldset className="flex flex-wrap gap-2" key={system}>
          <legend className="pb-1 text-[13px] text-mute">{say("The {pane} goes in from", prefs.dialect)}</legend>
          {(["outside", "inside"] as const).map((side) => (
            <label key={side} className="chip">
              <input type="radio" name="side" value={side} /> {side}
            </label>
          ))}
          {errors.side && (
            <p className="trouble w-full" role="alert">
              {errors.side}
            </p>
          )}
        </fieldset>
      )}
      {twin && (
        <p className="note-wax" role="status">
          It is on this round already: <a href={`/panes/${twin.id}`}>open {twin.label}</a>. If there are two, name them
          apart.
        </p>
      )}
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      <button type="submit" className="btn btn-main w-full" disabled={isSending}>
        {twin ? "Add it all the same, and look" : "Add it, and look"}
      </button>
    </form>
  );
}

/** How many addresses of the round stand to be tapped. */
const TAPPED = 6;

/** The addresses that were added last, the newest first: the next pane is likeliest there. */
const lastFirst = (addresses: readonly string[]): readonly string[] => addresses.toReversed().slice(0, TAPPED);

export default guarded(NewPane, "A new pane");
