import type { System } from "../frame/systems.ts";
import type { Payloads } from "../log/kinds.ts";

export type Lesson = Payloads["lesson.kept"];
export type Likeness = "same profile" | "same frame, same house" | "same frame";

/**
 * What was learnt on panes like this one, the likest first; not what was learnt on itself.
 * @example a lesson from a timber bead at the same address // before one from a timber bead elsewhere
 */
export function lessonsFor(
  all: readonly Lesson[],
  pane: { readonly id: string; readonly system: System; readonly profile: string; readonly address: string },
): readonly { readonly lesson: Lesson; readonly like: Likeness }[] {
  const likeness = (l: Lesson): Likeness | null => {
    if (l.pane === pane.id) return null;
    if (l.profile !== "" && l.profile === pane.profile) return "same profile";
    if (l.system !== pane.system) return null;
    return l.address === pane.address ? "same frame, same house" : "same frame";
  };
  const order: readonly Likeness[] = ["same profile", "same frame, same house", "same frame"];
  return all
    .flatMap((lesson) => {
      const like = likeness(lesson);
      return like ? [{ lesson, like }] : [];
    })
    .sort((a, b) => order.indexOf(a.like) - order.indexOf(b.like));
}
