import { useState } from "react";
import { EXPLAINS, EXPLAINS_FACTS, type Explains } from "../../core/people/explains.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";

type Props = { readonly is: Explains; readonly who: string; readonly prefs: Prefs };

/** How much whoever looks is told at each step: theirs on every device. */
export function HowMuch({ is, who, prefs }: Props) {
  const [now, setNow] = useState(is);
  const [wrong, setWrong] = useState("");
  const choose = async (how: Explains) => {
    const refused = await handOver([entriesBy(prefs.who)("person.explains", {}, { person: who, how })]);
    setWrong(refused ?? "");
    if (refused === null) setNow(how);
  };
  return (
    <fieldset id="how-much" className="mt-6 space-y-1">
      <legend className="text-[20px] font-bold">How much is explained to you at each step</legend>
      {EXPLAINS.map((e) => (
        <label key={e} className="flex min-h-11 items-center gap-3">
          <input
            type="radio"
            name="explains"
            className="!h-6 !w-6 shrink-0"
            checked={now === e}
            onChange={() => void choose(e)}
          />
          <span>
            <b>{EXPLAINS_FACTS[e].name}</b>: {EXPLAINS_FACTS[e].says}
          </span>
        </label>
      ))}
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
    </fieldset>
  );
}
