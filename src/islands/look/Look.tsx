import { useState } from "react";
import {
  CAUSE_WORDS,
  CAUSES,
  DAMAGE_WORDS,
  DAMAGES,
  type Damage,
  URGENCIES,
  URGENCY_WORDS,
} from "../../core/look/damage.ts";
import { mayStay } from "../../core/pane/old-glass.ts";
import { Cautions } from "../parts/Cautions.tsx";
import { Closing } from "../parts/Closing.tsx";
import { Lessons } from "../parts/Lessons.tsx";
import { Part } from "../parts/Part.tsx";
import { Photos } from "../parts/Photos.tsx";
import { usePane } from "../parts/pane-context.ts";
import { AnotherLikeIt } from "./AnotherLikeIt.tsx";
import { Condition } from "./Condition.tsx";
import { CustomerPart } from "./CustomerPart.tsx";
import { DoneBefore } from "./DoneBefore.tsx";
import { Exam } from "./Exam.tsx";
import { Options } from "./Options.tsx";
import { EarlierRepair, LeadTest, Special, Wants } from "./Surroundings.tsx";
import { WhichSystem } from "./WhichSystem.tsx";

/** What is wrong, why, how pressing, and what closes the hole meanwhile. */
export function Look() {
  const { book, write, say, causesHere } = usePane();
  const again = causesHere.filter((c) => c.cause === book.cause && c.cause !== "unknown");
  // Sound glass: what is done about it is chosen before anything else is asked.
  const sound = mayStay(book);
  const [examining, setExamining] = useState(Object.keys(book.before.exam).length > 0);
  const toggle = (d: Damage) =>
    write("look.damage", {
      damage: book.damage.includes(d) ? book.damage.filter((x) => x !== d) : [...book.damage, d],
    });
  return (
    <div className="space-y-5">
      <Cautions station="look" />
      <DoneBefore />
      <Part title="What is wrong" more="all that apply">
        <div className="flex flex-wrap gap-2">
          {DAMAGES.map((d) => (
            <label key={d} className="chip">
              <input type="checkbox" checked={book.damage.includes(d)} onChange={() => toggle(d)} />
              {say(DAMAGE_WORDS[d])}
            </label>
          ))}
        </div>
        {!examining && (
          <button type="button" className="btn btn-small" onClick={() => setExamining(true)}>
            Not sure? Examine it, question by question
          </button>
        )}
      </Part>
      {examining && <Exam />}
      {sound && <Options />}
      <Lessons station="look" all />
      <Part title="How pressing">
        <div className="grid gap-2 sm:grid-cols-2">
          {URGENCIES.map((u) => (
            <label key={u} className="chip">
              <input
                type="radio"
                name="urgency"
                checked={book.urgency === u}
                onChange={() => write("look.urgency", { urgency: u })}
              />
              <span>
                <span className="font-medium">{URGENCY_WORDS[u].name}</span>
                <span className="block text-[12px] leading-tight text-mute">{URGENCY_WORDS[u].means}</span>
              </span>
            </label>
          ))}
        </div>
      </Part>
      {(book.urgency === "open-hole" || book.closed) && <Closing />}
      <Part title="Why it failed" more="the new one fails the same way">
        <select
          aria-label="Why it failed"
          value={book.cause ?? ""}
          onChange={(e) => write("look.cause", { cause: e.target.value as (typeof CAUSES)[number] })}
        >
          <option value="" disabled>
            Choose a cause
          </option>
          {CAUSES.map((c) => (
            <option key={c} value={c}>
              {say(CAUSE_WORDS[c].name)}
            </option>
          ))}
        </select>
        {book.cause && <p className="note-glass">{say(CAUSE_WORDS[book.cause].prevent)}</p>}
        {again.length > 0 && (
          <p className="note-wax">
            The same here before:{" "}
            {again.map((c, i) => (
              <span key={c.pane}>
                {i > 0 && "; "}
                <a href={`/panes/${c.pane}/look`}>{c.label}</a>
              </span>
            ))}
            . Mend what does it, or the next pane goes the same way.
          </p>
        )}
      </Part>
      <Part title="The building">
        <Building />
        <LeadTest />
      </Part>
      <WhichSystem />
      <EarlierRepair />
      <Condition />
      <Special />
      <Wants />
      {!sound && <Options />}
      <CustomerPart />
      <Photos station="look" />
      <AnotherLikeIt />
    </div>
  );
}

function Building() {
  const { book, write } = usePane();
  const { year, storey } = book.building;
  return (
    <div className="grid grid-cols-2 gap-2">
      <label>
        <span className="text-[13px] text-mute">Year built, about</span>
        <input
          type="number"
          min={1000}
          max={2200}
          defaultValue={year ?? ""}
          key={`y${year}`}
          onBlur={(e) => {
            const to = e.target.value === "" ? null : Math.round(e.target.valueAsNumber);
            if (to !== year && (to === null || (to >= 1000 && to <= 2200)))
              write("look.building", { year: to, storey });
          }}
        />
      </label>
      <label>
        <span className="text-[13px] text-mute">Which floor</span>
        <select
          value={storey ?? ""}
          onChange={(e) =>
            write("look.building", { year, storey: e.target.value === "" ? null : Number(e.target.value) })
          }
        >
          <option value="">not said</option>
          <option value="-1">below ground</option>
          <option value="0">ground floor</option>
          {[1, 2, 3, 4, 5].map((n) => (
            <option key={n} value={n}>
              floor {n}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
