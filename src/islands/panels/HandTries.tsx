import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import { photoErrorSentence } from "../../core/photo/kinds.ts";
import { HAND_FACTS, type HandSkill, type HandTally } from "../../core/practice/hand.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { takePhoto } from "../log/photo-store.ts";

export type TryPicture = { readonly photo: string; readonly right: boolean; readonly at: string };

type Props = {
  readonly skill: HandSkill;
  /** Thickness of the scrap, whole mm; 0 where it does not matter. */
  readonly level: number;
  readonly was: HandTally;
  /** Pictures of earlier tries, the newest last; left out where none are taken. */
  readonly pictures?: readonly TryPicture[];
  readonly prefs: Prefs;
  readonly onTally?: (tally: HandTally) => void;
};

const MOST_SEEN = 4;

/** A try on scrap: how it went is tapped by whoever tried, and the last ten are counted. Nobody else sees them. */
export function HandTries({ skill, level, was, pictures, prefs, onTally }: Props) {
  const [tally, setTally] = useState(was);
  const [wrong, setWrong] = useState("");
  const [photo, setPhoto] = useState<string | null>(null);
  const [seen, setSeen] = useState(pictures ?? []);
  const f = HAND_FACTS[skill];
  const tried = async (right: boolean) => {
    const reply = await fetch("/api/practice/hand", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ id: uuidv7(), who: prefs.who, skill, level, right, photo }),
    }).catch(() => null);
    if (!reply?.ok) return setWrong("Not counted: there is no signal. Try again where there is one.");
    setWrong("");
    const now = (await reply.json()) as HandTally;
    setTally(now);
    if (photo) setSeen((s) => [...s, { photo, right, at: new Date().toISOString() }].slice(-MOST_SEEN));
    setPhoto(null);
    onTally?.(now);
  };
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
      <p className="min-w-0 flex-1 basis-56" aria-live="polite">
        {tally.of === 0
          ? "No try yet."
          : `${tally.good} of the last ${tally.of} ${say(f.good, prefs.dialect)}${tally.inRow > 1 ? `, ${tally.inRow} in a row` : ""}.`}
      </p>
      <span className="flex flex-wrap gap-2">
        {pictures && (
          <label className="btn cursor-pointer">
            {photo ? "photo taken" : "photo of it"}
            <input
              type="file"
              className="sr-only"
              aria-label={`Photo of a try: ${say(f.name, prefs.dialect)}`}
              accept="image/jpeg,image/png,image/webp"
              onChange={async (e) => {
                const file = e.target.files?.[0];
                e.target.value = "";
                if (!file) return;
                const taken = await takePhoto(file);
                setWrong(taken.ok ? "" : photoErrorSentence(taken.error));
                if (taken.ok) setPhoto(taken.value.photo);
              }}
            />
          </label>
        )}
        <button type="button" className="btn" onClick={() => void tried(true)}>
          {say(f.good, prefs.dialect)}
          <span className="sr-only">: {say(f.name, prefs.dialect)}</span>
        </button>
        <button type="button" className="btn" onClick={() => void tried(false)}>
          {say(f.not, prefs.dialect)}
          <span className="sr-only">: {say(f.name, prefs.dialect)}</span>
        </button>
      </span>
      {seen.length > 0 && (
        <ul className="flex basis-full gap-2">
          {seen.map((s) => (
            <li key={s.photo} className="w-24 text-[12px] text-mute">
              <img
                src={`/api/photos/${s.photo}?side=200`}
                alt={`A try, ${say(s.right ? f.good : f.not, prefs.dialect)}`}
              />
              {say(s.right ? f.good : f.not, prefs.dialect)}, {s.at.slice(8, 10)}.{s.at.slice(5, 7)}.
            </li>
          ))}
        </ul>
      )}
      {wrong && (
        <p className="note-wax basis-full" role="alert">
          {wrong}
        </p>
      )}
    </div>
  );
}
