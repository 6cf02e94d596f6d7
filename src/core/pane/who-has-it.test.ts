import { expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { Step } from "../steps/step.ts";
import { foldPane } from "./book.ts";
import { whoHasIt } from "./who-has-it.ts";

const STEPS: readonly Pick<Step, "id" | "asks">[] = [
  { id: "bead-left" },
  { id: "bead-top", asks: "holder" },
  { id: "bead-bottom" },
  { id: "glass-loose", asks: "holder" },
];
const has = (step: string, ...said: readonly (readonly [step: string, done: readonly string[]])[]) => {
  const t = new Teller().opened().added(PANE, "plastic-bead-inside");
  for (const [at, done] of said) t.tell("step.sides", { station: "takeout", step: at, done: [...done] });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return whoHasIt(book, STEPS, step);
};

type Said = readonly (readonly [step: string, done: readonly string[]])[];
it.each<[string, string, Said, ReturnType<typeof has>]>([
  ["nobody said", "glass-loose", [], []],
  ["said here", "bead-top", [["bead-top", ["tape", "hand"]]], ["tape", "hand"]],
  ["said at the last bead, it stands", "glass-loose", [["bead-top", ["tape"]]], ["tape"]],
  [
    "another since",
    "glass-loose",
    [
      ["bead-top", ["tape"]],
      ["glass-loose", ["helper"]],
    ],
    ["helper"],
  ],
  [
    "taken back here: nothing has it",
    "glass-loose",
    [
      ["bead-top", ["tape"]],
      ["glass-loose", []],
    ],
    [],
  ],
  ["what is said later says nothing of before", "bead-top", [["glass-loose", ["helper"]]], []],
  ["ticks of a step that asks something else", "glass-loose", [["bead-bottom", ["tape"]]], []],
])("%s", (_, step, said, expected) => expect(has(step, ...said)).toEqual(expected));
