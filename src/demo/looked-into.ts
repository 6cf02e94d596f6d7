import type { ExamAnswers } from "../core/look/exam.ts";
import type { Joints } from "../core/takeout/beads.ts";
import type { MapItem } from "../core/takeout/how-it-was.ts";
import type { Story } from "./story.ts";
import type { ToldPane } from "./told-pane.ts";

/** Examined question by question. */
export function examined(story: Story, p: ToldPane, answers: ExamAnswers): void {
  for (const [question, answer] of Object.entries(answers))
    story.tell("look.answer", p.about, { question: question as keyof ExamAnswers, answer });
}

/** What is stamped in the spacer, and on which edge it hangs. */
export function stamped(
  story: Story,
  p: ToldPane,
  spacerDate: string,
  hinge: "left" | "right" | "fixed" = "fixed",
): void {
  story.tell("measure.found", p.about, { hinge, marks: "", spacerDate, held: "bead" });
}

/** The corners of its beads, and what stood on its edges. */
export function mapped(
  story: Story,
  p: ToldPane,
  joints: Joints,
  items: readonly (Pick<MapItem, "thing" | "edge" | "share" | "material"> & { readonly thick?: string })[],
): void {
  story.tell("takeout.joints", p.about, { joints, school: "longest" });
  for (const { thick, ...item } of items)
    story.tell("takeout.map", p.about, {
      item: story.id(),
      ...item,
      thickness: thick ? { text: thick, unit: "mm" } : null,
      width: null,
    });
}
