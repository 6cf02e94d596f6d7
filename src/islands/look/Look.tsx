import { useState } from "react";
import { frameOf } from "../../core/frame/systems.ts";
import {
  CAUSE_WORDS,
  CAUSES,
  comesAgain,
  DAMAGE_WORDS,
  DAMAGES,
  type Damage,
  damagesOf,
  isForLooks,
  URGENCIES,
  URGENCY_WORDS,
} from "../../core/look/damage.ts";
import { standsOpen } from "../../core/pane/open-hole.ts";
import { Closing } from "../panels/Closing.tsx";
import { Lessons } from "../panels/Lessons.tsx";
import { OnPhoneFolded } from "../panels/OnPhoneFolded.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { useStage } from "../stage/stage-context.ts";
import { Cautions } from "../steps/Cautions.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { DoneBefore } from "./DoneBefore.tsx";
import { Exam } from "./Exam.tsx";
import { LeftToSay } from "./LeftToSay.tsx";

/** What is wrong, why, how pressing, and what closes the hole meanwhile. */
export function Look() {
  const { book, write, say, causesHere } = usePane();
  const { openTab } = useStage();
  const again = causesHere.filter((c) => c.cause === book.cause && comesAgain(c.cause));
  const [examining, setExamining] = useState(Object.keys(book.before.exam).length > 0);
  return (
    <div className="space-y-5">
      <DoneBefore />
      {examining ? (
        <OnPhoneFolded name="Tick what is wrong">
          <Wrong />
        </OnPhoneFolded>
      ) : (
        <>
          <Wrong />
          <button type="button" className="btn btn-small" onClick={() => setExamining(true)}>
            Not sure? Examine it, question by question
          </button>
        </>
      )}
      {examining && <Exam />}
      {/* On the desk it stands on the stage, beside this. */}
      <div className="empty:hidden desk:hidden">
        <LeftToSay />
      </div>
      {book.added.unsaid && (
        <Part title="How the glass is held" more="not said yet">
          <button type="button" className="btn" onClick={() => openTab("frame")}>
            Say it, or find out by questions
          </button>
        </Part>
      )}
      <Part title="How pressing">
        <div className="grid grid-cols-2 gap-2">
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
                <span className="block text-[12px] leading-tight text-mute max-sm:sr-only">
                  {URGENCY_WORDS[u].means}
                </span>
              </span>
            </label>
          ))}
        </div>
      </Part>
      {!(isForLooks(book.damage) && book.cause === "wish") && (
        <Part title="Why it failed" more="the new one fails the same way">
          <PickOne
            name="Why it failed"
            quiet
            of={CAUSES.map((c) => [c, say(CAUSE_WORDS[c].name)] as const)}
            value={book.cause}
            unsaid="Choose a cause"
            change={(cause) => write("look.cause", { cause })}
          />
          {again.length > 0 && (
            <p className="note-wax">
              The same here before:{" "}
              {again.map((c, i) => (
                <span key={c.pane}>
                  {i > 0 && "; "}
                  <a href={`/panes/${c.pane}/look`}>{c.label}</a>
                </span>
              ))}
              {say(". Mend what does it, or the next {pane} goes the same way.")}
            </p>
          )}
        </Part>
      )}
      {(standsOpen(book) || book.closed) && <Closing />}
      <Lessons station="look" all />
      <Cautions station="look" />
    </div>
  );
}

/** All that is wrong with it, ticked by who sees it. */
function Wrong() {
  const { book, write, say } = usePane();
  const toggle = (d: Damage) =>
    write("look.damage", {
      damage: book.damage.includes(d) ? book.damage.filter((x) => x !== d) : [...book.damage, d],
    });
  // What was ticked before the frame was known stays to be unticked.
  const here = damagesOf(frameOf(book.added.system));
  return (
    <Part title="What is wrong" more="all that apply">
      <div className="flex flex-wrap gap-2 max-sm:grid max-sm:grid-cols-2">
        {DAMAGES.filter((d) => here.includes(d) || book.damage.includes(d)).map((d) => (
          <label key={d} className="chip">
            <input type="checkbox" checked={book.damage.includes(d)} onChange={() => toggle(d)} />
            {say(DAMAGE_WORDS[d])}
          </label>
        ))}
      </div>
    </Part>
  );
}
