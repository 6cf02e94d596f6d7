import { CAUSE_WORDS } from "../look/damage.ts";
import {
  EXAM_FACTS,
  type ExamAnswer,
  type ExamAnswers,
  type ExamQuestion,
  examDone,
  examOffers,
  examQuestions,
  examVerdict,
} from "../look/exam.ts";
import type { Template } from "../text/template.ts";
import { type Exercise, oneOf, someOf, until } from "./exercise.ts";

/** What was asked and seen of a window: what is wrong with it? */
export const DIAGNOSE: Exercise = {
  name: "Say what is wrong",
  why: "New glass cures neither a damp room nor a dropped sash.",
  make: (c, level) => {
    const first = until(() => examined(c));
    const others = new Set<Template>();
    const own: Template = first.verdict.says[0] ?? "";
    for (let i = 0; i < 60 && others.size < 2 + level; i++) {
      const says = examined(c)?.verdict.says[0];
      if (says !== undefined && says !== own) others.add(says);
    }
    const offered = someOf(c, [own, ...others], 1 + others.size, own);
    return {
      asks: "What is the first thing to say of it?",
      form: { kind: "choice", options: offered },
      picture: {
        kind: "lines",
        lines: Object.entries(first.answers).map(([q, a]): Template => {
          const fact = EXAM_FACTS[q as ExamQuestion];
          return `${fact.asks}: ${(fact.answers as Readonly<Record<string, Template>>)[a]}`;
        }),
      },
      judge: ({ picks }) => ({
        right: offered[picks[0] ?? -1] === own,
        offMm: null,
        says: `${first.verdict.says.join(" ")}${first.verdict.cause ? ` Cause: ${CAUSE_WORDS[first.verdict.cause].name}.` : ""}`,
      }),
    };
  },
};

function examined(c: Parameters<Exercise["make"]>[0]) {
  let answers: ExamAnswers = {};
  for (let i = 0; i < 20 && !examDone(answers); i++) {
    const next = examQuestions(answers).find((q) => answers[q] === undefined);
    if (!next) break;
    answers = { ...answers, [next]: oneOf<ExamAnswer>(c, examOffers(next)) } as ExamAnswers;
  }
  const verdict = examVerdict(answers);
  return examDone(answers) && verdict.says.length > 0 ? { answers, verdict } : null;
}
