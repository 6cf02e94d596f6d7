import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { Payloads } from "../log/kinds.ts";
import type { ExamAnswers } from "../look/exam.ts";
import { foldPane } from "./book.ts";
import { movesOf } from "./hangs.ts";

type System = Payloads["pane.added"]["system"];
type Opens = NonNullable<ExamAnswers["opens"]>;

const moves = (system: System, opens: Opens | null, inDoor: boolean | null) => {
  const t = new Teller().added(PANE, system);
  if (opens) t.tell("look.answer", { question: "opens", answer: opens });
  if (inDoor !== null) t.tell("specify.location", { inDoor, wetRoom: false, stairs: false, walkway: false });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return movesOf(book);
};

describe("what moves", () => {
  it.each<[string, System, Opens | null, boolean | null, ReturnType<typeof moves>]>([
    ["an insert, of which nobody said where it is", "cassette", null, null, "leaf"],
    ["an insert, hinges at its left", "cassette", "hinge-left", null, "leaf"],
    ["an insert in a light beside the door", "cassette", "fixed", null, "fixed"],
    ["putty in a front door", "timber-putty", "hinge-left", true, "leaf"],
    ["stops in a door of which nobody said how it hangs", "timber-bead", null, true, "leaf"],
    ["the fixed light beside it", "timber-bead", "fixed", true, "fixed"],
    ["a sash on hinges", "timber-bead", "hinge-left", false, "hinged"],
    ["the same, nobody said where", "timber-bead", "hinge-left", null, "hinged"],
    ["a sliding sash", "plastic-bead-inside", "slides", null, "rolls"],
    ["the leaf of a sliding door", "plastic-bead-inside", "slides", true, "leaf"],
    ["on cords", "timber-putty", "hung", null, "hung"],
    ["nothing said", "timber-putty", null, null, "not-said"],
  ])("%s", (_, system, opens, inDoor, is) => expect(moves(system, opens, inDoor)).toBe(is));
});
