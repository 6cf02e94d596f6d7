import { CAUSE_WORDS, DAMAGE_WORDS, URGENCY_WORDS } from "../../core/look/damage.ts";
import {
  EXAM_FACTS,
  type ExamAnswer,
  type ExamQuestion,
  examDone,
  examOffers,
  examQuestions,
  examVerdict,
  tickedNear,
} from "../../core/look/exam.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PhotoOf } from "../photos/PhotoOf.tsx";
import { ExamDrawing } from "./ExamDrawing.tsx";

/** A short examination: one question at a time, only those that change the answer, and what it comes to. */
export function Exam() {
  const { book, say, write } = usePane();
  const answers = book.before.exam;
  const questions = examQuestions(answers);
  const open = questions.find((q) => answers[q] === undefined);
  const answer = (question: ExamQuestion, to: ExamAnswer | null) => write("look.answer", { question, answer: to });
  return (
    <Part title="Examine it" more={open ? `question ${questions.indexOf(open) + 1}` : "all asked"}>
      <ul className="flex flex-wrap gap-1.5">
        {questions
          .filter((q) => answers[q] !== undefined)
          .map((q) => (
            <li key={q}>
              <button
                type="button"
                className="btn btn-small max-w-full"
                // Ticked above, it is unticked there.
                disabled={q === "near" && tickedNear(answers, book.damage) !== undefined}
                title="Ask again"
                aria-label={`${say(EXAM_FACTS[q].asks)}: ask again`}
                onClick={() => answer(q, null)}
              >
                <span className="text-mute">{SHORT[q]}</span>{" "}
                {say((EXAM_FACTS[q].answers as Readonly<Record<string, string>>)[answers[q] ?? ""] ?? "")}
              </button>
            </li>
          ))}
      </ul>
      {open && (
        <fieldset className="note-glass">
          <legend className="sr-only">{say(EXAM_FACTS[open].asks)}</legend>
          <div className="grid grid-cols-[1fr_96px] gap-3">
            <div>
              <p className="text-[17px] font-medium" aria-live="polite">
                {say(EXAM_FACTS[open].asks)}
              </p>
              <p className="text-[13px] text-mute">{say(EXAM_FACTS[open].how)}</p>
            </div>
            <ExamDrawing question={open} />
          </div>
          <div className="grid grid-cols-2 gap-2 pt-2">
            {examOffers(open).map((a) => (
              <button key={a} type="button" className="btn justify-start text-left" onClick={() => answer(open, a)}>
                {say((EXAM_FACTS[open].answers as Readonly<Record<string, string>>)[a] ?? a)}
              </button>
            ))}
          </div>
        </fieldset>
      )}
      <SheetPhotos />
      <Verdict />
    </Part>
  );
}

/** Each sheet from its own face, once something is wrong with one: a look from one side misleads. */
function SheetPhotos() {
  const { book } = usePane();
  const { near, far, mist, kind } = book.before.exam;
  const wrong = [near, far].some((s) => s !== undefined && s !== "whole") || mist === "stays";
  if (!wrong) return null;
  return (
    <div className="flex flex-wrap gap-2">
      <PhotoOf station="look" of="sheet/near" caption="the glass from the room" />
      {kind === "sealed" && <PhotoOf station="look" of="sheet/far" caption="the glass from outside" />}
    </div>
  );
}

/** What it comes to stands on the stage; it is kept from here. */
function Verdict() {
  const { book, say, write } = usePane();
  const answers = book.before.exam;
  const v = examVerdict(answers);
  // That nobody knows why is no better answer than the one that was given.
  const cause = v.cause === "unknown" && book.cause !== null ? null : v.cause;
  const kept =
    v.damage.every((d) => book.damage.includes(d)) &&
    (cause === null || book.cause === cause) &&
    (v.urgency === null || book.urgency === v.urgency);
  if (!examDone(answers) || kept || (v.damage.length === 0 && !cause)) return null;
  return (
    <button
      type="button"
      className="btn btn-main w-full"
      onClick={() => {
        if (v.damage.length > 0) write("look.damage", { damage: [...new Set([...book.damage, ...v.damage])] });
        if (cause) write("look.cause", { cause: cause });
        if (v.urgency) write("look.urgency", { urgency: v.urgency });
      }}
    >
      Keep it:{" "}
      {say(
        [
          v.damage.map((d) => DAMAGE_WORDS[d]).join(", "),
          cause ? CAUSE_WORDS[cause].name : "",
          v.urgency ? URGENCY_WORDS[v.urgency].name : "",
        ]
          .filter(Boolean)
          .join("; "),
      )}
    </button>
  );
}

const SHORT: Readonly<Record<ExamQuestion, string>> = {
  kind: "glass",
  near: "room side",
  far: "outer",
  mist: "mist",
  water: "water",
  crack: "crack",
  close: "behind it",
  opens: "opens",
  "head-gap": "head gap",
  moves: "pressed",
  bed: "bed",
  stamp: "mark",
};
