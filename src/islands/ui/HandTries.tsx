import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import { HAND_FACTS, type HandSkill, type HandTally } from "../../core/practice/hand.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";

type Props = {
  readonly skill: HandSkill;
  /** Thickness of the scrap, whole mm; 0 where it does not matter. */
  readonly level: number;
  readonly was: HandTally;
  readonly prefs: Prefs;
  readonly onTally?: (tally: HandTally) => void;
};

/** A try on scrap: how it went is tapped by whoever tried, and the last ten are counted. Nobody else sees them. */
export function HandTries({ skill, level, was, prefs, onTally }: Props) {
  const [tally, setTally] = useState(was);
  const [wrong, setWrong] = useState("");
  const f = HAND_FACTS[skill];
  const tried = async (right: boolean) => {
    const reply = await fetch("/api/practice/hand", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ id: uuidv7(), who: prefs.who, skill, level, right }),
    }).catch(() => null);
    if (!reply?.ok) return setWrong("Not counted: there is no signal. Try again where there is one.");
    setWrong("");
    const now = (await reply.json()) as HandTally;
    setTally(now);
    onTally?.(now);
  };
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
      <p className="min-w-0 flex-1 basis-56" aria-live="polite">
        {tally.of === 0
          ? "No try yet."
          : `${tally.good} of the last ${tally.of} ${say(f.good, prefs.dialect)}${tally.inRow > 1 ? `, ${tally.inRow} in a row` : ""}.`}
      </p>
      <span className="flex gap-2">
        <button type="button" className="btn" onClick={() => void tried(true)}>
          {say(f.good, prefs.dialect)}
          <span className="sr-only">: {say(f.name, prefs.dialect)}</span>
        </button>
        <button type="button" className="btn" onClick={() => void tried(false)}>
          {say(f.not, prefs.dialect)}
          <span className="sr-only">: {say(f.name, prefs.dialect)}</span>
        </button>
      </span>
      {wrong && (
        <p className="note-wax basis-full" role="alert">
          {wrong}
        </p>
      )}
    </div>
  );
}
